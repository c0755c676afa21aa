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
use Ephemeron\Measure\Length;

/** A piece is folded along its scores. */
final readonly class Folding implements Telling
{
    public const LIGHT = 'Light paper wants no score: edges level, and the bone folder from the middle outwards.';

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
            $part->isScored ? "Fold and burnish {$this->desk->named($part)}" : "Fold {$this->desk->named($part)}",
            $part->isScored ? 'Bring the edges level above and below before you press, then burnish.'
                : self::LIGHT,
            $part->section,
            lines: $part->isScored ? $this->ways($part) : $this->byHand($part),
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

    /** @return list<string> what is turned over at an edge first, the middle last */
    private function byHand(Part $part): array
    {
        $lines = [];
        $size = $part->size;
        foreach ($part->creases as $crease) {
            [$at, $all] = $crease->along() === Axis::Height ? [$crease->at(), $size->height] : [$crease->at(), $size->width];
            $from = $crease->along() === Axis::Height ? ['head', 'foot'] : ['left edge', 'right edge'];
            $less = Length::shortest($at, $all->minus($at));
            $isMiddle = Length::ofTicks(abs($at->ticks - $all->minus($at)->ticks))->isLessThan(Length::millimetres(1));
            $lines[] = [$isMiddle ? $all->ticks : $less->ticks, $isMiddle
                ? "Letter side down: in the middle, {$this->way($crease->fold)}."
                : sprintf(
                    'Letter side down: %s from the %s, %s.',
                    $this->desk->notation->text($less),
                    $less->equals($at) ? $from[0] : $from[1],
                    $this->way($crease->fold),
                )];
        }
        usort($lines, static fn (array $one, array $other): int => $one[0] <=> $other[0]);

        return array_values(array_unique(array_column($lines, 1)));
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
