<?php

declare(strict_types=1);

namespace Ephemeron\Format;

use Ephemeron\Blueprint\Fold;
use Ephemeron\Blueprint\Part;
use Ephemeron\Format\Dxf\DxfDrawing;
use Ephemeron\Geometry\Point;
use Ephemeron\Geometry\Polygon;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;

/** One part for a cutting machine: its outline and what is cut away on the layer CUT, scores and slits on layers of their own. */
final readonly class PatternDxf
{
    public function draw(Part $part): DxfDrawing
    {
        $drawing = new DxfDrawing($part->size);
        foreach ([Polygon::of(Rectangle::whole($part->size)), ...$part->cutAways] as $outline) {
            foreach (PatternSvg::outline($outline) as $line) {
                $drawing->line($line, 'CUT');
            }
        }
        foreach ($part->creases as $crease) {
            $drawing->line($crease->line, $crease->fold === Fold::Mountain ? 'SCORE_MOUNTAIN' : 'SCORE_VALLEY');
        }
        foreach ($part->slits as $slit) {
            $drawing->line($slit->line, 'SLIT');
        }
        $height = Length::shortest($part->size->shortSide()->portion(1, 5), Length::millimetres(8));
        $drawing->letter(new Point($part->size->width->half(), $part->size->height->half()), $part->letter, $height);

        return $drawing;
    }
}
