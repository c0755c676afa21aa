<?php

declare(strict_types=1);

namespace App\Drawing;

use Ephemeron\Format\Svg\LineKind;
use Ephemeron\Format\Svg\SvgDrawing;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Unit;

/** Rulers along the top and the left of a drawing, from its origin. */
final readonly class Ruler
{
    public function __construct(private Unit $unit)
    {
    }

    /**
     * @param float $above how far above the origin the upper one lies, in millimetres
     * @param float $beside how far left of it the other lies
     * @param float|null $depth how far they stand out, where the drawing is larger than what they measure
     */
    public function draw(
        SvgDrawing $drawing,
        Length $width,
        Length $height,
        float $above = 0.0,
        float $beside = 0.0,
        ?float $depth = null,
    ): void {
        $depth ??= self::depth($width, $height);
        $drawing->open('g', ['class' => 'rulers', 'aria-hidden' => 'true']);
        $this->scale($drawing, $width, true, $depth, $above);
        $this->scale($drawing, $height, false, $depth, $beside);
        $drawing->close('g');
    }

    /** How far a ruler stands out, in millimetres: its figures stay as large on the screen whatever the book's size. */
    public static function depth(Length $width, Length $height): float
    {
        return Length::longest($width, $height)->inMillimetres() / 42;
    }

    private function scale(SvgDrawing $drawing, Length $length, bool $level, float $depth, float $out): void
    {
        $step = $this->unit === Unit::Inch ? Length::inches(0, 1, 4) : Length::millimetres(5);
        $perUnit = $this->unit === Unit::Inch ? 4 : 2;
        $named = $this->unit === Unit::Inch ? 1 : 2;
        $end = $length->inMillimetres();
        $at = -$depth / 2 - $out;
        $drawing->stroke($level ? 0.0 : $at, $level ? $at : 0.0, $level ? $end : $at, $level ? $at : $end, LineKind::Ruler);
        for ($i = 0; $i <= $length->holds($step); $i++) {
            $position = $step->times($i)->inMillimetres();
            $whole = $i % $perUnit === 0;
            $size = $whole ? $depth * 0.55 : $depth * 0.25;
            $drawing->stroke(
                $level ? $position : $at - $size,
                $level ? $at - $size : $position,
                $level ? $position : $at,
                $level ? $at : $position,
                LineKind::Ruler,
            );
            if ($whole && intdiv($i, $perUnit) % $named === 0) {
                $drawing->text(
                    $level ? $position : $at - $depth * 0.75,
                    $level ? $at - $depth * 0.75 : $position + $depth * 0.35,
                    (string) intdiv($i, $perUnit),
                    $depth * 1.03,
                    $level ? 'middle' : 'end',
                );
            }
        }
    }
}
