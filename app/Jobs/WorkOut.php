<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Project;
use App\Planning\Plans;
use App\Planning\Turns;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Works a very large book out, so that its pages find it remembered. */
final class WorkOut implements ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public int $timeout = 60;

    public function __construct(private readonly int $project, private readonly string $mark)
    {
    }

    public function handle(Plans $plans, Turns $turns): void
    {
        $turns->take($this->mark, function () use ($plans): void {
            $project = Project::query()->find($this->project);
            // It may have been changed, or the change taken back, since: then that is worked out.
            $project === null ?: $plans->plan($project);
        });
    }
}
