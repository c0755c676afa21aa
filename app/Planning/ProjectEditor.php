<?php

declare(strict_types=1);

namespace App\Planning;

use App\History\DesignSlice;
use App\History\History;
use App\Models\Project;
use App\Models\StaleRevision;
use Ephemeron\Design\Design;
use Ephemeron\Format\DesignReader;
use Ephemeron\Format\DesignWriter;
use Ephemeron\Format\FoldReader;
use Ephemeron\Format\InvalidDesign;
use Illuminate\Support\Facades\DB;

/** Puts books on the shelf and takes changes to them through the one gate. */
final readonly class ProjectEditor
{
    public function __construct(private DesignReader $reader, private DesignWriter $writer, private Plans $plans, private History $history)
    {
    }

    /**
     * A design file, or a FOLD crease pattern as a free base.
     *
     * @throws InvalidDesign
     */
    public function import(string $json): Project
    {
        $fold = new FoldReader;

        return $fold->looksLike($json) ? $this->create($fold->read($json)) : $this->put($this->reader->fromJson($json));
    }

    /**
     * @param array<string, mixed> $design as a file would give it, without format and version
     *
     * @throws InvalidDesign
     */
    public function create(array $design): Project
    {
        // A whole list of things is how version 1 said it.
        return $this->put($this->reader->fromArray(['format' => DesignReader::FORMAT, 'version' => DesignReader::VERSION, ...$design]));
    }

    /**
     * So many books of this one, made together: a project of its own that belongs to it, with the design as it is now.
     *
     * @param int $copies 2 or more
     */
    public function batch(Project $project, string $name, int $copies): Project
    {
        $design = $this->plans->design($project)->with(name: $name);

        $batch = $this->put($design);
        $batch->update(['copies' => $copies, 'batch_of' => $project->batch_of ?? $project->id]);

        return $batch;
    }

    /**
     * @param array<string, mixed> $changes by place, see {@see \Ephemeron\Format\DesignPatch}
     * @param int $from the revision the change started from
     * @param bool $confirmed whether the maker has been asked about pieces that are cut
     * @return string what changed, in words; empty if nothing did
     *
     * @throws InvalidDesign|StaleRevision|PiecesAreCut
     */
    public function change(Project $project, array $changes, int $from, bool $confirmed = false): string
    {
        $before = $this->plans->design($project);
        $after = $this->reader->changed($before, $changes);
        $change = (new ChangeInWords($this->writer))->between($before, $after);
        if ($change === '') {
            return '';
        }
        if (! $confirmed && $project->cutWorks->isNotEmpty()) {
            $this->ask($project, $changes, $after);
        }
        DB::transaction(function () use ($project, $after, $change, $from): void {
            $was = $project->version;
            $project->change($this->writer->toArray($after), $change, $from);
            $this->history->remember($project, DesignSlice::KIND, $change, ['version' => $was], ['version' => $project->version]);
        });

        return $change;
    }

    /**
     * @param array<string, mixed> $changes
     *
     * @throws PiecesAreCut
     */
    private function ask(Project $project, array $changes, Design $after): void
    {
        $troubles = (new CutPiecesInWords($this->plans->with($project, $after)))->troubles();
        if (array_diff($troubles, (new CutPiecesInWords($this->plans->plan($project)))->troubles()) !== []) {
            throw new PiecesAreCut($project, $changes, $troubles);
        }
    }

    private function put(Design $design): Project
    {
        return Project::put($this->writer->toArray($design));
    }
}
