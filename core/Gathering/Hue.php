<?php

declare(strict_types=1);

namespace Ephemeron\Gathering;

/** The hue of a swatch. */
final readonly class Hue
{
    /** Less colourful than this, of a whole, is white, grey or black to the eye (this tool's own). */
    private const LEAST = 0.08;

    /**
     * By the usual hexagon of hues (HSV, from memory).
     *
     * @param string $swatch `#8fa3c4`
     * @return int|null 0 to 359; null for what is white, grey, black, or no swatch
     */
    public static function of(string $swatch): ?int
    {
        if (preg_match('/^#[0-9a-f]{6}$/i', $swatch) !== 1) {
            return null;
        }
        [$red, $green, $blue] = array_map(static fn (string $part): float => hexdec($part) / 255, str_split(substr($swatch, 1), 2));
        $most = max($red, $green, $blue);
        $spread = $most - min($red, $green, $blue);
        if ($most === 0.0 || $spread / $most < self::LEAST) {
            return null;
        }
        $sixths = match ($most) {
            $red => fmod(($green - $blue) / $spread + 6, 6),
            $green => ($blue - $red) / $spread + 2,
            default => ($red - $green) / $spread + 4,
        };

        return (int) round(60 * $sixths) % 360;
    }
}
