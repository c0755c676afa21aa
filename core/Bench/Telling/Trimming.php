<?php

declare(strict_types=1);

namespace Ephemeron\Bench\Telling;

use Ephemeron\Assembly\Job;
use Ephemeron\Bench\Desk;
use Ephemeron\Bench\Picture;
use Ephemeron\Bench\Step;
use Ephemeron\Blueprint\Corner;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;

/** Corners that are rounded, clipped or scalloped. */
final readonly class Trimming implements Telling
{
    public function __construct(private Desk $desk)
    {
    }

    public function tells(Job $job): bool
    {
        return $job->part !== null && $job->key === "trim-{$job->part}";
    }

    public function tell(Job $job): Step
    {
        return $this->of($this->desk->workings->blueprint->part((string) $job->part));
    }

    private function of(Part $part): Step
    {
        $first = $part->corners[0];
        $where = count($part->corners) === 4
            ? 'all four'
            : implode(
                ' and ',
                array_map(static fn (Corner $corner): string => "{$corner->upper->value} {$corner->side->value}", $part->corners),
            );

        return new Step(
            "trim-{$part->key}",
            Phase::Notch,
            "{$first->trim->verb()} the corners of {$this->desk->named($part)}",
            sprintf(
                'Letter side down: %s, %s. Now, while the piece is single: afterwards the punch does not reach.',
                $where,
                $this->desk->notation->text($first->reach),
            ),
            $part->section,
            parts: [$part->key],
            picture: Picture::part($part->key),
        );
    }
}
