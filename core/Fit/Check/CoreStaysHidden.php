<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Blueprint\Face;
use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\Workings;

/** Single-sided paper that shows its plain back on a face. */
final readonly class CoreStaysHidden implements Check
{
    public function examine(Workings $workings): iterable
    {
        $bare = array_filter($workings->blueprint->pages(), function (Face $face) use ($workings): bool {
            $stock = $workings->stockOf($workings->blueprint->part($face->paper->part));

            return $stock->showsCore($face->paper->side) && $workings->blueprint->on($face->key) === [];
        });
        if ($bare === []) {
            return;
        }
        $first = $bare[array_key_first($bare)];
        $stock = $workings->stockOf($workings->blueprint->part($first->paper->part));
        yield new Finding(
            Severity::Watch,
            'core-shows',
            sprintf(
                '%s is printed on one side only; its plain back shows on %s. Mat %s, or take double-sided paper.',
                $stock->name,
                count($bare) === 1 ? lcfirst($first->name) : count($bare).' faces, the first being '.lcfirst($first->name),
                count($bare) === 1 ? 'it' : 'them',
            ),
            face: $first->key,
        );
    }
}
