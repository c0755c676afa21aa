<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/**
 * Column generation of Gilmore and Gomory: patterns are found one by one where the prices of the linear programme make them worth their
 * sheet. From every set of prices follows a bound on the sheets that is proved in whole numbers (Farley 1990, cited from memory): prices
 * are rounded down to whole parts of a million, the knapsack gives the greatest worth V of any pattern exactly, and no plan can need less
 * than (Σ price × wanted) ÷ V sheets. A supply of which there are only so many takes its share off first.
 */
final class PatternSearch
{
    private const SCALE = 1_000_000;

    private const MOST_PIVOTS = 2_000;

    private const MOST_ROUNDS = 150;

    /** Sheets that are finer divided than this have too many places to cut at; sizes on any tool's marks have far fewer. */
    private const MOST_UNITS = 3_000;

    public int $bound = 0;

    /** @var list<array{int, Slab, float}> supply, pattern, how often the programme takes it */
    public array $patterns = [];

    /** @var list<array{int, Slab}> supply and pattern: all that were found or known */
    public array $found = [];

    /**
     * @param list<Supply> $supplies
     * @param list<int> $wanted of each kind
     */
    public function __construct(private readonly Measured $task, private readonly array $supplies, private readonly array $wanted)
    {
    }

    /**
     * @param list<array{int, Slab}> $known supply and pattern, from plans that are there already
     * @param int $enough a bound that need not be exceeded: a plan with so many sheets is there
     * @param int $mostCuts that are weighed
     */
    public function run(array $known, int $enough, int $mostCuts, Effort $effort): void
    {
        $limited = array_keys(array_filter($this->supplies, static fn (Supply $supply): bool => $supply->available !== null));
        $limits = array_flip($limited);
        $lp = new CoveringLp(
            array_map(static fn (int $count): float => (float) $count, $this->wanted),
            array_map(fn (int $supply): float => (float) $this->supplies[$supply]->available, $limited),
        );
        $columns = [];
        foreach ($known as [$supply, $slab]) {
            $columns[$lp->add($slab->pieces(), $this->supplies[$supply]->countsAs(), $limits[$supply] ?? null)] = [$supply, $slab];
        }
        [$width, $height] = [max([0, ...array_column($this->task->usable, 0)]), max([0, ...array_column($this->task->usable, 1)])];
        if (max($width, $height) > self::MOST_UNITS) {
            return;
        }
        $knapsack = new SheetKnapsack($this->task, $width, $height);
        if ($knapsack->effort() > $mostCuts) {
            return;
        }
        for ($round = 0, $cuts = 0; $round < self::MOST_ROUNDS && $cuts < $mostCuts && ! $effort->isSpent(); $round++) {
            $lp->optimise(self::MOST_PIVOTS, $effort);
            $prices = $lp->prices();
            $values = array_map(
                static fn (float $price): int => (int) floor(max(0.0, $price) * self::SCALE),
                array_slice($prices, 0, count($this->wanted)),
            );
            $knapsack->solve($values);
            $cuts += $knapsack->effort();
            $effort->spend($knapsack->effort());
            $this->bound = max($this->bound, $this->proved($knapsack, $values));
            if ($this->bound >= $enough) {
                break;
            }
            $found = false;
            foreach ($this->task->usable as $supply => [$width, $height]) {
                $saving = isset($limits[$supply]) ? max(0.0, -$prices[count($this->wanted) + $limits[$supply]]) : 0.0;
                if ($knapsack->value($width, $height) <= ($this->supplies[$supply]->countsAs() + $saving) * self::SCALE + 10) {
                    continue;
                }
                $slab = $knapsack->slab(...$this->task->sheets[$supply]);
                $columns[$lp->add($slab->pieces(), $this->supplies[$supply]->countsAs(), $limits[$supply] ?? null)] = [$supply, $slab];
                $found = true;
            }
            if (! $found) {
                break;
            }
        }
        $this->found = array_values($columns);
        foreach ($lp->taken() as $column => $often) {
            if (isset($columns[$column])) {
                $this->patterns[] = [$columns[$column][0], $columns[$column][1], $often];
            }
        }
    }

    /**
     * With V the worth of the best pattern of a supply, every plan has Σ price × wanted ≤ Σ V × sheets of it. Leftovers give at the most V
     * for each there is; of sheets, D is taken for one and what a limited one is worth beyond D once for each there is. So sheets ≥ (Σ
     * price × wanted − …) ÷ D, for any D.
     *
     * @param list<int> $values whole parts of a million of a sheet
     */
    private function proved(SheetKnapsack $knapsack, array $values): int
    {
        $worth = 0;
        foreach ($values as $kind => $value) {
            $worth += $value * $this->wanted[$kind];
        }
        $unlimited = [];
        $limited = [];
        foreach ($this->task->usable as $supply => [$width, $height]) {
            $value = $knapsack->value($width, $height);
            $available = $this->supplies[$supply]->available;
            match (true) {
                $this->supplies[$supply]->isLeftover => $worth -= $value * ($available ?? 0),
                $available === null => $unlimited[] = $value,
                default => $limited[] = [$value, $available],
            };
        }
        $bound = 0;
        foreach (array_filter(
            [$unlimited === [] ? 0 : max($unlimited), max([0, ...$unlimited, ...array_column($limited, 0)])],
        ) as $divisor) {
            if ($unlimited !== [] && $divisor < max($unlimited)) {
                continue;
            }
            $rest = $worth;
            foreach ($limited as [$value, $available]) {
                $rest -= max(0, $value - $divisor) * $available;
            }
            $bound = max($bound, $rest <= 0 ? 0 : intdiv($rest + $divisor - 1, $divisor));
        }

        return $bound;
    }
}
