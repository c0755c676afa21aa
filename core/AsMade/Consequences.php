<?php

declare(strict_types=1);

namespace Ephemeron\AsMade;

use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Ply;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;

/**
 * A piece came out otherwise than planned: what still fits, with how much play, what does not, what to trim and where to set the fence,
 * and which pieces that are not cut yet had better change. Common practice, no published source.
 */
final readonly class Consequences
{
    /** @param list<string> $cut keys of parts that are cut already: they are never changed silently */
    public function __construct(
        private Blueprint $blueprint,
        private CloseFits $fits,
        private Notation $notation,
        private array $cut = [],
    ) {
    }

    /**
     * @param Length $came what it measures
     * @return list<Consequence> one for every fit that depends on it, what does not fit first
     */
    public function of(Dimension $dimension, Length $came): array
    {
        $more = $came->minus($dimension->planned($this->blueprint));
        if ($more->isZero()) {
            return [];
        }
        $changed = $dimension->withIt($this->blueprint->part($dimension->part));
        $consequences = [];
        foreach ($this->fits->all() as $fit) {
            $times = 0;
            foreach ($changed as [$each, $grows]) {
                $times += ($grows ? 1 : -1) * $fit->growsWith($each);
            }
            if ($times !== 0) {
                $consequences[] = $this->consequence($fit, $dimension, $more->times($times), $came);
            }
        }
        usort($consequences, static fn (Consequence $one, Consequence $other): int => $one->fits <=> $other->fits);

        return $consequences;
    }

    /** How a piece that came too large is brought to size: `set the fence to 5½ and trim 1⁄16`; empty where it is not too large. */
    public function trim(Dimension $dimension, Length $came): string
    {
        $planned = $dimension->planned($this->blueprint);

        return $dimension->isWhole() && $came->isMoreThan($planned) ? sprintf(
            'To have it as planned, set the fence to %s along its %s and trim %s.',
            $this->say($planned),
            $dimension->axis->value,
            $this->say($came->minus($planned)),
        ) : '';
    }

    /** @param Length $more by which the play grows */
    private function consequence(CloseFit $fit, Dimension $dimension, Length $more, Length $came): Consequence
    {
        $play = $fit->play->plus($more);
        $fits = $play->isAtLeast($fit->least);
        $isHeld = $fit->held?->part === $dimension->part;
        $sentence = $fits ? $this->still($fit, $play) : $this->noMore($fit, $play, $fit->isHeld($dimension) ? $came : null);

        return new Consequence($fit, $play, $sentence, $fits, $isHeld ? [] : $this->changes($fit, $more));
    }

    private function still(CloseFit $fit, Length $play): string
    {
        $holder = $this->named($fit->holder, true);
        $held = $fit->held === null ? '' : $this->named($fit->held);

        return match ($fit->kind) {
            FitKind::Slips => "{$held} still slides into {$holder}, with {$this->say($play)} of play instead of {$this->say($fit->play)}.",
            FitKind::Lies => sprintf(
                '%s lies on %s with a border of %s instead of %s on each side.',
                $held,
                $holder,
                $this->say($play->half()),
                $this->say($fit->play->half()),
            ),
            FitKind::Glued => sprintf(
                '%s leaves %s of %s free along its %s, where it was to %s.',
                $held,
                $play->isZero() ? 'nothing' : $this->say($play),
                $holder,
                $fit->holder->axis->value,
                $fit->play->isZero() ? 'end level with it' : "leave {$this->say($fit->play)}",
            ),
            FitKind::Covered => sprintf(
                '%s has %s to spare under %s along its %s instead of %s.',
                $held,
                $play->isZero() ? 'nothing' : $this->say($play),
                $holder,
                $fit->holder->axis->value,
                $this->say($fit->play),
            ),
            FitKind::Holds => sprintf(
                '%s still holds what lies in it when the book is filled, with %s to spare instead of %s.',
                $this->named($fit->holder),
                $this->roughly($play),
                $this->roughly($fit->play),
            ),
        };
    }

    /** @param Length|null $came what the piece that no longer fits measures, where that is the one that came out otherwise */
    private function noMore(CloseFit $fit, Length $play, ?Length $came): string
    {
        $short = $this->say($fit->least->minus($play));
        if ($fit->held === null) {
            return sprintf(
                '%s is %s too narrow for what lies in it when the book is filled: take a layer less, or make it anew.',
                $this->named($fit->holder),
                $this->roughly(Length::zero()->minus($play)),
            );
        }
        $measures = $came ?? $fit->held->planned($this->blueprint);
        [$held, $holder] = [$this->named($fit->held), $this->named($fit->holder, true)];
        if (! $fit->held->isWhole()) {
            return $fit->kind === FitKind::Slips ? "{$held} does not slide into {$holder} any more: it is {$short} too large."
                : "{$held} stands out over {$holder} by {$short}: score it anew, or trim that edge by {$short}.";
        }

        return match ($fit->kind) {
            FitKind::Slips => sprintf(
                '%s does not slide into %s any more: it has %s of play and wants %s. Trim it by %s: fence at %s.',
                $held,
                $holder,
                $play->isPositive() ? $this->say($play) : 'nothing',
                $this->say($fit->least),
                $short,
                $this->say($measures->plus($play)->minus($fit->least)),
            ),
            default => sprintf(
                '%s stands out over %s by %s: trim it, fence at %s.',
                $held,
                $holder,
                $short,
                $this->say($measures->plus($play)->minus($fit->play)),
            ),
        };
    }

    /** @return array<string, string> what lies on or slips into it so much larger too, where it is not cut and may be changed by itself */
    private function changes(CloseFit $fit, Length $more): array
    {
        $held = $fit->held;
        $part = $held === null ? null : $this->blueprint->part($held->part);
        // What the structure lays out itself is not laid out anew by the size of one piece.
        $isOfTheMaker = $part !== null && str_contains($part->key, '/') && $part->isPlain();
        if ($held === null || $part === null || ! $isOfTheMaker || in_array($part->key, $this->cut, true)) {
            return [];
        }
        $size = $this->notation->exact($part->size->along($held->axis)->plus($more));
        $changes = [];
        foreach ($this->blueprint->all(Ply::class) as $ply) {
            if ($ply->part === $part->key && $this->isOn($ply, $fit)) {
                $changes["made.{$ply->key}.{$held->axis->value}"] = $size;
            }
        }

        return $changes;
    }

    /** Of many equal pieces only those are meant that go onto or into this one. */
    private function isOn(Ply $ply, CloseFit $fit): bool
    {
        $faces = [];
        foreach ($this->blueprint->all(Joint::class) as $joint) {
            if ($joint->from->part === $fit->held?->part && $joint->onto->part === $fit->holder->part && $joint->face !== null) {
                $faces[] = $joint->face;
            }
        }

        return $faces === [] || array_filter($faces, static fn (string $face): bool => str_starts_with($ply->key, "{$face}/")) !== []
            || ! str_contains($ply->key, '/');
    }

    /** How thick a heap of paper is, is never known to a sliver. */
    private function roughly(Length $length): string
    {
        $mark = $this->notation->grid->nearest($length);

        return $mark->isZero() ? 'next to nothing' : 'about '.$this->notation->text($mark);
    }

    /** To the last sliver: what the tool has no mark for is what this is about. */
    private function say(Length $length): string
    {
        return str_replace('/', '⁄', $this->notation->exact($length));
    }

    /** `H, page,` or within a sentence `H (page)`; of a piece that is folded also which panel is meant. */
    private function named(Dimension $dimension, bool $inSentence = false): string
    {
        $part = $this->blueprint->part($dimension->part);
        $panels = array_column($part->panels, null, 'key');
        $panel = isset($panels[$dimension->panel]) && ! $dimension->isWhole() ? ", {$panels[$dimension->panel]->name}" : '';

        return $inSentence ? "{$part->letter} ({$part->called()}{$panel})" : "{$part->letter}, {$part->called()}{$panel},";
    }
}
