<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

/** How something follows from a parameter, in words and numbers: `gusset 3 = 3 × ¼ = ¾ in`. */
final readonly class Reason implements Fact
{
    public function __construct(public string $parameter, public string $sentence)
    {
    }

    public function mark(): null
    {
        return null;
    }
}
