<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Geometry\Point;
use Ephemeron\Measure\Length;

/** A place on a part, side A up, that is pricked or punched: it is on the guide that is printed at true size. */
final readonly class Hole
{
    /** @param Length $diameter zero for one that is pricked */
    public function __construct(public Point $at, public Length $diameter)
    {
    }
}
