<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

use Ephemeron\Measure\Size;

/**
 * How many sheets it takes at the least, whatever the cutting, guillotine or not.
 *
 * Sides are rescaled by dual feasible functions: functions that never let pieces that fit side by side come to more than the sheet. Any two
 * of them, one for each side, make the pieces of one sheet come to no more area than the sheet, so the rescaled area of all pieces counts
 * sheets. A piece that may be turned counts the way in which it counts less. See {@see Rescaling} for the functions.
 */
final readonly class LowerBound
{
    /** Sums of fractions are rounded up to whole sheets; a bound must not gain a sheet by a rounding error. */
    private const CAUTION = 1e-9;

    /** Rescaled areas that are added up: beyond that the finest functions are left out. */
    private const MOST_SUMS = 1_200_000;

    /**
     * @param list<Demand> $demands each fits the sheet
     * @param int $enough a bound that need not be exceeded: a plan with so many sheets is there
     * @param bool $coarsely by a few functions that do most of it
     */
    public function sheets(array $demands, Size $sheet, bool $coarsely = false, int $enough = PHP_INT_MAX, ?Effort $effort = null): int
    {
        [$wide, $tall] = [$sheet->width->ticks, $sheet->height->ticks];
        [$across, $down] = [[], []];
        // One entry for each way in which pieces lie: index of the width and of the height, both again turned, and how many.
        [$w, $h, $turnedW, $turnedH, $count] = [[], [], [], [], []];
        foreach ($demands as $demand) {
            $size = $demand->size;
            $lies = array_values(array_filter(
                $demand->turnable ? [$size, $size->turned()] : [$size],
                static fn (Size $way): bool => $way->fitsIn($sheet),
            ));
            if ($lies !== []) {
                $at = [];
                foreach ([$lies[0], $lies[1] ?? $lies[0]] as $way) {
                    $at[] = $across[$way->width->ticks] ??= count($across);
                    $at[] = $down[$way->height->ticks] ??= count($down);
                }
                [$w[], $h[], $turnedW[], $turnedH[]] = $at;
                $count[] = $demand->quantity;
            }
        }
        $pieces = count($count);
        $most = intdiv(self::MOST_SUMS, max(1, $pieces));
        $downAs = Rescaling::all(array_keys($down), $tall, $coarsely);
        $bound = 0;
        foreach (Rescaling::all(array_keys($across), $wide, $coarsely) as $x) {
            $effort?->spend($pieces * count($downAs));
            foreach ($downAs as $y) {
                if (--$most < 0 || $bound >= $enough) {
                    return $bound;
                }
                $area = 0.0;
                for ($piece = 0; $piece < $pieces; $piece++) {
                    $lying = $x[$w[$piece]] * $y[$h[$piece]];
                    $turned = $x[$turnedW[$piece]] * $y[$turnedH[$piece]];
                    $area += $count[$piece] * ($lying < $turned ? $lying : $turned);
                }
                $bound = max($bound, (int) ceil($area - self::CAUTION));
            }
        }

        return $bound;
    }
}
