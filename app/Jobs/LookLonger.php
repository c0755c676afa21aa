<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\PlanSearch;
use Ephemeron\Cutting\AroundPins;
use Ephemeron\Cutting\CutPlan;
use Ephemeron\Cutting\Demand;
use Ephemeron\Cutting\ProvenPlanner;
use Ephemeron\Cutting\Supply;
use Ephemeron\Cutting\Trimmer;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/**
 * Looks longer for a better cut plan than the quick one, tells how far it is, and stops when it is asked to. A book that has been begun keeps the plan it was begun
 * with: then only the better bound is taken over.
 */
final class LookLonger implements ShouldQueue
{
    use Queueable;

    private const SECONDS = 20.0;

    /** Seconds between two looks at whether somebody has called it off. */
    private const EVERY = 0.4;

    public int $tries = 1;

    public int $timeout = 180;

    /**
     * @param list<Demand> $demands
     * @param non-empty-list<Supply> $supplies
     */
    public function __construct(private readonly int $search, private readonly array $demands, private readonly array $supplies, private readonly Trimmer $trimmer, private readonly CutPlan $known)
    {
    }

    public function handle(): void
    {
        $begun = PlanSearch::query()->where('id', $this->search)->where('state', PlanSearch::WAITING)->update(['state' => PlanSearch::RUNNING]);
        if ($begun === 0) {
            return;
        }
        $plan = (new AroundPins(ProvenPlanner::thorough(self::SECONDS, $this->goOn())))->plan($this->demands, $this->supplies, $this->trimmer);
        $this->keep($plan);
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
                $goes = PlanSearch::query()->where('id', $this->search)->where('state', PlanSearch::RUNNING)->update(['share' => (int) min(99, round($share * 100))]) === 1;
            }

            return $goes;
        };
    }

    private function keep(CutPlan $plan): void
    {
        $search = PlanSearch::query()->find($this->search);
        if ($search === null || $search->project === null) {
            return;
        }
        $better = [array_sum($plan->missing), $plan->sheets(), $plan->cents()] < [array_sum($this->known->missing), $this->known->sheets(), $this->known->cents()];
        $begun = $search->project->ticks()->where('key', 'like', 'cut-%')->exists();
        $search->update([
            'state' => $search->state === PlanSearch::CANCELLED ? PlanSearch::CANCELLED : PlanSearch::DONE,
            'share' => 100,
            'sheets' => $plan->sheets(),
            'bound' => $plan->lowerBound,
            'plan' => $better ? base64_encode(serialize($plan)) : null,
            'taken' => $better && ! $begun,
        ]);
    }
}
