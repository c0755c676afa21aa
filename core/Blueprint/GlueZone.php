<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Geometry\Rectangle;
use Ephemeron\Paper\Side;

/** Where glue or tape goes on a part: up to a score, never over it. */
final readonly class GlueZone
{
    public function __construct(public Rectangle $area, public Side $side, public Adhesive $adhesive)
    {
    }
}
