<?php

declare(strict_types=1);

namespace Ephemeron\Fit;

use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Loose;
use Ephemeron\Blueprint\Sundry;
use Ephemeron\Measure\Length;

/**
 * Everything a book wants besides paper: ribbon, magnets, thread, a coil, and the double-sided tape of its tape zones, one strip along the
 * longer side of each (common practice, no published source).
 */
final readonly class Requisites
{
    /**
     * @param int $copies books made together
     * @return list<Requisite>
     */
    public function of(Blueprint $blueprint, int $copies = 1): array
    {
        $wanted = [];
        foreach ($blueprint->all(Loose::class) as $loose) {
            $isByLength = $loose->kind->isByLength() && $loose->length !== null;
            $length = $isByLength ? $loose->length->times($loose->count) : null;
            $known = $wanted[$loose->name] ?? null;
            $wanted[$loose->name] = new Requisite(
                $loose->name,
                $loose->kind,
                ($known->count ?? 0) + $loose->count,
                $length === null ? null : $length->plus($known->length ?? Length::zero()),
            );
        }
        $tape = $this->tape($blueprint);
        if ($tape->isPositive()) {
            $wanted[] = new Requisite('Double-sided tape', Sundry::Tape, 1, $tape);
        }

        return array_map(static fn (Requisite $one): Requisite => $one->times($copies), array_values($wanted));
    }

    private function tape(Blueprint $blueprint): Length
    {
        $tape = Length::zero();
        foreach ($blueprint->parts as $part) {
            foreach ($part->glueZones as $zone) {
                if ($zone->adhesive === Adhesive::Tape) {
                    $tape = $tape->plus($zone->area->size()->longSide()->times($part->quantity));
                }
            }
        }

        return $tape;
    }
}
