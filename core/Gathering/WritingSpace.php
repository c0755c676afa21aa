<?php

declare(strict_types=1);

namespace Ephemeron\Gathering;

/** How much of a side can be written on: a poem's page and a print on one half count half (common practice, no published source). */
enum WritingSpace: string
{
    case All = 'all';
    case Half = 'half';
    case None = 'none';

    /** Halves of a face. */
    public function halves(): int
    {
        return match ($this) {
            self::All => 2,
            self::Half => 1,
            self::None => 0,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::All => 'all of it',
            self::Half => 'half of it',
            self::None => 'none of it',
        };
    }
}
