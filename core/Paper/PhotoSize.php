<?php

declare(strict_types=1);

namespace Ephemeron\Paper;

use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\Unit;

/** Prints as labs make them, with the card they are mounted on (common practice, no published source). */
enum PhotoSize: string
{
    case FourBySix = '4x6';
    case ThreeByFour = '3x4';
    case FourSquare = '4x4';
    case ThreeSquare = '3x3';
    case TwoByThree = '2x3';
    case NineByThirteen = '9x13cm';
    case TenByFifteen = '10x15cm';

    /** @return list<self> the prints that makers of this school use */
    public static function usualFor(Unit $unit): array
    {
        return array_values(array_filter(self::cases(), static fn (self $photo): bool => $photo->unit() === $unit));
    }

    public function unit(): Unit
    {
        return str_ends_with($this->value, 'cm') ? Unit::Centimetre : Unit::Inch;
    }

    public function label(): string
    {
        return match ($this) {
            self::FourBySix => '4 × 6 in',
            self::ThreeByFour => '3 × 4 in',
            self::FourSquare => '4 × 4 in',
            self::ThreeSquare => '3 × 3 in',
            self::TwoByThree => '2 × 3 in',
            self::NineByThirteen => '9 × 13 cm',
            self::TenByFifteen => '10 × 15 cm',
        };
    }

    public function size(): Size
    {
        return match ($this) {
            self::FourBySix => Size::inches(4, 6),
            self::ThreeByFour => Size::inches(3, 4),
            self::FourSquare => Size::inches(4, 4),
            self::ThreeSquare => Size::inches(3, 3),
            self::TwoByThree => Size::inches(2, 3),
            self::NineByThirteen => Size::millimetres(90, 130),
            self::TenByFifteen => Size::millimetres(100, 150),
        };
    }

    /** ¼ in more each way; metric prints ½ cm. */
    public function mat(): Size
    {
        return $this->size()->plus($this->unit() === Unit::Inch ? Length::inches(0, 1, 4) : Length::millimetres(5));
    }
}
