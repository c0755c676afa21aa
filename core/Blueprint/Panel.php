<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Geometry\Rectangle;

/** An area between scores. */
final readonly class Panel
{
    public function __construct(public string $key, public string $name, public Rectangle $area)
    {
    }
}
