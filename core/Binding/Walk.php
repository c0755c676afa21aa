<?php

declare(strict_types=1);

namespace Ephemeron\Binding;

use Ephemeron\Measure\Length;
use Ephemeron\Measure\Unit;

/**
 * The way of a thread through the holes, passage by passage; between two passages it lies along the fold, inside or outside. Walks: common
 * practice, no published source.
 */
final readonly class Walk
{
    /**
     * @param non-empty-list<Passage> $passages
     * @param Length $apart from one signature to the next on the spine
     */
    private function __construct(public Stations $stations, public array $passages, private Length $apart)
    {
    }

    /**
     * Pamphlet stitch: in through the middle, out along one half and back, past the middle, out along the other half and back, and in
     * through the middle again; both ends come out where one began, one on either side of the long stitch, and are knotted round it.
     *
     * @param Stations $stations an odd number of them
     * @param bool $fromInside where the knot will lie
     *
     * @throws UnusableStations
     */
    public static function pamphlet(Stations $stations, bool $fromInside): self
    {
        $count = $stations->count();
        if ($count % 2 === 0 || $count < 3) {
            throw UnusableStations::count($count);
        }
        $middle = intdiv($count, 2);
        $half = static fn (int $way): array => [
            ...array_map(static fn (int $step): int => $middle + $way * $step, range(1, $middle)),
            ...($middle === 1 ? [] : array_map(static fn (int $step): int => $middle + $way * $step, range($middle - 1, 1))),
        ];
        $passages = [];
        foreach ([$middle, ...$half(-1), ...$half(1), $middle] as $index => $station) {
            $passages[] = new Passage(0, $station, ($index % 2 === 0) === $fromInside);
        }

        return new self($stations, $passages, Length::zero());
    }

    /**
     * One thread through all signatures: in and out along the first, over to the next outside, and back. It wants an even number of holes;
     * of an odd number the middle one is left out. Both ends hang outside.
     *
     * @param int $signatures at least 1
     * @param Length $apart from one signature to the next on the spine
     */
    public static function longStitch(Stations $stations, int $signatures, Length $apart): self
    {
        $stations = $stations->withoutMiddle();
        $last = $stations->count() - 1;
        $passages = [];
        for ($signature = 0; $signature < $signatures; $signature++) {
            foreach ($signature % 2 === 0 ? range(0, $last) : range($last, 0) as $index => $station) {
                $passages[] = new Passage($signature, $station, $index % 2 === 1);
            }
        }

        return new self($stations, $passages === [] ? [new Passage(0, 0, false)] : $passages, $apart);
    }

    /** Between a passage and the one before it: along the fold, or over to the next signature. */
    public function stitch(int $passage): Length
    {
        $to = $this->passages[$passage];
        $from = $this->passages[$passage - 1] ?? $to;

        return $from->signature === $to->signature ? $this->stations->between($from->station, $to->station)
            : $this->apart->times(abs($to->signature - $from->signature));
    }

    /** Along the fold, all stitches together. */
    public function along(): Length
    {
        return Length::zero()->plus(...array_map($this->stitch(...), array_keys($this->passages)));
    }

    /**
     * What to cut: the walk, the thickness at each hole, and both tails.
     *
     * @param Length $thick through which it goes at a hole: half of the pressed signature, and the cover
     * @param Length $tail of each end
     */
    public function thread(Length $thick, Length $tail): Length
    {
        return $this->along()->plus($thick->times(count($this->passages)), $tail->times(2));
    }

    /** 3 to 4 in or 9 cm at each end are enough to knot (common practice, no published source). */
    public static function usualTail(Unit $unit): Length
    {
        return $unit === Unit::Inch ? Length::inches(3, 1, 2) : Length::millimetres(90);
    }
}
