<?php

declare(strict_types=1);

namespace Ephemeron\Format;

use Ephemeron\Geometry\Loop;

/**
 * The edge of the sheet in a crease pattern, and what has been cut from its smallest upright rectangle: corners, notches, holes. All in
 * ticks, y downwards.
 */
final readonly class SheetRim
{
    /** @param list<non-empty-list<array{int, int}>> $cutAways outlines of what is missing from the rectangle */
    private function __construct(public array $cutAways)
    {
    }

    /**
     * @param list<array{int, int}> $vertices from the upper left corner of the rectangle
     * @param list<array{int, int}> $edges two vertices each
     * @param array{int, int} $size of the rectangle
     *
     * @throws InvalidDesign
     */
    public static function of(array $vertices, array $edges, array $size): self
    {
        if (min($size) <= 0) {
            throw InvalidDesign::whole('The pattern has no breadth or no height: its corners lie on one line.');
        }
        $loops = self::loops($vertices, $edges);
        $sheet = array_shift($loops) ?? throw InvalidDesign::whole('The pattern has no edge of the sheet: edges of assignment B.');
        $around = new Loop($sheet);
        $holes = [];
        foreach ($loops as $loop) {
            $inside = [($loop[0][0] + $loop[1][0]) / 2, ($loop[0][1] + $loop[1][1]) / 2];
            if (! $around->encloses(...$inside)) {
                throw InvalidDesign::whole('The pattern is of more than one sheet; bring them in one by one.');
            }
            $holes[] = $loop;
        }

        return new self([...self::missing($sheet, $size), ...$holes]);
    }

    /** Whether a place lies in what is cut away. */
    public function isCutAway(float $x, float $y): bool
    {
        foreach ($this->cutAways as $outline) {
            if ((new Loop($outline))->encloses($x, $y)) {
                return true;
            }
        }

        return false;
    }

    /**
     * Closed ways along the edge, the sheet's own first; walked with the paper on the right, so that one which touches itself in a corner
     * comes out right.
     *
     * @param list<array{int, int}> $vertices
     * @param list<array{int, int}> $edges
     * @return list<non-empty-list<array{int, int}>>
     */
    private static function loops(array $vertices, array $edges): array
    {
        $next = [];
        foreach ($edges as [$from, $to]) {
            $next[$from][$to] = true;
            $next[$to][$from] = true;
        }
        foreach ($next as $to) {
            if (count($to) % 2 === 1) {
                throw InvalidDesign::whole('The edge of the sheet (edges of assignment B) must close.');
            }
        }
        $order = array_keys($next);
        // The uppermost of the leftmost corners is the sheet's own: from there its edge goes clockwise along the upper side.
        usort($order, static fn (int $one, int $other): int => $vertices[$one] <=> $vertices[$other]);
        $loops = [];
        foreach ($order as $start) {
            while (($next[$start] ?? []) !== []) {
                $loops[] = self::walk($vertices, $next, $start);
            }
        }

        return $loops;
    }

    /**
     * @param list<array{int, int}> $vertices
     * @param array<int, array<int, true>> $next edges not walked yet; those that are walked are taken out
     * @return non-empty-list<array{int, int}>
     */
    private static function walk(array $vertices, array &$next, int $start): array
    {
        $loop = [$vertices[$start]];
        $at = $start;
        $back = null;
        do {
            $best = null;
            $least = INF;
            foreach (array_keys($next[$at]) as $to) {
                $way = [$vertices[$to][0] - $vertices[$at][0], $vertices[$to][1] - $vertices[$at][1]];
                // Nothing lies to the left of where one starts: the steepest way up has the paper on its right.
                $turn = $back === null ? atan2($way[1], $way[0]) : self::turn($back, $way);
                if ($turn < $least) {
                    $least = $turn;
                    $best = $to;
                }
            }
            if ($best === null) {
                throw InvalidDesign::whole('The edge of the sheet (edges of assignment B) must close.');
            }
            unset($next[$at][$best], $next[$best][$at]);
            $back = [$vertices[$at][0] - $vertices[$best][0], $vertices[$at][1] - $vertices[$best][1]];
            $at = $best;
            if ($at !== $start) {
                $loop[] = $vertices[$at];
            }
        } while ($at !== $start);

        return $loop;
    }

    /**
     * How far one turns counter-clockwise as seen on the screen from where one came to where one goes; just back is a whole turn.
     *
     * @param array{int, int} $from
     * @param array{int, int} $to
     */
    private static function turn(array $from, array $to): float
    {
        $angle = atan2($from[1], $from[0]) - atan2($to[1], $to[0]);

        return $angle <= 1e-12 ? $angle + 2 * M_PI : $angle;
    }

    /**
     * Between two corners on the rectangle the edge goes through its inside: what lies between it and the rectangle is missing.
     *
     * @param non-empty-list<array{int, int}> $sheet clockwise
     * @param array{int, int} $size
     * @return list<non-empty-list<array{int, int}>>
     */
    private static function missing(array $sheet, array $size): array
    {
        // Begins where it touches the rectangle.
        $first = 0;
        while (self::along($sheet[$first], $size) === null) {
            $first++;
        }
        $sheet = [...array_slice($sheet, $first), ...array_slice($sheet, 0, $first + 1)];
        $missing = [];
        $run = [$sheet[0]];
        foreach (array_slice($sheet, 1) as $corner) {
            $run[] = $corner;
            if (self::along($corner, $size) === null) {
                continue;
            }
            $outline = [...$run, ...self::cornersBack($corner, $run[0], $size)];
            if (count($run) > 2 || ! self::isOnOneSide($run[0], $corner, $size)) {
                $missing[] = $outline;
            }
            $run = [$corner];
        }

        return $missing;
    }

    /**
     * Corners of the rectangle that one meets from one place on it back to another, counter-clockwise.
     *
     * @param array{int, int} $from
     * @param array{int, int} $to
     * @param array{int, int} $size
     * @return list<array{int, int}>
     */
    private static function cornersBack(array $from, array $to, array $size): array
    {
        [$width, $height] = $size;
        $round = 2 * ($width + $height);
        $begin = (int) self::along($from, $size);
        $length = ($begin - (int) self::along($to, $size) + $round) % $round;
        $corners = [];
        foreach ([
            0 => [0, 0],
            $width => [$width, 0],
            $width + $height => [$width, $height],
            2 * $width + $height => [0, $height],
        ] as $at => $corner) {
            $passed = ($begin - $at + $round) % $round;
            if ($passed > 0 && $passed < $length) {
                $corners[$passed] = $corner;
            }
        }
        ksort($corners);

        return array_values($corners);
    }

    /**
     * @param array{int, int} $from
     * @param array{int, int} $to
     * @param array{int, int} $size
     */
    private static function isOnOneSide(array $from, array $to, array $size): bool
    {
        foreach ([0, 1] as $axis) {
            if ($from[$axis] === $to[$axis] && ($from[$axis] === 0 || $from[$axis] === $size[$axis])) {
                return true;
            }
        }

        return false;
    }

    /**
     * How far along the rectangle's edge a place is, clockwise from the upper left corner; null for one inside.
     *
     * @param array{int, int} $place
     * @param array{int, int} $size
     */
    private static function along(array $place, array $size): ?int
    {
        [$x, $y] = $place;
        [$width, $height] = $size;

        return match (true) {
            $y === 0 => $x,
            $x === $width => $width + $y,
            $y === $height => 2 * $width + $height - $x,
            $x === 0 => 2 * ($width + $height) - $y,
            default => null,
        };
    }
}
