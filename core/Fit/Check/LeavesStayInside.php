<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Blueprint\Proud;
use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Mend;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\Workings;
use Ephemeron\Structure\Gathered;

/** What is sewn in as it is may be larger than the template: nothing may show beyond the cover. */
final readonly class LeavesStayInside implements Check
{
    public function examine(Workings $workings): iterable
    {
        yield from $this->tabs($workings);
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

    /**
     * Sheets inside stand out, and their tabs with them.
     *
     * @return iterable<Finding>
     */
    private function tabs(Workings $workings): iterable
    {
        $notation = $workings->notation();
        foreach ($workings->blueprint->all(Gathered::class) as $gathered) {
            foreach ($workings->blueprint->all(Proud::class) as $proud) {
                $face = $workings->blueprint->face($proud->face);
                $room = $gathered->tabRoom[$proud->face] ?? null;
                if ($room === null || $face->hinge?->opposite() !== $proud->edge || $room->isAtLeast($proud->out)) {
                    continue;
                }
                $left = $notation->grid->down($room);
                yield new Finding(
                    Severity::Watch,
                    'tab-stands-out',
                    sprintf(
                        '%s: the tab stands out %s; on this leaf %s is left to the edge of the cover, because sheets inside stand out.',
                        $face->name,
                        $notation->text($proud->out),
                        $notation->text($left),
                    ),
                    face: $proud->face,
                    mend: $left->isPositive() ? new Mend(
                        "Let it stand out {$notation->text($left)}",
                        [$proud->place => $notation->exact($left)],
                    ) : null,
                );
            }
        }
    }
}
