<?php

declare(strict_types=1);

namespace Ephemeron\Assembly;

use Ephemeron\Blueprint\Act\Act;
use Ephemeron\Blueprint\Act\Fasten;
use Ephemeron\Blueprint\Act\Fold;
use Ephemeron\Blueprint\Act\Shape;
use Ephemeron\Blueprint\Act\Slip;
use Ephemeron\Blueprint\Blueprint;
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
            ...($part->creases === [] || ! $part->isScored ? [] : ['score' => [Phase::Score, $shape('score')]]),
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

    /** @param array<string, Job> $jobs */
    private function afterWhatHolds(JobGraph $graph, array $jobs): void
    {
        $holds = new Holds;
        foreach ($jobs as $job) {
            foreach ($job->acts as $index => $act) {
                $holds->add($job->key, $index, $act);
            }
        }
        foreach ($jobs as $job) {
            foreach ($job->acts as $index => $act) {
                foreach ($holds->before($act) as [$before, $first]) {
                    $graph->needsAct($job->key, $index, $before, $first);
                }
                foreach ($holds->glueDown($act) as [$later, $last]) {
                    $graph->needsAct($later, $last, $job->key, $index);
                }
            }
        }
    }

    /**
     * What covers a place comes after all that is done there.
     *
     * @param array<string, Job> $jobs
     */
    private function afterWhatIsCovered(JobGraph $graph, array $jobs): void
    {
        $mouths = new Mouths($this->blueprint);
        $covers = [];
        $needs = [];
        foreach ($jobs as $job) {
            foreach ($job->acts as $index => $act) {
                foreach ($act->covers() as $reach) {
                    $named = $this->surfaces->named($reach);
                    $covers[$named->surface][] = [$job->key, $index, $named];
                }
                foreach ($act instanceof Slip ? $mouths->of($act) : $act->needs() as $reach) {
                    $named = $this->surfaces->named($reach);
                    $needs[$named->surface][] = [$job->key, $index, $named];
                }
            }
        }
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
