<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

use Ephemeron\Measure\Axis;

/**
 * The most valuable way to divide rectangles into pieces by cuts from edge to edge, in any number of stages, with as many of each kind as
 * one likes: the recursion of Gilmore and Gomory (Operations Research 13, 1965; 14, 1966) over the normal patterns of Herz (1972) and
 * Christofides and Whitlock (1977): a cut needs to be tried only where widths, or heights, of pieces add up, and not beyond the middle.
 * Cited from memory.
 *
 * With whole numbers as values the result is exact; being unlimited it is never less than what any real pattern is worth.
 */
final class SheetKnapsack
{
    /** @var list<int> sums of widths, from 0 */
    private array $xs;

    /** @var list<int> sums of heights, from 0 */
    private array $ys;

    /** @var list<int> index of the largest sum of widths that is not more */
    private array $xFloor;

    /** @var list<int> */
    private array $yFloor;

    /** @var array<int, list<int>> where the width of that index may be cut: index of the first part, index of the second, alternating */
    private array $xCuts = [];

    /** @var array<int, list<int>> */
    private array $yCuts = [];

    /** @var array<int, int> */
    private array $best = [];

    /**
     * @var array<int, int> what to do: a placement (from 1), or a cut of the width (−2i − 1) or the height (−2i − 2) after index i; 0 for
     *     one smaller in width, −1 in height …
     */
    private array $choice = [];

    private const NOTHING = 0;

    private const SMALLER_WIDTH = -1;

    private const SMALLER_HEIGHT = -2;

    private const CUTS = -3;

    public function __construct(private readonly Measured $task, int $width, int $height)
    {
        [$wide, $tall] = [[], []];
        foreach ($task->placements as [, $w, $h]) {
            if ($w <= $width && $h <= $height) {
                $wide[$w] = true;
                $tall[$h] = true;
            }
        }
        [$this->xs, $this->xFloor] = $this->sums(array_keys($wide), $width);
        [$this->ys, $this->yFloor] = $this->sums(array_keys($tall), $height);
    }

    /** How many rectangles it has to look at: a measure of the effort. */
    public function states(): int
    {
        return count($this->xs) * count($this->ys);
    }

    /** About how many cuts it weighs in one run. */
    public function effort(): int
    {
        return $this->states() * (count($this->xs) + count($this->ys)) >> 2;
    }

    /** @param list<int> $values of each kind, not less than 0 */
    public function solve(array $values): void
    {
        if ($this->xCuts === []) {
            $this->xCuts = $this->cuts($this->xs, $this->xFloor);
            $this->yCuts = $this->cuts($this->ys, $this->yFloor);
        }
        $m = count($this->xs);
        $n = count($this->ys);
        $best = array_fill(0, $m * $n, 0);
        $choice = array_fill(0, $m * $n, self::NOTHING);
        foreach ($this->task->placements as $index => [$kind, $w, $h]) {
            if ($values[$kind] <= 0 || $w >= count($this->xFloor) || $h >= count($this->yFloor)) {
                continue;
            }
            $at = $this->xFloor[$w] * $n + $this->yFloor[$h];
            if ($values[$kind] > $best[$at]) {
                $best[$at] = $values[$kind];
                $choice[$at] = $index + 1;
            }
        }
        for ($i = 1; $i < $m; $i++) {
            $xCuts = $this->xCuts[$i];
            $row = $i * $n;
            for ($j = 1; $j < $n; $j++) {
                $value = $best[$row + $j];
                $how = $choice[$row + $j];
                if ($best[$row - $n + $j] > $value) {
                    $value = $best[$row - $n + $j];
                    $how = self::SMALLER_WIDTH;
                }
                if ($best[$row + $j - 1] > $value) {
                    $value = $best[$row + $j - 1];
                    $how = self::SMALLER_HEIGHT;
                }
                for ($c = 0, $last = count($xCuts); $c < $last; $c += 2) {
                    $sum = $best[$xCuts[$c] * $n + $j] + $best[$xCuts[$c + 1] * $n + $j];
                    if ($sum > $value) {
                        $value = $sum;
                        $how = self::CUTS - 2 * $xCuts[$c];
                    }
                }
                $yCuts = $this->yCuts[$j];
                for ($c = 0, $last = count($yCuts); $c < $last; $c += 2) {
                    $sum = $best[$row + $yCuts[$c]] + $best[$row + $yCuts[$c + 1]];
                    if ($sum > $value) {
                        $value = $sum;
                        $how = self::CUTS - 1 - 2 * $yCuts[$c];
                    }
                }
                $best[$row + $j] = $value;
                $choice[$row + $j] = $how;
            }
        }
        $this->best = $best;
        $this->choice = $choice;
    }

