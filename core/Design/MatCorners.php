<?php

declare(strict_types=1);

namespace Ephemeron\Design;

use Ephemeron\Blueprint\Corner;
use Ephemeron\Blueprint\Trim;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Unit;

/** What is done to the corners of mats: usually what is done to the corners they lie on (common practice, no published source). */
enum MatCorners: string
{
    case Follow = 'follow';
    case Square = 'square';
    case Rounded = 'rounded';
    case RoundedWide = 'rounded-wide';
    case Scalloped = 'scalloped';
    case Mitred = 'mitred';

    public function label(): string
    {
        return match ($this) {
            self::Follow => 'as what they lie on',
            self::Square => 'square',
            self::Rounded => 'rounded, ¼ in or 6 mm',
            self::RoundedWide => 'rounded, ½ in or 12 mm',
            self::Scalloped => 'scalloped',
            self::Mitred => 'mitred',
        };
    }

    /**
     * @param list<Corner> $below those of the face, as the reader sees it
     * @return list<Corner>
     */
    public function of(array $below, Unit $unit): array
    {
        $allow = new Allowances($unit);
        $wide = $allow->either(Length::inches(0, 1, 2), Length::millimetres(12));

        return match ($this) {
            self::Follow => $below,
            self::Square => [],
            self::Rounded => Corner::all(Trim::Rounded, $allow->quarter()),
            self::RoundedWide => Corner::all(Trim::Rounded, $wide),
            self::Scalloped => Corner::all(Trim::Scalloped, $wide),
            self::Mitred => Corner::all(Trim::Mitred, $allow->quarter()),
        };
    }
}
