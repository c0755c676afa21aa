<?php

declare(strict_types=1);

namespace App\View;

use Illuminate\Support\HtmlString;

/** Sets fractions in a sentence as the typeface's own: 4⅞ and 4 3⁄16 alike. */
final readonly class Typeset
{
    private const VULGAR = [
        '½' => '1⁄2', '¼' => '1⁄4', '¾' => '3⁄4', '⅛' => '1⁄8', '⅜' => '3⁄8', '⅝' => '5⁄8', '⅞' => '7⁄8', '⅓' => '1⁄3', '⅔' => '2⁄3',
    ];

    public static function html(string $text): HtmlString
    {
        $spelled = strtr(e($text), self::VULGAR);

        return new HtmlString((string) preg_replace('~\x{2009}?(\d+⁄\d+)~u', '<span class="frac">$1</span>', $spelled));
    }
}
