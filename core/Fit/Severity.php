<?php

declare(strict_types=1);

namespace Ephemeron\Fit;

enum Severity: string
{
    case Stop = 'stop';
    case Watch = 'watch';
    case Note = 'note';

    public function label(): string
    {
        return match ($this) {
            self::Stop => 'Stops the work',
            self::Watch => 'Watch out',
            self::Note => 'Good to know',
        };
    }

    public function rank(): int
    {
        return match ($this) {
            self::Stop => 0,
            self::Watch => 1,
            self::Note => 2,
        };
    }
}
