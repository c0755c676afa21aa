<?php

declare(strict_types=1);

namespace Ephemeron\Bench\Telling;

use Ephemeron\Assembly\Job;
use Ephemeron\Bench\Desk;
use Ephemeron\Bench\Picture;
use Ephemeron\Bench\Step;
use Ephemeron\Blueprint\Caution;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Measure\Axis;

/** Cuts that stop inside a piece. */
final readonly class Slitting implements Telling
{
    public function __construct(private Desk $desk)
    {
    }

    public function tells(Job $job): bool
    {
        return $job->part !== null && $job->key === "slit-{$job->part}";
    }

    public function tell(Job $job): Step
    {
        return $this->of($this->desk->workings->blueprint->part((string) $job->part));
    }

    private function of(Part $part): Step
    {
        $lines = [];
        foreach ($part->slits as $slit) {
            $along = $slit->line->along();
            $from = $along === Axis::Height ? $slit->line->from->x : $slit->line->from->y;
            $to = $along === Axis::Height ? $slit->line->to->x : $slit->line->to->y;
            $at = $along === Axis::Height ? $slit->line->from->y : $slit->line->from->x;
            $lines[] = sprintf(
                '%s from the %s: from %s to %s (%s long).',
                $this->desk->notation->text($at),
                $along === Axis::Height ? 'top' : 'left',
                $this->desk->notation->number($from),
                $this->desk->notation->text($to),
                $this->desk->notation->text($slit->line->length()),
            );
        }

        return new Step(
            "slit-{$part->key}",
            Phase::Slit,
            "Slit {$this->desk->named($part)}",
            'Letter side down, along the scores, from one edge and not through: stop exactly at the crossing score.',
            $part->section,
            lines: $lines,
            caution: Caution::Knife,
            parts: [$part->key],
            picture: Picture::part($part->key),
        );
    }
}
