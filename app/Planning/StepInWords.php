<?php

declare(strict_types=1);

namespace App\Planning;

use Ephemeron\Bench\Step;
use Ephemeron\WorkPlan;

/** What ticking a step or one of its places is called in the history: `cut 3 of Dew point`, `score all 4 of C`. */
final class StepInWords
{
    /** @param int|null $place from 0; null for the whole step */
    public static function of(WorkPlan $plan, Step $step, ?int $place = null): string
    {
        $sheet = $plan->sheet($step->key);

        return match (true) {
            $sheet !== null && $place !== null => sprintf('cut %d of %s', $place + 1, $sheet->supply->name),
            $sheet !== null => "the cuts of {$sheet->supply->name}",
            $place !== null => ($step->places[$place] ?? '').', '.lcfirst($step->title),
            default => lcfirst($step->title),
        };
    }
}
