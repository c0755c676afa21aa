<?php

declare(strict_types=1);

namespace App\Words;

/** A word of the trade: what it means, and a small drawing of it. */
final readonly class Word
{
    /**
     * @param string $key stable, for its address
     * @param list<string> $also other words for it, and its plurals
     * @param list<list<string>> $drawn a shape and its numbers, see {@see WordDrawing}
     */
    public function __construct(public string $key, public string $name, public array $also, public string $meaning, public array $drawn)
    {
    }

    public function isLike(string $search): bool
    {
        return mb_stripos("{$this->name} ".implode(' ', $this->also)." {$this->meaning}", $search) !== false;
    }
}
