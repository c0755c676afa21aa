<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint\Act;

/** A loose part goes into a pouch, or behind a band, without glue. */
final readonly class Slip implements Act
{
    use OnLooseParts;

    /** @param string $into key of the pouch, or of the part it goes behind */
    public function __construct(public string $part, public string $into)
    {
    }

    public function kind(): ActKind
    {
        return ActKind::Slip;
    }

    public function parts(): array
    {
        return [$this->part];
    }
}
