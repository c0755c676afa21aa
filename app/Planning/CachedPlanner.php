<?php

declare(strict_types=1);

namespace App\Planning;

use Ephemeron\Cutting\CutPlan;
use Ephemeron\Cutting\CutPlanner;
use Ephemeron\Cutting\Trimmer;
use Illuminate\Contracts\Cache\Repository;

/** Remembers cut plans by a hash of what they were made for: the same input always gives the same plan. */
final readonly class CachedPlanner implements CutPlanner
{
    private const DAYS = 14;

    private string $edition;

    public function __construct(private CutPlanner $planner, private Repository $cache)
    {
        $this->edition = CodeEdition::planner();
    }

    public function plan(array $demands, array $supplies, Trimmer $trimmer): CutPlan
    {
        $key = 'cut-plan:'.Mark::of($this->edition, $this->planner::class, $demands, $supplies, $trimmer);
        $plan = $this->cache->get($key);
        if ($plan instanceof CutPlan) {
            return $plan;
        }
        $plan = $this->planner->plan($demands, $supplies, $trimmer);
        $this->cache->put($key, $plan, now()->addDays(self::DAYS));

        return $plan;
    }
}
