<?php

declare(strict_types=1);

namespace App\View;

use App\Planning\Progress;
use Ephemeron\Blueprint\Phase;
use Ephemeron\WorkPlan;

/** The stages of the work, in the order of the hands. */
enum Stage: string
{
    case Plan = 'plan';
    case Cut = 'cut';
    case Score = 'score';
    case Fold = 'fold';
    case Bench = 'bench';
    case Print = 'print';

    public function label(): string
    {
        return ucfirst($this->value);
    }

    public function state(WorkPlan $plan, Progress $progress): string
    {
        return match ($this) {
            self::Plan => $plan->report->stops() ? 'needs a look' : 'ready',
            self::Cut => $progress->stateOf($this->lacksPaper($plan), Phase::Cut),
            self::Score => $progress->stateOf($plan->report->of('score-between-grooves', 'score-beyond-board') !== [], Phase::Score),
            self::Fold => $progress->stateOf(false, Phase::Fold),
            self::Bench => $progress->stateOf($plan->report->stops()),
            self::Print => $plan->report->stops() ? 'needs a look' : 'ready',
        };
    }

    private function lacksPaper(WorkPlan $plan): bool
    {
        foreach ($plan->stocks as $stock) {
            if ($stock->cuts->missing !== []) {
                return true;
            }
        }

        return false;
    }
}
