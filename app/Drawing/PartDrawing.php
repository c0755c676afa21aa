<?php

declare(strict_types=1);

namespace App\Drawing;

use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\GlueZone;
use Ephemeron\Blueprint\Panel;
use Ephemeron\Blueprint\Part;
use Ephemeron\Format\Svg\LineKind;
use Ephemeron\Format\Svg\SvgDrawing;
use Ephemeron\Geometry\Polygon;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Notation;
use Ephemeron\Paper\Side;

/** One part flat on the table, side A up: scores, slits, notches, glue zones, its letter and size. */
final readonly class PartDrawing
{
    public function __construct(private Notation $notation, private bool $numbered = true)
    {
    }

    public function draw(Part $part, float $margin = 0.0): SvgDrawing
    {
        $margin = $margin > 0.0 ? $margin : max(9.0, $part->size->longSide()->inMillimetres() / 12);
        $drawing = SvgDrawing::around(Rectangle::whole($part->size), $margin, "Piece {$part->letter}, {$part->name}, flat");
        $this->into($drawing, $part);
        if ($this->numbered) {
            $this->measure($drawing, $part);
        }

        return $drawing;
    }

    public function into(SvgDrawing $drawing, Part $part): void
    {
        $this->bare($drawing, $part);
        $this->letters($drawing, $part);
    }

    /** Without any letter or number. */
    public function bare(SvgDrawing $drawing, Part $part, ?Prints $prints = null, Side $up = Side::A): void
    {
        $palette = new Palette;
        $drawing->paper(Rectangle::whole($part->size), $palette->of($part->role), $palette->classOf($part->role));
        if ($prints !== null) {
            // The drawing of a piece that lies on its face is mirrored; what is printed there is not.
            $width = $part->size->width->inMillimetres();
            $drawing->open('g', $up === Side::B ? ['transform' => "translate({$width} 0) scale(-1 1)"] : ['class' => 'print-up']);
            $prints->drawPiece($drawing, $part, $up);
            $drawing->close('g');
        }
        foreach ([true, false] as $isTape) {
            foreach ($this->fields($part, $isTape) as $field) {
                $drawing->hatch($field, $isTape);
            }
        }
        $strips = array_map(static fn (GlueZone $zone): Polygon => Polygon::of($zone->area), $part->glueZones);
        $strips === [] ? null : $drawing->shape($strips, LineKind::Hidden->attributes());
        foreach ($part->corners as $corner) {
            $drawing->corner($corner, $part->size, Palette::GROUND);
        }
        foreach ($part->creases as $crease) {
            $drawing->fold($crease->line, $crease->fold);
        }
        // Over the scores: what is cut away is not folded.
        foreach ($part->cutAways as $area) {
            $drawing->shape([$area], [...LineKind::Cut->attributes(), 'class' => 'cut-away line-outline', 'fill' => Palette::GROUND]);
        }
        foreach ($part->slits as $slit) {
            $drawing->line($slit->line, LineKind::Slit);
        }
        foreach ($part->notches as $notch) {
            $drawing->notch($notch, Palette::GROUND);
        }
        foreach ($part->holes as $hole) {
            $drawing->hole($hole->at, $hole->diameter, Palette::GROUND);
        }
    }

    /** @return list<Rectangle> where something is stuck on, strips that lie side by side as one */
    private function fields(Part $part, bool $isTape): array
    {
        $fields = [];
        foreach ($part->glueZones as $zone) {
            if (($zone->adhesive === Adhesive::Tape) !== $isTape) {
                continue;
            }
            $last = array_pop($fields);
            $joined = $last?->joined($zone->area);
            array_push($fields, ...($joined !== null ? [$joined] : ($last === null ? [$zone->area] : [$last, $zone->area])));
        }

        return $fields;
    }

    private function letters(SvgDrawing $drawing, Part $part): void
    {
        $short = $part->size->shortSide()->inMillimetres();
        $inset = min(10.0, $short * 0.25);
        if (! $this->isManyAlike($part)) {
            $drawing->ring($inset + 2, $inset + 2, $part->letter, min($part->size->longSide()->inMillimetres() / 30, $short * 0.2));

            return;
        }
        // A sheet of many panels carries their numbers instead: that is what one looks for in it.
        foreach ($part->panels as $index => $panel) {
            $x = ($panel->area->left()->inMillimetres() + $panel->area->right()->inMillimetres()) / 2;
            $y = ($panel->area->top()->inMillimetres() + $panel->area->bottom()->inMillimetres()) / 2;
            $size = $panel->area->size()->shortSide()->inMillimetres() * 0.22;
            $drawing->text($x, $y + $size * 0.35, (string) ($index + 1), $size, attributes: ['class' => 'panel-number']);
        }
    }

    /** Only where all are alike does one look for a panel by its number. */
    private function isManyAlike(Part $part): bool
    {
        $sizes = array_map(
            static fn (Panel $panel): string => "{$panel->area->width()->ticks}×{$panel->area->height()->ticks}",
            $part->panels,
        );

        return count($sizes) > 4 && count(array_unique($sizes)) <= 4 && $part->slits !== [];
    }

    private function measure(SvgDrawing $drawing, Part $part): void
    {
        $width = $part->size->width->inMillimetres();
        $height = $part->size->height->inMillimetres();
        $size = max(5.0, $part->size->longSide()->inMillimetres() / 22);
        $drawing->text($width / 2, -$size * 0.6, '↔ '.$this->notation->text($part->size->width), $size);
        $x = -$size * 0.6;
        $y = $height / 2;
        $drawing->text(
            $x,
            $y,
            '↕ '.$this->notation->text($part->size->height),
            $size,
            attributes: ['transform' => "rotate(-90 {$x} {$y})"],
        );
    }
}
