<?php

declare(strict_types=1);

namespace Ephemeron\Bench\Words;

use Ephemeron\Bench\PlacesInShort;
use Ephemeron\Binding\Sew;
use Ephemeron\Blueprint\Act\Act;
use Ephemeron\Blueprint\Act\ActKind;
use Ephemeron\Blueprint\Act\Depth;
use Ephemeron\Blueprint\Act\Fasten;
use Ephemeron\Blueprint\Act\Fold;
use Ephemeron\Blueprint\Act\Glue;
use Ephemeron\Blueprint\Act\Handling;
use Ephemeron\Blueprint\Act\Nest;
use Ephemeron\Blueprint\Act\Pierce;
use Ephemeron\Blueprint\Act\SetMagnet;
use Ephemeron\Blueprint\Act\Slip;
use Ephemeron\Blueprint\Act\Thread;
use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Design\Allowances;
use Ephemeron\Design\Gluing;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;

/** What hands do, sentence by sentence, from the acts alone: alike things are said once. */
final readonly class ActsInWords
{
    /** Wet glue grabs in a minute and is dry in so many (common practice, no published source). */
    private const DRY = '15 to 30 minutes';

    /** As many are named before a sentence, besides whole pages. */
    private const PLACES = 4;

    private Pieces $pieces;

    private GlueInWords $glue;

    public function __construct(private Blueprint $blueprint, private Notation $notation, private Gluing $gluing)
    {
        $this->pieces = new Pieces($blueprint);
        $this->glue = new GlueInWords($blueprint, $notation);
    }

    /**
     * @param list<Act> $acts
     * @return list<string>
     */
    public function sentences(array $acts): array
    {
        $said = [];
        foreach ($this->inOrder($acts) as $act) {
            foreach ($this->told($act) as $sentence) {
                $said[$sentence][] = $this->where($act);
            }
        }
        $lines = [];
        $most = 0;
        foreach ($said as $sentence => $places) {
            $lines[] = count($said) > 1 && $this->differ($said) ? $this->placed($sentence, $places) : (string) $sentence;
            $most = max($most, count($places));
        }

        return [...$lines, ...$this->drying($acts)];
    }

    /**
     * What is glued comes first, what follows from it after.
     *
     * @param list<Act> $acts
     * @return list<Act>
     */
    private function inOrder(array $acts): array
    {
        $rank = static fn (Act $act): int => match ($act->kind()) {
            ActKind::DryFit, ActKind::Fold, ActKind::Shape => 0,
            ActKind::Glue => 1,
            default => 2,
        };
        usort($acts, static fn (Act $one, Act $other): int => $rank($one) <=> $rank($other));

        return $acts;
    }

    /** @return list<string> */
    private function told(Act $act): array
    {
        return $act instanceof Sew ? (new SewingInWords($this->notation))->lines($act) : array_filter([$this->sentence($act)]);
    }

    private function sentence(Act $act): string
    {
        return match (true) {
            $act instanceof Glue => $this->glue->sentence($act->joint, $this->gluing->applied($act->joint->adhesive)),
            $act instanceof Fasten => $this->fasten($act),
            $act instanceof SetMagnet => $this->magnet($act),
            $act instanceof Slip => $this->slip($act),
            $act instanceof Pierce => sprintf(
                '%d %s %s, through %s.',
                $act->holes,
                $act->holes === 1 ? 'hole' : 'holes',
                $act->where,
                $this->pieces->listed($act->through),
            ),
            $act instanceof Nest => $this->nest($act),
            $act instanceof Thread => sprintf(
                '%s %s: %s.',
                $act->pierced ? 'Through' : 'Round',
                $this->pieces->listed($act->through),
                $act->what,
            ),
            $act instanceof Fold => '',
            $act instanceof Handling => $this->handling($act),
            default => '',
        };
    }

    /** Sheets of one paper that follow each other are told together. */
    private function nest(Nest $act): string
    {
        $letters = array_map(fn (string $sheet): string => $this->blueprint->part($sheet)->letter, $act->sheets);
        $said = [];
        $alike = 0;
        foreach ($letters as $index => $letter) {
            $alike++;
            if ($letter !== ($letters[$index + 1] ?? null)) {
                $said[] = $alike === 1 ? $letter : "{$alike} {$letter}";
                $alike = 0;
            }
        }

        return sprintf('Signature %d, from the outermost sheet in: %s.', $act->signature, implode(', ', $said));
    }

    private function fasten(Fasten $act): string
    {
        $middle = $act->through === [] ? 'across the middle' : 'behind it';
        $where = $act->area === null ? $middle : sprintf(
            '%s from the left, %s above the foot',
            $this->notation->text($act->area->left()),
            $this->notation->text($this->blueprint->face($act->face)->size->height->minus($act->area->bottom())),
        );

        return sprintf(
            '%s on %s, %s%s.%s',
            ucfirst($act->what),
            Edges::face($this->blueprint->face($act->face)),
            $where,
            $act->adhesive === Adhesive::Tape ? ', taped' : '',
            $act->depth === Depth::UnderMat ? ' A mat comes over it: this is the last moment for it.' : '',
        );
    }

    private function magnet(SetMagnet $act): string
    {
        $face = $this->blueprint->face($act->face);
        $name = Edges::face($face);
        if (! $act->isFirst) {
            return sprintf(
                'The second of each pair onto the first, a drop of glue on it; close it squared up and press: they find their places on '
                    .'%s.',
                $name,
            );
        }
        $in = (new Allowances($this->notation->unit))->either(Length::inches(0, 5, 8), Length::millimetres(15));
        $edge = $face->hinge === null ? 'the edge' : Edges::of($face, $face->hinge->opposite());

        return sprintf(
            'The first of each pair on %s, %s from %s, %s.',
            $name,
            $this->notation->text($in),
            $edge,
            $act->pairs === 1 ? 'in its middle' : "{$act->pairs} of them, spread along it",
        );
    }

    private function slip(Slip $act): string
    {
        $pouch = $this->blueprint->find(Pouch::class, $act->into);
        $letter = $this->pieces->piece($act->part);

        return $pouch === null
            ? "{$letter} slides behind {$this->pieces->piece($act->into)}."
            : sprintf('%s slides in at %s.', $letter, Edges::of($this->blueprint->face($pouch->face), $pouch->opening));
    }

    private function handling(Handling $act): string
    {
        $letters = $this->pieces->listed($act->parts());
        $isOne = count($act->parts()) === 1 && $this->blueprint->part($act->parts()[0])->quantity === 1;

        return match ($act->kind()) {
            ActKind::DryFit => 'Without glue first: '.$letters.($isOne ? ' as it will lie.' : ' as they will lie.'),
            ActKind::TurnIn => "Turn the edges of {$letters} in over the board.",
            ActKind::Trim => $act->hanging() === [] ? "Cut {$letters} level, the knife away from your hand."
                : "Trim what stands proud of {$letters} flush, once the glue holds.",
            ActKind::Ink => 'Dry in five minutes, on coated paper longer.',
            ActKind::Press => 'Press under a weight: an hour at least, overnight better.',
            default => '',
        };
    }

    private function where(Act $act): string
    {
        $face = match (true) {
            $act instanceof Glue => $act->joint->face ?? $this->faceOf($act->joint->pouch),
            $act instanceof Slip => $this->faceOf($act->into),
            default => null,
        };

        return $face === null ? '' : Edges::face($this->blueprint->face($face));
    }

    private function faceOf(?string $pouch): ?string
    {
        return $pouch === null ? null : $this->blueprint->find(Pouch::class, $pouch)?->face;
    }

    /** @param array<string, list<string>> $said */
    private function differ(array $said): bool
    {
        $places = array_unique(array_map(static fn (array $at): string => implode('|', array_unique($at)), $said));

        return count($places) > 1;
    }

    /** @param list<string> $places */
    private function placed(string $sentence, array $places): string
    {
        $named = array_values(array_unique(array_filter($places)));

        return $named === [] ? $sentence : ucfirst(PlacesInShort::of($named, self::PLACES)).': '.$sentence;
    }

    /**
     * @param list<Act> $acts
     * @return list<string>
     */
    private function drying(array $acts): array
    {
        foreach ($acts as $act) {
            $isWet = $act instanceof Glue && $this->gluing->applied($act->joint->adhesive) === Adhesive::WetGlue;
            if ($isWet && $act->joint->pouch !== null) {
                return ['Open it once while the glue is damp; it is dry in '.self::DRY.'.'];
            }
        }

        return [];
    }
}
