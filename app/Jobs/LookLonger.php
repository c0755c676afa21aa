<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\PlanSearch;
use App\Planning\KeptPlans;
use App\Planning\Plans;
use Ephemeron\Cutting\AroundPins;
use Ephemeron\Cutting\CutPlan;
use Ephemeron\Cutting\ProvenPlanner;
use Ephemeron\Format\CutWorkJson;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/**
 * Looks longer for a better cut plan than the quick one, tells how far it is, and stops when it is asked to. A paper that is begun
 * meanwhile keeps the plan it was begun with.
 */
final class LookLonger implements ShouldQueue
{
    use Queueable;

    /** What a usual machine does in so many seconds is done for a plan, at the most. */
    public const SECONDS = 60.0;

    /** Seconds between two looks at whether somebody has called it off. */
    private const EVERY = 0.4;

    /** Should a worker die with it, another one begins again, once. */
    public int $tries = 2;

    public int $timeout = 600;

    public function __construct(private readonly int $search)
    {
    }

    public function handle(Plans $plans): void
    {
        // Of a worker that died it still says that it runs.
        $open = $this->attempts() > 1 ? [PlanSearch::WAITING, PlanSearch::RUNNING] : [PlanSearch::WAITING];
        $begun = PlanSearch::query()->where('id', $this->search)->whereIn('state', $open)
            ->update(['state' => PlanSearch::RUNNING, 'share' => 0]);
        $search = $begun === 0 ? null : PlanSearch::query()->find($this->search);
        if ($search === null || $search->project === null) {
            return;
        }
        $plan = $plans->plan($search->project);
        $stock = KeptPlans::searched($plan, $search->key);
        if ($stock === null) {
            // The book has changed meanwhile.
            $this->failed();

            return;
        }
        $planner = new AroundPins(ProvenPlanner::thorough(self::SECONDS, $this->goOn()));
        $this->keep($search->refresh(), $planner->plan($stock->demands, $stock->supplies, $plan->trimmer()), $stock->cuts);
    }

    public function failed(): void
    {
        PlanSearch::query()->where('id', $this->search)->update(['state' => PlanSearch::CANCELLED]);
    }

    /** @return \Closure(float): bool */
    private function goOn(): \Closure
    {
        $last = microtime(true);
        $goes = true;

        return function (float $share) use (&$last, &$goes): bool {
            if ($goes && microtime(true) - $last >= self::EVERY) {
                $last = microtime(true);
                // One statement tells the share and asks whether it still runs.
                $goes = PlanSearch::query()->where('id', $this->search)->where('state', PlanSearch::RUNNING)
                    ->update(['share' => (int) min(99, round($share * 100))]) === 1;
            }

            return $goes;
        };
    }

    private function keep(PlanSearch $search, CutPlan $plan, CutPlan $known): void
    {
        $better = [array_sum($plan->missing), $plan->sheets(), $plan->mills()] < [
            array_sum($known->missing),
            $known->sheets(),
            $known->mills(),
        ];
        $search->update([
            'state' => $search->state === PlanSearch::CANCELLED ? PlanSearch::CANCELLED : PlanSearch::DONE,
            'share' => 100,
            'sheets' => $plan->sheets(),
            'bound' => $plan->lowerBound,
            'plan' => $better ? (new CutWorkJson)->writePlan($plan) : null,
            // A paper that is begun keeps the plan it was begun with.
            'taken' => $better,
        ]);
    }
}
