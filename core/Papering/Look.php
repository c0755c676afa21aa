<?php

declare(strict_types=1);

namespace Ephemeron\Papering;

use Ephemeron\Paper\Side;

/** One side of one of the prints on offer. */
final readonly class Look
{
    /** @param int $offer which of the offers */
    public function __construct(public int $offer, public Side $side)
    {
    }
}
