<?php

declare(strict_types=1);

namespace App\Print;

use Ephemeron\WorkPlan;

/** The pattern on paper: what one needs, then the cut list with its sheets and steps. */
final readonly class PatternPdf
{
    public function __construct(private PrintPaper $paper)
    {
    }

    /** @param WorkPlan $plan of a design without anything private in it */
    public function render(WorkPlan $plan): string
    {
        return (new CutListPdf($this->paper))->render($plan, function (PdfPages $pages) use ($plan): void {
            $pages->heading('What you need', 13);
            foreach ($plan->stocks as $stock) {
                $pages->paragraph(sprintf(
                    '%s of %s, %s, %s',
                    $stock->cuts->sheets() === 1 ? 'One sheet' : "{$stock->cuts->sheets()} sheets",
                    $stock->stock->name,
                    $plan->notation()->size($stock->stock->sheet),
                    $stock->stock->grammage->text(),
                ), 9);
            }
            foreach ($plan->requisites() as $wanted) {
                $pages->paragraph(
                    $wanted->name.($wanted->length === null ? ($wanted->count > 1 ? " × {$wanted->count}" : '')
                        : ', '.$plan->notation()->text($wanted->length)),
                    9,
                );
            }
        });
    }
}
