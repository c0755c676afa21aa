<?php

declare(strict_types=1);

namespace App\View;

/** Values as a literal of an expression in an attribute: read by a parser of its own, which knows no JSON.parse and evaluates nothing. */
final readonly class Expression
{
    /** @param array<string, string|int|bool|null> $values */
    public static function of(array $values): string
    {
        $fields = [];
        foreach ($values as $name => $value) {
            $fields[] = "{$name}: ".(is_string($value)
                ? "'".str_replace(['\\', "'", "\n", "\r"], ['\\\\', "\\'", '\\n', '\\r'], $value)."'"
                : json_encode($value, JSON_THROW_ON_ERROR));
        }

        return '{ '.implode(', ', $fields).' }';
    }
}
