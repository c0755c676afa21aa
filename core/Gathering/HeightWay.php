<?php

declare(strict_types=1);

namespace Ephemeron\Gathering;

/** What is done with a sheet that is too tall for the template. */
enum HeightWay: string
{
    case Fits = 'fits';
    case Trimmed = 'trimmed';
    case FoldedDown = 'folded-down';
    case FoldedUp = 'folded-up';

    public function isFolded(): bool
    {
        return $this === self::FoldedDown || $this === self::FoldedUp;
    }

    public function label(): string
    {
        return match ($this) {
            self::Fits => 'as tall as it is',
            self::Trimmed => 'trimmed at the foot',
            self::FoldedDown => 'folded down from the head into a pocket',
            self::FoldedUp => 'folded up from the foot into a pocket',
        };
    }
}
