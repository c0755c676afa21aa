<?php

declare(strict_types=1);

namespace Ephemeron\Bench\Telling;

use Ephemeron\Assembly\Job;
use Ephemeron\Bench\Desk;
use Ephemeron\Bench\Picture;
use Ephemeron\Bench\Step;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Scoring\ScoresByHand;
use Ephemeron\Scoring\ScoringAdvice;

/** A piece is scored on the board. */
final readonly class Scoring implements Telling
{
    public function __construct(private Desk $desk)
    {
    }

    public function tells(Job $job): bool
    {
        return $job->part !== null && $job->key === "score-{$job->part}";
    }

    public function tell(Job $job): Step
    {
        return $this->of($this->desk->workings->blueprint->part((string) $job->part));
    }

    private function of(Part $part): Step
    {
        $plan = $this->desk->workings->scores[$part->key] ?? null;
        if ($plan === null) {
            throw new \LogicException("Nothing is scored on {$part->key}.");
        }
        $off = array_filter($plan->lines(), static fn ($line): bool => ! $line->isOnGroove());
        $lines = array_map(fn ($line): string => sprintf(
            '%s is between grooves: %s past the groove at %s.',
            $this->desk->notation->exact($line->at),
            $this->desk->notation->exact($line->past()),
            $this->desk->notation->text($line->groove ?? $line->at),
        ), array_values($off));
        array_push(
            $lines,
            ...(new ScoresByHand($part, $this->desk->notation))->sentences(),
            ...(new ScoringAdvice($part, $this->desk->workings->stockOf($part)))->sentences(),
        );

        return new Step(
            "score-{$part->key}",
            Phase::Score,
            "Score {$this->desk->named($part)}",
            'Letter side down. '.$plan->sentence($this->desk->notation),
            $part->section,
            lines: $lines,
            parts: [$part->key],
            picture: Picture::part($part->key),
        );
    }
}
