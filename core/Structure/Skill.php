<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

/** What a structure asks of the one who makes it. */
enum Skill: string
{
    case First = 'first';
    case Some = 'some';
    case Patient = 'patient';

    public function label(): string
    {
        return match ($this) {
            self::First => 'a first book',
            self::Some => 'some practice',
            self::Patient => 'patience',
        };
    }
}
