<?php

declare(strict_types=1);

namespace Bench;

/** Medians of interleaved runs: on a noisy machine a ratio within one run says more than a time. */
final readonly class Stopwatch
{
    /**
     * @param array<string, callable(): mixed> $contestants
     * @return array<string, float> median milliseconds of each
     */
    public function medians(array $contestants, int $rounds): array
    {
        $times = [];
        for ($round = -2; $round < $rounds; $round++) {
            foreach ($contestants as $name => $run) {
                $start = hrtime(true);
                $run();
                if ($round >= 0) {
                    $times[$name][] = (hrtime(true) - $start) / 1e6;
                }
            }
        }

        return array_map(static function (array $each): float {
            sort($each);

            return $each[intdiv(count($each), 2)];
        }, $times);
    }
}
