<?php

declare(strict_types=1);

namespace App\Planning;

use Ephemeron\Cutting\CutPlan;
use Ephemeron\Cutting\CutPlanner;
use Ephemeron\Cutting\Supply;
use Ephemeron\Cutting\Trimmer;
use Illuminate\Contracts\Cache\Repository;

/** Remembers cut plans by a hash of what they were made for: the same input always gives the same plan. */
final readonly class CachedPlanner implements CutPlanner
{
    private const DAYS = 14;

    public function __construct(private CutPlanner $planner, private Repository $cache)
    {
    }

    public function plan(array $demands, Supply $supply, Trimmer $trimmer): CutPlan
    {
        $key = 'cut-plan:'.hash('sha256', $this->planner::class.serialize([$demands, $supply, $trimmer]));
        $plan = $this->cache->get($key);
        if ($plan instanceof CutPlan) {
            return $plan;
        }
        $plan = $this->planner->plan($demands, $supply, $trimmer);
        $this->cache->put($key, $plan, now()->addDays(self::DAYS));

        return $plan;
    }
}
