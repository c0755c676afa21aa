<?php

declare(strict_types=1);

namespace App\History;

/** So many pieces of a sheet that are gone from a book, as an event keeps it. */
final readonly class Gone
{
    /** @param int $laid of those that have gone into the drawer */
    private function __construct(public string $sheet, public string $piece, public int $count, public int $laid)
    {
    }

    /** @param array<string, mixed> $state */
    public static function of(array $state): self
    {
        $text = static fn (string $key): string => is_string($state[$key] ?? null) ? $state[$key] : '';
        $number = static fn (string $key): int => is_int($state[$key] ?? null) ? max(0, $state[$key]) : 0;

        return new self($text('sheet'), $text('piece'), $number('count'), $number('laid'));
    }
}
