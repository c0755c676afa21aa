<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Project;
use App\Planning\Plans;
use App\Planning\Turns;
use Ephemeron\Format\DesignReader;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Works a very large book out, so that its pages find it remembered. */
final class WorkOut implements ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public int $timeout = 60;

    /**
     * @param int $pieces that are to be laid out
     * @param int $version of the design when it was asked for
     * @param array<string, mixed>|null $as the design it is to have, where that is not the one it has
     */
    public function __construct(
        private readonly int $project,
        private readonly string $mark,
        private readonly int $pieces,
        private readonly int $version,
        private readonly ?array $as = null,
    ) {
    }

    public function handle(Plans $plans, Turns $turns, DesignReader $reader): void
    {
        $of = Project::query()->whereKey($this->project)->where('version', $this->version);
        // Changed, or the change taken back, since: that is worked out when it is looked at.
        $turns->take($this->mark, $this->pieces, static fn (): bool => $of->exists(), function () use ($plans, $reader, $of): void {
            $project = $of->firstOrFail();
            $this->as === null ? $plans->plan($project) : $plans->with($project, $reader->fromArray($this->as));
        });
    }
}
