<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Drawer\Pictured;
use Ephemeron\Papering\Crop;

/** What of which picture one sees. */
final readonly class SeenPrint
{
    public function __construct(public Crop $crop, public Pictured $picture)
    {
    }
}
