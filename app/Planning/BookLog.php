<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Event;
use App\Models\Note;
use App\Models\Project;
use App\Models\SpoiledPiece;
use Ephemeron\WorkPlan;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;

/** What became of a book: when, from which papers, how long, what was spoiled, measured and changed, and what to do differently. */
final readonly class BookLog
{
    public Progress $progress;

    public function __construct(public Project $project, public WorkPlan $plan)
    {
        $this->progress = new Progress($project, $plan);
    }

    public function begun(): ?Carbon
    {
        $first = $this->project->ticks->min('created_at');

        return $first instanceof Carbon ? $first : null;
    }

    /** When the last step was ticked; null before. */
    public function finished(): ?Carbon
    {
        $last = $this->project->ticks->max('created_at');

        return $this->progress->share() >= 1.0 && $last instanceof Carbon ? $last : null;
    }

    /** @return array<string, int> sheets begun by the name of the paper */
    public function papers(): array
    {
        $papers = [];
        foreach ($this->plan->stocks as $stock) {
            $papers[$stock->stock->name] = ($papers[$stock->stock->name] ?? 0) + $stock->cuts->sheets();
        }

        return array_filter($papers);
    }

    /** @return array<string, int> seconds by phase */
    public function times(): array
    {
        return (new StepClock($this->project))->byPhase($this->plan);
    }

    public function spoiled(): int
    {
        return array_sum($this->project->spoiledPieces->map(static fn (SpoiledPiece $piece): int => $piece->count)->all());
    }

    /** @return Collection<int, Note> */
    public function notes(): Collection
    {
        return Note::query()->where('project_id', $this->project->id)->oldest('id')->get();
    }

    /** @return list<Event> what was changed against the plan once something was cut, the latest first */
    public function changes(): array
    {
        $begun = $this->begun();

        $changes = Event::query()->where('project_id', $this->project->id)->where('kind', 'design')->where('undone', false)
            ->where('created_at', '>=', $begun ?? now())->latest('number')->limit(40)->get();

        return array_values(array_filter($changes->all(), static fn (object $each): bool => $each instanceof Event));
    }
}
