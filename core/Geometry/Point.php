<?php

declare(strict_types=1);

namespace Ephemeron\Geometry;

use Ephemeron\Measure\Length;

/** A place on a piece, from its top left corner, x to the right and y down. */
final readonly class Point
{
    public function __construct(public Length $x, public Length $y)
    {
    }

    public function isAt(self $other): bool
    {
        return $this->x->equals($other->x) && $this->y->equals($other->y);
    }
}
