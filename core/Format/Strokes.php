<?php

declare(strict_types=1);

namespace Ephemeron\Format;

use Brick\Math\BigInteger;

/** Pieces of straight lines joined to whole ones: a file cuts every line where another crosses it. */
final readonly class Strokes
{
    /**
     * @param list<array{array{int, int}, array{int, int}}> $segments of some length each
     * @return list<array{array{int, int}, array{int, int}}>
     */
    public function joined(array $segments): array
    {
        $lines = [];
        foreach ($segments as [$from, $to]) {
            // Every line has one direction, and those that lie on it have one distance from the origin.
            [$from, $to] = $from <= $to ? [$from, $to] : [$to, $from];
            [$dx, $dy] = [$to[0] - $from[0], $to[1] - $from[1]];
            $divisor = BigInteger::of($dx)->gcd($dy)->toInt();
            [$dx, $dy] = [intdiv($dx, $divisor), intdiv($dy, $divisor)];
            $lines["{$dx} {$dy} ".($dx * $from[1] - $dy * $from[0])][] = [$from, $to];
        }
        $joined = [];
        foreach ($lines as $pieces) {
            sort($pieces);
            [$begin, $end] = $pieces[0];
            foreach (array_slice($pieces, 1) as [$from, $to]) {
                if ($from > $end) {
                    $joined[] = [$begin, $end];
                    $begin = $from;
                    $end = $to;
                }
                $end = max($end, $to);
            }
            $joined[] = [$begin, $end];
        }

        return $joined;
    }
}
