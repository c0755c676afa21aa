<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Project;
use Ephemeron\WorkPlan;

/** A book as it stands on the shelf: planned, or not readable. */
final readonly class Shelved
{
    private function __construct(public Project $project, public ?WorkPlan $plan, public ?Progress $progress, public string $trouble)
    {
    }

    /** One book that cannot be read or planned must not take the shelf with it. */
    public static function of(Project $project, Plans $plans): self
    {
        try {
            $plan = $plans->plan($project);

            return new self($project, $plan, new Progress($project, $plan), '');
        } catch (\Throwable $trouble) {
            report($trouble);

            return new self($project, null, null, $trouble->getMessage());
        }
    }
}
