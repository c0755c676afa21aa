<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

use Ephemeron\Measure\Size;

/**
 * How many sheets it takes at the least: by area, and by pieces so large that no two of them share a sheet.
 *
 * Two pieces that are each wider than half the sheet and taller than half of it (whichever way they may be turned) overlap at
 * its middle, so each needs a sheet of its own; the area bound is the continuous relaxation. Both hold for any cutting,
 * guillotine or not.
 */
final readonly class LowerBound
{
    /** @param list<Demand> $demands each fits the sheet */
    public function sheets(array $demands, Size $sheet): int
    {
        $area = 0;
        $large = 0;
        foreach ($demands as $demand) {
            $area += $demand->quantity * $demand->size->area();
            $large += $this->isLarge($demand, $sheet) ? $demand->quantity : 0;
        }

        return max($large, intdiv($area + $sheet->area() - 1, $sheet->area()));
    }

    private function isLarge(Demand $demand, Size $sheet): bool
    {
        $ways = array_filter(
            $demand->turnable ? [$demand->size, $demand->size->turned()] : [$demand->size],
            static fn (Size $size): bool => $size->fitsIn($sheet),
        );
        foreach ($ways as $size) {
            if (! $size->width->times(2)->isMoreThan($sheet->width) || ! $size->height->times(2)->isMoreThan($sheet->height)) {
                return false;
            }
        }

        return $ways !== [];
    }
}
