<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/**
 * Makes a plan cheaper that has few enough sheets: one sheet after the other is taken away and its pieces go into the gaps of the rest and
 * onto the cheapest sheet that holds them.
 */
final readonly class CheaperSheets
{
    private Packer $packer;

    /** @param list<Supply> $supplies */
    public function __construct(
        private Measured $task,
        private array $supplies,
        private Disorder $disorder,
        private Effort $effort,
        private PlansSoFar $plans,
    ) {
        $this->packer = new Packer($task, $supplies, $effort, cheapestFirst: true);
    }

    /** @param int $trials for each sheet */
    public function look(int $trials): void
    {
        $prices = array_map(
            static fn (Supply $supply): int => $supply->mills,
            array_filter($this->supplies, static fn (Supply $supply): bool => ! $supply->isLeftover),
        );
        if (count(array_unique($prices)) < 2) {
            return;
        }
        $cheapest = min([PHP_INT_MAX, ...$prices]);
        do {
            $before = $this->plans->best();
            foreach ($before->sheets as $index => [$supply]) {
                if ($this->supplies[$supply]->mills > $cheapest && ! $this->supplies[$supply]->isLeftover) {
                    $this->without($before, $index, $trials);
                }
            }
        } while ($this->plans->best() !== $before && $this->plans->best()->mills < $before->mills);
    }

    private function without(Packing $plan, int $sheet, int $trials): void
    {
        $pieces = Measured::each($plan->sheets[$sheet][1]->pieces());
        $rest = array_values(array_diff_key($plan->sheets, [$sheet => true]));
        for ($trial = 0; $trial < $trials && ! $this->effort->isSpent(); $trial++) {
            $begun = array_map(static fn (array $one): array => [$one[0], clone $one[1]], $rest);
            $sequence = $trial === 0 ? $this->byArea($pieces) : $this->disorder->of($pieces);
            $next = $this->packer->pack(
                $sequence,
                $trial % Packer::RULES,
                intdiv($trial, Packer::RULES) % Packer::SPLITS,
                $plan->newSheets,
                $begun,
            );
            if ($next->missed === 0 && $next->mills < $plan->mills) {
                $this->plans->keep(new Packing($this->task, $this->supplies, $next->sheets, $plan->missing));

                return;
            }
        }
    }

    /**
     * @param list<int> $pieces
     * @return list<int>
     */
    private function byArea(array $pieces): array
    {
        usort($pieces, fn (int $one, int $other): int => [$this->task->area($other), $one] <=> [$this->task->area($one), $other]);

        return $pieces;
    }
}
