<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Drawer\Pictured;
use App\Planning\InHand;
use Ephemeron\Cutting\Blank;
use Ephemeron\Cutting\Cut;
use Ephemeron\Cutting\Piece;
use Ephemeron\Format\Svg\LineKind;
use Ephemeron\Format\Svg\SvgDrawing;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Geometry\Segment;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;

/** The sheet as it lies at the trimmer: what has fallen steps back, what is in hand stands out with the next cut and its fence side. */
final readonly class SheetInHand
{
    public function draw(InHand $hand, Notation $notation, ?Pictured $picture): SvgDrawing
    {
        $sheet = $hand->pattern->tree->area();
        $drawing = SvgDrawing::around($sheet, 20.0, "{$hand->stock->stock->name} at the trimmer");
        $drawing->open('g', ['class' => 'in-hand'.($picture === null ? '' : ' has-picture')]);
        if ($picture !== null) {
            $drawing->picture($picture->area, $picture->address, Rectangle::whole($hand->pattern->supply->sheet));
        }
        foreach ($hand->state->fallen as $piece) {
            $this->fallen($drawing, $piece, $notation);
        }
        foreach ($hand->state->waiting as $piece) {
            $drawing->paper($piece->area(), '#fffdf6', 'waiting');
            $this->size($drawing, $piece->area(), $notation);
        }
        foreach ($hand->state->inHand as $cut) {
            $this->inHand($drawing, $cut, $notation);
        }
        $drawing->close('g');

        return $drawing;
    }

    private function fallen(SvgDrawing $drawing, Piece $piece, Notation $notation): void
    {
        $drawing->open('g', ['class' => 'fallen']);
        $drawing->paper(
            $piece->area(),
            $piece instanceof Blank ? '#fffdf6' : '#efe9da',
            $piece instanceof Blank ? 'blank-paper' : 'offcut',
        );
        if ($piece instanceof Blank) {
            [$x, $y] = $this->middle($piece->area());
            $drawing->ring($x, $y, $piece->label(), min(9.0, $piece->area()->size()->shortSide()->inMillimetres() * 0.3));
        }
        $drawing->close('g');
    }

    private function inHand(SvgDrawing $drawing, Cut $cut, Notation $notation): void
    {
        $area = $cut->area();
        $drawing->paper($area, '#f4e6bd', 'held');
        $isWidth = $cut->along === Axis::Width;
        $line = $isWidth
            ? Segment::across(Axis::Width, $area->left()->plus($cut->at), $area->top(), $area->bottom())
            : Segment::across(Axis::Height, $area->top()->plus($cut->at), $area->left(), $area->right());
        $drawing->line($line, LineKind::Cut);
        $drawing->nib($line, 6.0);
        // The side against the fence, and how far the cut is from it.
        $x = $area->left()->inMillimetres();
        $y = $area->top()->inMillimetres();
        $at = $cut->at->inMillimetres();
        $text = $notation->number($cut->at);
        $isWidth
            ? $drawing->stroke($x, $y - 3.5, $x + $at, $y - 3.5, LineKind::Ruler)->text($x + $at / 2, $y - 5.0, $text, 13.0)
            : $drawing->stroke($x - 3.5, $y, $x - 3.5, $y + $at, LineKind::Ruler)->text(
                $x - 6.0,
                $y + $at / 2,
                $text,
                13.0,
                attributes: ['transform' => sprintf('rotate(-90 %s %s)', $x - 6.0, $y + $at / 2)],
            );
        foreach ([$cut->first, $cut->second] as $piece) {
            if ($piece instanceof Blank) {
                [$mx, $my] = $this->middle($piece->area());
                $drawing->ring($mx, $my, $piece->label(), min(15.0, $piece->area()->size()->shortSide()->inMillimetres() * 0.3));
            } else {
                $this->size($drawing, $piece->area(), $notation);
            }
        }
    }

    private function size(SvgDrawing $drawing, Rectangle $area, Notation $notation): void
    {
        $text = $notation->number($area->width()).' × '.$notation->number($area->height());
        $size = min(13.0, $area->size()->shortSide()->inMillimetres() * 0.4);
        [$x, $y] = $this->middle($area);
        $needed = mb_strlen($text) * $size * 0.55;
        if ($size < 2.0) {
            return;
        }
        $needed <= $area->width()->inMillimetres()
            ? $drawing->text($x, $y + $size * 0.35, $text, $size)
            : $drawing->text($x, $y + $size * 0.35, $text, $size, attributes: ['transform' => "rotate(-90 {$x} {$y})"]);
    }

    /** @return array{float, float} */
    private function middle(Rectangle $area): array
    {
        $half = static fn (Length $from, Length $to): float => ($from->inMillimetres() + $to->inMillimetres()) / 2;

        return [$half($area->left(), $area->right()), $half($area->top(), $area->bottom())];
    }
}