    /** What a rectangle is worth, after {@see solve()}. */
    public function value(int $width, int $height): int
    {
        return $this->best[$this->at($width, $height)];
    }

    /** The division that is worth it. It may leave strips too narrow for the trimmer: those are for the caller to refuse. */
    public function slab(int $width, int $height): Slab
    {
        $slab = new Slab($width, $height);
        $this->fill($slab);

        return $slab;
    }

    private function fill(Slab $slab): void
    {
        $n = count($this->ys);
        $i = $this->xFloor[min($slab->width, count($this->xFloor) - 1)];
        $j = $this->yFloor[min($slab->height, count($this->yFloor) - 1)];
        $how = $this->choice[$i * $n + $j];
        while ($how === self::SMALLER_WIDTH || $how === self::SMALLER_HEIGHT) {
            $how === self::SMALLER_WIDTH ? $i-- : $j--;
            $how = $this->choice[$i * $n + $j];
        }
        if ($how === self::NOTHING) {
            return;
        }
        if ($how > 0) {
            [$kind, $w, $h, $turned] = $this->task->placements[$how - 1];
            $slab->place($kind, $w, $h, $turned, $slab->width - $w <= $slab->height - $h);

            return;
        }
        $code = self::CUTS - $how;
        $along = $code % 2 === 0 ? Axis::Width : Axis::Height;
        $at = $along === Axis::Width ? $this->xs[intdiv($code, 2)] : $this->ys[intdiv($code, 2)];
        $second = $slab->divide($along, $at);
        if ($slab->first !== null) {
            $this->fill($slab->first);
        }
        $this->fill($second);
    }

    private function at(int $width, int $height): int
    {
        return $this->xFloor[min($width, count($this->xFloor) - 1)] * count($this->ys)
            + $this->yFloor[min($height, count($this->yFloor) - 1)];
    }

    /**
     * @param list<int> $sides
     * @return array{list<int>, list<int>} the sums up to the whole, and for every length the index of the largest that is not more
     */
    private function sums(array $sides, int $whole): array
    {
        $reached = array_fill(0, $whole + 1, false);
        $reached[0] = true;
        foreach ($sides as $side) {
            for ($at = $side; $at <= $whole; $at++) {
                if ($reached[$at - $side]) {
                    $reached[$at] = true;
                }
            }
        }
        $sums = [];
        $floor = [];
        for ($at = 0; $at <= $whole; $at++) {
            if ($reached[$at]) {
                $sums[] = $at;
            }
            $floor[] = count($sums) - 1;
        }

        return [$sums, $floor];
    }

    /**
     * @param list<int> $sums
     * @param list<int> $floor
     * @return array<int, list<int>>
     */
    private function cuts(array $sums, array $floor): array
    {
        $cuts = [[]];
        for ($i = 1, $count = count($sums); $i < $count; $i++) {
            $pairs = [];
            for ($first = 1; $first < $i && 2 * $sums[$first] <= $sums[$i]; $first++) {
                $pairs[] = $first;
                $pairs[] = $floor[$sums[$i] - $sums[$first]];
            }
            $cuts[] = $pairs;
        }

        return $cuts;
    }
}
