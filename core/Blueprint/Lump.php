<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Measure\Length;

/** Thickness that is neither paper nor print: a magnet, a button, a bow. */
final readonly class Lump implements Fact
{
    /** @param string $face the face it is on */
    public function __construct(public string $name, public string $face, public Length $thickness)
    {
    }

    public function mark(): null
    {
        return null;
    }
}
