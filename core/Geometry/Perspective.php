<?php

declare(strict_types=1);

namespace Ephemeron\Geometry;

/**
 * What a camera makes of a flat sheet: the projective map that takes the unit square to a quadrilateral. Source: P. Heckbert,
 * Fundamentals of Texture Mapping and Image Warping (1989), section 2.2.3, from memory; checked by its own corners and by the cross-ratio,
 * which such a map keeps.
 */
final readonly class Perspective
{
    private function __construct(
        private float $a,
        private float $b,
        private float $c,
        private float $d,
        private float $e,
        private float $f,
        private float $g,
        private float $h,
    ) {
    }

    /**
     * @param array{float, float} $upperLeft where the corners of the sheet are seen, in any unit
     * @param array{float, float} $upperRight
     * @param array{float, float} $lowerRight
     * @param array{float, float} $lowerLeft
     * @return self|null null where they are no quadrilateral that bulges outwards everywhere
     */
    public static function of(array $upperLeft, array $upperRight, array $lowerRight, array $lowerLeft): ?self
    {
        [$corners, $turn] = [[$upperLeft, $upperRight, $lowerRight, $lowerLeft], []];
        foreach ($corners as $index => [$x, $y]) {
            [[$x1, $y1], [$x2, $y2]] = [$corners[($index + 1) % 4], $corners[($index + 2) % 4]];
            $turn[] = ($x1 - $x) * ($y2 - $y1) - ($y1 - $y) * ($x2 - $x1);
        }
        if (min($turn) <= 1e-9) {
            return null;
        }
        [[$x0, $y0], [$x1, $y1], [$x2, $y2], [$x3, $y3]] = $corners;
        [$dx1, $dx2, $sx] = [$x1 - $x2, $x3 - $x2, $x0 - $x1 + $x2 - $x3];
        [$dy1, $dy2, $sy] = [$y1 - $y2, $y3 - $y2, $y0 - $y1 + $y2 - $y3];
        $whole = $dx1 * $dy2 - $dx2 * $dy1;
        $g = ($sx * $dy2 - $dx2 * $sy) / $whole;
        $h = ($dx1 * $sy - $sx * $dy1) / $whole;

        return new self(
            $x1 - $x0 + $g * $x1,
            $x3 - $x0 + $h * $x3,
            $x0,
            $y1 - $y0 + $g * $y1,
            $y3 - $y0 + $h * $y3,
            $y0,
            $g,
            $h,
        );
    }

    /**
     * @param float $across 0 at the left edge of the sheet, 1 at the right one
     * @param float $down 0 at its head, 1 at its foot
     * @return array{float, float} where that point of the sheet is seen
     */
    public function seen(float $across, float $down): array
    {
        $depth = $this->g * $across + $this->h * $down + 1.0;

        return [
            ($this->a * $across + $this->b * $down + $this->c) / $depth,
            ($this->d * $across + $this->e * $down + $this->f) / $depth,
        ];
    }
}
