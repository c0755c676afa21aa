<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

/** A thing whose face is not there (any more): where in the design file it stands. */
final readonly class Homeless implements Fact
{
    public function __construct(public string $place)
    {
    }

    public function mark(): string
    {
        return $this->place;
    }
}
