<?php

declare(strict_types=1);

namespace Ephemeron\Format;

use Ephemeron\Cutting\Blank;
use Ephemeron\Cutting\Cut;
use Ephemeron\Cutting\Offcut;
use Ephemeron\Cutting\SheetPattern;
use Ephemeron\Format\Svg\LineKind;
use Ephemeron\Format\Svg\SvgDrawing;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Geometry\Segment;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Notation;

/** One cut sheet in real units: blanks with their letters and sizes, cuts in their order, offcuts dotted. */
final readonly class CutSheetsSvg
{
    private const PAPER = '#fffdf6';

    private const LEFT_OVER = '#efe9da';

    /** A piece narrower than 18 mm has no room for a letter that is read on a phone. */
    private const ROOM = 18.0;

    /**
     * @param string|null $picture address of a picture of side A of the sheet: it shows through, so that one sees what each piece gets
     *   of it
     * @param Rectangle|null $pictured what the picture covers, measured from the upper left of what is cut; null: the sheet
     */
    public function draw(
        SheetPattern $pattern,
        Notation $notation,
        string $title,
        ?string $picture = null,
        ?Rectangle $pictured = null,
    ): SvgDrawing {
        $sheet = $pattern->tree->area();
        $drawing = SvgDrawing::around($sheet, 15.0, $title);
        $drawing->open('g', $picture === null ? [] : ['class' => 'has-picture']);
        $drawing->paper($sheet, self::PAPER);
        if ($picture !== null) {
            $drawing->picture($pictured ?? Rectangle::whole($pattern->supply->sheet), $picture, Rectangle::whole($pattern->supply->sheet));
        }
        foreach ($pattern->leaves() as $leaf) {
            if ($leaf instanceof Offcut) {
                $this->offcut($drawing, $leaf, $notation);
            } elseif ($leaf instanceof Blank) {
                $this->blank($drawing, $leaf, $notation);
            }
        }
        foreach (LetterOutside::of($pattern, self::ROOM, pitch: 10.0, out: 8.0) as $outside) {
            $this->outside($drawing, $outside);
        }
        foreach ($pattern->steps() as $step) {
            $drawing->open('g', ['class' => 'cut-step', 'data-step' => $step->number]);
            foreach ($this->cutsAlike($pattern->tree, $step->cut->signature()) as $cut) {
                $this->cut($drawing, $cut, $step->number);
            }
            $drawing->close('g');
        }
        $drawing->close('g');

        return $drawing;
    }

    private function blank(SvgDrawing $drawing, Blank $blank, Notation $notation): void
    {
        $area = $blank->area();
        [$x, $y] = $this->middle($area);
        $short = $area->size()->shortSide()->inMillimetres();
        $drawing->open('g', ['class' => 'blank', 'data-letter' => $blank->label(), 'data-turned' => (int) $blank->turned]);
        $drawing->paper($area, self::PAPER, 'blank-paper');
        $isNarrow = LetterOutside::isFor($blank, self::ROOM);
        $radius = $isNarrow ? 0.0 : min(11.0, $short * 0.3);
        $isNarrow ? null : $drawing->ring($x, $y - $radius * 0.3, $blank->label(), $radius);
        $size = $notation->number($area->width()).' × '.$notation->number($area->height());
        $this->caption($drawing, $area, $size, min(10.0, $short * ($isNarrow ? 0.45 : 0.2)), $radius);
        $drawing->close('g');
    }

    private function outside(SvgDrawing $drawing, LetterOutside $outside): void
    {
        $drawing->open('g', ['class' => 'letter-outside', 'data-letter' => $outside->letter]);
        foreach ($outside->from as [$x, $y]) {
            $drawing->stroke($x, $y, $outside->x, $outside->y, LineKind::Leader);
        }
        $drawing->ring($outside->x, $outside->y, $outside->letter, 4.5);
        $drawing->close('g');
    }

    private function offcut(SvgDrawing $drawing, Offcut $offcut, Notation $notation): void
    {
        $area = $offcut->area();
        $drawing->paper($area, self::LEFT_OVER, $offcut->selvage ? 'selvage' : 'offcut');
        $size = $notation->number($area->width()).' × '.$notation->number($area->height());
        $this->caption(
            $drawing,
            $area,
            $offcut->selvage ? 'selvage' : $size,
            min(8.5, $area->size()->shortSide()->inMillimetres() * 0.45),
            0.0,
        );
    }

    /** Turned where the piece is too narrow for it lying; left out where it would not be readable. */
    private function caption(SvgDrawing $drawing, Rectangle $area, string $text, float $size, float $below): void
    {
        [$x, $y] = $this->middle($area);
        $needed = mb_strlen($text) * $size * 0.55;
        if ($size < 1.6) {
            return;
        }
        if ($needed <= $area->width()->inMillimetres() * 0.95) {
            $drawing->text($x, $y + $below + $size * ($below > 0.0 ? 0.9 : 0.35), $text, $size);
        } elseif ($needed <= $area->height()->inMillimetres() * 0.95 && $below === 0.0) {
            $drawing->text($x, $y + $size * 0.35, $text, $size, attributes: ['transform' => "rotate(-90 {$x} {$y})"]);
        }
    }

    private function cut(SvgDrawing $drawing, Cut $cut, int $number): void
    {
        $area = $cut->area();
        $segment = $cut->along === Axis::Width
            ? Segment::across(Axis::Width, $area->left()->plus($cut->at), $area->top(), $area->bottom())
            : Segment::across(Axis::Height, $area->top()->plus($cut->at), $area->left(), $area->right());
        $drawing->line($segment, LineKind::Cut);
        $drawing->nib($segment, 5.0);
        $x = $segment->from->x->inMillimetres();
        $y = $segment->from->y->inMillimetres();
        // Before the nib, however large it is written.
        [$dx, $dy, $anchor] = $cut->along === Axis::Width ? [0.0, -6.0, 'middle'] : [-6.0, 3.2, 'end'];
        $drawing->text($x + $dx, $y + $dy, (string) $number, 8.5, $anchor, ['class' => 'cut-number', 'font-weight' => '600']);
    }

    /** @return list<Cut> equal pieces of one sheet are cut in one step */
    private function cutsAlike(object $piece, string $signature): array
    {
        if (! $piece instanceof Cut) {
            return [];
        }

        return $piece->signature() === $signature
            ? [$piece]
            : [...$this->cutsAlike($piece->first, $signature), ...$this->cutsAlike($piece->second, $signature)];
    }

    /** @return array{float, float} */
    private function middle(Rectangle $area): array
    {
        return [
            ($area->left()->inMillimetres() + $area->right()->inMillimetres()) / 2,
            ($area->top()->inMillimetres() + $area->bottom()->inMillimetres()) / 2,
        ];
    }
}
