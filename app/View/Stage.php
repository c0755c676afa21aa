<?php

declare(strict_types=1);

namespace App\View;

use App\Planning\Progress;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Gathering\Broken;
use Ephemeron\Gathering\OrderRule;
use Ephemeron\Structure\Gathered;
use Ephemeron\WorkPlan;

/** The stages of the work, in the order of the hands. */
enum Stage: string
{
    case Paper = 'paper';
    case Plan = 'plan';
    case Leaves = 'leaves';
    case Cut = 'cut';
    case Score = 'score';
    case Fold = 'fold';
    case Bench = 'bench';
    case Print = 'print';
    case Log = 'log';

    /** @return list<self> the stages a book goes through: only journals have leaves to gather */
    public static function of(WorkPlan $plan): array
    {
        return array_values(array_filter(
            self::cases(),
            static fn (self $stage): bool => $stage !== self::Leaves || $plan->blueprint->all(Gathered::class) !== [],
        ));
    }

    public function label(): string
    {
        return ucfirst($this->value);
    }

    public function state(WorkPlan $plan, Progress $progress): string
    {
        return match ($this) {
            self::Paper => $this->lacksPaper($plan) ? 'needs a look' : 'ready',
            self::Plan => $plan->report->stops() ? 'needs a look' : 'ready',
            self::Leaves => $this->leavesBreakRules($plan) ? 'needs a look' : 'ready',
            self::Cut => $progress->stateOf($this->lacksPaper($plan), Phase::Cut),
            self::Score => $progress->stateOf($plan->report->of('score-between-grooves', 'score-beyond-board') !== [], Phase::Score),
            self::Fold => $progress->stateOf(false, Phase::Fold),
            self::Bench => $progress->stateOf($plan->report->stops()),
            self::Print => $plan->report->stops() ? 'needs a look' : 'ready',
            self::Log => $progress->share() >= 1.0 ? 'done' : ($progress->share() > 0.0 ? 'under way' : 'ready'),
        };
    }

    /** Mixed hues are a wish; what the heavier rules say is worth a look. */
    private function leavesBreakRules(WorkPlan $plan): bool
    {
        $heavy = static fn (Broken $broken): bool => $broken->rule->weight() >= OrderRule::SilentInARow->weight();
        foreach ($plan->blueprint->all(Gathered::class) as $gathered) {
            if (array_filter($gathered->block->broken(), $heavy) !== [] || $gathered->block->tooManyReferences() !== []) {
                return true;
            }
        }

        return false;
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
