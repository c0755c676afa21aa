<?php

declare(strict_types=1);

namespace Ephemeron\Folding;

use Ephemeron\Measure\Length;

/** The closed book between two distances from its spine, at its thickest there. */
final readonly class Slice
{
    public function __construct(public Length $from, public Length $to, public Length $built, public Length $filled)
    {
    }
}
