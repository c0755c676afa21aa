<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/**
 * When a planner has to come to an end. Its effort is limited by counting; this is for a machine slower than expected, or for one who does not want to wait.
 */
final readonly class Deadline
{
    /** @param (\Closure(float): bool)|null $goOn is told what share of the time is used up, and says whether to go on */
    private function __construct(private float $begun, private float $seconds, private ?\Closure $goOn)
    {
    }

    /** @param (\Closure(float): bool)|null $goOn is told what share of the time is used up, and says whether to go on */
    public static function in(float $seconds, ?\Closure $goOn = null): self
    {
        return new self(microtime(true), $seconds, $goOn);
    }

    public static function never(): self
    {
        return self::in(INF);
    }

    public function isPast(): bool
    {
        $used = microtime(true) - $this->begun;

        return $used >= $this->seconds || ($this->goOn !== null && ! ($this->goOn)($used / $this->seconds));
    }
}
