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
    /** Above this card cracks readily across the grain; common practice, no published source. */
    private const HEAVY = 240.0;

    public function examine(Workings $workings): iterable
    {
        $folded = array_filter($workings->blueprint->parts, static fn (Part $part): bool => $part->creases !== []);
        $roles = array_unique(array_map(static fn (Part $part): string => $part->role->value, $folded));
        foreach ($roles as $role) {
            $stock = $workings->design->materials[$role];
            $heavy = $stock->grammage->inGrams() > self::HEAVY;
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
}
