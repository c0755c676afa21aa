<?php

declare(strict_types=1);

namespace App\Database;

/**
 * What is looked for as it is typed, in any database: capitals count for nothing as far as the database knows them, and no sign of it means
 * something else.
 */
final readonly class Like
{
    private const ESCAPE = '!';

    /**
     * @param list<string> $columns any of them
     * @return string for `whereRaw`, with as many bindings as there are columns
     */
    public static function any(array $columns): string
    {
        return '('.implode(' or ', array_map(
            static fn (string $column): string => "lower({$column}) like lower(?) escape '".self::ESCAPE."'",
            $columns,
        )).')';
    }

    public static function somewhere(string $text): string
    {
        return '%'.self::literally($text).'%';
    }

    /** @param string $text with which something begins; capitals count */
    public static function begins(string $text): string
    {
        return self::literally($text).'%';
    }

    /** For columns in which capitals count. */
    public static function exactly(string $column): string
    {
        return "{$column} like ? escape '".self::ESCAPE."'";
    }

    private static function literally(string $text): string
    {
        return (string) preg_replace('/[%_!]/', self::ESCAPE.'$0', $text);
    }
}
