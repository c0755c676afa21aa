<?php

declare(strict_types=1);

namespace Ephemeron\Design;

use Ephemeron\Geometry\Pin;

/** One piece of a part that is cut from a chosen place of its paper, for the sake of the motif there. */
final readonly class PinnedPart
{
    /** @param string $part key of the part */
    public function __construct(public string $part, public Pin $pin)
    {
    }
}
