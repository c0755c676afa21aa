<?php

declare(strict_types=1);

namespace Ephemeron\Format;

use Ephemeron\Blueprint\Fold;
use Ephemeron\Blueprint\Part;
use Ephemeron\Cutting\Blank;
use Ephemeron\Cutting\SheetPattern;
use Ephemeron\Format\Dxf\DxfDrawing;
use Ephemeron\Geometry\Point;
use Ephemeron\Geometry\Segment;
use Ephemeron\Measure\Length;

/** One sheet with its blanks, what is left over, and on every blank the scores and slits of its piece, for a cutting machine. */
final readonly class CutSheetsDxf
{
    /** @param array<string, Part> $parts by letter */
    public function draw(SheetPattern $pattern, array $parts): DxfDrawing
    {
        $drawing = new DxfDrawing($pattern->tree->area()->size());
        $drawing->rectangle($pattern->tree->area(), 'CUT');
        foreach ($pattern->leaves() as $leaf) {
            $drawing->rectangle($leaf->area(), $leaf instanceof Blank ? 'CUT' : 'LEFTOVER');
            if ($leaf instanceof Blank) {
                $this->addPiece($drawing, $leaf, $parts[$leaf->demands[0]] ?? null);
            }
        }

        return $drawing;
    }

    private function addPiece(DxfDrawing $drawing, Blank $blank, ?Part $part): void
    {
        $area = $blank->area();
        $height = Length::shortest($area->size()->shortSide()->portion(1, 5), Length::millimetres(8));
        $drawing->letter(
            $area->middle(),
            $blank->label(),
            $height,
        );
        if ($part === null) {
            return;
        }
        foreach ($part->creases as $crease) {
            $drawing->line(
                $this->onSheet($crease->line, $blank, $part),
                $crease->fold === Fold::Mountain ? 'SCORE_MOUNTAIN' : 'SCORE_VALLEY',
            );
        }
        foreach ($part->slits as $slit) {
            $drawing->line($this->onSheet($slit->line, $blank, $part), 'SLIT');
        }
        foreach ($part->cutAways as $cutAway) {
            foreach ($cutAway->corners as $index => $corner) {
                $drawing->line(
                    $this->onSheet(
                        new Segment($corner, $cutAway->corners[($index + 1) % count($cutAway->corners)] ?? $corner),
                        $blank,
                        $part,
                    ),
                    'SLIT',
                );
            }
        }
    }

    private function onSheet(Segment $line, Blank $blank, Part $part): Segment
    {
        return new Segment($this->pointOnSheet($line->from, $blank, $part), $this->pointOnSheet($line->to, $blank, $part));
    }

    /** A turned piece lies a quarter round: its top at the right. */
    private function pointOnSheet(Point $point, Blank $blank, Part $part): Point
    {
        $corner = $blank->area()->corner();

        return $blank->turned
            ? new Point($corner->x->plus($part->size->height)->minus($point->y), $corner->y->plus($point->x))
            : new Point($corner->x->plus($point->x), $corner->y->plus($point->y));
    }
}
