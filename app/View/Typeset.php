<?php

declare(strict_types=1);

namespace App\View;

use Illuminate\Support\HtmlString;

/** Sets fractions in a sentence as the typeface's own: 4⅞ and 4 3⁄16 alike. The thin space keeps the whole number out of them. */
final readonly class Typeset
{
    private const VULGAR = [
        '½' => "\u{2009}1⁄2", '¼' => "\u{2009}1⁄4", '¾' => "\u{2009}3⁄4", '⅛' => "\u{2009}1⁄8", '⅜' => "\u{2009}3⁄8",
        '⅝' => "\u{2009}5⁄8", '⅞' => "\u{2009}7⁄8", '⅓' => "\u{2009}1⁄3", '⅔' => "\u{2009}2⁄3",
    ];

    public static function html(string $text): HtmlString
    {
        // A number and its unit, and the two numbers of a size, stay on one line.
        $kept = (string) preg_replace(
            ['~(?<=[\d½¼¾⅛⅜⅝⅞]) (?=(?:in|cm)\b)~u', '~(?<=[\d½¼¾⅛⅜⅝⅞]) × (?=[≈\d½¼¾⅛⅜⅝⅞])~u'],
            ["\u{A0}", "\u{A0}×\u{A0}"],
            e($text),
        );
        // A fraction is a box of its own, and beside a box a line may end in spite of a space that does not break.
        $whole = (string) preg_replace(
            '~(?:[≈\d]+\x{A0}×\x{A0})?[≈\d]*\x{2009}?\d+⁄\d+(?:\x{A0}(?:in|cm)|\x{A0}×\x{A0}[≈\d]*(?:\x{2009}?\d+⁄\d+)?)*~u',
            '<span class="text-nowrap">$0</span>',
            strtr($kept, self::VULGAR),
        );

        return new HtmlString((string) preg_replace('~\x{2009}?(\d+⁄\d+)~u', '<span class="frac">$1</span>', $whole));
    }
}
