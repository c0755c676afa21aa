<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint\Act;

/** Notch, round, clip, slit or cut away: what a part must have while it is single. */
final readonly class Shape implements Act
{
    use OnLooseParts;

    /** @param string $what `notch`, `corners`, `slit`, `cut-away` */
    public function __construct(public string $part, public string $what)
    {
    }

    public function kind(): ActKind
    {
        return ActKind::Shape;
    }

    public function parts(): array
    {
        return [$this->part];
    }
}
