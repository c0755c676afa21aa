<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/** The patterns a search has met, one for each set of pieces that a supply gives; those that no trimmer cuts cleanly are left out. */
final class KnownPatterns
{
    /** @var array<string, array{int, Slab}> supply and pattern, by what they give */
    private array $patterns = [];

    /** @param int $narrowest strip that comes off, in the planner’s units */
    public function __construct(private readonly int $narrowest)
    {
    }

    /** @param list<array{int, Slab}> $sheets supply and pattern */
    public function remember(array $sheets): void
    {
        foreach ($sheets as [$supply, $slab]) {
            $pieces = $slab->pieces();
            ksort($pieces);
            $key = "{$supply}:".json_encode($pieces);
            if (! isset($this->patterns[$key]) && $slab->comesOff($this->narrowest)) {
                // A planner goes on changing its own sheets.
                $this->patterns[$key] = [$supply, clone $slab];
            }
        }
    }

    /** @return list<array{int, Slab}> in the order they were met */
    public function all(): array
    {
        return array_values($this->patterns);
    }
}
