<?php

declare(strict_types=1);

namespace Ephemeron\Gathering;

/** What is done with a sheet that is too wide for the template, or too narrow to reach its fold. */
enum WidthWay: string
{
    case Fits = 'fits';
    case Trimmed = 'trimmed';
    case Flap = 'flap';
    case Pocket = 'pocket';
    case Strip = 'strip';

    public function isFolded(): bool
    {
        return $this === self::Flap || $this === self::Pocket;
    }

    public function label(): string
    {
        return match ($this) {
            self::Fits => 'as wide as it is',
            self::Trimmed => 'trimmed at the fore-edge',
            self::Flap => 'folded in at the fore-edge as a flap',
            self::Pocket => 'folded in at the fore-edge as a pocket, closed at head and foot',
            self::Strip => 'hinged onto a strip',
        };
    }
}
