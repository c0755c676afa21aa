<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

use Ephemeron\Measure\Size;

/**
 * How many sheets it takes at the least, whatever the cutting, guillotine or not.
 *
 * Sides are rescaled by dual feasible functions: functions that never let pieces that fit side by side come to more than the
 * sheet. Any two of them, one for each side, make the pieces of one sheet come to no more area than the sheet, so the rescaled area
 * of all pieces counts sheets. The identity gives the plain area bound; u₁ counts pieces larger than half the sheet, u₂ those of which
 * only two go side by side, and so on. Source: S. P. Fekete and J. Schepers, New classes of fast lower bounds for bin packing problems,
 * Mathematical Programming 91 (2001), after G. S. Lueker; cited from memory. A piece that may be turned counts the way in which it counts
 * less.
 */
final readonly class LowerBound
{
    /** More side by side than this many pieces are well enough bounded by their area. */
    private const MOST_BESIDE = 6;

    /** Sums of fractions are rounded up to whole sheets; a bound must not gain a sheet by a rounding error. */
    private const CAUTION = 1e-9;

    /** @param list<Demand> $demands each fits the sheet */
    public function sheets(array $demands, Size $sheet): int
    {
        $most = 0;
        for ($across = 0; $across <= self::MOST_BESIDE; $across++) {
            for ($down = 0; $down <= self::MOST_BESIDE; $down++) {
                $area = 0.0;
                foreach ($demands as $demand) {
                    $area += $demand->quantity * $this->area($demand, $sheet, $across, $down);
                }
                $most = max($most, (int) ceil($area - self::CAUTION));
            }
        }

        return $most;
    }

    /** Rescaled area of one piece, as a share of the sheet. */
    private function area(Demand $demand, Size $sheet, int $across, int $down): float
    {
        $least = INF;
        foreach ($demand->turnable ? [$demand->size, $demand->size->turned()] : [$demand->size] as $size) {
            if ($size->fitsIn($sheet)) {
                $least = min(
                    $least,
                    $this->rescaled($size->width->ticks, $sheet->width->ticks, $across)
                        * $this->rescaled($size->height->ticks, $sheet->height->ticks, $down),
                );
            }
        }

        return $least === INF ? 0.0 : $least;
    }

    /** u_k of a side as a share of the sheet's; k = 0 is the identity. */
    private function rescaled(int $side, int $whole, int $k): float
    {
        $stretched = ($k + 1) * $side;

        return $k === 0 || $stretched % $whole === 0
            ? $side / $whole
            : intdiv($stretched, $whole) / $k;
    }
}
