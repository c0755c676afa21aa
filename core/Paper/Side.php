<?php

declare(strict_types=1);

namespace Ephemeron\Paper;

/** The two sides of a sheet. Parts are drawn with side A towards you. */
enum Side: string
{
    case A = 'A';
    case B = 'B';

    public function other(): self
    {
        return $this === self::A ? self::B : self::A;
    }
}
