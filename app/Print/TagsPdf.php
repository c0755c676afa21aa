<?php

declare(strict_types=1);

namespace App\Print;

use Ephemeron\Blueprint\Face;
use Ephemeron\WorkPlan;

/** Price tags to cut apart, with a hole to tie them by, and one larger label for the shelf. */
final readonly class TagsPdf
{
    private const COLUMNS = 4;

    private const HEIGHT = 40.0;

    private const SHELF = 56.0;

    public function __construct(private PrintPaper $paper)
    {
    }

    /** @param string $price as it is asked, with its currency; empty where none is to stand on them */
    public function render(WorkPlan $plan, string $price, int $count): string
    {
        $pages = new PdfPages($this->paper, "{$plan->design->name}, tags");
        $pages->addPage();
        $this->shelf($pages, $plan, $price);
        [$column, $top] = [0, $pages->pdf->GetY() + 4];
        for ($number = 1; $number <= $count; $number++) {
            if ($column === self::COLUMNS) {
                [$column, $top] = [0, $top + self::HEIGHT];
            }
            if ($top + self::HEIGHT > $pages->bottom()) {
                $pages->addPage();
                $top = $pages->pdf->GetY();
            }
            $this->tag($pages, $plan, $price, $column, $top);
            $column++;
        }

        return $pages->bytes();
    }

    private function shelf(PdfPages $pages, WorkPlan $plan, string $price): void
    {
        $pdf = $pages->pdf;
        $top = $pdf->GetY();
        $pdf->Rect(PdfPages::MARGIN, $top, $pages->width(), self::SHELF, 'D', ['all' => ['width' => 0.15, 'dash' => '2,1.5']]);
        $pdf->setFont(Pdf::SERIF, '', 26);
        $pdf->setXY(PdfPages::MARGIN + 6, $top + 7);
        $pdf->Cell($pages->width() - 12, 12, mb_strimwidth($plan->design->name, 0, 60, '…'), 0, 0, 'L', false, '', 1);
        $pdf->setFont(Pdf::SANS, '', 11);
        $pdf->setXY(PdfPages::MARGIN + 6, $top + 21);
        $pdf->Cell($pages->width() - 12, 6, $this->about($plan), 0, 0, 'L', false, '', 1);
        $pdf->setFont(Pdf::SERIF, '', 30);
        $pdf->setXY(PdfPages::MARGIN + 6, $top + 33);
        $pdf->Cell($pages->width() - 12, 14, $price, 0, 0, 'R');
        $pdf->setY($top + self::SHELF);
    }

    private function tag(PdfPages $pages, WorkPlan $plan, string $price, int $column, float $top): void
    {
        $pdf = $pages->pdf;
        $width = $pages->width() / self::COLUMNS;
        $left = PdfPages::MARGIN + $column * $width;
        $pdf->Rect($left, $top, $width, self::HEIGHT, 'D', ['all' => ['width' => 0.15, 'dash' => '2,1.5']]);
        $pdf->Circle($left + $width / 2, $top + 6, 2.0, 0, 360, 'D', ['width' => 0.15, 'dash' => 0]);
        foreach ([[$plan->design->name, 10.5, 11.0], [$this->about($plan), 7.0, 18.0], [$price, 16.0, 25.0]] as [$text, $size, $down]) {
            $pdf->setFont($size > 9 ? Pdf::SERIF : Pdf::SANS, '', $size);
            $pdf->setXY($left + 2, $top + $down);
            $pdf->Cell($width - 4, 6, mb_strimwidth($text, 0, 60, '…'), 0, 0, 'C', false, '', 1);
        }
    }

    private function about(WorkPlan $plan): string
    {
        $faces = $plan->blueprint->pages();
        $cover = reset($faces);

        return $plan->structure->about()->name.($cover instanceof Face ? ', '.$plan->notation()->size($cover->size) : '');
    }
}
