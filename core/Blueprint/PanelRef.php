<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Paper\Side;

/** One side of one panel of one part. */
final readonly class PanelRef
{
    public function __construct(public string $part, public string $panel, public Side $side)
    {
    }

    /** All of a part, its side A. */
    public static function whole(string $part): self
    {
        return new self($part, 'whole', Side::A);
    }
}
