<?php

declare(strict_types=1);

namespace Ephemeron\Folding;

/** A score between two panels, and how far it is folded in the finished book. */
final readonly class Hinge
{
    /**
     * @param int $edge number among the edges of the pattern
     * @param int $quarters 2: flat, back onto itself; 1: a right angle, beside a gusset or a spine; 0: left as it is
     */
    public function __construct(public int $edge, public int $one, public int $other, public Assignment $assignment, public int $quarters)
    {
    }

    /** The same score before it is folded. */
    public function unfolded(): self
    {
        return new self($this->edge, $this->one, $this->other, $this->assignment, 0);
    }

    public function across(int $face): int
    {
        return $face === $this->one ? $this->other : $this->one;
    }
}
