<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\Workings;

/** The printed maker's strip is cut off before anything is measured. */
final readonly class SelvageComesOff implements Check
{
    public function examine(Workings $workings): iterable
    {
        foreach ($workings->stocks as $stock) {
            if (! $stock->stock->selvage->isPositive() || $stock->cuts->sheets() === 0) {
                continue;
            }
            yield new Finding(Severity::Note, 'selvage-first', sprintf(
                '%s has a selvage strip of %s along its foot: the first cut on %s takes it off.',
                $stock->stock->name,
                $workings->notation()->text($stock->stock->selvage),
                $stock->cuts->sheets() === 1 ? 'its sheet' : "each of its {$stock->cuts->sheets()} sheets",
            ));
        }
    }
}
