<?php

declare(strict_types=1);

namespace Ephemeron\Scoring;

use Ephemeron\Measure\Notation;

/** Parts that are scored by the same moves, whatever their size: the board is set up once for all of them. */
final readonly class ScoreGroups
{
    /**
     * @param iterable<string, ScorePlan> $plans by part key
     * @return list<non-empty-array<string, ScorePlan>>
     */
    public function of(iterable $plans): array
    {
        $groups = [];
        foreach ($plans as $key => $plan) {
            $groups[$this->signature($plan)][$key] = $plan;
        }

        return array_values($groups);
    }

    /** The moves in a few words: “5, turn, 5”; “5, by hand” where a groove does not do all. */
    public function inShort(ScorePlan $plan, Notation $notation): string
    {
        $said = [];
        foreach ($plan->moves as $move) {
            if ($move->turn !== Turn::None) {
                $said[] = $move->turn === Turn::Quarter ? 'quarter turn' : 'turn';
            }
            foreach ($move->lines as $line) {
                $said[] = $notation->number($line->at);
            }
        }

        if ((new ScoresByHand($plan->part, $notation))->sentences() !== []) {
            $said[] = 'by hand';
        }

        return implode(', ', $said);
    }

    /** How many pieces a group has: “all four”, “both”, “all 12”, “the one”. */
    public function howMany(int $pieces): string
    {
        return match ($pieces) {
            1 => 'the one',
            2 => 'both',
            3 => 'all three',
            4 => 'all four',
            5 => 'all five',
            6 => 'all six',
            7 => 'all seven',
            8 => 'all eight',
            default => "all {$pieces}",
        };
    }

    private function signature(ScorePlan $plan): string
    {
        $marks = [];
        foreach ($plan->moves as $move) {
            $marks[] = $move->turn->value.$move->atTheFence->value;
            foreach ($move->lines as $line) {
                $marks[] = "{$line->at->ticks}{$line->fold->value}";
            }
        }

        foreach ($plan->part->creases as $crease) {
            $along = $crease->along();
            if ($along === null || $crease->line->length()->isLessThan($plan->part->size->along($along->across()))) {
                $marks[] = "{$crease->line->from->x->ticks} {$crease->line->from->y->ticks} {$crease->line->to->x->ticks} "
                    ."{$crease->line->to->y->ticks}{$crease->fold->value}";
            }
        }

        return implode('|', $marks);
    }
}
