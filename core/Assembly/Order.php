<?php

declare(strict_types=1);

namespace Ephemeron\Assembly;

use Ephemeron\Blueprint\Act\Act;
use Ephemeron\Blueprint\Act\ActKind;
use Ephemeron\Blueprint\Act\Fasten;
use Ephemeron\Blueprint\Act\Fold;
use Ephemeron\Blueprint\Act\Glue;
use Ephemeron\Blueprint\Act\SetMagnet;
use Ephemeron\Blueprint\Act\Shape;
use Ephemeron\Blueprint\Act\Slip;
use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Task;
use Ephemeron\Design\CoverOrder;
use Ephemeron\Design\Decorating;
use Ephemeron\Design\Schools;

/**
 * The order in which hands put a book together. It follows from what covers what, what hangs on what, what must be there before; among what
 * could be done next, the phase of a task and its place among its kind say what a craftsman would take up first.
 */
final readonly class Order
{
    private Surfaces $surfaces;

    public function __construct(private Blueprint $blueprint, private Schools $schools = new Schools)
    {
        $this->surfaces = new Surfaces($blueprint);
    }

    /** @return list<Job> each with what it needs */
    public function jobs(): array
    {
        $jobs = [...$this->shaping(), ...$this->tasks()];
        $graph = new JobGraph;
        array_map($graph->add(...), $jobs);
        foreach ($jobs as $job) {
            $this->afterItsParts($graph, $job);
            foreach ($this->isCoverFirst($job) ? [] : $job->task->after ?? [] as $wanted) {
                $graph->wants($job->key, $wanted);
            }
        }
        $this->afterWhatHolds($graph, $jobs);
        $this->afterWhatIsCovered($graph, $jobs);

        return $graph->inOrder();
    }

    /** In the school of covers first, what lies under a cover's mat waits for nothing inside. */
    private function isCoverFirst(Job $job): bool
    {
        $onCover = static fn (Act $act): bool => $act instanceof Fasten && in_array($act->face, ['front-cover', 'back-cover'], true);

        return $this->schools->covers === CoverOrder::First && array_filter($job->acts, $onCover) !== [];
    }

    /** @return array<string, Job> what is done to each part before it is joined to another */
    private function shaping(): array
    {
        $folded = $this->foldedByTasks();
        $jobs = [];
        foreach ($this->blueprint->parts as $key => $part) {
            foreach ($this->shapes($part, isset($folded[$key])) as $what => [$phase, $acts]) {
                $jobs["{$what}-{$key}"] = new Job("{$what}-{$key}", $phase, $acts, part: (string) $key);
            }
        }

        return $jobs;
    }

    /** @return array<string, array{Phase, list<Act>}> by what it is, in the order of the hands */
    private function shapes(Part $part, bool $isFoldedByTask): array
    {
        $shape = static fn (string $what): array => [new Shape($part->key, $what)];

        return [
            ...($part->creases === [] ? [] : ['score' => [Phase::Score, $shape('score')]]),
            ...($part->slits === [] ? [] : ['slit' => [Phase::Slit, $shape('slit')]]),
            ...($part->cutAways === [] ? [] : ['cut-away' => [Phase::Slit, $shape('cut-away')]]),
            ...($part->creases === [] || $isFoldedByTask ? [] : ['fold' => [Phase::Fold, [new Fold($part->key)]]]),
            ...($part->notches === [] ? [] : ['notch' => [Phase::Notch, $shape('notch')]]),
            ...($part->corners === [] ? [] : ['trim' => [Phase::Notch, $shape('corners')]]),
        ];
    }

    /** @return array<string, true> keys of parts that a task of the book folds */
    private function foldedByTasks(): array
    {
        $folded = [];
        foreach ($this->blueprint->tasks as $task) {
            foreach ($task->phase === Phase::Fold ? $task->parts : [] as $part) {
                $folded[$part] = true;
            }
            foreach ($task->acts as $act) {
                if ($act instanceof Fold) {
                    $folded[$act->part] = true;
                }
            }
        }

        return $folded;
    }

    /** @return array<string, Job> */
    private function tasks(): array
    {
        return array_map(fn (Task $task): Job => new Job($task->key, $this->phaseOf($task), $task->acts, $task), $this->blueprint->tasks);
    }

    /** Binding moves before or behind the decorating as the maker likes; the rest stays where its structure put it. */
    private function phaseOf(Task $task): Phase
    {
        return match (true) {
            ! $task->binds => $task->phase,
            $this->schools->decorating === Decorating::First => Phase::Finish,
            $this->schools->decorating === Decorating::Last => Phase::Assemble,
            default => $task->phase,
        };
    }

    /** A part is scored, slit, folded, notched, and only then joined. */
    private function afterItsParts(JobGraph $graph, Job $job): void
    {
        $all = ['score', 'slit', 'cut-away', 'fold', 'notch', 'trim'];
        if ($job->part !== null) {
            foreach ($all as $what) {
                if ($job->key === "{$what}-{$job->part}") {
                    return;
                }
                $graph->needs($job->key, "{$what}-{$job->part}");
            }

            return;
        }
        $shapes = $job->phase === Phase::Fold ? array_slice($all, 0, 3) : $all;
        if ($job->phase->value > Phase::Notch->value) {
            $graph->needs($job->key, 'ink-edges');
        }
        foreach ($this->partsOf($job) as $part) {
            foreach ($shapes as $what) {
                $graph->needs($job->key, "{$what}-{$part}");
            }
        }
    }

    /** @return list<string> */
    private function partsOf(Job $job): array
    {
        $parts = array_fill_keys($job->task->parts ?? [], true);
        foreach ($job->acts as $act) {
            $parts += array_fill_keys($act->parts(), true);
        }

        return array_map(strval(...), array_keys($parts));
    }

    /**
     * What hangs on something must have been joined to it; a pouch is there before something slips into it; holes are there before
     * something is drawn through; what is built up on the table is built up before it is glued down.
     *
     * @param array<string, Job> $jobs
     */
    private function afterWhatHolds(JobGraph $graph, array $jobs): void
    {
        $places = new Holds;
        $this->eachAct($jobs, function (string $job, int $index, Act $act) use ($places): void {
            if ($act instanceof Glue && $act->joint->from->part !== $act->joint->onto->part) {
                $places->add("joined {$act->joint->from->part}", $job, $index);
            }
            if ($act instanceof Glue && $act->joint->pouch !== null) {
                $places->add("pouch {$act->joint->pouch}", $job, $index);
            }
            if ($act instanceof Glue && $this->isBuiltUp($act->joint)) {
                $places->add("down {$act->joint->from->part}", $job, $index);
            }
            if ($act->kind() === ActKind::Pierce) {
                array_map(static fn (string $part) => $places->add("pierced {$part}", $job, $index), $act->parts());
            }
            if ($act instanceof SetMagnet && $act->isFirst) {
                $places->add("magnet {$act->flap}", $job, $index);
            }
        });
        $this->eachAct($jobs, function (string $job, int $index, Act $act) use ($places, $graph): void {
            $wanted = array_map(static fn (string $part): string => "joined {$part}", $act->hanging());
            if ($act instanceof Slip) {
                array_push($wanted, "pouch {$act->into}", "joined {$act->into}");
            }
            if ($act->kind() === ActKind::Thread) {
                array_push($wanted, ...array_map(static fn (string $part): string => "pierced {$part}", $act->parts()));
            }
            if ($act instanceof SetMagnet && ! $act->isFirst) {
                $wanted[] = "magnet {$act->flap}";
            }
            foreach ($wanted as $name) {
                foreach ($places->of($name) as [$before, $first]) {
                    $graph->needsAct($job, $index, $before, $first);
                }
            }
            if ($act instanceof Glue && $this->isBuiltUp($act->joint)) {
                foreach ($places->of("down {$act->joint->onto->part}") as [$later, $last]) {
                    $graph->needsAct($later, $last, $job, $index);
                }
            }
        });
    }

    /**
     * @param array<string, Job> $jobs
     * @param \Closure(string, int, Act): void $do
     */
    private function eachAct(array $jobs, \Closure $do): void
    {
        foreach ($jobs as $job) {
            foreach ($job->acts as $index => $act) {
                $do($job->key, $index, $act);
            }
        }
    }

    /** Mats on mats, mats on pockets, pockets on pockets: done while the lower one lies flat on the table. */
    private function isBuiltUp(Joint $joint): bool
    {
        return $joint->from->part !== $joint->onto->part && in_array($joint->layer, [Layer::Mat, Layer::Pocket], true);
    }

    /**
     * What covers a place comes after all that is done there.
     *
     * @param array<string, Job> $jobs
     */
    private function afterWhatIsCovered(JobGraph $graph, array $jobs): void
    {
        $covers = [];
        $needs = [];
        $this->eachAct($jobs, function (string $job, int $index, Act $act) use (&$covers, &$needs): void {
            foreach ($act->covers() as $reach) {
                $named = $this->surfaces->named($reach);
                $covers[$named->surface][] = [$job, $index, $named];
            }
            foreach ($act->needs() as $reach) {
                $named = $this->surfaces->named($reach);
                $needs[$named->surface][] = [$job, $index, $named];
            }
        });
        foreach ($covers as $surface => $over) {
            foreach ($over as [$later, $last, $cover]) {
                foreach ($needs[$surface] ?? [] as [$before, $first, $need]) {
                    if ($need->isUnder($cover)) {
                        $graph->needsAct($later, $last, $before, $first);
                    }
                }
            }
        }
    }
}
