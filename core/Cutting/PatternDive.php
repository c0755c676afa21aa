<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/**
 * Fixes one pattern of the linear programme after the other and solves it again for what is left; when only a few sheets are left to fill,
 * it lays their pieces out in many orders, into the gaps of the fixed ones too. Each time another of the best patterns comes first.
 */
final class PatternDive
{
    private int $dives = 0;

    /** @param list<Supply> $supplies */
    public function __construct(
        private readonly Measured $task,
        private readonly array $supplies,
        private readonly Packer $packer,
        private readonly Disorder $disorder,
        private readonly Effort $effort,
        private readonly PlansSoFar $plans,
    ) {
    }

    /** @param int $cuts weighed in each step */
    public function dive(int $dives, int $cuts): void
    {
        for ($k = 0; $k < $dives && ! $this->plans->isProved() && ! $this->effort->isSpent(); $k++) {
            $this->once($this->dives++, $cuts);
        }
    }

    private function once(int $dive, int $cuts): void
    {
        $target = $this->plans->best()->newSheets - 1;
        $left = $this->task->wanted();
        $fixed = [];
        $new = 0;
        $known = [];
        while (array_sum($left) > 0 && ! $this->effort->isSpent()) {
            $supplies = $this->suppliesLeft($fixed);
            $search = new PatternSearch($this->task, $supplies, array_values($left));
            $search->run($known, PHP_INT_MAX, $cuts, $this->effort);
            $this->plans->patterns->remember($search->found);
            // A few sheets are better filled by trying; and where the fixed ones are one too many already, what is missed is looked for
            // later.
            if ($search->bound <= 2 || $target - $new <= 2 || $search->bound + $new > $target) {
                break;
            }
            $chosen = $this->chosenPatterns($search->patterns, array_values($left), $fixed === [] ? $dive : 0);
            if ($chosen === []) {
                break;
            }
            $known = array_map(static fn (array $pattern): array => [$pattern[0], $pattern[1]], $search->patterns);
            foreach ($chosen as [$supply, $slab]) {
                foreach ($slab->pieces() as $kind => $count) {
                    $left[$kind] -= $count;
                }
                $fixed[] = [$supply, $slab];
                $new += $this->supplies[$supply]->countsAs();
            }
        }
        $this->finish($fixed, array_values($left), $target);
    }

    /**
     * Patterns that are taken all but wholly, as often as that, without what is too many; where there is none, the one that is taken most,
     * on later dives one further down.
     *
     * @param list<array{int, Slab, float}> $patterns
     * @param list<int> $left
     * @return list<array{int, Slab}>
     */
    private function chosenPatterns(array $patterns, array $left, int $rank): array
    {
        usort($patterns, static fn (array $one, array $other): int => $other[2] <=> $one[2]);
        if ($rank > 0) {
            $patterns = [...array_slice($patterns, $rank % max(1, count($patterns)), 1), ...$patterns];
        }
        $chosen = [];
        foreach ($patterns as $index => [$supply, $slab, $often]) {
            $times = $index === 0 && $chosen === [] ? max(1, (int) floor($often + 0.05)) : (int) floor($often + 0.05);
            for ($k = 0; $k < $times; $k++) {
                $sheet = clone $slab;
                $surplus = [];
                foreach ($sheet->pieces() as $kind => $count) {
                    $surplus[$kind] = max(0, $count - $left[$kind]);
                }
                $isWhole = array_sum($surplus) === 0;
                $sheet->drop($surplus);
                if ($sheet->used() === 0 || ! $sheet->comesOff($this->task->narrowest) || ($chosen !== [] && ! $isWhole)) {
                    break;
                }
                foreach ($sheet->pieces() as $kind => $count) {
                    $left[$kind] -= $count;
                }
                $chosen[] = [$supply, $sheet];
            }
        }

        return $chosen;
    }

    /**
     * @param list<array{int, Slab}> $fixed
     * @return list<Supply> with what is still there of each
     */
    private function suppliesLeft(array $fixed): array
    {
        $taken = array_count_values(array_column($fixed, 0));
        $supplies = [];
        foreach ($this->supplies as $index => $supply) {
            $supplies[] = $supply->limitedTo($supply->available === null ? null : $supply->available - ($taken[$index] ?? 0));
        }

        return $supplies;
    }

    /**
     * @param list<array{int, Slab}> $fixed
     * @param list<int> $left
     */
    private function finish(array $fixed, array $left, int $target): void
    {
        $sequence = Measured::each($left);
        for ($try = 0; $try < 120 && ! $this->effort->isSpent(); $try++) {
            $begun = array_map(static fn (array $sheet): array => [$sheet[0], clone $sheet[1]], $fixed);
            $packing = $this->packer->pack(
                $this->disorder->of($sequence),
                $try % Packer::RULES,
                intdiv($try, Packer::RULES) % Packer::SPLITS,
                $target,
                $begun,
            );
            $this->plans->keep($packing);
            if ($packing->missed === 0) {
                $this->plans->setNearest(null);

                return;
            }
            $this->plans->keepNearest($packing, $target);
        }
    }
}
