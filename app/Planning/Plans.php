<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Project;
use Ephemeron\Cutting\AsCut;
use Ephemeron\Cutting\CutPlanner;
use Ephemeron\Design\Design;
use Ephemeron\Format\DesignReader;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\WorkPlan;
use Ephemeron\Workshop;

/** Reads a project’s design and works it out, going on from what is cut. */
final readonly class Plans
{
    public function __construct(private DesignReader $reader, private Workshop $workshop, private CutPlanner $planner)
    {
    }

    /** @throws InvalidDesign where what is stored cannot be read */
    public function design(Project $project): Design
    {
        return $this->reader->fromArray($project->design);
    }

    /** @throws InvalidDesign */
    public function plan(Project $project): WorkPlan
    {
        return $this->of($project, $this->design($project), $project->copies, CutSoFar::of($project));
    }

    /** So many books of it, as if nothing were cut. */
    public function together(Project $project, int $copies): WorkPlan
    {
        return $this->of($project, $this->design($project), $copies, AsCut::nothing());
    }

    /** The plan before the last change, if there was one. */
    public function before(Project $project): ?WorkPlan
    {
        $design = $project->versions()->where('number', $project->version - 1)->first()?->design;

        return $design === null ? null : $this->of($project, $this->reader->fromArray($design), $project->copies, CutSoFar::of($project));
    }

    /**
     * The plan as it would be with these changes; nothing is kept.
     *
     * @param array<string, mixed> $changes by place
     *
     * @throws InvalidDesign
     */
    public function tried(Project $project, array $changes): WorkPlan
    {
        return $this->with($project, $this->reader->changed($this->design($project), $changes));
    }

    /** The plan of this project as it would be with another design. */
    public function with(Project $project, Design $design): WorkPlan
    {
        return $this->of($project, $design, $project->copies, CutSoFar::of($project));
    }

    private function of(Project $project, Design $design, int $copies, AsCut $cut): WorkPlan
    {
        return $this->workshop->with(new KeptPlans($project, $this->planner))->plan($design, $copies, $cut);
    }
}
