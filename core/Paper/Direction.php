<?php

declare(strict_types=1);

namespace Ephemeron\Paper;

/** Which sides of a paper have a print with a right way up. */
enum Direction: string
{
    case None = 'none';
    case A = 'a';
    case B = 'b';
    case Both = 'both';

    public static function of(bool $a, bool $b): self
    {
        return match ([$a, $b]) {
            [true, true] => self::Both,
            [true, false] => self::A,
            [false, true] => self::B,
            default => self::None,
        };
    }

    public function onA(): bool
    {
        return $this === self::A || $this === self::Both;
    }

    public function onB(): bool
    {
        return $this === self::B || $this === self::Both;
    }
}
