<?php

declare(strict_types=1);

namespace Ephemeron\Bench;

use Ephemeron\Bench\Telling\Folding;
use Ephemeron\Bench\Words\Edges;
use Ephemeron\Blueprint\Phase;

/** Sheets of light paper that are folded alike, one after the other, are one step, in which each paper is ticked. */
final readonly class FoldedTogether
{
    public function __construct(private Desk $desk)
    {
    }

    /**
     * @param list<Step> $steps in their order
     * @return list<Step>
     */
    public function of(array $steps): array
    {
        $runs = [];
        foreach ($steps as $step) {
            $last = array_key_last($runs);
            if ($last !== null && $this->isAlike($runs[$last][0], $step)) {
                $runs[$last][] = $step;
            } else {
                $runs[] = [$step];
            }
        }
        $together = array_map(fn (array $run): Step => count($run) === 1 ? $run[0] : $this->one($run), $runs);
        $keys = [];
        foreach ($together as $index => $step) {
            $keys += array_fill_keys(array_column($runs[$index], 'key'), $step->key);
        }

        return array_map(static fn (Step $step): Step => $step->needing(
            array_values(array_unique(array_map(static fn (string $need): string => $keys[$need] ?? $need, $step->needs))),
        ), array_values($together));
    }

    private function isAlike(Step $one, Step $other): bool
    {
        return $one->text === Folding::LIGHT && $other->text === Folding::LIGHT
            && $one->section === $other->section && $one->lines === $other->lines;
    }

    /** @param non-empty-list<Step> $run */
    private function one(array $run): Step
    {
        $parts = array_map($this->desk->workings->blueprint->part(...), array_merge(...array_column($run, 'parts')));

        return new Step(
            "fold-alike-{$parts[0]->key}",
            Phase::Fold,
            'Fold '.Edges::joined(array_column($parts, 'letter')),
            Folding::LIGHT,
            $run[0]->section,
            lines: $run[0]->lines,
            parts: array_column($parts, 'key'),
            places: array_map($this->desk->named(...), $parts),
            picture: $run[0]->picture,
            acts: array_merge(...array_column($run, 'acts')),
            needs: array_merge(...array_column($run, 'needs')),
        );
    }
}
