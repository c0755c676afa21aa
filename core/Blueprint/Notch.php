<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Point;
use Ephemeron\Measure\Length;

/** A thumb notch: half a circle punched out of an edge, through one layer, before anything is glued. */
final readonly class Notch
{
    public function __construct(public Point $centre, public Edge $edge, public Length $diameter)
    {
    }
}
