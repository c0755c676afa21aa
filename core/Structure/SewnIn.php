<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Binding\Sew;
use Ephemeron\Binding\Sewing;
use Ephemeron\Binding\SpineRows;
use Ephemeron\Binding\Stations;
use Ephemeron\Binding\UnusableStations;
use Ephemeron\Binding\Walk;
use Ephemeron\Blueprint\Act\Handling;
use Ephemeron\Blueprint\Act\Pierce;
use Ephemeron\Blueprint\Caution;
use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Hole;
use Ephemeron\Blueprint\Loose;
use Ephemeron\Blueprint\PanelGrid;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Sundry;
use Ephemeron\Blueprint\Task;
use Ephemeron\Design\Allowances;
use Ephemeron\Design\Parameter;
use Ephemeron\Design\Values;
use Ephemeron\Gathering\Signature;
use Ephemeron\Geometry\Point;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\StockRole;
use Ephemeron\Refusal;

/**
 * Signatures are pricked through a template, the spine through the same, and sewn to it. Source: common practice, no published source.
 */
final readonly class SewnIn
{
    public function __construct(private Brief $brief, private BoundLeaves $leaves)
    {
    }

    /** @return list<Parameter> */
    public static function parameters(): array
    {
        return [
            Parameter::choice(
                'stations',
                'Holes in a fold',
                'Three are quick, five hold more, seven are for tall books; a long stitch leaves the middle one out.',
                ['3' => 'three', '5' => 'five', '7' => 'seven', 'own' => 'where I say'],
                '3',
            ),
            Parameter::text(
                'own-holes',
                'Holes where I say',
                'From the head, with semicolons between: 1; 4 1/4; 7 1/2. Counts where “where I say” is chosen; empty: three.',
                self::canonical(...),
                '',
            ),
            Parameter::choice(
                'stitch',
                'Stitch',
                'Each signature with its own thread, or one thread through all.',
                ['pamphlet' => 'pamphlet stitch, each its own thread', 'long' => 'long stitch, one thread through all'],
                'pamphlet',
            ),
            Parameter::choice(
                'knot',
                'Knot',
                'Where the tails hang.',
                ['inside' => 'inside, in the middle of the signature', 'outside' => 'outside, on the spine'],
                'inside',
            ),
            Parameter::choice(
                'fore-edge',
                'Fore-edge',
                'Inner sheets stand out a little.',
                ['as-it-is' => 'as it is', 'trimmed' => 'trimmed level'],
                'as-it-is',
            ),
        ];
    }

    /**
     * @return string the same with every unit named
     *
     * @throws Refusal
     */
    private static function canonical(string $text, Unit $unit): string
    {
        return implode('; ', array_map(Notation::usual($unit)->exact(...), self::places($text, $unit)));
    }

    /**
     * @return list<Length>
     *
     * @throws Refusal
     */
    private static function places(string $text, Unit $unit): array
    {
        $words = array_filter(array_map(trim(...), explode(';', $text)), static fn (string $word): bool => $word !== '');

        return array_map(static fn (string $word): Length => Length::parse($word, $unit), array_values($words));
    }

    /** @return array<string, string> what cannot be sewn, beside its field */
    public static function refusals(Values $values, Length $height, Notation $notation): array
    {
        $isOwn = $values->choice('stations') === 'own';
        $own = $isOwn ? count(self::places($values->text('own-holes'), $notation->unit)) : 0;
        if ($own > 0 && ($own < 2 || ($values->choice('stitch') === 'pamphlet' && ($own < 3 || $own % 2 === 0)))) {
            return ['own-holes' => $own < 2 ? 'Say where the holes are, from the head: 1; 4 1/4; 7 1/2.'
                : "A pamphlet stitch wants an odd number of holes, three at least; there are {$own}."];
        }
        try {
            self::stations($values, $height, $notation);
        } catch (UnusableStations $error) {
            return $isOwn ? ['own-holes' => sprintf(
                'No hole may be nearer than %s to another or to an end; the fold is %s long.',
                $notation->text($error->least ?? Length::zero()),
                $notation->text($height),
            )] : ['stations' => sprintf(
                'A fold of %s is too short for %s holes: they would come nearer than %s to each other or to an end.',
                $notation->text($height),
                $values->choice('stations'),
                $notation->text($error->least ?? Length::zero()),
            )];
        }

        return [];
    }

    /**
     * @param string $spine key of the part that is sewn through
     * @param Size $spineSize of what of it is the spine
     * @param Length $spineAt where that begins on its part
     * @param Length $height of a folded sheet
     * @param list<string> $after keys of tasks that come before the spine is pricked
     */
    public function addTo(Draft $draft, string $spine, Size $spineSize, Length $spineAt, Length $height, array $after): void
    {
        $values = $this->brief->values;
        $notation = $this->brief->notation;
        $unit = $notation->unit;
        $allow = new Allowances($unit);
        $isLong = $values->choice('stitch') === 'long';
        // The long stitch wants an even number of holes.
        $stations = self::stations($values, $height, $notation);
        $stations = $isLong ? $stations->withoutMiddle() : $stations;
        $signatures = $this->leaves->block->signatures;
        $count = count($signatures);
        $thick = Length::longest(...array_map(static fn (Signature $signature): Length => $signature->thickness(), $signatures));
        $rows = SpineRows::of($spineSize, $count, Length::longest($thick->portion(5, 4), $spineSize->width->portion(1, $count + 1)));
        $walk = $isLong ? Walk::longStitch($stations, $count, $rows->apart)
            : Walk::pamphlet($stations, $values->choice('knot') === 'inside');
        $thread = $walk->thread($thick->half()->plus($draft->partOf($spine)->role === StockRole::Board
            ? $this->brief->stock(StockRole::Board)->caliper
            : $this->brief->stock(StockRole::StructureCard)->caliper), Walk::usualTail($unit));
        $thread = $notation->grid->up($thread);
        $times = $isLong ? 1 : $count;
        $draft->add(new Sewing($stations, $rows, $walk, $thread, $times));
        $draft->add(new Loose('Waxed thread', $thread, $times, BoundLeaves::SECTION, Sundry::Thread));
        // As large as the open template, so that sheets are laid on it too; a narrow one where no card is so large.
        $open = $this->leaves->open();
        $half = $open->fitsInEitherWay($this->brief->stock(StockRole::InsertCard)->sheet) ? $open->width->half() : $allow->tab()->times(3);
        $template = PanelGrid::columns(['left' => $half, 'right' => $half], $height);
        $draft->part(new Part(
            'template',
            'Sewing template',
            BoundLeaves::SECTION,
            $template->size(),
            StockRole::InsertCard,
            creases: $template->creases(),
            panels: $template->panels(),
            upright: false,
            places: ['for all signatures'],
            why: 'As large as the largest sheet that fits: every sheet is laid on it, and the holes are pricked through its fold.',
        ));
        $draft->pierce('template', array_map(
            static fn (Length $place): Hole => new Hole(new Point($template->area('left')->right(), $place), Length::zero()),
            $stations->places,
        ));
        $this->pierceSpine($draft, $spine, $spineAt, $rows, $stations, $spineSize->height->minus($height)->half());
        $places = $count === 1 ? [] : array_map(static fn (int $number): string => "signature {$number}", range(1, $count));
        $numbers = array_map(static fn (Length $place): string => $notation->number($place), $stations->places);
        $last = $notation->text($stations->places[$stations->count() - 1]);
        $from = implode(', ', array_slice($numbers, 0, -1))." and {$last} from the head";
        $draft->task(new Task(
            'prick-signatures',
            Phase::Assemble,
            $count === 1 ? 'Prick the signature' : 'Prick the signatures',
            sprintf(
                'The template folded into the middle, heads level and marked: %s. With an awl, out of the fold, onto something soft.',
                $from,
            ),
            BoundLeaves::SECTION,
            parts: ['template'],
            after: ['nest-signatures'],
            places: $places,
            caution: Caution::Needle,
            acts: [new Pierce(['template', ...$this->leaves->bound()], $stations->count(), 'through the fold')],
        ));
        $creep = Length::longest(...array_map(
            static fn (Signature $signature): Length => $signature->creep(max(0, count($signature->sheets) - 1)),
            $signatures,
        ));
        if ($values->choice('fore-edge') === 'trimmed' && $creep->isPositive()) {
            $draft->task(new Task(
                'trim-fore-edge',
                Phase::Assemble,
                'Trim the fore-edge',
                sprintf(
                    'The innermost sheet stands out about %s. Clamp the nested signature between boards, level with the outermost sheet, '
                        .'and cut along a metal ruler in many light strokes. Pockets and flaps lose as much: what goes in is measured '
                        .'after.',
                    $notation->text($notation->grid->up($creep)),
                ),
                BoundLeaves::SECTION,
                after: ['nest-signatures', 'prick-signatures'],
                places: $places,
                caution: Caution::Knife,
                acts: [Handling::trim(...$this->leaves->bound())],
            ));
        }
        $draft->task(new Task(
            'prick-spine',
            Phase::Finish,
            'Prick the spine',
            $count === 1 ? sprintf('The template laid open along the middle of the spine, heads level: %s.', $from) : sprintf(
                'The template laid open on the inside of the spine, heads level: a row for each signature, %s from one to the next, the '
                    .'first %s from the edge of the spine.',
                $notation->text($rows->apart),
                $notation->text($rows->rows[0]),
            ),
            BoundLeaves::SECTION,
            parts: ['template'],
            after: $after,
            places: $places,
            caution: Caution::Needle,
            acts: [new Pierce(['template', $spine], $stations->count() * $count, 'through the spine')],
        ));
        $draft->task(new Task(
            'sew',
            Phase::Finish,
            $count === 1 ? 'Sew the signature in' : 'Sew the signatures in',
            'Holes are counted from the head. Pull along the thread and not across it, or the paper tears.',
            BoundLeaves::SECTION,
            after: ['prick-signatures', 'prick-spine', 'trim-fore-edge'],
            places: $isLong ? [] : $places,
            caution: Caution::Needle,
            drawn: 'template',
            binds: true,
            acts: [new Sew($walk, [$spine, ...$this->leaves->bound()], $thread, $times)],
        ));
    }

    /** The guide for the spine: the stations of every row, in the middle of the taller cover. */
    private function pierceSpine(Draft $draft, string $spine, Length $left, SpineRows $rows, Stations $stations, Length $top): void
    {
        $holes = [];
        foreach ($rows->rows as $row) {
            foreach ($stations->places as $place) {
                $holes[] = new Hole(new Point($left->plus($row), $top->plus($place)), Length::zero());
            }
        }
        $draft->pierce($spine, $holes);
    }

    private static function stations(Values $values, Length $height, Notation $notation): Stations
    {
        $own = $values->choice('stations') === 'own' ? self::places($values->text('own-holes'), $notation->unit) : [];

        return $own === [] ? Stations::usual($height, max(3, (int) $values->choice('stations')), $notation->unit)
            : Stations::at($height, $own, $notation->unit);
    }
}
