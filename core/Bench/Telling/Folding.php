<?php

declare(strict_types=1);

namespace Ephemeron\Bench\Telling;

use Ephemeron\Assembly\Job;
use Ephemeron\Bench\Desk;
use Ephemeron\Bench\Picture;
use Ephemeron\Bench\Step;
use Ephemeron\Blueprint\Crease;
use Ephemeron\Blueprint\Fold;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Measure\Axis;

/** A piece is folded along its scores. */
final readonly class Folding implements Telling
{
    public function __construct(private Desk $desk)
    {
    }

    public function tells(Job $job): bool
    {
        return $job->part !== null && $job->key === "fold-{$job->part}";
    }

    public function tell(Job $job): Step
    {
        return $this->of($this->desk->workings->blueprint->part((string) $job->part));
    }

    private function of(Part $part): Step
    {
        return new Step(
            "fold-{$part->key}",
            Phase::Fold,
            "Fold and burnish {$this->desk->named($part)}",
            'Bring the edges level above and below before you press, then burnish.',
            $part->section,
            lines: $this->ways($part),
            parts: [$part->key],
            picture: Picture::part($part->key),
        );
    }

    /** @return list<string> which way each score is folded, as the piece lies letter down */
    private function ways(Part $part): array
    {
        $folds = array_values(array_unique(array_map(static fn (Crease $crease): string => $crease->fold->value, $part->creases)));
        if (count($folds) === 1) {
            $count = count($part->creases);

            return [
                sprintf(
                    'Letter side down: %s %s.',
                    $count === 1 ? 'fold the score' : ($count === 2 ? 'fold both scores' : "fold all {$count} scores"),
                    $this->way($part->creases[0]->fold),
                ),
            ];
        }
        $lines = [];
        foreach ($part->creases as $crease) {
            $lines[] = match ($crease->along()) {
                null => "Letter side down: the slanted score {$this->way($crease->fold)}.",
                Axis::Width => "Letter side down: the score {$this->desk->notation->text($crease->at())} from the left "
                    ."{$this->way($crease->fold)}.",
                Axis::Height => "Letter side down: the score {$this->desk->notation->text($crease->at())} from the top "
                    ."{$this->way($crease->fold)}.",
            };
        }

        return array_values(array_unique($lines));
    }

    private function way(Fold $fold): string
    {
        return match ($fold) {
            Fold::Valley => 'up, towards you (a valley)',
            Fold::Mountain => 'down, away from you (a mountain)',
            Fold::Either => 'both ways, once each',
        };
    }
}
