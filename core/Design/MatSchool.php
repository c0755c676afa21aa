<?php

declare(strict_types=1);

namespace Ephemeron\Design;

use Ephemeron\Measure\Length;
use Ephemeron\Measure\Unit;

/**
 * How wide a border a mat leaves on each side (common practice, no published source; the metric borders are
 * the nearest that keep whole millimetres over both sides).
 */
enum MatSchool: string
{
    case Hairline = 'hairline';
    case Fine = 'fine';
    case Frame = 'frame';
    case Wide = 'wide';

    public function border(Unit $unit): Length
    {
        return match ($unit) {
            Unit::Inch => match ($this) {
                self::Hairline => Length::inches(0, 1, 16),
                self::Fine => Length::inches(0, 1, 8),
                self::Frame => Length::inches(0, 1, 4),
                self::Wide => Length::inches(0, 1, 2),
            },
            Unit::Centimetre => match ($this) {
                self::Hairline => Length::micrometres(1500),
                self::Fine => Length::millimetres(3),
                self::Frame => Length::millimetres(6),
                self::Wide => Length::millimetres(12),
            },
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Hairline => 'Hairline, 1⁄16 in or 1.5 mm',
            self::Fine => 'Fine, ⅛ in or 3 mm',
            self::Frame => 'Frame, ¼ in or 6 mm',
            self::Wide => 'Wide, ½ in or 12 mm',
        };
    }
}
