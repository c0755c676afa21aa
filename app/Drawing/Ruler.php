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
    private const DEPTH = 6.0;

    public function __construct(private Unit $unit)
    {
    }

    public function draw(SvgDrawing $drawing, Length $width, Length $height): void
    {
        $drawing->open('g', ['class' => 'rulers', 'aria-hidden' => 'true']);
        $this->scale($drawing, $width, true);
        $this->scale($drawing, $height, false);
        $drawing->close('g');
    }

    private function scale(SvgDrawing $drawing, Length $length, bool $level): void
    {
        $step = $this->unit === Unit::Inch ? Length::inches(0, 1, 4) : Length::millimetres(5);
        $perUnit = $this->unit === Unit::Inch ? 4 : 2;
        $named = $this->unit === Unit::Inch ? 1 : 2;
        $end = $length->inMillimetres();
        $at = -self::DEPTH / 2;
        $drawing->stroke($level ? 0.0 : $at, $level ? $at : 0.0, $level ? $end : $at, $level ? $at : $end, LineKind::Ruler);
        for ($i = 0; $i <= $length->holds($step); $i++) {
            $position = $step->times($i)->inMillimetres();
            $whole = $i % $perUnit === 0;
            $size = $whole ? self::DEPTH * 0.55 : self::DEPTH * 0.25;
            $drawing->stroke($level ? $position : $at - $size, $level ? $at - $size : $position, $level ? $position : $at, $level ? $at : $position, LineKind::Ruler);
            if ($whole && intdiv($i, $perUnit) % $named === 0) {
                $drawing->text(
                    $level ? $position : $at - self::DEPTH * 0.75,
                    $level ? $at - self::DEPTH * 0.75 : $position + 2.1,
                    (string) intdiv($i, $perUnit),
                    6.2,
                    $level ? 'middle' : 'end',
                );
            }
        }
    }
}
