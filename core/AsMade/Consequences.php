<?php

declare(strict_types=1);

namespace Ephemeron\AsMade;

use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Part;
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
    public function __construct(private Blueprint $blueprint, private Notation $notation, private array $cut = [])
    {
    }

    /**
     * @param Length $came what it measures
     * @return list<Consequence> one for every fit that depends on it, what does not fit first
     */
    public function of(Dimension $dimension, Length $came): array
    {
        $part = $this->blueprint->part($dimension->part);
        $more = $came->minus($part->size->along($dimension->axis));
        $consequences = [];
        foreach ($more->isZero() ? [] : CloseFits::of($this->blueprint) as $fit) {
            if ($fit->concerns($dimension)) {
                $consequences[] = $this->consequence($fit, $dimension, $more, $came);
            }
        }
        usort($consequences, static fn (Consequence $one, Consequence $other): int => $one->fits <=> $other->fits);

        return $consequences;
    }

    /** How a piece that came too large is brought to size: `set the fence to 5½ and trim 1⁄16`; empty where it is not too large. */
    public function trim(Dimension $dimension, Length $came): string
    {
        $planned = $this->blueprint->part($dimension->part)->size->along($dimension->axis);

        return $came->isMoreThan($planned) ? sprintf(
            'To have it as planned, set the fence to %s along its %s and trim %s.',
            $this->say($planned),
            $dimension->axis->value,
            $this->say($came->minus($planned)),
        ) : '';
    }

    private function consequence(CloseFit $fit, Dimension $dimension, Length $more, Length $came): Consequence
    {
        $play = $fit->playWhen($dimension, $more);
        $isHeld = $fit->held->is($dimension);
        $held = $this->blueprint->part($fit->held->part);
        $holder = $this->blueprint->part($fit->holder->part);
        $fits = $play->isAtLeast($fit->least);
        $sentence = match (true) {
            $fit->kind === FitKind::Slips && $fits => sprintf(
                '%s still slides into %s, with %s of play instead of %s.',
                $this->called($held),
                $this->called($holder, true),
                $this->say($play),
                $this->say($fit->play),
            ),
            $fit->kind === FitKind::Slips => sprintf(
                '%s does not slide into %s any more: it has %s of play and wants %s. Trim it by %s: fence at %s.',
                $this->called($held),
                $this->called($holder, true),
                $play->isPositive() ? $this->say($play) : 'nothing',
                $this->say($fit->least),
                $this->say($fit->least->minus($play)),
                $this->say(($isHeld ? $came : $held->size->along($fit->held->axis))->minus($fit->least->minus($play))),
            ),
            $fits => sprintf(
                '%s lies on %s with a border of %s instead of %s on each side.',
                $this->called($held),
                $this->called($holder, true),
                $this->say($play->half()),
                $this->say($fit->play->half()),
            ),
            default => sprintf(
                '%s stands out over %s by %s: trim it, fence at %s.',
                $this->called($held),
                $this->called($holder, true),
                $this->say(Length::zero()->minus($play)),
                $this->say(($isHeld ? $came : $held->size->along($fit->held->axis))->plus($play)->minus($fit->play)),
            ),
        };

        return new Consequence($fit, $sentence, $fits, $isHeld ? [] : $this->changes($fit, $more));
    }

    /** @return array<string, string> what lies on or slips into it so much larger too, where it is not cut and may be changed by itself */
    private function changes(CloseFit $fit, Length $more): array
    {
        $held = $fit->held;
        $part = $this->blueprint->part($held->part);
        if (! $part->isPlain() || in_array($part->key, $this->cut, true)) {
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
            if ($joint->from->part === $fit->held->part && $joint->onto->part === $fit->holder->part && $joint->face !== null) {
                $faces[] = $joint->face;
            }
        }

        return $faces === [] || array_filter($faces, static fn (string $face): bool => str_starts_with($ply->key, "{$face}/")) !== []
            || ! str_contains($ply->key, '/');
    }

    /** To the last sliver: what the tool has no mark for is what this is about. */
    private function say(Length $length): string
    {
        return str_replace('/', '⁄', $this->notation->exact($length));
    }

    private function called(Part $part, bool $inSentence = false): string
    {
        return $inSentence ? "{$part->letter} (".$part->called().')' : "{$part->letter}, ".$part->called().',';
    }
}
