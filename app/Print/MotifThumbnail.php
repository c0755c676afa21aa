<?php

declare(strict_types=1);

namespace App\Print;

use App\Drawing\Prints;
use Ephemeron\Blueprint\Part;
use Ephemeron\WorkPlan;

/** What of its print is seen on a piece, small: so that one knows it among others of its size. */
final readonly class MotifThumbnail
{
    /** Dots of a sheet: 130 to a page, on 14 mm of paper. */
    private const FINE = 320;

    private Prints $prints;

    private PrintsOnPage $shown;

    public function __construct(WorkPlan $plan, PdfPages $pages)
    {
        $this->prints = Prints::of($plan);
        $this->shown = new PrintsOnPage($pages->pdf, self::FINE);
    }

    public function isThere(Part $part, int $number = 0): bool
    {
        return $this->prints->piece($part, $part->shows, null, $number) !== null;
    }

    /**
     * @param float $right of the picture, mm
     * @param float $side of the square it stands in, mm
     * @param int $number which of the pieces, from 0
     * @return bool whether there is a picture; where there is none nothing is drawn
     */
    public function draw(Part $part, float $right, float $top, float $side, int $number = 0): bool
    {
        $seen = $this->prints->piece($part, $part->shows, null, $number);
        if ($seen === null) {
            return false;
        }
        $scale = $side / $part->size->longSide()->inMillimetres();
        $width = $part->size->width->inMillimetres() * $scale;

        return $this->shown->draw($seen, $right - $width, $top, $width, $part->size->height->inMillimetres() * $scale);
    }
}
