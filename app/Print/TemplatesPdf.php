<?php

declare(strict_types=1);

namespace App\Print;

use Ephemeron\Blueprint\Part;
use Ephemeron\Format\Svg\LineKind;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Segment;
use Ephemeron\WorkPlan;

/** Pieces at true size, larger ones over several pages that overlap by a centimetre and are joined at crosses. */
final readonly class TemplatesPdf
{
    private const OVERLAP = 10.0;

    private const HEAD = 9.0;

    private const INK = [32, 38, 77];

    public function __construct(private PrintPaper $paper)
    {
    }

    /** @param list<string>|null $letters null: every piece that is scored, slit, notched or pierced */
    public function render(WorkPlan $plan, ?array $letters): string
    {
        $pages = new PdfPages($this->paper, "{$plan->design->name}, templates");
        $parts = array_filter(
            $plan->blueprint->parts,
            static fn (Part $part): bool => $letters === null
                ? $part->creases !== [] || $part->slits !== [] || $part->notches !== [] || $part->holes !== []
                : in_array($part->letter, $letters, true),
        );
        if ($parts === []) {
            $pages->addPage();
            $pages->paragraph('No piece was chosen.');
        }
        foreach ($parts as $part) {
            $this->part($pages, $plan, $part);
        }

        return $pages->bytes();
    }

    private function part(PdfPages $pages, WorkPlan $plan, Part $part): void
    {
        $roomX = $pages->pdf->getPageWidth() - 2 * PdfPages::MARGIN;
        $pages->need(PHP_INT_MAX);
        $roomY = $pages->bottom() - PdfPages::MARGIN - self::HEAD;
        $columns = $this->tiles($part->size->width->inMillimetres(), $roomX);
        $rows = $this->tiles($part->size->height->inMillimetres(), $roomY);
        for ($row = 0; $row < $rows; $row++) {
            for ($column = 0; $column < $columns; $column++) {
                if ($row + $column > 0) {
                    $pages->addPage();
                }
                $tile = $columns * $rows > 1 ? sprintf(', row %d of %d, column %d of %d', $row + 1, $rows, $column + 1, $columns) : '';
                $pages->heading(sprintf('%s · %s, %s%s', $part->letter, $part->name, $plan->notation()->size($part->size), $tile), 10);
                $pages->legend([LineKind::Valley, LineKind::Mountain, LineKind::Slit]);
                $this->tile($pages, $part, $column * ($roomX - self::OVERLAP), $row * ($roomY - self::OVERLAP), $roomX, $roomY);
            }
        }
    }

    private function tiles(float $length, float $room): int
    {
        return $length <= $room ? 1 : (int) ceil(($length - self::OVERLAP) / ($room - self::OVERLAP));
    }

    /** The part of the piece that starts at an offset, clipped to the page's room. */
    private function tile(PdfPages $pages, Part $part, float $offsetX, float $offsetY, float $roomX, float $roomY): void
    {
        $pdf = $pages->pdf;
        $left = PdfPages::MARGIN;
        $top = PdfPages::MARGIN + self::HEAD;
        $width = $part->size->width->inMillimetres();
        $height = $part->size->height->inMillimetres();
        $pdf->StartTransform();
        $pdf->Rect($left - 0.2, $top - 0.2, min($roomX, $width - $offsetX) + 0.4, min($roomY, $height - $offsetY) + 0.4, 'CNZ');
        $x = $left - $offsetX;
        $y = $top - $offsetY;
        $pdf->Rect($x, $y, $width, $height, 'D', ['all' => PdfPages::style(LineKind::Outline)]);
        foreach ($part->creases as $crease) {
            $this->line($pages, $crease->line, $crease->fold->value === 'mountain' ? LineKind::Mountain : LineKind::Valley, $x, $y);
        }
        foreach ($part->slits as $slit) {
            $this->line($pages, $slit->line, LineKind::Slit, $x, $y);
        }
        foreach ($part->notches as $notch) {
            // Angles run anticlockwise from the right.
            [$from, $to] = match ($notch->edge) {
                Edge::Top => [180, 360],
                Edge::Right => [90, 270],
                Edge::Bottom => [0, 180],
                Edge::Left => [270, 450],
            };
            $pdf->Circle(
                $x + $notch->centre->x->inMillimetres(),
                $y + $notch->centre->y->inMillimetres(),
                $notch->diameter->inMillimetres() / 2,
                $from,
                $to,
                'D',
                PdfPages::style(LineKind::Outline),
            );
        }
        foreach ($part->holes as $hole) {
            [$holeX, $holeY] = [$x + $hole->at->x->inMillimetres(), $y + $hole->at->y->inMillimetres()];
            $pdf->Circle($holeX, $holeY, max(0.4, $hole->diameter->inMillimetres() / 2), 0, 360, 'D', PdfPages::style(LineKind::Outline));
            $this->cross($pages, $holeX, $holeY, ['width' => 0.15, 'dash' => 0, 'color' => self::INK]);
        }
        if ($offsetX + $offsetY === 0.0) {
            $pdf->setFont(Pdf::SERIF, '', 16);
            $pdf->setXY($x + 6, $y + 8);
            $pdf->Cell(12, 8, $part->letter, 0, 0, 'L');
        }
        $this->crosses($pages, $x, $y, $width, $height, $roomX, $roomY);
        $pdf->StopTransform();
        $pdf->setLineStyle(['width' => 0.2, 'dash' => 0, 'color' => self::INK]);
    }

    /** A cross in the middle of every overlap: lay them over each other. */
    private function crosses(PdfPages $pages, float $x, float $y, float $width, float $height, float $roomX, float $roomY): void
    {
        $style = ['width' => 0.15, 'dash' => 0, 'color' => self::INK];
        for ($across = $roomX - self::OVERLAP / 2; $across < $width; $across += $roomX - self::OVERLAP) {
            for ($down = min(20.0, $height / 2); $down < $height; $down += 60.0) {
                $this->cross($pages, $x + $across, $y + $down, $style);
            }
        }
        for ($down = $roomY - self::OVERLAP / 2; $down < $height; $down += $roomY - self::OVERLAP) {
            for ($across = min(20.0, $width / 2); $across < $width; $across += 60.0) {
                $this->cross($pages, $x + $across, $y + $down, $style);
            }
        }
    }

    /** @param array<string, mixed> $style */
    private function cross(PdfPages $pages, float $x, float $y, array $style): void
    {
        $pages->pdf->Line($x - 3, $y, $x + 3, $y, $style);
        $pages->pdf->Line($x, $y - 3, $x, $y + 3, $style);
    }

    private function line(PdfPages $pages, Segment $segment, LineKind $kind, float $x, float $y): void
    {
        $pages->pdf->Line(
            $x + $segment->from->x->inMillimetres(),
            $y + $segment->from->y->inMillimetres(),
            $x + $segment->to->x->inMillimetres(),
            $y + $segment->to->y->inMillimetres(),
            PdfPages::style($kind),
        );
    }
}
