<?php

declare(strict_types=1);

namespace App\Drawer;

use Ephemeron\Geometry\Rectangle;

/** A picture of a side of a sheet, and what it covers, measured from the upper left of what is cut. */
final readonly class Pictured
{
    public function __construct(public string $address, public Rectangle $area, public string $file)
    {
    }
}
