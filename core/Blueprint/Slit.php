<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Geometry\Segment;

/** A cut that stops inside the sheet: knife and metal ruler, not the trimmer. */
final readonly class Slit
{
    public function __construct(public Segment $line)
    {
    }
}
