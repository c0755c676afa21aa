<?php

declare(strict_types=1);

namespace Ephemeron;

/** Nothing in the range of a structure does what was asked; the message says how far it goes. */
final class DoesNotFit extends \RuntimeException implements Refusal
{
    public static function photos(string $photo, int $most): self
    {
        return new self($most === 0
            ? "No size of this structure has a place for a {$photo} print."
            : "This structure holds {$most} prints of {$photo} at the most.");
    }

    public static function inside(string $outer, string $least): self
    {
        return new self("It cannot be made small enough for {$outer}: closed it is {$least} at the least.");
    }

    public static function tooThick(string $limit, string $least): self
    {
        return new self("It stays thicker than {$limit}: filled it is about {$least} at the least.");
    }

    public static function fixed(): self
    {
        return new self('A free base has no size to turn: change its panels.');
    }
}
