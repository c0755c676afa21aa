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
            self::Cut => $progress->stateOf(Phase::Cut),
            self::Score => $progress->stateOf(Phase::Score),
            self::Bench => $progress->stateOf(),
            self::Print => $plan->report->stops() ? 'needs a look' : 'ready',
        };
    }
}
