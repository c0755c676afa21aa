<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\PlanSearch;
use App\Models\Project;
use Ephemeron\Cutting\CutPlan;
use Ephemeron\Cutting\CutPlanner;
use Ephemeron\Cutting\Demand;
use Ephemeron\Cutting\Supply;
use Ephemeron\Cutting\Trimmer;
use Ephemeron\Fit\StockPlan;
use Ephemeron\Format\CutWorkJson;
use Ephemeron\WorkPlan;

/** Cuts a project by the plans that longer looks have found for it, and by those of another planner where there are none. */
final class KeptPlans implements CutPlanner
{
    /** @var array<string, PlanSearch>|null */
    private ?array $searches = null;

    public function __construct(private readonly Project $project, private readonly CutPlanner $planner)
    {
    }

    /**
     * The same for the same pieces from the same papers, as long as the planner's code stays the same.
     *
     * @param list<Demand> $demands
     * @param list<Supply> $supplies
     */
    public static function key(array $demands, array $supplies, Trimmer $trimmer): string
    {
        return Mark::of(CodeEdition::planner(), (new CutWorkJson)->task($demands, $supplies, $trimmer));
    }

    /** The paper of a plan that a search is about. */
    public static function searched(WorkPlan $plan, string $key): ?StockPlan
    {
        foreach ($plan->stocks as $stock) {
            if (self::key($stock->demands, $stock->supplies, $plan->trimmer()) === $key) {
                return $stock;
            }
        }

        return null;
    }

    public function plan(array $demands, array $supplies, Trimmer $trimmer): CutPlan
    {
        $quick = $this->planner->plan($demands, $supplies, $trimmer);
        if ($quick->isProved() && $quick->missing === []) {
            return $quick;
        }
        $this->searches ??= PlanSearch::query()->where('project_id', $this->project->id)->get()->keyBy('key')->all();
        $search = $this->searches === [] ? null : $this->searches[self::key($demands, $supplies, $trimmer)] ?? null;
        if ($search === null) {
            return $quick;
        }

        return ($search->taken ? $search->cutPlan() : null) ?? $quick->boundedBy($search->bound ?? 0);
    }
}
