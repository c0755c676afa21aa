<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

final class UnknownPiece extends \OutOfBoundsException
{
    public static function panel(string $part, string $panel): self
    {
        return new self("The piece “{$part}” has no panel “{$panel}”.");
    }

    public static function part(string $part): self
    {
        return new self("There is no piece “{$part}” in this design.");
    }

    /** @param class-string<Fact> $kind */
    public static function fact(string $kind, string $mark): self
    {
        return new self(sprintf('This design has no %s “%s”.', lcfirst(substr((string) strrchr($kind, '\\'), 1)), $mark));
    }

    public static function face(string $face): self
    {
        return new self("There is no face “{$face}” in this design.");
    }
}
