<?php

declare(strict_types=1);

namespace Ephemeron\Measure;

/** The school of measurement a project is written in. */
enum Unit: string
{
    case Inch = 'in';
    case Centimetre = 'cm';

    public function ticks(): int
    {
        return match ($this) {
            self::Inch => Length::TICKS_PER_INCH,
            self::Centimetre => 10 * Length::TICKS_PER_MILLIMETRE,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Inch => 'inches',
            self::Centimetre => 'centimetres',
        };
    }

    public function other(): self
    {
        return match ($this) {
            self::Inch => self::Centimetre,
            self::Centimetre => self::Inch,
        };
    }
}
