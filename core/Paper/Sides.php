<?php

declare(strict_types=1);

namespace Ephemeron\Paper;

/** How many sides of a paper are printed or dyed. */
enum Sides: string
{
    case Single = 'single';
    case Double = 'double';

    public static function of(bool $doubleSided): self
    {
        return $doubleSided ? self::Double : self::Single;
    }
}
