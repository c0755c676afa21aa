<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/** A way to lay all pieces out, and what it is worth against another. */
final class Packing
{
    public readonly int $newSheets;

    public readonly int $mills;

    public readonly int $missed;

    /** Cuts with knife and ruler, for which the blade is too short. */
    public readonly int $longCuts;

    /** Area of the largest leftover that is not begun. */
    private readonly int $untouched;

    /** @var list<int>|null as far as it has been asked for */
    private ?array $worth = null;

    private ?float $fullness = null;

    /**
     * @param list<Supply> $supplies
     * @param list<array{int, Slab}> $sheets supply and slab
     * @param array<int, int> $missing by kind
     */
    public function __construct(Measured $task, array $supplies, public readonly array $sheets, public readonly array $missing)
    {
        $new = array_filter($sheets, static fn (array $sheet): bool => ! $supplies[$sheet[0]]->isLeftover);
        $this->newSheets = count($new);
        $this->mills = array_sum(array_map(static fn (array $sheet): int => $supplies[$sheet[0]]->mills, $new));
        $this->missed = array_sum($missing);
        $taken = array_count_values(array_column($sheets, 0));
        $untouched = 0;
        foreach ($supplies as $index => $supply) {
            if ($supply->isLeftover && ($supply->available ?? PHP_INT_MAX) > ($taken[$index] ?? 0)) {
                $untouched = max($untouched, $task->sheets[$index][0] * $task->sheets[$index][1]);
            }
        }
        $this->untouched = $untouched;
        $this->longCuts = array_sum(array_map(static fn (array $sheet): int => $sheet[1]->longCuts($task->longest), $sheets));
    }

    /**
     * Nothing missed first, then fewest sheets, then cheapest, then the fewest cuts too long for the blade, then the largest piece left
     * over, then the fewest different sheets (those that are alike are cut together at one setting), then the fewest settings of the fence,
     * then the fewest quarter turns of what is in hand, then the fewest cuts.
     */
    public function beats(self $other): bool
    {
        return [$this->missed, $this->newSheets] === [$other->missed, $other->newSheets] ? $this->worth() < $other->worth()
            : [$this->missed, $this->newSheets] < [$other->missed, $other->newSheets];
    }

    /** @return list<int> the less the better, entry by entry */
    private function worth(): array
    {
        if ($this->worth !== null) {
            return $this->worth;
        }
        $leftover = $this->untouched;
        $different = [];
        foreach ($this->sheets as [$supply, $slab]) {
            $leftover = max($leftover, $slab->largestFree());
            $different["{$supply}:{$slab->signature()}"] = $slab;
        }
        $settings = [];
        $turns = 0;
        $cuts = 0;
        foreach ($different as $slab) {
            $slab->eachCut(static function (int $at, bool $isTurned) use (&$settings, &$turns, &$cuts): void {
                $settings[$at] = true;
                $turns += (int) $isTurned;
                $cuts++;
            });
        }

        return $this->worth = [
            $this->missed, $this->newSheets, $this->mills, $this->longCuts, -$leftover, count($different), count($settings), $turns, $cuts,
        ];
    }

    /** The more unevenly the sheets are filled, the more: full ones and nearly empty ones are nearer to one sheet fewer. */
    public function fullness(): float
    {
        if ($this->fullness !== null) {
            return $this->fullness;
        }
        $fullness = 0.0;
        foreach ($this->sheets as [, $slab]) {
            $fullness += (float) $slab->used() ** 2;
        }

        return $this->fullness = $fullness;
    }

    /** @return array<int, int> how many of each kind, on all sheets */
    public function pieces(): array
    {
        $pieces = [];
        foreach ($this->sheets as [, $slab]) {
            foreach ($slab->pieces() as $kind => $count) {
                $pieces[$kind] = ($pieces[$kind] ?? 0) + $count;
            }
        }

        return $pieces;
    }
}
