<?php

declare(strict_types=1);

namespace App\History;

use App\Models\Event;
use App\Models\Project;
use App\Models\StaleRevision;
use Illuminate\Support\Facades\DB;

/** One line of time for everything a maker does to a book. */
final readonly class History
{
    /** More than anyone undoes; the oldest go first. */
    private const KEPT = 500;

    /** What was before and after may be whole designs: they are read when it is taken back. */
    private const NAMED = ['id', 'sentence'];

    /** @var array<string, Slice> by kind */
    private array $slices;

    public function __construct(Slice ...$slices)
    {
        $byKind = [];
        foreach ($slices as $slice) {
            $byKind[$slice->kind()] = $slice;
        }
        $this->slices = $byKind;
    }

    /**
     * Does something and remembers it; what could have been done again is gone then. Belongs into no other transaction.
     *
     * @param array<string, mixed> $before
     * @param array<string, mixed> $after
     *
     * @throws CannotTakeBack
     */
    public function do(Project $project, string $kind, string $sentence, array $before, array $after): void
    {
        DB::transaction(function () use ($project, $kind, $sentence, $before, $after): void {
            $this->slices[$kind]->put($project, $after);
            $this->remember($project, $kind, $sentence, $before, $after);
        });
    }

    /**
     * Remembers what has just been done in the transaction that is open.
     *
     * @param array<string, mixed> $before
     * @param array<string, mixed> $after
     */
    public function remember(Project $project, string $kind, string $sentence, array $before, array $after): void
    {
        if ($before === $after) {
            return;
        }
        $project->events()->where('undone', true)->delete();
        $last = $project->events()->latest('number')->first()->number ?? 0;
        $project->events()->where('number', '<=', $last - self::KEPT)->delete();
        $project->events()->create(
            [
                'number' => $last + 1,
                'kind' => $kind,
                'sentence' => mb_strimwidth($sentence, 0, 200, '…'),
                'before' => $before,
                'after' => $after,
            ],
        );
        $project->touch();
    }

    /** As it is named on the button. */
    public function lastDone(Project $project): ?Event
    {
        return $project->events()->where('undone', false)->latest('number')->first(self::NAMED);
    }

    /** As it is named on the button. */
    public function lastUndone(Project $project): ?Event
    {
        return $project->events()->where('undone', true)->oldest('number')->first(self::NAMED);
    }

    /**
     * @param int $event that the maker saw named on the button
     * @return string what was taken back
     *
     * @throws CannotTakeBack|StaleRevision
     */
    public function undo(Project $project, int $event): string
    {
        return $this->turn($project, $event, true);
    }

    /**
     * @return string what was done again
     *
     * @throws CannotTakeBack|StaleRevision
     */
    public function redo(Project $project, int $event): string
    {
        return $this->turn($project, $event, false);
    }

    private function turn(Project $project, int $number, bool $back): string
    {
        $sentence = '';
        DB::transaction(function () use ($project, $number, $back, &$sentence): void {
            $event = ($back ? $this->lastDone($project) : $this->lastUndone($project))?->fresh();
            if ($event === null) {
                throw CannotTakeBack::nothing();
            }
            // Another window has done something since.
            if ($event->id !== $number) {
                throw new StaleRevision($project);
            }
            $this->slices[$event->kind]->put($project, $back ? $event->before : $event->after);
            $event->update(['undone' => $back]);
            $project->touch();

            $sentence = $event->sentence;
        });

        return $sentence;
    }
}
