<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

/** A loose part and the pouch it is kept in. */
final readonly class Filling implements Fact
{
    public function __construct(public string $part, public string $pouch)
    {
    }

    public function mark(): null
    {
        return null;
    }
}
