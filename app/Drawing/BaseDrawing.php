<?php

declare(strict_types=1);

namespace App\Drawing;

use Ephemeron\Blueprint\Fold;
use Ephemeron\Format\Svg\LineKind;
use Ephemeron\Format\Svg\SvgDrawing;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Geometry\Segment;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\Side;
use Ephemeron\Structure\BlankFlap;
use Ephemeron\Structure\DrawnBase;
use Ephemeron\Structure\FreeLineKind;

/** The whole blank of a base, flat and true to scale, with its fence: each score and each area can be taken hold of. */
final readonly class BaseDrawing
{
    private const PAPER = '#fffef8';

    /** @param list<BlankFlap> $flaps */
    public function __construct(private DrawnBase $base, private Notation $notation, private array $flaps = [])
    {
    }

    public function draw(): SvgDrawing
    {
        $blank = new Size($this->base->columns->total(), $this->base->rows->total());
        $whole = $this->whole($blank);
        $depth = Ruler::depth($whole->width(), $whole->height());
        // Flaps lie open beyond the rim: the fence stands outside of them.
        [$above, $beside] = [-$whole->top()->inMillimetres(), -$whole->left()->inMillimetres()];
        $drawing = SvgDrawing::around($whole, 4.0 * $depth, 'The blank, flat');
        (new Ruler($this->notation->unit))->draw($drawing, $blank->width, $blank->height, $above, $beside, $depth);
        $fences = [
            [Axis::Width, 0.0, -3.6 * $depth - $above, $blank->width->inMillimetres(), 3.6 * $depth],
            [Axis::Height, -3.6 * $depth - $beside, 0.0, 3.6 * $depth, $blank->height->inMillimetres()],
        ];
        foreach ($fences as [$along, $x, $y, $width, $height]) {
            $drawing->element('rect', [
                'x' => $x, 'y' => $y, 'width' => $width, 'height' => $height, 'class' => 'fence', 'fill' => 'transparent',
                'data-along' => $along->value,
            ]);
        }
        for ($row = 1; $row <= $this->base->rows->count(); $row++) {
            for ($column = 1; $column <= $this->base->columns->count(); $column++) {
                $this->area($drawing, $this->base->area($column, $row), $column, $row, $depth);
            }
        }
        foreach (Axis::cases() as $along) {
            foreach ($this->base->panels($along)->scores() as $index => $at) {
                $this->score($drawing, $along, $index + 1, $at, $blank, $depth, $along === Axis::Width ? $above : $beside);
            }
        }

        $this->lines($drawing);
        foreach ($this->flaps as $flap) {
            $this->flap($drawing, $flap, $depth);
        }
        $this->corners($drawing, $depth);

        return $drawing;
    }

    /** The blank with what lies open beyond it. */
    private function whole(Size $blank): Rectangle
    {
        $open = [Rectangle::whole($blank), ...array_map(static fn (BlankFlap $flap): Rectangle => $flap->open, $this->flaps)];

        return Rectangle::between(
            min(array_map(static fn (Rectangle $each): int => $each->left()->ticks, $open)),
            min(array_map(static fn (Rectangle $each): int => $each->top()->ticks, $open)),
            max(array_map(static fn (Rectangle $each): int => $each->right()->ticks, $open)),
            max(array_map(static fn (Rectangle $each): int => $each->bottom()->ticks, $open)),
        );
    }

    private function flap(SvgDrawing $drawing, BlankFlap $flap, float $depth): void
    {
        $along = $flap->along($this->base);
        $axis = $flap->edge->isUpright() ? Axis::Height : Axis::Width;
        $isBehind = $flap->side === Side::B;
        $drawing->open('g', [
            'class' => 'base-flap'.($isBehind ? ' is-behind' : ''),
            'tabindex' => 0,
            'role' => 'slider',
            'aria-orientation' => $flap->edge->isUpright() ? 'vertical' : 'horizontal',
            'aria-label' => sprintf(
                'Flap at the %s of %d-%d, tab %s, %s',
                $flap->edge->label(),
                $flap->column,
                $flap->row,
                $isBehind ? 'behind' : 'in front',
                $this->notation->size($flap->open->size()),
            ),
            'aria-valuemin' => 0,
            'aria-valuemax' => round($this->base->panels($axis)->total()->inMillimetres(), 2),
            'aria-valuenow' => round($along->inMillimetres(), 2),
            'aria-valuetext' => $this->notation->text($along),
            'data-along' => $axis->value,
            'data-place' => $flap->thing->place,
            'data-at' => round($along->inMillimetres(), 4),
        ]);
        $drawing->rectangle($flap->open, [
            ...LineKind::Outline->attributes(), 'fill' => self::PAPER, 'fill-opacity' => 0.85,
            ...($isBehind ? ['stroke-dasharray' => '2 1.5'] : []),
        ]);
        $drawing->text(
            $flap->open->middle()->x->inMillimetres(),
            $flap->open->middle()->y->inMillimetres() + 0.35 * $depth,
            $this->notation->size($flap->open->size()),
            min($depth, $flap->open->width()->inMillimetres() / 9),
        );
        if ($flap->tab !== null) {
            $drawing->rectangle($flap->tab, [...LineKind::Hidden->attributes(), 'fill' => 'none'])->hatch($flap->tab, true);
        }
        foreach ($flap->discs as $disc) {
            $drawing->element('circle', [
                'cx' => $disc->x->inMillimetres(), 'cy' => $disc->y->inMillimetres(), 'r' => $flap->disc->half()->inMillimetres(),
                'class' => 'base-disc', 'fill' => 'none',
            ]);
        }
        $drawing->close('g');
    }

    private function lines(SvgDrawing $drawing): void
    {
        foreach ($this->base->lines->lines as $line) {
            $kind = match ($line->kind) {
                FreeLineKind::Valley => LineKind::Valley,
                FreeLineKind::Mountain => LineKind::Mountain,
                FreeLineKind::Slit => LineKind::Slit,
                FreeLineKind::CutAway => LineKind::Hidden,
            };
            foreach ($line->points as $index => $point) {
                $next = $line->points[$index + 1] ?? ($line->kind === FreeLineKind::CutAway ? $line->points[0] : null);
                if ($next !== null) {
                    $drawing->line(new Segment($point, $next), $kind);
                }
            }
        }
    }

    /** Where scores and rims cross: pressed one after the other they are the ends of a line, or the corners of what is cut away. */
    private function corners(SvgDrawing $drawing, float $depth): void
    {
        $across = [Length::zero(), ...$this->base->columns->scores(), $this->base->columns->total()];
        $down = [Length::zero(), ...$this->base->rows->scores(), $this->base->rows->total()];
        foreach ($down as $y) {
            foreach ($across as $x) {
                $place = "{$this->notation->exact($x)} × {$this->notation->exact($y)}";
                $drawing->element('circle', [
                    'cx' => $x->inMillimetres(), 'cy' => $y->inMillimetres(), 'r' => 0.45 * $depth, 'class' => 'base-corner',
                    'tabindex' => 0, 'role' => 'button', 'aria-pressed' => 'false', 'data-place' => $place,
                    'aria-label' => "Corner {$place}",
                ]);
            }
        }
    }

    private function area(SvgDrawing $drawing, Rectangle $area, int $column, int $row, float $depth): void
    {
        $isAway = $this->base->cutAway->has($column, $row);
        $isTab = $this->base->columns->tabs[$column - 1] || $this->base->rows->tabs[$row - 1];
        $size = $this->notation->size($area->size());
        $drawing->open('g', [
            'class' => 'base-area'.($isAway ? ' is-away' : ''), 'tabindex' => 0, 'role' => 'button',
            'aria-label' => "Area {$column}-{$row}, {$size}".($isAway ? ', cut away' : '').($isTab ? ', a tab' : ''),
            'data-column' => $column, 'data-row' => $row,
        ]);
        $look = $isAway ? ['fill' => 'none', 'stroke-dasharray' => '1 2'] : ['fill' => self::PAPER];
        $drawing->rectangle($area, [...LineKind::Outline->attributes(), ...$look]);
        // Writing stands right behind what it is written in: where that is narrow it is turned.
        if (! $isAway && $area->size()->shortSide()->inMillimetres() > 2.5 * $depth) {
            $drawing->text(
                $area->middle()->x->inMillimetres(),
                $area->middle()->y->inMillimetres(),
                $size,
                min($depth, $area->width()->inMillimetres() / 9),
            );
        }
        if ($isTab && ! $isAway) {
            $drawing->hatch($area, true);
        }
        if (! $isAway) {
            $this->edges($drawing, $area, $column, $row, $depth);
        }
        $drawing->close('g');
    }

    /** Just inside each edge: pressed, a piece is glued to it. What they do can be typed, so they are not in the way of keys. */
    private function edges(SvgDrawing $drawing, Rectangle $area, int $column, int $row, float $depth): void
    {
        if ($area->size()->shortSide()->inMillimetres() < 6.0 * $depth) {
            return;
        }
        foreach (Edge::cases() as $edge) {
            $strip = $area->strip($edge, Length::ofTicks((int) round(1.7 * $depth * Length::TICKS_PER_MILLIMETRE)));
            $drawing->rectangle($strip, [
                'class' => 'base-edge', 'fill' => 'transparent', 'aria-hidden' => 'true',
                'data-column' => $column, 'data-row' => $row, 'data-edge' => $edge->value,
            ]);
        }
    }

    private function score(SvgDrawing $drawing, Axis $along, int $number, Length $at, Size $blank, float $depth, float $out): void
    {
        $fold = $this->base->panels($along)->folds[$number - 1];
        $place = $at->inMillimetres();
        [$x1, $y1, $x2, $y2] = $along === Axis::Width
            ? [$place, 0.0, $place, $blank->height->inMillimetres()] : [0.0, $place, $blank->width->inMillimetres(), $place];
        $kind = match ($fold) {
            Fold::Mountain => 'mountain',
            null => 'border',
            default => 'valley',
        };
        $drawing->open('g', [
            'class' => 'base-score',
            'tabindex' => 0,
            'role' => 'slider',
            'aria-orientation' => $along === Axis::Width ? 'horizontal' : 'vertical',
            'aria-label' => ucfirst($kind).' '.($along === Axis::Width ? 'across' : 'down')." {$number}",
            'aria-valuemin' => 0,
            'aria-valuemax' => round($this->base->panels($along)->total()->inMillimetres(), 2),
            'aria-valuenow' => round($place, 2),
            'aria-valuetext' => $this->notation->text($at),
            'data-along' => $along->value,
            'data-score' => $number,
            'data-at' => round($place, 4),
        ]);
        $drawing->element('path', [
            'd' => "M{$x1} {$y1}L{$x2} {$y2}", 'stroke' => 'transparent', 'stroke-width' => 1.6 * $depth, 'class' => 'grip',
        ]);
        // From the fence, past what lies open in between.
        if ($out > 0) {
            $ends = $along === Axis::Width ? [$place, -$out, $place, 0.0] : [-$out, $place, 0.0, $place];
            $drawing->stroke(...$ends, kind: LineKind::Ruler);
        }
        $drawing->stroke($x1, $y1, $x2, $y2, match ($kind) {
            'mountain' => LineKind::Mountain,
            'valley' => LineKind::Valley,
            default => LineKind::Hidden,
        });
        $along === Axis::Width
            ? $drawing->text($place, -2.7 * $depth - $out, $this->notation->number($at), $depth)
            : $drawing->text(-2.6 * $depth - $out, $place + 0.35 * $depth, $this->notation->number($at), $depth, 'end');
        $drawing->close('g');
    }
}
