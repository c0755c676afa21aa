<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/**
 * A linear programme that is solved while its columns are still being found: least cost of patterns that give every kind at least as often
 * as it is wanted and keep to limits, as those of a supply of which there are only so many. Revised simplex with an explicit inverse; rows
 * are few, so that is quick.
 *
 * Its numbers are floating point. What follows from them is proved elsewhere, in whole numbers.
 */
final class CoveringLp
{
    private const EPSILON = 1e-9;

    /** What is less is taken for a rounding error. */
    private const LEAST_STEP = 1e-7;

    /** Cost of a piece that no column gives, where there may be no sheet for it: dearer than any. */
    private const MISSING = 1000.0;

    /** @var list<array<int, float>> columns: entries by row, those that are not 0 */
    private array $columns = [];

    private int $entries = 0;

    /** @var list<float> */
    private array $costs = [];

    /** @var array<int, int> column in the basis, by row */
    private array $basis = [];

    /** @var array<int, array<int, float>> */
    private array $inverse = [];

    /** @var array<int, float> how often the basic columns are taken */
    private array $level;

    /** @var array<int, true> columns that were added and do not stand for what is missing, too much or left */
    private array $own = [];

    /**
     * @param list<float> $wanted right-hand side of the covering rows
     * @param list<float> $limits how often what counts against each may be taken
     * @param float $missing cost of a piece that no column gives: 1 where each has a sheet of its own at the worst
     */
    public function __construct(
        private readonly array $wanted,
        private array $limits,
        private readonly float $missing = self::MISSING,
    ) {
        $rows = $this->rows();
        for ($row = 0; $row < $rows; $row++) {
            // Covering rows start with the pieces missing, limits with their slack.
            $this->append([$row => 1.0], $row < count($wanted) ? $missing : 0.0);
            $this->basis[] = $row;
            $unit = array_fill(0, $rows, 0.0);
            $unit[$row] = 1.0;
            $this->inverse[] = $unit;
        }
        foreach (array_keys($wanted) as $row) {
            $this->append([$row => -1.0], 0.0);
        }
        $this->level = [...$wanted, ...$limits];
    }

    /**
     * @param array<int, int> $pieces how many of each kind it gives
     * @param int|null ...$limits indices of the limits it counts against, null: of none
     * @return int its number
     */
    public function add(array $pieces, float $cost, ?int ...$limits): int
    {
        $column = array_map(floatval(...), array_filter($pieces));
        foreach ($limits as $limit) {
            if ($limit !== null) {
                $column[count($this->wanted) + $limit] = 1.0;
            }
        }

        $number = $this->append($column, $cost);
        $this->own[$number] = true;

        return $number;
    }

    /**
     * One more limit, from where it stands. To go beyond it costs as much as a missing piece.
     *
     * @param list<int> $columns numbers of those that count against it
     */
    public function limit(array $columns, float $most): void
    {
        $row = $this->rows();
        $this->limits[] = $most;
        foreach ($columns as $column) {
            $this->columns[$column][$row] = 1.0;
            $this->entries++;
        }
        $left = $this->append([$row => 1.0], 0.0);
        $over = $this->append([$row => -1.0], $this->missing);
        $taken = -$most;
        $sums = array_fill(0, $row, 0.0);
        foreach ($this->basis as $at => $column) {
            $this->inverse[$at][] = 0.0;
            if (isset($this->columns[$column][$row])) {
                $taken += $this->level[$at];
                foreach ($sums as $k => $sum) {
                    $sums[$k] = $sum + $this->inverse[$at][$k];
                }
            }
        }
        $sign = $taken > 0 ? 1.0 : -1.0;
        $this->inverse[] = [...array_map(static fn (float $sum): float => $sign * $sum, $sums), -$sign];
        $this->basis[] = $taken > 0 ? $over : $left;
        $this->level[] = abs($taken);
    }

