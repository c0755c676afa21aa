<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/**
 * When a planner has to come to an end. Its effort is limited by counting; this is for a machine slower than expected, or for one who does
 * not want to wait. The seconds are those this process works, not those that pass: what else the machine is busy with must not change a
 * plan.
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
        return new self(self::worked(), $seconds, $goOn);
    }

    public static function never(): self
    {
        return self::in(INF);
    }

    public function isPast(): bool
    {
        $used = self::worked() - $this->begun;

        return $used >= $this->seconds || ($this->goOn !== null && ! ($this->goOn)($used / $this->seconds));
    }

    /** Seconds of work by this process since it began, its calls to the system counted. */
    private static function worked(): float
    {
        $usage = getrusage();
        if ($usage === false) {
            return microtime(true);
        }

        return $usage['ru_utime.tv_sec'] + $usage['ru_stime.tv_sec'] + ($usage['ru_utime.tv_usec'] + $usage['ru_stime.tv_usec']) / 1e6;
    }
}
