<?php

declare(strict_types=1);

namespace Ephemeron\Gathering;

/** The innermost leaves so far on both sides of the middle, the last one first. */
final readonly class Chain
{
    /**
     * @param list<Leaf> $front at most two
     * @param list<Leaf> $back at most two
     */
    public function __construct(public array $front, public array $back)
    {
    }

    public function with(?Leaf $front, ?Leaf $back): self
    {
        return new self(
            $front === null ? $this->front : [$front, ...array_slice($this->front, 0, 1)],
            $back === null ? $this->back : [$back, ...array_slice($this->back, 0, 1)],
        );
    }
}
