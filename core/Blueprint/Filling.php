<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Measure\Size;

/** A loose part and the pouch it is kept in. */
final readonly class Filling implements Fact
{
    /** @param Size|null $folded as it slips in, where it is folded first */
    public function __construct(public string $part, public string $pouch, public ?Size $folded = null)
    {
    }

    public function mark(): null
    {
        return null;
    }
}
