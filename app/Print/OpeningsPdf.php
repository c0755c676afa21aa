<?php

declare(strict_types=1);

namespace App\Print;

use App\Drawing\FacePlaces;
use App\Drawing\OpeningPainter;
use App\Drawing\Prints;
use App\Drawing\SpreadDrawing;
use Ephemeron\Blueprint\Face;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\WorkPlan;

/** Every opening with the prints that will be there: the book before it exists. */
final readonly class OpeningsPdf
{
    private const TALLEST = 92.0;

    /** Pixels to a millimetre: what is kept of a picture is not finer. */
    private const FINE = 4.0;

    /** Pixels to a millimetre of the page: about 150 to the inch. */
    private const ON_PAPER = 6.0;

    public function __construct(private PrintPaper $paper)
    {
    }

    public function render(WorkPlan $plan): string
    {
        $pages = new PdfPages($this->paper, "{$plan->design->name}, opening by opening");
        $pages->addPage();
        $pages->heading($plan->design->name, 15);
        $painter = new OpeningPainter($plan, Prints::of($plan), self::FINE);
        foreach ((new SpreadDrawing($plan->layout))->openings() as $opening) {
            $places = FacePlaces::pages($opening);
            $width = max(array_map(static fn (Rectangle $place): float => $place->right()->inMillimetres(), $places) ?: [1.0]);
            $height = max(array_map(static fn (Rectangle $place): float => $place->bottom()->inMillimetres(), $places) ?: [1.0]);
            $scale = min(1.0, $pages->width() / $width, self::TALLEST / $height);
            $pages->need($height * $scale + 9);
            $y = $pages->pdf->GetY();
            $picture = $painter->jpeg($opening, min(self::FINE, self::ON_PAPER * $scale));
            $pages->pdf->Image('@'.$picture, PdfPages::MARGIN, $y, $width * $scale, $height * $scale, 'JPEG');
            $pages->pdf->setY($y + $height * $scale + 1);
            $pages->paragraph(ucfirst(implode(' and ', array_map(static fn (Face $face): string => lcfirst($face->name), $opening))), 8.5);
            $pages->pdf->setY($pages->pdf->GetY() + 3);
        }

        return $pages->bytes();
    }
}
