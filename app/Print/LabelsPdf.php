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

    private const HEIGHT = 27.0;

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
        $top = $pages->pdf->GetY();
        $column = 0;
        foreach ($plan->blueprint->sections() as $section => $parts) {
            foreach ($parts as $part) {
                if ($letters !== null && ! in_array($part->letter, $letters, true)) {
                    continue;
                }
                for ($number = 1; $number <= $plan->countOf($part); $number++) {
                    if ($column === self::COLUMNS) {
                        $column = 0;
                        $top += self::HEIGHT;
                    }
                    if ($top + self::HEIGHT > $pages->bottom()) {
                        $pages->addPage();
                        $top = $pages->pdf->GetY();
                    }
                    $piece = ($number - 1) % $part->quantity;
                    $right = PdfPages::MARGIN + ($column + 1) * $pages->width() / self::COLUMNS - 2;
                    $isShown = $thumbnail->draw($part, $right, $top + 11.5, self::PICTURE, $piece);
                    $this->label($pages, $plan, $part, $section, $number, $column, $top, $isShown ? self::PICTURE + 2 : 0.0);
                    $column++;
                }
            }
        }

        return $pages->bytes();
    }

    private function label(
        PdfPages $pages,
        WorkPlan $plan,
        Part $part,
        string $section,
        int $number,
        int $column,
        float $top,
        float $taken,
    ): void {
        $pdf = $pages->pdf;
        $width = $pages->width() / self::COLUMNS;
        $left = PdfPages::MARGIN + $column * $width;
        $pdf->Rect($left, $top, $width, self::HEIGHT, 'D', ['all' => ['width' => 0.15, 'dash' => '2,1.5']]);
        $pdf->setFont(Pdf::SERIF, '', 18);
        $pdf->setXY($left + 2, $top + 2);
        $pdf->Cell(14, 8, $part->letter, 0, 0, 'L');
        $pdf->setFont(Pdf::SERIF, '', 10.5);
        $pdf->setXY($left + 16, $top + 2.2);
        $pdf->Cell($width - 18, 5, $plan->notation()->size($part->size), 0, 0, 'R');
        if ($plan->countOf($part) > 1) {
            $pdf->setFont(Pdf::SANS, '', 8);
            $pdf->setXY($left + 16, $top + 7);
            $pdf->Cell($width - 18, 4, "{$number} of {$plan->countOf($part)}", 0, 0, 'R');
        }
        $this->line($pages, $left, $top + 11.5, $width - $taken, $part->name, 9.0);
        $this->line($pages, $left, $top + 15.5, $width - $taken, $section, 8.0);
        $this->line($pages, $left, $top + 19.5, $width - $taken, $this->where($plan, $part, $number), 9.0);
    }

    /** What is printed there, in the corner: so that a piece is known by its motif. */
    /** `page 1 · F`; of a batch with the number of the book. */
    private function where(WorkPlan $plan, Part $part, int $number): string
    {
        $one = ($number - 1) % $part->quantity;
        $place = count($part->places) === $part->quantity ? lcfirst($part->places[$one]) : PlacesInShort::of($part->places);
        $book = $plan->workings->copies > 1 ? sprintf(' · book %d', intdiv($number - 1, $part->quantity) + 1) : '';

        return ($place === '' ? '' : "{$place} · ").$part->letter.$book;
    }

    /** Squeezed rather than cut off when it is long. */
    private function line(PdfPages $pages, float $left, float $top, float $width, string $text, float $size): void
    {
        $pages->pdf->setFont(Pdf::SANS, '', $size);
        $pages->pdf->setXY($left + 2, $top);
        $pages->pdf->Cell($width - 4, 4, mb_strimwidth($text, 0, 64, '…'), 0, 0, 'L', false, '', 1);
    }
}
