<?php

declare(strict_types=1);

namespace App\Print;

use Ephemeron\Blueprint\Lie;
use Ephemeron\Blueprint\Part;
use Ephemeron\Folding\MappedFace;
use Ephemeron\Folding\PageMap;
use Ephemeron\Format\PatternSvg;
use Ephemeron\Format\Svg\LineKind;
use Ephemeron\Geometry\Polygon;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Geometry\Segment;
use Ephemeron\Paper\Side;
use Ephemeron\WorkPlan;

/**
 * The whole book small, to be cut out and folded from plain paper before the good paper is touched: every piece with its lines, its
 * letter and the pages it becomes.
 */
final readonly class MockupPdf
{
    private const GAP = 4.0;

    private const HEAD = 12.0;

    public function __construct(private PrintPaper $paper)
    {
    }

    /**
     * @param Scale $scale at which every piece fits the page, see {@see self::largestFor()}
     * @param list<string>|null $letters null: every piece
     */
    public function render(WorkPlan $plan, Scale $scale, ?array $letters): string
    {
        $pages = new PdfPages($this->paper, "{$plan->design->name}, mock-up at {$scale->text()}");
        $map = PageMap::of($plan->blueprint, $plan->design->papers());
        $pages->addPage();
        $pages->heading("{$plan->design->name} at {$scale->text()}", 14);
        $top = $pages->pdf->GetY() + 1.0;
        $pages->legend([LineKind::Valley, LineKind::Mountain, LineKind::Slit]);
        $left = PdfPages::MARGIN;
        $tall = 0.0;
        $seen = [];
        foreach ($this->pieces($plan, $letters) as $part) {
            [$width, $height, $turned] = $this->lying($part, $scale, $pages);
            if ($left + $width > PdfPages::MARGIN + $pages->width() + 0.01) {
                $left = PdfPages::MARGIN;
                $top += $tall + self::GAP;
                $tall = 0.0;
            }
            if ($top + $height > $pages->bottom()) {
                $pages->addPage();
                $pages->legend([LineKind::Valley, LineKind::Mountain, LineKind::Slit]);
                $left = PdfPages::MARGIN;
                $top = PdfPages::MARGIN;
                $tall = 0.0;
            }
            $this->piece($pages, $part, $map, $left, $top, $scale->factor, $turned, $seen[$part->key] ?? 0);
            $seen[$part->key] = ($seen[$part->key] ?? 0) + 1;
            $left += $width + self::GAP;
            $tall = max($tall, $height);
        }

        return $pages->bytes();
    }

    /** Every scored piece that becomes pages, as large as the paper takes it: to lay beside the trimmer. */
    public function renderMap(WorkPlan $plan): string
    {
        $pages = new PdfPages($this->paper, "{$plan->design->name}, page map");
        $map = PageMap::of($plan->blueprint, $plan->design->papers());
        $drawn = 0;
        foreach ($plan->blueprint->parts as $part) {
            if ($part->creases === [] || $this->facesOf($map, $part) === []) {
                continue;
            }
            $drawn++;
            $pages->addPage();
            $pages->heading("{$part->letter} · {$part->name}: the pages it becomes", 12);
            $top = $pages->pdf->GetY() + 2.0;
            $pages->legend([LineKind::Valley, LineKind::Mountain, LineKind::Slit]);
            $factor = min(
                $pages->width() / $part->size->width->inMillimetres(),
                ($pages->bottom() - $top) / $part->size->height->inMillimetres(),
                1.0,
            );
            $this->piece($pages, $part, $map, PdfPages::MARGIN, $top, $factor, false);
        }
        if ($drawn === 0) {
            $pages->addPage();
            $pages->paragraph('No scored piece of this book becomes a page.');
        }

        return $pages->bytes();
    }

    /** The largest scale at which every piece still fits a page. */
    public function largestFor(WorkPlan $plan): float
    {
        $pages = new PdfPages($this->paper, '');
        $largest = 1.0;
        [$broad, $tall] = [$pages->width(), $pages->bottom() - PdfPages::MARGIN - self::HEAD];
        foreach ($plan->blueprint->parts as $part) {
            [$width, $height] = [$part->size->width->inMillimetres(), $part->size->height->inMillimetres()];
            $largest = min($largest, max(min($broad / $width, $tall / $height), min($broad / $height, $tall / $width)));
        }

        return floor($largest * 100) / 100;
    }

    /**
     * The tallest first, so that rows are full.
     *
     * @param list<string>|null $letters
     * @return list<Part>
     */
    private function pieces(WorkPlan $plan, ?array $letters): array
    {
        $pieces = [];
        foreach ($plan->blueprint->parts as $part) {
            if ($letters === null || in_array($part->letter, $letters, true)) {
                array_push($pieces, ...array_fill(0, $part->quantity, $part));
            }
        }
        usort(
            $pieces,
            static fn (Part $one, Part $other): int =>
                [$other->size->height->ticks, $one->letter]
                    <=> [$one->size->height->ticks, $other->letter],
        );

        return $pieces;
    }

    /** @return array{float, float, bool} breadth and height on the page, and whether it lies turned */
    private function lying(Part $part, Scale $scale, PdfPages $pages): array
    {
        $width = $part->size->width->inMillimetres() * $scale->factor;
        $height = $part->size->height->inMillimetres() * $scale->factor;
        $turned = $width > $pages->width() || $height > $pages->bottom() - PdfPages::MARGIN - self::HEAD;

        return $turned ? [$height, $width, true] : [$width, $height, false];
    }

    private function piece(
        PdfPages $pages,
        Part $part,
        PageMap $map,
        float $left,
        float $top,
        float $factor,
        bool $turned,
        int $which = 0,
    ): void {
        $pdf = $pages->pdf;
        $pdf->StartTransform();
        if ($turned) {
            // A quarter to the right: what was its left edge lies at the head.
            $left += $part->size->height->inMillimetres() * $factor;
            $pdf->Rotate(-90, $left, $top);
        }
        foreach ([
            ...PatternSvg::outline(Polygon::of(Rectangle::whole($part->size))),
            ...array_merge(...array_map(PatternSvg::outline(...), $part->cutAways)),
        ] as $line) {
            $this->line($pages, $line, LineKind::Outline, $left, $top, $factor);
        }
        foreach ($part->creases as $crease) {
            $this->line(
                $pages,
                $crease->line,
                $crease->fold->value === 'mountain' ? LineKind::Mountain : LineKind::Valley,
                $left,
                $top,
                $factor,
            );
        }
        foreach ($part->slits as $slit) {
            $this->line($pages, $slit->line, LineKind::Slit, $left, $top, $factor);
        }
        $short = $part->size->shortSide()->inMillimetres() * $factor;
        $pdf->setFont(Pdf::SERIF, '', max(6.0, min(10.0, $short * 0.9)));
        $pdf->setXY($left + 0.6, $top + 0.4);
        $pdf->Cell(8, 4, $part->letter, 0, 0, 'L');
        foreach ($this->facesOf($map, $part, $which) as $face) {
            $this->page($pages, $part, $face, $left, $top, $factor);
        }
        $pdf->StopTransform();
    }

    /**
     * The pages on its side A; of several pieces alike, those of one of them.
     *
     * @return list<MappedFace>
     */
    private function facesOf(PageMap $map, Part $part, int $which = 0): array
    {
        $faces = [];
        foreach ($map->faces as $face) {
            if ($face->face->paper->part === $part->key && $face->face->paper->side === Side::A) {
                $faces[$face->face->paper->panel][] = $face;
            }
        }

        return array_values(array_filter(array_map(static fn (array $each): ?MappedFace => $each[$which] ?? null, $faces)));
    }

    private function page(PdfPages $pages, Part $part, MappedFace $face, float $left, float $top, float $factor): void
    {
        $area = $part->panel($face->face->paper->panel)->area;
        $x = $left + ($area->left()->inMillimetres() + $area->right()->inMillimetres()) / 2 * $factor;
        $y = $top + ($area->top()->inMillimetres() + $area->bottom()->inMillimetres()) / 2 * $factor;
        $size = max(6.0, min(26.0, $area->size()->shortSide()->inMillimetres() * $factor * 0.8));
        $turn = match ($face->lie) {
            Lie::Upright => 0,
            Lie::UpsideDown => 180,
            Lie::HeadLeft => -90,
            Lie::HeadRight => 90,
        };
        $pdf = $pages->pdf;
        $pdf->StartTransform();
        $pdf->Rotate($turn, $x, $y);
        $pdf->setFont(Pdf::SANS, '', $size);
        $height = $size * 0.5;
        $pdf->setXY($x - 20, $y - $height);
        $pdf->Cell(40, $height, '↑', 0, 0, 'C');
        $pdf->setXY($x - 20, $y);
        $pdf->Cell(40, $height, $face->face->shortName(), 0, 0, 'C');
        $pdf->StopTransform();
        if ($face->opening !== null) {
            $pdf->setFont(Pdf::SANS, '', max(6.0, $size * 0.3));
            $pdf->setXY($x - 20, $y + $height);
            $pdf->Cell(40, $size * 0.2, "opens {$face->opening->value}", 0, 0, 'C');
        }
    }

    private function line(PdfPages $pages, Segment $line, LineKind $kind, float $left, float $top, float $factor): void
    {
        $pages->pdf->Line(
            $left + $line->from->x->inMillimetres() * $factor,
            $top + $line->from->y->inMillimetres() * $factor,
            $left + $line->to->x->inMillimetres() * $factor,
            $top + $line->to->y->inMillimetres() * $factor,
            PdfPages::style($kind),
        );
    }
}
