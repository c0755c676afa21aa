<?php

declare(strict_types=1);

namespace App\Planning;

use Ephemeron\Cutting\CutPlan;
use Ephemeron\Cutting\CutPlanner;
use Ephemeron\Cutting\Demand;
use Ephemeron\Cutting\Trimmer;

/** Tells after every paper how many pieces more are laid out. */
final readonly class WatchedPlanner implements CutPlanner
{
    /** @param \Closure(int): void $report */
    public function __construct(private CutPlanner $planner, private \Closure $report)
    {
    }

    public function plan(array $demands, array $supplies, Trimmer $trimmer): CutPlan
    {
        $plan = $this->planner->plan($demands, $supplies, $trimmer);
        ($this->report)(array_sum(array_map(static fn (Demand $demand): int => $demand->quantity, $demands)));

        return $plan;
    }
}
