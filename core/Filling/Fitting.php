<?php

declare(strict_types=1);

namespace Ephemeron\Filling;

use Ephemeron\Measure\Size;

/** How something goes into its home. */
final readonly class Fitting
{
    /**
     * @param Size|null $trimmed what it must be cut down to, the way up it is to be seen; null: it goes in as it is
     * @param bool $onItsSide whether it must be turned for it
     */
    public function __construct(public ?Size $trimmed, public bool $onItsSide)
    {
    }

    /** The less the better: on its side is worse than trimmed. */
    public function cost(): int
    {
        return ($this->trimmed === null ? 0 : 4) + ($this->onItsSide ? 6 : 0);
    }
}
