<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

use Ephemeron\Geometry\Point;
use Ephemeron\Geometry\Rectangle;

/** A node of a cut tree: a rectangle of the sheet that is cut further, kept as a blank, or left over. */
interface Piece
{
    /** Where it lies on the sheet, selvage strip included. */
    public function area(): Rectangle;

    /** The same piece, and all that is cut from it, further right and down. */
    public function movedBy(Point $by): self;

    /** Two pieces with the same signature are cut alike. */
    public function signature(): string;
}
