<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/** When a planner has to come to an end. Its effort is limited by counting; this is for a machine slower than expected, or for one who does not want to wait. */
final readonly class Deadline
{
    private function __construct(private float $at)
    {
    }

    public static function in(float $seconds): self
    {
        return new self(microtime(true) + $seconds);
    }

    public static function never(): self
    {
        return new self(INF);
    }

    public function isPast(): bool
    {
        return microtime(true) >= $this->at;
    }
}
