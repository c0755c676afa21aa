<?php

declare(strict_types=1);

namespace App\Planning;

use Ephemeron\Bench\Step;
use Ephemeron\Cutting\CutStep;
use Ephemeron\Scoring\ScoreGroups;
use Ephemeron\WorkPlan;

/** What a step sets or measures, to be read from where the tool lies: fence settings in their order, or the places of scores. */
final readonly class NumbersOfStep
{
    /** More than this is a list, and stands as one. */
    private const MOST = 5;

    /** @return list<string> empty where nothing is set */
    public static function of(WorkPlan $plan, Step $step): array
    {
        $pattern = $plan->patternOf($step);
        if ($pattern !== null) {
            $fences = array_map(static fn (CutStep $cut): string => $plan->notation()->number($cut->fence), $pattern->steps());
            $set = [];
            foreach ($fences as $fence) {
                if ($fence !== end($set)) {
                    $set[] = $fence;
                }
            }

            return count($set) > self::MOST ? [...array_slice($set, 0, self::MOST - 1), '…'] : $set;
        }
        if (! str_starts_with($step->key, 'score-')) {
            return [];
        }
        $score = $plan->scores[substr($step->key, strlen('score-'))] ?? null;

        return $score === null ? [] : [(new ScoreGroups)->inShort($score, $plan->notation())];
    }
}
