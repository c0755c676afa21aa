<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Measure\Length;

/** A thing that may be put on before the mat, so that only what it leaves of the face is matted. */
interface CoversFoot
{
    /** How much of the face it covers from the foot, or null when the mat goes on first. */
    public function covers(Spot $spot): ?Length;
}
