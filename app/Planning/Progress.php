<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Project;
use App\Models\Tick;
use Ephemeron\Bench\Step;
use Ephemeron\Blueprint\Phase;
use Ephemeron\WorkPlan;

/** How far a project has come: which steps and places are ticked. */
final readonly class Progress
{
    /** @var array<string, true> */
    private array $ticked;

    public function __construct(Project $project, private WorkPlan $plan)
    {
        $this->ticked = array_fill_keys($project->ticks->map(static fn (Tick $tick): string => $tick->key)->all(), true);
    }

    public function isDone(Step $step): bool
    {
        return isset($this->ticked[$step->key]);
    }

    public function isTicked(string $step): bool
    {
        return isset($this->ticked[$step]);
    }

    public function isPlaceDone(Step $step, int $place): bool
    {
        return $this->isDone($step) || isset($this->ticked["{$step->key}#{$place}"]);
    }

    public function done(): int
    {
        return count(array_filter($this->plan->steps, $this->isDone(...)));
    }

    public function total(): int
    {
        return count($this->plan->steps);
    }

    public function share(): float
    {
        return $this->total() === 0 ? 0.0 : $this->done() / $this->total();
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
            $this->done() === 0 => 'New moon: planned, nothing cut yet',
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
        $done = count(array_filter($steps, $this->isDone(...)));

        return match (true) {
            $steps === [] => 'nothing to do',
            $done === count($steps) => 'done',
            $done > 0 => "{$done} of ".count($steps),
            $needsALook => 'needs a look',
            default => 'ready',
        };
    }
}
