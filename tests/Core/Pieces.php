<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Measure\Axis;
use Ephemeron\WorkPlan;

/** Pieces of a plan in one line each: `how many × size: scores across | scores down`, by name. */
trait Pieces
{
    /** @return array<string, list<string>> */
    private function pieces(WorkPlan $plan): array
    {
        $pieces = [];
        foreach ($plan->blueprint->parts as $part) {
            $scores = [[], []];
            foreach ($part->creases as $crease) {
                if ($crease->along() !== null) {
                    $scores[$crease->along() === Axis::Width ? 0 : 1][] = $plan->notation()->number($crease->at());
                }
            }
            $said = implode(' ', $scores[0]).($scores[1] === [] ? '' : ($scores[0] === [] ? '| ' : ' | ').implode(' ', $scores[1]));
            $pieces[$part->name][] = "{$part->quantity} × {$plan->notation()->size($part->size)}".($said === '' ? '' : ": {$said}");
        }

        return $pieces;
    }

    /** @param array<string, list<string>> $expected */
    private function assertPieces(array $expected, WorkPlan $plan): void
    {
        $pieces = $this->pieces($plan);
        foreach ($expected as $name => $sizes) {
            $this->assertSame($sizes, $pieces[$name] ?? [], $name);
        }
    }
}
