<?php

declare(strict_types=1);

namespace Ephemeron\AsMade;

use Ephemeron\Measure\Length;

/**
 * What a maker’s hand or trimmer does every time, told from chance: one-sample Student’s t-test of the differences between what came and
 * what was planned, two-sided at one in a hundred (critical values: NIST/SEMATECH e-Handbook of Statistical Methods, 1.3.6.7.2, from
 * memory).
 */
final readonly class Habit
{
    /** Fewer measurements tell nothing. */
    public const LEAST = 5;

    private const CRITICAL = [
        4 => 4.604, 5 => 4.032, 6 => 3.707, 7 => 3.499, 8 => 3.355, 9 => 3.250, 10 => 3.169, 11 => 3.106, 12 => 3.055, 13 => 3.012,
        14 => 2.977, 15 => 2.947, 20 => 2.845, 30 => 2.750, 60 => 2.660,
    ];

    /** @param Length $mean how much larger than planned they came on the average; less than nothing: smaller */
    private function __construct(public Length $mean, public int $count, public float $t)
    {
    }

    /**
     * @param list<Length> $differences came less planned
     * @return self|null null where chance explains them, or where the habit is finer than any mark
     */
    public static function in(array $differences): ?self
    {
        $count = count($differences);
        if ($count < self::LEAST) {
            return null;
        }
        $ticks = array_map(static fn (Length $each): int => $each->ticks, $differences);
        $mean = array_sum($ticks) / $count;
        $square = array_sum(array_map(static fn (int $each): float => ($each - $mean) ** 2, $ticks)) / ($count - 1);
        // A ruler is read to a sixty-fourth: less than half of that cannot be told from nothing.
        $error = max(sqrt($square), Length::inches(0, 1, 64)->ticks / 4) / sqrt($count);
        $t = $mean / $error;
        $isFine = abs($mean) < Length::inches(0, 1, 64)->ticks;

        return abs($t) < self::critical($count - 1) || $isFine ? null : new self(Length::ofTicks((int) round($mean)), $count, $t);
    }

    /** Of the largest number of degrees of freedom that is not above this one. */
    private static function critical(int $freedom): float
    {
        $value = self::CRITICAL[4];
        foreach (self::CRITICAL as $from => $each) {
            $value = $freedom >= $from ? $each : $value;
        }

        return $value;
    }
}
