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

/** Areas that come out of a piece after scoring. */
final readonly class CuttingAway implements Telling
{
    public function __construct(private Desk $desk)
    {
    }

    public function tells(Job $job): bool
    {
        return $job->part !== null && $job->key === "cut-away-{$job->part}";
    }

    public function tell(Job $job): Step
    {
        return $this->of($this->desk->workings->blueprint->part((string) $job->part));
    }

    private function of(Part $part): Step
    {
        $lines = [];
        foreach ($part->cutAways as $area) {
            $bounds = $area->bounds();
            $lines[] = sprintf(
                '%s from the left, %s from the top: %s%s.',
                $this->desk->notation->text($bounds->left()),
                $this->desk->notation->text($bounds->top()),
                $this->desk->notation->size($bounds->size()),
                count($area->corners) === 4 ? '' : ', cut aslant',
            );
        }

        return new Step(
            "cut-away-{$part->key}",
            Phase::Slit,
            "Cut the areas out of {$this->desk->named($part)}",
            'Letter side down, with scissors or with knife and metal ruler'.($part->creases === [] ? ':' : ', along the scores:'),
            $part->section,
            lines: $lines,
            caution: Caution::Knife,
            parts: [$part->key],
            picture: Picture::part($part->key),
        );
    }
}
