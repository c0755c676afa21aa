<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Blueprint\Part;
use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\Workings;

/** Heavy card, and paper whose core is white, crack on the fold. */
final readonly class FoldsMayCrack implements Check
{
    public function examine(Workings $workings): iterable
    {
        $folded = array_filter($workings->blueprint->parts, static fn (Part $part): bool => $part->creases !== []);
        $papers = [];
        foreach ($folded as $part) {
            $papers[$part->paper()] = $workings->stockOf($part);
        }
        yield from $this->acrossTheGrain($workings, $folded);
        foreach ($papers as $stock) {
            $heavy = $stock->grammage->isHeavyCard();
            if (! $heavy && $stock->doubleSided) {
                continue;
            }
            yield new Finding(
                Severity::Note,
                'folds-may-crack',
                sprintf(
                    '%s %s. Score it on both sides, fold along the grain where you can, and ink the folds.',
                    $stock->name,
                    $heavy
                        ? "is {$stock->grammage->text()}: folds across the grain may crack"
                        : 'has a plain core that shows where a fold cracks',
                ),
            );
        }
    }

    /**
     * A print that must stand upright, or a sheet that is too short, decides against the grain.
     *
     * @param array<string, Part> $folded
     * @return iterable<Finding>
     */
    private function acrossTheGrain(Workings $workings, array $folded): iterable
    {
        foreach ($folded as $part) {
            $stock = $workings->stockOf($part);
            $grain = $stock->grain->axis();
            $folds = $part->foldsAlong();
            if ($grain === null || $folds === null) {
                continue;
            }
            $directional = $part->upright && $stock->isDirectional($part->shows);
            $along = ($grain === $folds ? $part->size : $part->size->turned())->fitsIn($stock->sheet);
            if (($directional && $grain !== $folds) || (! $directional && ! $along)) {
                yield new Finding(
                    Severity::Note,
                    'folds-across-the-grain',
                    sprintf(
                        '%s: %s, so its folds run across the grain of %s. Score them on both sides and fold slowly.',
                        $part->letter,
                        $directional ? 'its print must stand upright' : 'it is too long for the sheet the other way',
                        $stock->name,
                    ),
                    $part->key,
                );
            }
        }
    }
}
