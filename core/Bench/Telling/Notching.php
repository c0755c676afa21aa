<?php

declare(strict_types=1);

namespace Ephemeron\Bench\Telling;

use Ephemeron\Assembly\Job;
use Ephemeron\Bench\Desk;
use Ephemeron\Bench\Picture;
use Ephemeron\Bench\Step;
use Ephemeron\Blueprint\Notch;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;

/** Thumb notches, while the piece is single. */
final readonly class Notching implements Telling
{
    public function __construct(private Desk $desk)
    {
    }

    public function tells(Job $job): bool
    {
        return $job->part !== null && $job->key === "notch-{$job->part}";
    }

    public function tell(Job $job): Step
    {
        return $this->of($this->desk->workings->blueprint->part((string) $job->part));
    }

    private function of(Part $part): Step
    {
        $count = count($part->notches) * $this->desk->count($part);

        return new Step(
            "notch-{$part->key}",
            Phase::Notch,
            'Punch the '.($count === 1 ? 'notch' : 'notches')." of {$this->desk->named($part)}",
            sprintf(
                '%s of %s: half the circle at %s, through one layer only. Now, before anything is glued: afterwards the punch goes '
                    .'through both layers. Ink the edges now too, if you ink.',
                $count === 1 ? 'One thumb notch' : "{$count} thumb notches",
                $this->desk->notation->text($part->notches[0]->diameter),
                count($part->notches) === 1 ? $this->where($part, $part->notches[0]) : 'the middle of these edges',
            ),
            $part->section,
            lines: count($part->notches) === 1 ? [] : [
                'Letter side down: '.implode('; ', array_map(fn (Notch $notch): string => $this->where($part, $notch), $part->notches)).'.',
            ],
            parts: [$part->key],
            picture: Picture::part($part->key),
        );
    }

    /** `the middle of its top edge, letter side down`. */
    private function where(Part $part, Notch $notch): string
    {
        foreach ($part->panels as $panel) {
            if ($panel->area->middleOf($notch->edge) == $notch->centre) {
                return "the {$notch->edge->value} edge of {$panel->name}";
            }
        }

        return "the middle of its {$notch->edge->value} edge, letter side down";
    }
}
