<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\Workings;
use Ephemeron\Structure\Gathered;

/** What is sewn in as it is may be larger than the template: nothing may show beyond the cover. */
final readonly class LeavesStayInside implements Check
{
    public function examine(Workings $workings): iterable
    {
        $notation = $workings->notation();
        foreach ($workings->blueprint->all(Gathered::class) as $gathered) {
            $said = [];
            foreach ($gathered->block->signatures as $signature) {
                foreach ($signature->sheets as $sheet) {
                    $paper = $sheet->meeting->paper;
                    if (! $sheet->meeting->standsOutOf($gathered->template) || isset($said[$paper->key])) {
                        continue;
                    }
                    $said[$paper->key] = true;
                    yield new Finding(
                        Severity::Watch,
                        'stands-out',
                        sprintf(
                            '%s is %s opened, the template %s: it shows beyond the cover.',
                            $paper->stock->name,
                            $notation->size($sheet->meeting->open),
                            $notation->size($gathered->template->open()),
                        ),
                    );
                }
            }
        }
    }
}
