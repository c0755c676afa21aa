<?php

declare(strict_types=1);

namespace App\Drawer;

use Illuminate\Support\Str;

/** Names in the order people expect: “Dusk 2” before “Dusk 10”, capitals and accents beside their plain letters. */
final readonly class NaturalOrder
{
    private const DIGITS = 8;

    private const MOST = 200;

    /** By what a name is sorted. */
    public static function key(string $name): string
    {
        $plain = mb_strtolower(Str::ascii($name));
        $padded = preg_replace_callback(
            '/\d+/',
            static fn (array $digits): string => str_pad(ltrim($digits[0], '0'), self::DIGITS, '0', STR_PAD_LEFT),
            $plain,
        );

        return mb_substr($padded ?? $plain, 0, self::MOST);
    }
}
