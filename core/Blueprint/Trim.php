<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

/** How a corner is taken off. */
enum Trim: string
{
    case Rounded = 'rounded';
    case Mitred = 'mitred';
    case Scalloped = 'scalloped';

    public function verb(): string
    {
        return match ($this) {
            self::Rounded => 'Round',
            self::Mitred => 'Clip',
            self::Scalloped => 'Scallop',
        };
    }
}
