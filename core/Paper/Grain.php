<?php

declare(strict_types=1);

namespace Ephemeron\Paper;

use Ephemeron\Measure\Axis;

/** Which way the fibres of a sheet lie; folds along them crack less. */
enum Grain: string
{
    case Unknown = 'unknown';
    case AlongHeight = 'long';
    case AlongWidth = 'short';

    /** The side of the sheet the fibres run along, null where nobody knows. */
    public function axis(): ?Axis
    {
        return match ($this) {
            self::Unknown => null,
            self::AlongHeight => Axis::Height,
            self::AlongWidth => Axis::Width,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Unknown => 'not known',
            self::AlongHeight => 'along the height',
            self::AlongWidth => 'along the width',
        };
    }
}
