<?php

declare(strict_types=1);

namespace Ephemeron\AsMade;

use Ephemeron\Measure\Axis;

/** The width or the height of a piece, as it was cut. */
final readonly class Dimension
{
    /** @param string $part key */
    public function __construct(public string $part, public Axis $axis)
    {
    }

    public function is(self $other): bool
    {
        return $this->part === $other->part && $this->axis === $other->axis;
    }
}
