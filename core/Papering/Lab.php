<?php

declare(strict_types=1);

namespace Ephemeron\Papering;

/** A colour as the eye tells it from others: CIE L*a*b*, white point D65. */
final readonly class Lab
{
    /** Of D65, 2° observer (CIE 15). */
    private const WHITE = [0.95047, 1.0, 1.08883];

    /**
     * @param float $l lightness, 0 black to 100 white
     * @param float $a green to red
     * @param float $b blue to yellow
     */
    public function __construct(public float $l, public float $a, public float $b)
    {
    }

    /**
     * From sRGB (IEC 61966-2-1).
     *
     * @param string $colour as `#rrggbb`
     * @return self|null null of what is no colour
     */
    public static function ofHex(string $colour): ?self
    {
        if (preg_match('/^#([0-9a-f]{2})([0-9a-f]{2})([0-9a-f]{2})$/iD', $colour, $parts) !== 1) {
            return null;
        }
        [$red, $green, $blue] = array_map(static function (string $part): float {
            $value = hexdec($part) / 255;

            return $value <= 0.04045 ? $value / 12.92 : (($value + 0.055) / 1.055) ** 2.4;
        }, array_slice($parts, 1));
        [$x, $y, $z] = array_map(
            static fn (float $value, float $white): float => self::eye($value / $white),
            [
                0.4124564 * $red + 0.3575761 * $green + 0.1804375 * $blue,
                0.2126729 * $red + 0.7151522 * $green + 0.0721750 * $blue,
                0.0193339 * $red + 0.1191920 * $green + 0.9503041 * $blue,
            ],
            self::WHITE,
        );

        return new self(116 * $y - 16, 500 * ($x - $y), 200 * ($y - $z));
    }

    /**
     * How different two colours look: CIEDE2000 with weights of one; about 1 is just seen, 100 is black and white.
     *
     * Sharma, Wu and Dalal, The CIEDE2000 color-difference formula, Color Research and Application 30 (2005), 21–30.
     */
    public function distance(self $other): float
    {
        $mean7 = ((hypot($this->a, $this->b) + hypot($other->a, $other->b)) / 2) ** 7;
        $g = 0.5 * (1 - sqrt($mean7 / ($mean7 + 25 ** 7)));
        [$a1, $a2] = [(1 + $g) * $this->a, (1 + $g) * $other->a];
        [$c1, $c2] = [hypot($a1, $this->b), hypot($a2, $other->b)];
        [$h1, $h2] = [self::hue($a1, $this->b), self::hue($a2, $other->b)];
        $turn = $h2 - $h1;
        $hue = match (true) {
            $c1 * $c2 === 0.0 => 0.0,
            $turn > 180 => $turn - 360,
            $turn < -180 => $turn + 360,
            default => $turn,
        };
        $meanHue = match (true) {
            $c1 * $c2 === 0.0 => $h1 + $h2,
            abs($turn) <= 180 => ($h1 + $h2) / 2,
            $h1 + $h2 < 360 => ($h1 + $h2 + 360) / 2,
            default => ($h1 + $h2 - 360) / 2,
        };
        $meanL = ($this->l + $other->l) / 2;
        $meanC = ($c1 + $c2) / 2;
        $t = 1 - 0.17 * cos(deg2rad($meanHue - 30)) + 0.24 * cos(deg2rad(2 * $meanHue)) + 0.32 * cos(deg2rad(3 * $meanHue + 6))
            - 0.20 * cos(deg2rad(4 * $meanHue - 63));
        $dl = ($other->l - $this->l) / (1 + 0.015 * ($meanL - 50) ** 2 / sqrt(20 + ($meanL - 50) ** 2));
        $dc = ($c2 - $c1) / (1 + 0.045 * $meanC);
        $dh = 2 * sqrt($c1 * $c2) * sin(deg2rad($hue / 2)) / (1 + 0.015 * $meanC * $t);
        $rotation = -sin(deg2rad(60 * exp(-((($meanHue - 275) / 25) ** 2)))) * 2 * sqrt($meanC ** 7 / ($meanC ** 7 + 25 ** 7));

        return sqrt($dl ** 2 + $dc ** 2 + $dh ** 2 + $rotation * $dc * $dh);
    }

    private static function eye(float $value): float
    {
        return $value > 216 / 24389 ? $value ** (1 / 3) : (24389 / 27 * $value + 16) / 116;
    }

    private static function hue(float $a, float $b): float
    {
        $hue = $a === 0.0 && $b === 0.0 ? 0.0 : rad2deg(atan2($b, $a));

        return $hue < 0 ? $hue + 360 : $hue;
    }
}
