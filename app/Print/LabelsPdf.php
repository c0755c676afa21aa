<?php

declare(strict_types=1);

namespace App\Print;

use Ephemeron\Bench\PlacesInShort;
use Ephemeron\Blueprint\Part;
use Ephemeron\WorkPlan;

/** A label for every piece, to cut apart and clip to it: letter, size, what it is, where it goes. */
final readonly class LabelsPdf
{
    private const COLUMNS = 3;

    private const HEIGHT = 27;

    /** Longer side of the picture of a piece. */
    private const PICTURE = 14.0;

    public function __construct(private PrintPaper $paper)
    {
    }

    /** @param list<string>|null $letters the pieces to print labels of, null: all */
    public function render(WorkPlan $plan, ?array $letters): string
    {
        $pages = new PdfPages($this->paper, "{$plan->design->name}, labels");
        $thumbnail = new MotifThumbnail($plan, $pages);
        $pages->addPage();
        $width = $pages->width() / self::COLUMNS;
        $rows = (int) (($pages->bottom() - PdfPages::MARGIN) / self::HEIGHT);
        $place = 0;
        foreach ($plan->blueprint->sections() as $section => $parts) {
            foreach ($parts as $part) {
                if ($letters !== null && ! in_array($part->letter, $letters, true)) {
                    continue;
                }
                $alike = [];
                for ($number = 1; $number <= $plan->countOf($part); $number++, $place++) {
                    if ($place === self::COLUMNS * $rows) {
                        $pages->addPage();
                        $place = 0;
                    }
                    $left = PdfPages::MARGIN + $width * ($place % self::COLUMNS);
                    $top = PdfPages::MARGIN + self::HEIGHT * intdiv($place, self::COLUMNS);
                    $piece = ($number - 1) % $part->quantity;
                    $isShown = $thumbnail->draw($part, $left + $width - 2, $top + 11.5, self::PICTURE, $piece);
                    $written = $width - ($isShown ? self::PICTURE + 2 : 0.0);
                    $alike[$isShown] ??= $this->alike($pages->pdf, $plan, $part, $section, $width, $written);
                    $pages->pdf->printTemplate($alike[$isShown], $left, $top);
                    $this->own($pages->pdf, $plan, $part, $number, $left, $top, $width, $written);
                }
            }
        }

        return $pages->bytes();
    }

    /**
     * What is the same on the labels of all pieces of a part: it is in the print once.
     *
     * @param float $width of a label, in millimetres
     * @param float $written of its lower half, beside the picture
     * @return string its name in the print
     */
    private function alike(Pdf $pdf, WorkPlan $plan, Part $part, string $section, float $width, float $written): string
    {
        $name = (string) $pdf->startTemplate((int) ceil($width), self::HEIGHT);
        $pdf->setFont(Pdf::SERIF, '', 18);
        $pdf->setXY(2, 2);
        $pdf->Cell(14, 8, $part->letter, 0, 0, 'L');
        $pdf->setFont(Pdf::SERIF, '', 10.5);
        $pdf->setXY(16, 2.2);
        $pdf->Cell($width - 18, 5, $plan->notation()->size($part->size), 0, 0, 'R');
        $this->line($pdf, 2, 11.5, $written, $part->name, 9.0);
        $this->line($pdf, 2, 15.5, $written, $section, 8.0);
        $pdf->endTemplate();

        return $name;
    }

    /** Its edge, which of them it is, and where it goes. */
    private function own(Pdf $pdf, WorkPlan $plan, Part $part, int $number, float $left, float $top, float $width, float $written): void
    {
        $pdf->Rect($left, $top, $width, self::HEIGHT, 'D', ['all' => ['width' => 0.15, 'dash' => '2,1.5']]);
        if ($plan->countOf($part) > 1) {
            $pdf->setFont(Pdf::SANS, '', 8);
            $pdf->setXY($left + 16, $top + 7);
            $pdf->Cell($width - 18, 4, "{$number} of {$plan->countOf($part)}", 0, 0, 'R');
        }
        $this->line($pdf, $left + 2, $top + 19.5, $written, $this->where($plan, $part, $number), 9.0);
    }

    /** `page 1 · F`; of a batch with the number of the book. */
    private function where(WorkPlan $plan, Part $part, int $number): string
    {
        $one = ($number - 1) % $part->quantity;
        $place = count($part->places) === $part->quantity ? lcfirst($part->places[$one]) : PlacesInShort::of($part->places);
        $book = $plan->workings->copies > 1 ? sprintf(' · book %d', intdiv($number - 1, $part->quantity) + 1) : '';

        return ($place === '' ? '' : "{$place} · ").$part->letter.$book;
    }

    /** Squeezed rather than cut off when it is long. */
    private function line(Pdf $pdf, float $left, float $top, float $width, string $text, float $size): void
    {
        $pdf->setFont(Pdf::SANS, '', $size);
        $pdf->setXY($left, $top);
        $pdf->Cell($width - 4, 4, mb_strimwidth($text, 0, 64, '…'), 0, 0, 'L', false, '', 1);
    }
}