    /** Pivots until no column it knows is worth taking in. */
    public function optimise(int $mostPivots, Effort $effort): void
    {
        $rows = $this->rows();
        for ($pivot = 0; $pivot < $mostPivots && ! $effort->isSpent(); $pivot++) {
            $effort->spend($this->entries + 2 * count($this->columns) + 2 * $rows * $rows);
            $prices = $this->prices();
            $entering = null;
            $least = -self::EPSILON;
            foreach ($this->columns as $index => $column) {
                $reduced = $this->costs[$index];
                foreach ($column as $row => $entry) {
                    $reduced -= $prices[$row] * $entry;
                }
                if ($reduced < $least) {
                    $least = $reduced;
                    $entering = $index;
                }
            }
            if ($entering === null || ! $this->pivot($entering)) {
                return;
            }
        }
    }

    /** @return list<float> what one more of each kind costs, then what one more of each limit saves (not more than 0) */
    public function prices(): array
    {
        $rows = $this->rows();
        $prices = array_fill(0, $rows, 0.0);
        foreach ($this->basis as $row => $column) {
            $cost = $this->costs[$column];
            if ($cost !== 0.0) {
                for ($k = 0; $k < $rows; $k++) {
                    $prices[$k] += $cost * $this->inverse[$row][$k];
                }
            }
        }

        return array_values($prices);
    }

    public function cost(): float
    {
        $cost = 0.0;
        foreach ($this->basis as $row => $column) {
            $cost += $this->costs[$column] * $this->level[$row];
        }

        return $cost;
    }

    /** @return array<int, float> how often each column is taken, by its number; not those that stand for missing pieces and the like */
    public function taken(): array
    {
        $taken = [];
        foreach ($this->basis as $row => $column) {
            if (isset($this->own[$column]) && $this->level[$row] > self::EPSILON) {
                $taken[$column] = $this->level[$row];
            }
        }

        return $taken;
    }

    /** @param array<int, float> $column */
    private function append(array $column, float $cost): int
    {
        $this->columns[] = $column;
        $this->costs[] = $cost;
        $this->entries += count($column);

        return count($this->columns) - 1;
    }

    private function rows(): int
    {
        return count($this->wanted) + count($this->limits);
    }

    private function pivot(int $entering): bool
    {
        $rows = $this->rows();
        $direction = [];
        for ($row = 0; $row < $rows; $row++) {
            $sum = 0.0;
            foreach ($this->columns[$entering] as $k => $entry) {
                $sum += $this->inverse[$row][$k] * $entry;
            }
            $direction[] = $sum;
        }
        $leaving = $this->leaving($direction);
        if ($leaving === null) {
            return false;
        }
        $scale = $direction[$leaving];
        for ($k = 0; $k < $rows; $k++) {
            $this->inverse[$leaving][$k] /= $scale;
        }
        $this->level[$leaving] = max(0.0, $this->level[$leaving] / $scale);
        foreach ($direction as $row => $step) {
            if ($row !== $leaving && abs($step) > 1e-14) {
                for ($k = 0; $k < $rows; $k++) {
                    $this->inverse[$row][$k] -= $step * $this->inverse[$leaving][$k];
                }
                $this->level[$row] = max(0.0, $this->level[$row] - $step * $this->level[$leaving]);
            }
        }
        $this->basis[$leaving] = $entering;

        return true;
    }

    /**
     * The row that is first at its end; of several the one with the largest step, by which it is safest to divide.
     *
     * @param list<float> $direction
     */
    private function leaving(array $direction): ?int
    {
        $ratio = INF;
        foreach ($direction as $row => $step) {
            if ($step > self::LEAST_STEP) {
                $ratio = min($ratio, ($this->level[$row] + self::EPSILON) / $step);
            }
        }
        $leaving = null;
        $largest = 0.0;
        foreach ($direction as $row => $step) {
            if ($step > max($largest, self::LEAST_STEP) && $this->level[$row] / $step <= $ratio) {
                $largest = $step;
                $leaving = $row;
            }
        }

        return $leaving;
    }
}
