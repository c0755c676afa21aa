<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Project;
use Ephemeron\Bench\Step;
use Ephemeron\Blueprint\Phase;
use Ephemeron\WorkPlan;

/** How far a project has come: which steps and places are ticked. Of a batch what is assembled is ticked copy by copy. */
final readonly class Progress
{
    /** @var array<string, true> */
    private array $ticked;

    private int $copies;

    public function __construct(Project $project, private WorkPlan $plan)
    {
        $this->ticked = array_fill_keys($project->ticked(), true);
        $this->copies = $project->copies;
    }

    /** @param int|null $copy null: of all copies */
    public function isDone(Step $step, ?int $copy = null): bool
    {
        foreach ($this->keys($step, $copy) as $key) {
            if (! isset($this->ticked[$key]) && ! $this->isWhole($step, $key)) {
                return false;
            }
        }

        return true;
    }

    public function isTicked(string $step): bool
    {
        return isset($this->ticked[$step]);
    }

    public function isPlaceDone(Step $step, int $place, ?int $copy = null): bool
    {
        foreach ($this->keys($step, $copy) as $key) {
            if (! isset($this->ticked[$key]) && ! isset($this->ticked["{$key}#{$place}"])) {
                return false;
            }
        }

        return true;
    }

    /** Copies of which the step is done. */
    public function copiesDone(Step $step): int
    {
        return count(array_filter(range(1, $this->copies), fn (int $copy): bool => $this->isDone($step, $copy)));
    }

    /** The first copy of which the step is still to do. */
    public function nextCopy(Step $step): int
    {
        foreach (range(1, $this->copies) as $copy) {
            if (! $this->isDone($step, $copy)) {
                return $copy;
            }
        }

        return 1;
    }

    public function done(): int
    {
        return count(array_filter($this->plan->steps, fn (Step $step): bool => $this->isDone($step)));
    }

    public function total(): int
    {
        return count($this->plan->steps);
    }

    public function share(): float
    {
        if ($this->total() === 0) {
            return 0.0;
        }
        $copies = array_sum(
            array_map(
                fn (Step $step): float => $this->isForEachCopy($step) ? $this->copiesDone($step) / $this->copies
                    : (float) $this->isDone($step),
                $this->plan->steps,
            ),
        );

        return $copies / $this->total();
    }

    /** The first step that is still to do, or the last one. */
    public function next(): Step
    {
        foreach ($this->plan->steps as $step) {
            if (! $this->isDone($step)) {
                return $step;
            }
        }

        return $this->plan->steps[count($this->plan->steps) - 1];
    }

    /** In words, with what the moon shows. */
    public function words(): string
    {
        return match (true) {
            $this->share() === 0.0 => 'New moon: planned, nothing cut yet',
            $this->done() === $this->total() => 'Full moon: finished',
            default => sprintf('%s moon: %d of %d steps', $this->share() < 0.5 ? 'Waxing' : 'Gibbous', $this->done(), $this->total()),
        };
    }

    /** @return list<Step> */
    public function stepsOf(Phase ...$phases): array
    {
        return array_values(array_filter($this->plan->steps, static fn (Step $step): bool => in_array($step->phase, $phases, true)));
    }

    /** What a stage of the strip says about itself: needs a look, ready, how far, done. */
    public function stateOf(bool $needsALook, Phase ...$phases): string
    {
        $steps = $phases === [] ? $this->plan->steps : $this->stepsOf(...$phases);
        $done = count(array_filter($steps, fn (Step $step): bool => $this->isDone($step)));

        return match (true) {
            $steps === [] => 'nothing to do',
            $done === count($steps) => 'done',
            $done > 0 => "{$done} of ".count($steps),
            $needsALook => 'needs a look',
            default => 'ready',
        };
    }

    public function isForEachCopy(Step $step): bool
    {
        return $this->copies > 1 && $step->phase->isForEachCopy();
    }

    /** @return list<string> under which it is ticked */
    private function keys(Step $step, ?int $copy): array
    {
        return match (true) {
            ! $this->isForEachCopy($step) => [$step->key],
            $copy !== null => ["{$step->key}@{$copy}"],
            default => array_map(static fn (int $each): string => "{$step->key}@{$each}", range(1, $this->copies)),
        };
    }

    /** A sheet that a change has closed after some of its cuts is done when those are. */
    private function isWhole(Step $step, string $key): bool
    {
        foreach (array_keys($step->places) as $place) {
            if (! isset($this->ticked["{$key}#{$place}"])) {
                return false;
            }
        }

        return $step->places !== [];
    }
}
