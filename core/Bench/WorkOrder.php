<?php

declare(strict_types=1);

namespace Ephemeron\Bench;

use Ephemeron\Assembly\Job;
use Ephemeron\Bench\Telling\CuttingAway;
use Ephemeron\Bench\Telling\Folding;
use Ephemeron\Bench\Telling\Joining;
use Ephemeron\Bench\Telling\Notching;
use Ephemeron\Bench\Telling\Scoring;
use Ephemeron\Bench\Telling\Slitting;
use Ephemeron\Bench\Telling\Telling;
use Ephemeron\Bench\Telling\Trimming;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Fit\Workings;

/** The whole work in steps: what is practised, cut, sorted, and then the jobs in the order in which they come together. */
final readonly class WorkOrder
{
    private Desk $desk;

    public function __construct(private Workings $workings)
    {
        $this->desk = new Desk($workings);
    }

    /** @return list<Step> */
    public function steps(): array
    {
        $jobs = $this->workings->jobs;
        $isBefore = static fn (Job $job): bool => $job->phase->value < Phase::Cut->value;
        $steps = [
            ...$this->told(array_filter($jobs, $isBefore)),
            ...(new Cuts($this->desk))->steps(),
            ...(new Sections($this->desk))->steps(),
            ...$this->told(array_filter($jobs, static fn (Job $job): bool => ! $isBefore($job))),
        ];
        $steps = (new FoldedTogether($this->desk))->of($steps);

        return array_map(static fn (Step $step, int $index): Step => $step->numbered($index + 1), $steps, array_keys($steps));
    }

    /**
     * @param array<int, Job> $jobs
     * @return list<Step>
     */
    private function told(array $jobs): array
    {
        $tellings = $this->tellings();

        return array_map(static function (Job $job) use ($tellings): Step {
            foreach ($tellings as $telling) {
                if ($telling->tells($job)) {
                    return $telling->tell($job)->of($job);
                }
            }

            throw new \LogicException("Nobody knows how to tell “{$job->key}”.");
        }, array_values($jobs));
    }

    /** @return list<Telling> */
    private function tellings(): array
    {
        return [
            new Joining($this->desk),
            new Scoring($this->desk),
            new Slitting($this->desk),
            new CuttingAway($this->desk),
            new Folding($this->desk),
            new Notching($this->desk),
            new Trimming($this->desk),
        ];
    }
}
