<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;

/**
 * A mat in two or three upright strips of two prints: halves, or narrow sides of a fifth and the middle between (2 | 6 | 2 on 10). Common
 * practice, no published source.
 */
final readonly class MatStrips
{
    /** @return non-empty-list<Rectangle> the mat itself where it is to be one, or too narrow for strips of ¾ in */
    public static function of(Rectangle $mat, int $strips, Notation $notation): array
    {
        $width = $mat->size->width;
        $side = $notation->grid->up($strips === 2 ? $width->half() : $width->portion(1, 5));
        $widths = match ($strips) {
            2 => [$side, $width->minus($side)],
            3 => [$side, $width->minus($side->times(2)), $side],
            default => [$width],
        };
        foreach ($widths as $each) {
            if ($strips > 1 && $each->isLessThan(Length::inches(0, 3, 4))) {
                return [$mat];
            }
        }
        $left = $mat->left();
        $areas = [];
        foreach ($widths as $each) {
            $areas[] = Rectangle::at($left, $mat->top(), new Size($each, $mat->size->height));
            $left = $left->plus($each);
        }

        return $areas;
    }
}
