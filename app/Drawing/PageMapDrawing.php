<?php

declare(strict_types=1);

namespace App\Drawing;

use Ephemeron\Blueprint\Lie;
use Ephemeron\Blueprint\Panel;
use Ephemeron\Blueprint\Part;
use Ephemeron\Folding\MappedFace;
use Ephemeron\Folding\PageMap;
use Ephemeron\Format\Svg\SvgDrawing;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Notation;
use Ephemeron\Paper\Side;

/**
 * A part flat, side A up, with the pages it becomes: the number stands as the reader will see it, an arc marks where the leaf opens, what
 * is behind stands small.
 */
final readonly class PageMapDrawing
{
    public function __construct(private PageMap $map, private Notation $notation)
    {
    }

    /** Whether a part becomes pages at all. */
    public function shows(Part $part): bool
    {
        foreach ($this->map->faces as $face) {
            if ($face->face->paper->part === $part->key) {
                return true;
            }
        }

        return false;
    }

    public function draw(Part $part): SvgDrawing
    {
        $drawing = SvgDrawing::around(Rectangle::whole($part->size), 9.0, "Piece {$part->letter} flat, with the pages it becomes");
        (new PartDrawing($this->notation, false))->bare($drawing, $part);
        foreach ([
            ...$part->panels,
            ...($part->panels === [] ? [new Panel('whole', $part->name, Rectangle::whole($part->size))] : []),
        ] as $panel) {
            foreach ($this->map->faces as $face) {
                if ($face->face->paper->part === $part->key && $face->face->paper->panel === $panel->key) {
                    $this->page($drawing, $panel->area, $face);
                }
            }
        }

        return $drawing;
    }

    private function page(SvgDrawing $drawing, Rectangle $area, MappedFace $face): void
    {
        $short = $area->size()->shortSide()->inMillimetres();
        $x = ($area->left()->inMillimetres() + $area->right()->inMillimetres()) / 2;
        $y = ($area->top()->inMillimetres() + $area->bottom()->inMillimetres()) / 2;
        $turn = match ($face->lie) {
            Lie::Upright => 0,
            Lie::UpsideDown => 180,
            // The sheet's head points left on the page: the reader's head is to the right of the sheet's.
            Lie::HeadLeft => 90,
            Lie::HeadRight => -90,
        };
        $name = $face->face->shortName();
        if ($face->face->paper->side === Side::B) {
            $size = $short * 0.09;
            $drawing->text($x, $area->bottom()->inMillimetres() - $size * 0.7, "behind: {$name}", $size);

            return;
        }
        $size = $short * min(0.26, 1.1 / max(1, mb_strlen($name)));
        $drawing->open('g', ['transform' => "rotate({$turn} {$x} {$y})"]);
        $drawing->text($x, $y + $size * 0.35, $name, $size, attributes: ['class' => 'panel-number']);
        $drawing->text($x, $y - $size * 0.65, '↑', $size * 0.6);
        if ($face->showsCore) {
            $drawing->text($x, $y + $size, 'core', $size * 0.4);
        }
        $drawing->close('g');
        if ($face->opening !== null) {
            $this->opening($drawing, $area, $this->onSheet($face->opening, $turn), $short * 0.12);
        }
    }

    /** An edge of the page, on the sheet. */
    private function onSheet(Edge $edge, int $turn): Edge
    {
        $round = [Edge::Top, Edge::Right, Edge::Bottom, Edge::Left];

        return $round[((int) array_search($edge, $round, true) + intdiv($turn + 360, 90)) % 4];
    }

    private function opening(SvgDrawing $drawing, Rectangle $area, Edge $edge, float $radius): void
    {
        $middle = $area->middleOf($edge);
        $drawing->element(
            'circle',
            [
                'cx' => $middle->x->inMillimetres(),
                'cy' => $middle->y->inMillimetres(),
                'r' => $radius,
                'fill' => '#d9b95c',
                'stroke' => '#20264d',
                'stroke-width' => 0.4,
                'class' => 'opening',
            ],
        );
    }
}
