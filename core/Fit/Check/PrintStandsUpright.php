<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\Workings;

/** A directional print that stands on its head once the sheet is folded. */
final readonly class PrintStandsUpright implements Check
{
    public function examine(Workings $workings): iterable
    {
        $turned = array_filter($workings->blueprint->faces, function (Face $face) use ($workings): bool {
            $stock = $workings->stockOf($workings->blueprint->part($face->paper->part));

            return $face->isFallen() && $stock->isDirectional($face->paper->side) && ! $this->isMatted($workings, $face);
        });
        if ($turned === []) {
            return;
        }
        $first = $turned[array_key_first($turned)];
        $stock = $workings->stockOf($workings->blueprint->part($first->paper->part));
        yield new Finding(
            Severity::Watch,
            'print-upside-down',
            sprintf(
                '%s has a right way up, and the folding turns it: it does not stand upright on %d of %d faces (%s). Take a paper without '
                    .'direction, or mat those faces.',
                $stock->name,
                count($turned),
                count($workings->blueprint->faces),
                self::listed(array_values(array_map(static fn (Face $face): string => lcfirst(explode(',', $face->name)[0]), $turned))),
            ),
            face: $first->key,
        );
    }

    private function isMatted(Workings $workings, Face $face): bool
    {
        return array_filter(
            $workings->blueprint->on($face->key),
            static fn (Joint $joint): bool => $joint->layer === Layer::Mat || $joint->layer === Layer::Cover,
        ) !== [];
    }

    /** @param list<string> $names */
    private static function listed(array $names): string
    {
        return count($names) > 8 ? implode(', ', array_slice($names, 0, 8)).' …' : implode(', ', $names);
    }
}
