<?php

declare(strict_types=1);

namespace App\Print;

use App\Drawer\PaperPicture;
use App\Drawing\SeenPrint;
use TCPDF;

/** Puts what is seen of a picture on a page, as it is kept: each picture is in the print once, however often a place of it is shown. */
final class PrintsOnPage
{
    /** @var array<string, string> where a picture lies that can be printed, by its file; empty where there is none */
    private array $known = [];

    /** @param int $wide dots of the pictures, one of {@see PaperPicture::WIDTHS} */
    public function __construct(private readonly TCPDF $pdf, private readonly int $wide = PaperPicture::SIDE)
    {
    }

    /**
     * A place of a picture in a box on the page, in millimetres.
     *
     * @return bool whether there is a picture; where there is none nothing is drawn
     */
    public function draw(SeenPrint $seen, float $left, float $top, float $width, float $height): bool
    {
        $picture = $this->known[$seen->picture->file] ??= (string) app(PaperPicture::class)->printable($seen->picture->file, $this->wide);
        $place = $seen->crop->area->inMillimetres();
        if ($picture === '' || $place[2] <= 0.0 || $place[3] <= 0.0) {
            return false;
        }
        $isTurned = $seen->crop->quarters % 2 === 1;
        [$across, $down] = [($isTurned ? $height : $width) / $place[2], ($isTurned ? $width : $height) / $place[3]];
        [$middleX, $middleY] = [$left + $width / 2, $top + $height / 2];
        $whole = $seen->picture->area->inMillimetres();
        $this->pdf->StartTransform();
        $this->pdf->Rect($left, $top, $width, $height, 'CNZ');
        // The other way round than prints are turned.
        $this->pdf->Rotate(-90 * $seen->crop->quarters, $middleX, $middleY);
        $this->pdf->Image(
            $picture,
            $middleX - ($place[0] + $place[2] / 2 - $whole[0]) * $across,
            $middleY - ($place[1] + $place[3] / 2 - $whole[1]) * $down,
            $whole[2] * $across,
            $whole[3] * $down,
            'JPEG',
        );
        $this->pdf->StopTransform();

        return true;
    }
}
