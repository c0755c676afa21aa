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
    case Thrifty = 'thrifty';

    public function border(Unit $unit): Length
    {
        $allow = new Allowances($unit);

        return match ($this) {
            self::Hairline => $allow->hairline(),
            self::Fine => $allow->fine(),
            self::Frame, self::Thrifty => $allow->quarter(),
            self::Wide => $allow->either(Length::inches(0, 1, 2), Length::millimetres(12)),
        };
    }

    /**
     * What the second layer of a double mat leaves of the first: ⅛ in or 3 mm; the thrifty school puts a small print on a larger plain
     * base (3 on 3½).
     */
    public function inner(Unit $unit): Length
    {
        return $this === self::Thrifty ? $this->border($unit) : self::Fine->border($unit);
    }

    public function why(): string
    {
        return match ($this) {
            self::Hairline => 'The mat all but covers the face: most print, least card to be seen, and it must be cut exactly.',
            self::Fine => 'The usual one: an even line of card, and a sloppy sixteenth does not show.',
            self::Frame => 'The card frames the print; four mats come out of less paper.',
            self::Wide => 'A broad frame: 5 × 5 on a page of 6, four and four strips from one sheet.',
            self::Thrifty => 'A small print on a larger plain base, to make the good paper last.',
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Hairline => 'Hairline, 1⁄16 in or 1.5 mm',
            self::Fine => 'Fine, ⅛ in or 3 mm',
            self::Frame => 'Frame, ¼ in or 6 mm',
            self::Wide => 'Wide, ½ in or 12 mm',
            self::Thrifty => 'Thrifty, ¼ in or 6 mm, and as much again inside',
        };
    }
}
