<?php

declare(strict_types=1);

namespace Ephemeron\Format\Shape;

/** Whether two values mean something else. PHP's own comparison takes 0 for nothing and "1e3" for "1000". */
final readonly class Difference
{
    public static function isBetween(mixed $one, mixed $other): bool
    {
        return $one !== $other && serialize($one) !== serialize($other);
    }
}
