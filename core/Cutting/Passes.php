<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/** So many equal pieces under a blade that takes so many at once. */
final readonly class Passes
{
    /**
     * @param int $pieces that are cut alike, 1 or more
     * @param int $atOnce that the trimmer takes; 0: none, they are cut with knife and ruler
     */
    public function __construct(public int $pieces, public int $atOnce)
    {
    }

    public function isByHand(): bool
    {
        return $this->atOnce === 0;
    }

    public function count(): int
    {
        return intdiv($this->pieces + max(1, $this->atOnce) - 1, max(1, $this->atOnce));
    }

    /** `3 together`, `32 passes of 3`, `5 passes of 3, the last of 1`, `4, one at a time`; empty for one piece. */
    public function text(): string
    {
        $last = $this->pieces - ($this->count() - 1) * max(1, $this->atOnce);

        return match (true) {
            $this->pieces === 1 => '',
            $this->atOnce <= 1 => "{$this->pieces}, one at a time",
            $this->count() === 1 => "{$this->pieces} together",
            $last === $this->atOnce => "{$this->count()} passes of {$this->atOnce}",
            default => "{$this->count()} passes of {$this->atOnce}, the last of {$last}",
        };
    }
}
