<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/**
 * How much of the side of a sheet pieces can take. On every line from edge to edge lie pieces and strips that come off, and no strip is
 * narrower than the narrowest: so the pieces on it come to just the side, or stay below it by the narrowest strip at least. The greatest
 * sum of their sides that may be is as good as the side for every bound. (Sheets reduced to what sides add up to: common in the literature
 * of cutting and packing, from memory; the strip that must come off is the trimmer’s.)
 */
final readonly class UsableSide
{
    /** So many sums are told apart: beyond that any length is taken for one. */
    private const MOST_SUMS = 2_000;

    /**
     * @param array<int, int> $sides how many pieces there are at the most that have it, by side in units, above 0
     * @param int $narrowest strip that comes off, in units
     */
    public function __construct(private array $sides, private int $narrowest)
    {
    }

    /** @return int 0 or more, not more than the side; all of it where not all sums were told apart */
    public function of(int $side): int
    {
        $sums = [0 => true];
        foreach ($this->sides as $each => $pieces) {
            // One piece more only where that makes a new sum: what was one already goes on with more pieces than are left here.
            for ($last = array_keys($sums); $last !== [] && $pieces > 0; $pieces--) {
                $new = [];
                foreach ($last as $sum) {
                    if ($sum + $each <= $side && ! isset($sums[$sum + $each])) {
                        $sums[$new[] = $sum + $each] = true;
                    }
                }
                $last = $new;
            }
            if (isset($sums[$side]) || count($sums) > self::MOST_SUMS) {
                return $side;
            }
        }
        $most = $side - $this->narrowest;

        return max([0, ...array_filter(array_keys($sums), static fn (int $sum): bool => $sum <= $most)]);
    }
}
