<?php

declare(strict_types=1);

namespace App\Print;

use App\Drawing\OpeningArea;
use App\Drawing\OpeningAreas;
use App\Drawing\Palette;
use App\Drawing\Prints;
use App\Drawing\SpreadDrawing;
use Ephemeron\Blueprint\Face;
use Ephemeron\WorkPlan;

/** Every opening with the prints that will be there: the book before it exists. */
final readonly class OpeningsPdf
{
    private const TALLEST = 92.0;

    public function __construct(private PrintPaper $paper)
    {
    }

    public function render(WorkPlan $plan): string
    {
        $pages = new PdfPages($this->paper, "{$plan->design->name}, opening by opening");
        $pages->addPage();
        $pages->heading($plan->design->name, 15);
        $onPage = new PrintsOnPage($pages->pdf);
        $prints = Prints::of($plan);
        foreach ((new SpreadDrawing($plan->layout))->openings() as $opening) {
            $seen = new OpeningAreas($plan->blueprint, $opening);
            [$width, $height] = [$seen->size->width->inMillimetres(), $seen->size->height->inMillimetres()];
            $scale = min(1.0, $pages->width() / $width, self::TALLEST / $height);
            $pages->need($height * $scale + 9);
            $y = $pages->pdf->GetY();
            foreach ($seen->areas as $area) {
                $this->area($pages, $onPage, $prints, $area, $y, $scale);
            }
            $pages->pdf->setY($y + $height * $scale + 1);
            $pages->paragraph(ucfirst(implode(' and ', array_map(static fn (Face $face): string => lcfirst($face->name), $opening))), 8.5);
            $pages->pdf->setY($pages->pdf->GetY() + 3);
        }

        return $pages->bytes();
    }

    /** Its print, or the colour of its paper, with an outline. */
    private function area(PdfPages $pages, PrintsOnPage $onPage, Prints $prints, OpeningArea $shown, float $top, float $scale): void
    {
        [$x, $y, $width, $height] = $shown->area->inMillimetres();
        $box = [PdfPages::MARGIN + $x * $scale, $top + $y * $scale, $width * $scale, $height * $scale];
        $seen = $prints->seen($shown->place);
        $isPrinted = $seen !== null && $onPage->draw($seen, ...$box);
        $ground = $isPrinted ? null : $prints->colour($shown->place) ?? (new Palette)->of($shown->role);
        $pages->area($box, $ground);
    }
}
