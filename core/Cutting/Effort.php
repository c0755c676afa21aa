<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/**
 * How much work a planner may do. It is counted and not timed: the same task is planned the same on every machine, fast or slow, busy or
 * not. A unit is a look at one possibility in an inner loop: a place for a piece, a cut that is weighed, an entry of a linear programme.
 */
final class Effort
{
    /** Units that a usual machine of these years does in a second (measured, see docs/benchmarks.md). */
    public const A_SECOND = 32_000_000;

    private int $spent = 0;

    /** @param (\Closure(float): bool)|null $goOn is told what share is used up, and says whether to go on */
    private function __construct(private int $units, private readonly ?\Closure $goOn)
    {
    }

    /** @param (\Closure(float): bool)|null $goOn is told what share is used up, and says whether to go on */
    public static function of(int $units, ?\Closure $goOn = null): self
    {
        return new self($units, $goOn);
    }

    /**
     * What a usual machine does in so many seconds.
     *
     * @param (\Closure(float): bool)|null $goOn is told what share is used up, and says whether to go on
     */
    public static function ofSeconds(float $seconds, ?\Closure $goOn = null): self
    {
        return new self((int) ($seconds * self::A_SECOND), $goOn);
    }

    public static function unlimited(): self
    {
        return new self(PHP_INT_MAX, null);
    }

    /** @param int $units more; below 0: fewer, of which some are kept for later */
    public function grant(int $units): void
    {
        $this->units += $units;
    }

    public function spend(int $units): void
    {
        $this->spent += $units;
    }

    public function spent(): int
    {
        return $this->spent;
    }

    public function left(): int
    {
        return max(0, $this->units - $this->spent);
    }

    public function isSpent(): bool
    {
        return $this->spent >= $this->units || ($this->goOn !== null && ! ($this->goOn)($this->spent / $this->units));
    }
}
