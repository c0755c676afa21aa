<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint\Act;

/** Fold a part along its scores, or along some of them. */
final readonly class Fold implements Act
{
    use OnLooseParts;

    public function __construct(public string $part)
    {
    }

    public function kind(): ActKind
    {
        return ActKind::Fold;
    }

    public function parts(): array
    {
        return [$this->part];
    }
}
