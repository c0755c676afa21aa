<?php

declare(strict_types=1);

namespace Ephemeron\Measure;

/** The side of a piece that a position is measured along: the one that lies at the fence. */
enum Axis: string
{
    case Width = 'width';
    case Height = 'height';

    public function across(): self
    {
        return $this === self::Width ? self::Height : self::Width;
    }
}
