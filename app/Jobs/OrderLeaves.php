<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\PlanSearch;
use App\Models\StaleRevision;
use App\Planning\LeavesInOrder;
use App\Planning\ProjectEditor;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Puts the leaves of many signatures in order, and tells how far it is. What is changed meanwhile is left alone. */
final class OrderLeaves implements ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public int $timeout = 60;

    /** @param int $revision of the design the order is for */
    public function __construct(private readonly int $search, private readonly int $revision)
    {
    }

    public function handle(LeavesInOrder $leaves, ProjectEditor $editor): void
    {
        $begun = PlanSearch::query()->where('id', $this->search)->where('state', PlanSearch::WAITING)
            ->update(['state' => PlanSearch::RUNNING]);
        $project = $begun === 0 ? null : PlanSearch::query()->find($this->search)?->project;
        if ($project === null) {
            return;
        }
        $changes = $leaves->changes($project, function (int $done, int $of): void {
            PlanSearch::query()->where('id', $this->search)->update(['share' => intdiv(100 * $done, $of)]);
        });
        try {
            $editor->change($project, $changes, $this->revision);
        } catch (StaleRevision) {
            $this->failed();

            return;
        }
        PlanSearch::query()->where('id', $this->search)->update(['state' => PlanSearch::DONE, 'share' => 100]);
    }

    public function failed(): void
    {
        PlanSearch::query()->where('id', $this->search)->update(['state' => PlanSearch::CANCELLED]);
    }
}
