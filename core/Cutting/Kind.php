<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

use Ephemeron\Measure\Size;

/** Pieces that are cut alike, whatever they are for: which of them is which is decided when they are sorted. */
final readonly class Kind
{
    /** @param non-empty-list<string> $keys of the demands that ask for it */
    private function __construct(public array $keys, public Size $size, public int $quantity, public bool $turnable)
    {
    }

    /**
     * @param list<Demand> $demands
     * @return list<self>
     */
    public static function among(array $demands): array
    {
        $kinds = [];
        foreach ($demands as $demand) {
            $name = "{$demand->size->width->ticks}x{$demand->size->height->ticks}".($demand->turnable ? 't' : '');
            $known = $kinds[$name] ?? null;
            $kinds[$name] = new self(
                [...$known->keys ?? [], $demand->key],
                $demand->size,
                ($known->quantity ?? 0) + $demand->quantity,
                $demand->turnable,
            );
        }

        return array_values($kinds);
    }
}
