<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Project;
use Ephemeron\Cutting\AsCut;
use Ephemeron\Cutting\CutPlanner;
use Ephemeron\Design\Design;
use Ephemeron\Format\DesignReader;
use Ephemeron\Format\DesignWriter;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\WorkPlan;
use Ephemeron\Workshop;
use Illuminate\Contracts\Cache\Repository;

/**
 * Reads a project’s design and works it out, going on from what is cut. A plan is worked out once for what it is made from, and
 * remembered: the design, what is cut, the plans that longer looks have found, and the code.
 */
final readonly class Plans
{
    private const DAYS = 7;

    public function __construct(
        private DesignReader $reader,
        private DesignWriter $writer,
        private Workshop $workshop,
        private CutPlanner $planner,
        private Repository $cache,
    ) {
    }

    /** @throws InvalidDesign where what is stored cannot be read */
    public function design(Project $project): Design
    {
        return $this->reader->fromArray($project->design);
    }

    /** @throws InvalidDesign */
    public function plan(Project $project): WorkPlan
    {
        return $this->known($project, $project->design, $project->copies);
    }

    /** So many books of it, as if nothing were cut. */
    public function together(Project $project, int $copies): WorkPlan
    {
        return $this->known($project, $project->design, $copies, isUncut: true);
    }

    /** The plan before the last change, if there was one. */
    public function before(Project $project): ?WorkPlan
    {
        $design = $project->versions()->where('number', $project->version - 1)->first()?->design;

        return $design === null ? null : $this->known($project, $design, $project->copies);
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
        $design = $this->reader->changed($this->design($project), $changes);

        return $this->worked($project, $design, $project->copies, CutSoFar::of($project));
    }

    /** The plan of this project as it will be with another design. */
    public function with(Project $project, Design $design): WorkPlan
    {
        return $this->known($project, $this->writer->toArray($design), $project->copies);
    }

    /**
     * @param array<string, mixed> $design
     *
     * @throws InvalidDesign
     */
    private function known(Project $project, array $design, int $copies, bool $isUncut = false): WorkPlan
    {
        $key = 'plan:'.$this->markOf($project, $design, $copies, $isUncut);
        $known = $this->cache->get($key);
        if ($known instanceof WorkPlan) {
            return $known;
        }
        $cut = $isUncut ? AsCut::nothing() : CutSoFar::of($project);
        $plan = $this->worked($project, $this->reader->fromArray($design), $copies, $cut);
        $this->cache->put($key, $plan, now()->addDays(self::DAYS));

        return $plan;
    }

    /** The same as long as the plan of the book is. */
    public function mark(Project $project): string
    {
        return $this->markOf($project, $project->design, $project->copies, false);
    }

    /** @param array<string, mixed> $design */
    private function markOf(Project $project, array $design, int $copies, bool $isUncut): string
    {
        return Mark::of(
            CodeEdition::whole(),
            $this->planner::class,
            $design,
            $copies,
            CutSoFar::searched($project),
            $isUncut ? [] : CutSoFar::mark($project),
        );
    }

    private function worked(Project $project, Design $design, int $copies, AsCut $cut): WorkPlan
    {
        return $this->workshop->with(new KeptPlans($project, $this->planner))->plan($design, $copies, $cut);
    }
}
