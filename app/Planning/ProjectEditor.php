<?php

declare(strict_types=1);

namespace App\Planning;

use App\History\DesignSlice;
use App\History\History;
use App\Models\Project;
use App\Models\StaleRevision;
use Ephemeron\Bench\Step;
use Ephemeron\Ceiling;
use Ephemeron\Design\Design;
use Ephemeron\Design\Tools;
use Ephemeron\Format\DesignReader;
use Ephemeron\Format\DesignWriter;
use Ephemeron\Format\FoldReader;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Format\LinesReader;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Unit;
use Ephemeron\WorkPlan;
use Ephemeron\Workshop;
use Illuminate\Support\Facades\DB;

/** Puts books on the shelf and takes changes to them through the one gate. */
final readonly class ProjectEditor
{
    public function __construct(
        private DesignReader $reader,
        private DesignWriter $writer,
        private Plans $plans,
        private History $history,
        private OwnAllowance $allowance,
        private Workshop $workshop,
        private Turns $turns,
        private OwnStructures $own,
        private Blueprints $blueprints,
    ) {
    }

    /**
     * A design file, a pattern page with one in it, or a FOLD, SVG or DXF crease pattern as a free base.
     *
     * @throws InvalidDesign
     */
    public function import(string $json): Project
    {
        // A pattern page holds its design.
        $isPage = preg_match('~<script type="application/json" id="ephemeron-design">(.*?)</script>~s', $json, $held) === 1;
        $json = $isPage ? str_replace('<\/', '</', $held[1]) : $json;
        foreach ([new FoldReader, new LinesReader] as $reader) {
            if ($reader->looksLike($json)) {
                return $this->create($reader->read($json));
            }
        }

        return $this->put(AsBroughtIn::of($this->read($json)));
    }

    /** @throws InvalidDesign */
    private function read(string $json): Design
    {
        $file = json_decode($json, true);
        if (is_array($file) && isset($file[OwnStructures::FIELD])) {
            return $this->reader->fromArray($this->own->taken($file));
        }

        return $this->reader->fromJson($json);
    }

    /**
     * @param array<string, mixed> $design as a file would give it, without format and version
     *
     * @throws InvalidDesign
     */
    public function create(array $design): Project
    {
        // A whole list of things is how version 1 said it.
        $own = $this->allowance->play();

        return $this->put($this->reader->fromArray([
            'format' => DesignReader::FORMAT,
            'version' => DesignReader::VERSION,
            ...($own === null ? [] : [Tools::PLAY => Notation::usual(Unit::Inch)->exact($own)]),
            ...$design,
        ]));
    }

    /**
     * So many books of this one, made together: a project of its own that belongs to it, with the design as it is now.
     *
     * @param string|null $name null: after the book it belongs to
     * @param int $copies 1 or more
     */
    public function batch(Project $project, ?string $name, int $copies): Project
    {
        $name ??= mb_substr($project->name, 0, 108).($copies === 1 ? ', another' : " × {$copies}");
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
        $stored = $this->writer->toArray($after);
        $blueprint = $this->workshop->blueprint($after);
        Ceiling::check($blueprint);
        $this->blueprints->keep($blueprint, $stored);
        $undone = $project->ticked() === [] ? [] : $this->consequences($project, $changes, $after, $confirmed);
        DB::transaction(function () use ($project, $stored, $change, $from, $undone): void {
            $was = ['version' => $project->version, ...($undone === [] ? [] : ['steps' => $undone, 'ticked' => $undone])];
            $project->change($stored, $change, $from);
            $is = ['version' => $project->version, ...($undone === [] ? [] : ['steps' => $undone, 'ticked' => []])];
            Shaping::put($project, $is);
            $this->history->remember($project, DesignSlice::KIND, $change, $was, $is);
        });

        return $change;
    }

    /**
     * What is done already and would not be right any more.
     *
     * @param array<string, mixed> $changes
     * @return list<string> ticked steps that are to be done again
     *
     * @throws PiecesAreCut where the maker has not been asked yet
     */
    private function consequences(Project $project, array $changes, Design $after, bool $confirmed): array
    {
        [$is, $was] = $this->turns->before(fn (): array => [$this->plans->with($project, $after), $this->plans->plan($project)]);
        $undone = Shaping::undoneBy($project, $was, $is);
        $cut = $this->plans->atTheTrimmer($project, $this->plans->design($project));
        $troubles = (new CutPiecesInWords($this->plans->atTheTrimmer($project, $after)))->troubles();
        $new = array_diff($troubles, (new CutPiecesInWords($cut))->troubles());
        if (! $confirmed && ($new !== [] || $undone !== [])) {
            throw new PiecesAreCut($project, $changes, [...$troubles, ...$this->again($was, $undone)]);
        }

        return $undone;
    }

    /**
     * @param list<string> $undone
     * @return list<string>
     */
    private function again(WorkPlan $plan, array $undone): array
    {
        $titles = array_map(
            static fn (Step $step): string => lcfirst($step->title),
            array_filter($plan->steps, static fn (Step $step): bool => in_array($step->key, $undone, true)),
        );

        return $titles === [] ? [] : ['To be done again, because the lines lie elsewhere: '.implode('; ', $titles).'.'];
    }

    /** @throws InvalidDesign where it asks for more than anybody makes */
    public function put(Design $design): Project
    {
        Ceiling::check($this->workshop->blueprint($design));
        $stored = $this->writer->toArray($design);
        // What is written is longer than what was said: it must be within the limits too.
        $this->reader->fromArray($stored);

        return Project::put($stored);
    }
}
