<?php

declare(strict_types=1);

namespace App\Planning;

/** A short text that is the same for the same values, to remember by it what was worked out from them. */
final readonly class Mark
{
    public static function of(mixed ...$values): string
    {
        return hash('sha256', serialize($values));
    }
}
