<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;

/**
 * Cuts the pieces that are pinned to a place of a sheet from there, and lets another planner cut all others, from what is free on those
 * sheets first. The pinned sheets are divided in three ways, and the best is taken. Its bound is that of the same pieces without pins, or
 * the number of pinned sheets.
 */
final readonly class AroundPins implements CutPlanner
{
    public function __construct(private CutPlanner $planner)
    {
    }

    public function plan(array $demands, array $supplies, Trimmer $trimmer): CutPlan
    {
        $free = array_map(static fn (Demand $demand): Demand => $demand->free($demand->quantity), $demands);
        if ($this->pinned($demands) === []) {
            return $this->planner->plan($free, $supplies, $trimmer);
        }
        $unpinned = $this->planner->plan($free, $supplies, $trimmer);
        $best = null;
        foreach ([null, Axis::Width, Axis::Height] as $first) {
            $plan = $this->around($demands, $supplies, $trimmer, $first, $unpinned);
            $best = $best === null || [array_sum($plan->missing), $plan->sheets()] < [array_sum($best->missing), $best->sheets()]
                ? $plan : $best;
            if ($best->isProved() && $best->missing === []) {
                break;
            }
        }

        return $best;
    }

    /**
     * @param list<Demand> $demands
     * @param non-empty-list<Supply> $supplies
     */
    private function around(array $demands, array $supplies, Trimmer $trimmer, ?Axis $first, CutPlan $unpinned): CutPlan
    {
        $sheets = $this->sheets($demands, $supplies[0], $trimmer, $first);
        $loose = array_map(strval(...), array_keys(array_diff_key($this->pinned($demands), $sheets)));
        if ($sheets === []) {
            return $unpinned->withLoosePins($loose);
        }
        [$spaces, $of] = $this->spaces($sheets, $supplies[0], $trimmer);
        $left = $supplies[0]->available === null ? null : max(0, $supplies[0]->available - count($sheets));
        $rest = $this->rest($demands, $sheets);
        $plan = $rest === []
            ? new CutPlan([], 0)
            : $this->planner->plan($rest, [$supplies[0]->limitedTo($left), ...$spaces, ...array_slice($supplies, 1)], $trimmer);
        $patterns = [];
        $fillings = [];
        $gives = array_map(static fn (PinnedSheet $sheet): array => $sheet->gives, $sheets);
        foreach ($plan->patterns as $pattern) {
            $space = $of[$pattern->supply->key] ?? null;
            if ($space === null) {
                $patterns[] = $pattern;

                continue;
            }
            [$sheet, $name] = $space;
            $fillings[$sheet][$name] = $pattern->tree;
            foreach ($pattern->gives as $key => $count) {
                $gives[$sheet][$key] = ($gives[$sheet][$key] ?? 0) + $count;
            }
        }
        $pinned = [];
        foreach ($sheets as $number => $sheet) {
            ksort($gives[$number]);
            $pinned[] = new SheetPattern(
                $supplies[0],
                1,
                $supplies[0]->withSelvage($sheet->filled($fillings[$number] ?? [])),
                $gives[$number],
            );
        }

        return new CutPlan([...$pinned, ...$patterns], max($unpinned->lowerBound, count($sheets)), $plan->missing, $plan->oversize, $loose);
    }

    /**
     * @param list<Demand> $demands
     * @return array<int, list<Blank>> where the pinned pieces lie, by sheet
     */
    private function pinned(array $demands): array
    {
        $sheets = [];
        foreach ($demands as $demand) {
            foreach (array_slice($demand->pins, 0, $demand->quantity) as $pin) {
                $turned = $pin->turned && $demand->turnable;
                $sheets[$pin->sheet][] = new Blank(
                    new Rectangle($pin->corner, $turned ? $demand->size->turned() : $demand->size),
                    [$demand->key],
                    $turned,
                );
            }
        }
        ksort($sheets);

        return $sheets;
    }

    /**
     * Those that can be cut, as far as there are sheets.
     *
     * @param list<Demand> $demands
     * @return array<int, PinnedSheet>
     */
    private function sheets(array $demands, Supply $supply, Trimmer $trimmer, ?Axis $first): array
    {
        $sheets = array_filter(
            array_map(
                static fn (array $blanks): ?PinnedSheet => PinnedSheet::of($supply->sheet, $blanks, $trimmer, $first),
                $this->pinned($demands),
            ),
        );

        return array_slice($sheets, 0, $supply->available, true);
    }

    /**
     * @param array<int, PinnedSheet> $sheets
     * @return array{list<Supply>, array<string, array{int, string}>} what is free on them as pieces to cut from, and which is which
     */
    private function spaces(array $sheets, Supply $supply, Trimmer $trimmer): array
    {
        $spaces = [];
        $of = [];
        foreach ($sheets as $number => $sheet) {
            foreach ($sheet->spaces() as $space) {
                $key = "pin {$number} ".PinnedSheet::name($space);
                $of[$key] = [$number, PinnedSheet::name($space)];
                if ($space->size()->shortSide()->isMoreThan($trimmer->narrowestStrip)) {
                    $spaces[] = new Supply($supply->name, $space->size(), Length::zero(), 1, isLeftover: true, key: $key);
                }
            }
        }

        return [$spaces, $of];
    }

    /**
     * @param list<Demand> $demands
     * @param array<int, PinnedSheet> $sheets
     * @return list<Demand> without the pinned pieces
     */
    private function rest(array $demands, array $sheets): array
    {
        $rest = [];
        foreach ($demands as $demand) {
            $given = array_sum(array_map(static fn (PinnedSheet $sheet): int => $sheet->gives[$demand->key] ?? 0, $sheets));
            if ($demand->quantity > $given) {
                $rest[] = $demand->free($demand->quantity - $given);
            }
        }

        return $rest;
    }
}
