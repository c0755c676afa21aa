<?php

declare(strict_types=1);

namespace App\Print;

use App\Drawing\OpeningPainter;
use App\Drawing\Prints;
use Ephemeron\Blueprint\Part;
use Ephemeron\WorkPlan;

/** What of its print is seen on a piece, small: so that one knows it among others of its size. */
final class MotifThumbnail
{
    /** Pixels to a millimetre of the piece: 140 to a page, on 14 mm of paper. */
    private const FINE = 0.7;

    /** @var array<string, string> pictures that were made, by piece and side */
    private array $made = [];

    private readonly Prints $prints;

    private readonly OpeningPainter $painter;

    public function __construct(WorkPlan $plan)
    {
        $this->prints = Prints::of($plan, 320);
        $this->painter = new OpeningPainter($plan, $this->prints, self::FINE);
    }

    public function isThere(Part $part, int $number = 0): bool
    {
        return $this->prints->piece($part, $part->shows, null, $number) !== null;
    }

    /**
     * Nothing where there is no picture.
     *
     * @param float $right of the picture, mm
     * @param float $side of the square it stands in, mm
     * @param int $number which of the pieces, from 0
     */
    public function draw(PdfPages $pages, Part $part, float $right, float $top, float $side, int $number = 0): void
    {
        $seen = $this->prints->piece($part, $part->shows, null, $number);
        if ($seen === null) {
            return;
        }
        $scale = $side / $part->size->longSide()->inMillimetres();
        $width = $part->size->width->inMillimetres() * $scale;
        $png = $this->made["{$part->key} {$number}"] ??= $this->painter->piece($seen);
        $pages->pdf->Image('@'.$png, $right - $width, $top, $width, $part->size->height->inMillimetres() * $scale, 'PNG');
    }
}
