<?php

declare(strict_types=1);

namespace Ephemeron\Papering;

use Ephemeron\Blueprint\Part;

/** A piece, and the place of a sheet that it is cut from. */
final readonly class HandedOut
{
    /** @param int $piece which of the part’s pieces, from 0 */
    public function __construct(public Part $part, public Place $place, public int $piece)
    {
    }
}
