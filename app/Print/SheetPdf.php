<?php

declare(strict_types=1);

namespace App\Print;

use App\Drawer\OwnPaper;
use App\Drawer\Pixels;
use Ephemeron\Measure\Size;
use TCPDF;

/** A whole sheet of paper in print, at true size and up to its edges. */
final readonly class SheetPdf
{
    public function render(Pixels $sheet, Size $size): string
    {
        [$width, $height] = [$size->width->inMillimetres(), $size->height->inMillimetres()];
        $pdf = new TCPDF($width > $height ? 'L' : 'P', 'mm', [$width, $height]);
        $pdf->setCreator('Ephemeron');
        $pdf->setPrintHeader(false);
        $pdf->setPrintFooter(false);
        $pdf->setAutoPageBreak(false);
        $pdf->setMargins(0, 0, 0);
        $pdf->AddPage();
        $pdf->Image('@'.$sheet->png(OwnPaper::DPI), 0, 0, $width, $height, 'PNG', '', '', false, OwnPaper::DPI);

        return $pdf->Output('', 'S');
    }
}
