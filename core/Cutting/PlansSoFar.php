<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/** What a search has found: the best plan, the best bound, the patterns it met, and the plan with one sheet fewer that misses least. */
final class PlansSoFar
{
    private ?Packing $best = null;

    private ?Packing $nearest = null;

    private ?Packing $fullest = null;

    public function __construct(private int $bound, public readonly KnownPatterns $patterns)
    {
    }

    /** @throws \LogicException before anything has been laid out */
    public function best(): Packing
    {
        return $this->best ?? throw new \LogicException('Nothing has been laid out yet.');
    }

    /** Fewer sheets than this are impossible. */
    public function bound(): int
    {
        return $this->bound;
    }

    public function raise(int $bound): void
    {
        $this->bound = max($this->bound, $bound);
    }

    public function isProved(): bool
    {
        return $this->best !== null && $this->best->missed === 0 && $this->best->newSheets <= $this->bound;
    }

    public function keep(Packing $packing): void
    {
        if ($packing->missed === 0 && ! $this->isProved() && ($this->best === null || $packing->newSheets <= $this->best->newSheets)) {
            $this->patterns->remember($packing->sheets);
        }
        if ($this->best === null || $packing->beats($this->best)) {
            $this->best = $packing;
        }
    }

    /** The plan with the fewest sheets of which some are as full as can be: from there on one goes on. */
    public function fullest(): Packing
    {
        $best = $this->best();

        return $this->fullest !== null && $this->fullest->newSheets === $best->newSheets && $best->missed === 0 ? $this->fullest : $best;
    }

    public function keepFullest(Packing $packing): void
    {
        $this->keep($packing);
        $this->fullest = $packing->missed === 0 ? $packing : $this->fullest;
    }

    /** Keeps a plan that misses pieces if it misses fewer than the one before. */
    public function keepNearest(Packing $packing, int $target): void
    {
        if ($this->nearest === null || $packing->newSheets <= $target && $packing->missed < $this->nearest->missed) {
            $this->nearest = $packing;
        }
    }

    /** A plan with fewer sheets than the best that still misses pieces; null if there is none. */
    public function nearest(): ?Packing
    {
        return $this->nearest !== null && $this->nearest->newSheets < $this->best()->newSheets ? $this->nearest : null;
    }

    public function setNearest(?Packing $packing): void
    {
        $this->nearest = $packing;
    }

    /** No more sheets than the best plan has: beyond that there is nothing to win. */
    public function most(): int
    {
        return $this->best === null || $this->best->missed > 0 ? PHP_INT_MAX : $this->best->newSheets;
    }
}
