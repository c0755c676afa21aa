<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Project;
use Ephemeron\Bench\Drying;
use Ephemeron\Bench\Step;
use Ephemeron\WorkPlan;
use Illuminate\Support\Carbon;

/** What lies drying on the table: until when, and what to do meanwhile. */
final readonly class Waiting
{
    /** @var list<array{Step, Carbon}> the one that is dry first comes first */
    public array $drying;

    public ?Step $meanwhile;

    public function __construct(Project $project, WorkPlan $plan, Progress $progress)
    {
        $ticked = [];
        foreach ($project->ticks()->toBase()->pluck('created_at', 'key') as $key => $at) {
            $ticked[explode('@', explode('#', (string) $key)[0])[0]] = $at;
        }
        $drying = [];
        foreach ($plan->steps as $step) {
            $minutes = Drying::minutes($step);
            $at = $minutes === 0 ? null : $ticked[$step->key] ?? null;
            $until = is_string($at) ? Carbon::parse($at)->addMinutes($minutes) : null;
            if ($until?->isFuture() === true) {
                $drying[] = [$step, $until];
            }
        }
        usort($drying, static fn (array $one, array $other): int => $one[1] <=> $other[1]);
        $this->drying = $drying;
        $this->meanwhile = $drying === [] ? null : Drying::meanwhile(
            array_values(array_filter($plan->steps, static fn (Step $step): bool => ! $progress->isDone($step))),
            array_map(static fn (array $each): string => $each[0]->key, $drying),
        );
    }
}
