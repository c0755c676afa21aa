<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/** Sets of pieces that are known to come out of one sheet, each once, as they were found. A piece is its place in an order of kinds. */
final class FoundSets
{
    /** @var array<string, true> by set */
    private array $known = [];

    /** @var list<array<int, int>> how many, by place */
    private array $sets = [];

    /** @param string $set places, a byte each, the lowest first */
    public function keep(string $set): void
    {
        if (! isset($this->known[$set])) {
            $this->known[$set] = true;
            $this->sets[] = array_count_values(array_map(ord(...), str_split($set)));
        }
    }

    /** @return list<array<int, int>> how many, by place: those from a number on */
    public function from(int $number): array
    {
        return array_slice($this->sets, $number);
    }

    public function count(): int
    {
        return count($this->sets);
    }
}
