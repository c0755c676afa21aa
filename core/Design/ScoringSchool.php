<?php

declare(strict_types=1);

namespace Ephemeron\Design;

/** The two ways of giving scores. */
enum ScoringSchool: string
{
    case Turn = 'turn';
    case Absolute = 'absolute';

    public function label(): string
    {
        return match ($this) {
            self::Turn => 'The same distance from each end',
            self::Absolute => 'All from the left',
        };
    }

    public function why(): string
    {
        return match ($this) {
            self::Turn => 'Panels that must be equal come out equal; the middle one takes what a sloppy cut leaves.',
            self::Absolute => 'One fence, no turning; the last panel takes what a sloppy cut leaves.',
        };
    }
}
