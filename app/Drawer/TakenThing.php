<?php

declare(strict_types=1);

namespace App\Drawer;

use Illuminate\Support\Carbon;

/** Something that was taken off the shelf or out of the drawer. */
final readonly class TakenThing
{
    /**
     * @param string $kind book, paper or supply
     * @param Carbon $goes when it goes for good
     */
    public function __construct(public string $kind, public int $id, public string $name, public Carbon $goes)
    {
    }
}
