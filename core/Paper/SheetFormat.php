<?php

declare(strict_types=1);

namespace Ephemeron\Paper;

use Ephemeron\Measure\Size;

/**
 * Sheets as they are bought. The A sizes are those of ISO 216; letter is ANSI/ASME Y14.1 size A;
 * the squares are common practice, no published source.
 */
enum SheetFormat: string
{
    case TwelveSquare = '12x12';
    case EightSquare = '8x8';
    case SixSquare = '6x6';
    case Letter = '8.5x11';
    case LetterWide = '11x8.5';
    case A3 = 'a3';
    case A4 = 'a4';
    case A4Wide = 'a4-wide';
    case A5 = 'a5';
    case ThirtySquare = '30.5x30.5cm';
    case TwentySquare = '20x20cm';

    /** Null where a sheet has no usual format. */
    public static function of(Size $sheet): ?self
    {
        foreach (self::cases() as $format) {
            if ($format->size()->equals($sheet)) {
                return $format;
            }
        }

        return null;
    }

    public function size(): Size
    {
        return match ($this) {
            self::TwelveSquare => Size::inches(12, 12),
            self::EightSquare => Size::inches(8, 8),
            self::SixSquare => Size::inches(6, 6),
            self::Letter => Size::inches(8.5, 11),
            self::LetterWide => Size::inches(11, 8.5),
            self::A3 => Size::millimetres(297, 420),
            self::A4 => Size::millimetres(210, 297),
            self::A4Wide => Size::millimetres(297, 210),
            self::A5 => Size::millimetres(148, 210),
            self::ThirtySquare => Size::millimetres(305, 305),
            self::TwentySquare => Size::millimetres(200, 200),
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::TwelveSquare => '12 × 12 in',
            self::EightSquare => '8 × 8 in',
            self::SixSquare => '6 × 6 in',
            self::Letter => '8½ × 11 in',
            self::LetterWide => '11 × 8½ in',
            self::A3 => 'A3, 29.7 × 42 cm',
            self::A4 => 'A4, 21 × 29.7 cm',
            self::A4Wide => 'A4 lying, 29.7 × 21 cm',
            self::A5 => 'A5, 14.8 × 21 cm',
            self::ThirtySquare => '30.5 × 30.5 cm',
            self::TwentySquare => '20 × 20 cm',
        };
    }
}
