<?php

declare(strict_types=1);

namespace Ephemeron\Gathering;

use Ephemeron\Paper\Side;

/** One sheet of a signature, folded once: two leaves, or one and a stub where it hangs on a strip. */
final readonly class Sheet
{
    /**
     * @param bool $isTurned side B is outside when it is folded
     * @param bool $isAtBack a single leaf is the second half, its stub the first
     */
    public function __construct(public Meeting $meeting, public bool $isTurned = false, public bool $isAtBack = false)
    {
    }

    public function turned(): self
    {
        return new self($this->meeting, ! $this->isTurned, $this->isAtBack);
    }

    public function isSingle(): bool
    {
        return $this->meeting->width === WidthWay::Strip;
    }

    /** The leaf before the middle of its signature; null for a stub. */
    public function front(): ?Leaf
    {
        return $this->isSingle() && $this->isAtBack ? null : new Leaf($this, false, $this->isTurned ? Side::B : Side::A);
    }

    /** The leaf behind the middle. */
    public function back(): ?Leaf
    {
        return $this->isSingle() && ! $this->isAtBack ? null : new Leaf($this, true, $this->isTurned ? Side::A : Side::B);
    }
}
