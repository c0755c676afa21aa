<?php

declare(strict_types=1);

namespace Ephemeron\Design;

/** What keeps the mats of two facing pages from showing the same print. */
enum Alternation: string
{
    case None = 'none';
    case Sides = 'sides';
    case Papers = 'papers';

    public function label(): string
    {
        return match ($this) {
            self::None => 'the same paper on every page',
            self::Sides => 'side A and side B by turns',
            self::Papers => 'two papers by turns',
        };
    }
}
