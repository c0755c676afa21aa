<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Project;
use App\Models\StaleRevision;
use Ephemeron\Cutting\CutPlanner;
use Ephemeron\Design\Design;
use Ephemeron\Format\DesignReader;
use Ephemeron\Format\DesignWriter;
use Ephemeron\Format\FoldReader;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\WorkPlan;
use Ephemeron\Workshop;

/** Reads a project's design, works it out, and takes changes to it through the one gate. */
final readonly class ProjectEditor
{
    public function __construct(private DesignReader $reader, private DesignWriter $writer, private Workshop $workshop, private CutPlanner $planner)
    {
    }

    public function design(Project $project): Design
    {
        return $this->reader->fromArray($project->design);
    }

    /** @param int $copies books cut together */
    public function plan(Project $project, int $copies = 1): WorkPlan
    {
        return $this->workshop->with(new KeptPlans($project, $this->planner))->plan($this->design($project), $copies);
    }

    /** The plan before the last change, if there was one. */
    public function planBefore(Project $project): ?WorkPlan
    {
        $design = $project->versions()->where('number', $project->version - 1)->first()?->design;

        return $design === null ? null : $this->workshop->plan($this->reader->fromArray($design));
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
        return $this->workshop->plan($this->reader->changed($this->design($project), $changes));
    }

    /**
     * A design file, or a FOLD crease pattern as a free base.
     *
     * @throws InvalidDesign
     */
    public function import(string $json): Project
    {
        $fold = new FoldReader;
        if ($fold->looksLike($json)) {
            return $this->create($fold->read($json));
        }

        return Project::put($this->writer->toArray($this->reader->fromJson($json)));
    }

    /** @param array<string, mixed> $design */
    public function create(array $design): Project
    {
        $read = $this->reader->fromArray(['format' => DesignReader::FORMAT, 'version' => DesignReader::VERSION, ...$design]);

        return Project::put($this->writer->toArray($read));
    }

    /**
     * @param array<string, mixed> $changes by place, see {@see \Ephemeron\Format\DesignPatch}
     * @param int $from the revision the change started from
     * @return string what changed, in words; empty if nothing did
     *
     * @throws InvalidDesign|StaleRevision
     */
    public function change(Project $project, array $changes, int $from): string
    {
        $before = $this->design($project);
        $after = $this->reader->changed($before, $changes);
        $change = (new ChangeInWords($this->writer))->between($before, $after);
        if ($change !== '') {
            $project->change($this->writer->toArray($after), $change, $from);
        }

        return $change;
    }
}
