<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\PlanSearch;
use App\Models\StaleRevision;
use App\Planning\PadsLaidOut;
use App\Planning\ProjectEditor;
use Ephemeron\Papering\Weights;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Lays pads out over a large book, and tells how far it is. What is changed meanwhile is left alone; called off, nothing is changed. */
final class LayOutPads implements ShouldQueue
{
    use Queueable;

    /** Key of such a look among the longer looks of a book. */
    public const SEARCH = 'papers';

    public int $tries = 1;

    public int $timeout = 60;

    /**
     * @param int $revision of the design the prints are for
     * @param list<string> $pads
     * @param array<string, int> $weights
     */
    public function __construct(
        private readonly int $search,
        private readonly int $revision,
        private readonly array $pads,
        private readonly array $weights,
    ) {
    }

    public function handle(PadsLaidOut $pads, ProjectEditor $editor): void
    {
        $begun = $this->search()->where('state', PlanSearch::WAITING)->update(['state' => PlanSearch::RUNNING]);
        $project = $begun === 0 ? null : PlanSearch::query()->find($this->search)?->project;
        if ($project === null) {
            return;
        }
        $laid = $pads->over($project, PadsLaidOut::papers($this->pads), new Weights($this->weights), function (float $share): bool {
            return $this->search()->where('state', PlanSearch::RUNNING)->update(['share' => (int) (100 * min(1.0, $share))]) === 1;
        });
        $isWanted = $this->search()->where('state', PlanSearch::RUNNING)->update(['share' => 100]) === 1;
        if ($laid === null || ! $isWanted) {
            $this->failed();

            return;
        }
        try {
            $editor->change($project, $laid->changes, $this->revision);
        } catch (StaleRevision) {
            $this->failed();

            return;
        }
        $pads->remember($project, $laid);
        $this->search()->update(['state' => PlanSearch::DONE]);
    }

    public function failed(): void
    {
        $this->search()->update(['state' => PlanSearch::CANCELLED]);
    }

    /** @return \Illuminate\Database\Eloquent\Builder<PlanSearch> */
    private function search(): \Illuminate\Database\Eloquent\Builder
    {
        return PlanSearch::query()->where('id', $this->search);
    }
}
