<?php

declare(strict_types=1);

namespace Ephemeron\Paper;

use Brick\Math\BigRational;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/** The sheet of which 500 weigh the pounds on the label (ASTM/TAPPI basic sizes). */
enum BasicSheet: string
{
    case Cover = 'cover';
    case Text = 'text';
    case Bond = 'bond';
    case Index = 'index';

    public function size(): Size
    {
        return match ($this) {
            self::Cover => Size::inches(20, 26),
            self::Text => Size::inches(25, 38),
            self::Bond => Size::inches(17, 22),
            self::Index => Size::inches(25.5, 30.5),
        };
    }

    public function squareMetres(): BigRational
    {
        $perMetre = 1000 * Length::TICKS_PER_MILLIMETRE;

        return BigRational::of($this->size()->area())->dividedBy($perMetre * $perMetre);
    }
}
