<?php

declare(strict_types=1);

namespace App\Drawing;

use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Paper\StockRole;

/** One area of an opening, a page or what lies there, on the measures of the opening. */
final readonly class OpeningArea
{
    public function __construct(public Rectangle $area, public Face|Joint $place, public StockRole $role)
    {
    }
}
