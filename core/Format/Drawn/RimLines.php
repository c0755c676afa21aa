<?php

declare(strict_types=1);

namespace Ephemeron\Format\Drawn;

/**
 * The lines along which a drawing is cut, as the rim of one sheet: cut where others end on them. Where two lie on each other, as at a
 * corner drawn as a piece that is taken out of a whole rectangle, there is no rim; what ends nowhere is a slit.
 */
final readonly class RimLines
{
    /**
     * @param list<array{array{int, int}, array{int, int}}> $rim
     * @param list<array{array{int, int}, array{int, int}}> $slits
     */
    private function __construct(public array $rim, public array $slits)
    {
    }

    /**
     * @param list<array{array{int, int}, array{int, int}}> $lines ticks
     * @param bool $isTwiceNothing what is drawn twice is no rim; else it was drawn twice by mistake
     */
    public static function of(array $lines, bool $isTwiceNothing): self
    {
        $times = [];
        $pieces = [];
        foreach ($lines as $line) {
            foreach (self::cut($line, $lines) as [$from, $to]) {
                $piece = $from <= $to ? [$from, $to] : [$to, $from];
                $key = json_encode($piece, JSON_THROW_ON_ERROR);
                $times[$key] = ($times[$key] ?? 0) + 1;
                $pieces[$key] = $piece;
            }
        }
        $there = array_filter($pieces, static fn (string $key): bool => ! $isTwiceNothing || $times[$key] % 2 === 1, ARRAY_FILTER_USE_KEY);

        return self::withoutLooseEnds(array_values($there));
    }

    /**
     * What of a score there is: where a slit runs, or no paper is left, it has nothing to be scored in.
     *
     * @param array{array{int, int}, array{int, int}} $score
     * @param list<array{array{int, int}, array{int, int}}> $slits besides those found here
     * @return list<array{array{int, int}, array{int, int}}>
     */
    public function onPaper(array $score, array $slits): array
    {
        $cuts = [...$this->rim, ...$this->slits, ...$slits];

        $pieces = self::cut($score, [...$cuts, ...self::crossings($score, $this->rim)]);

        return array_values(array_filter($pieces, function (array $piece) use ($cuts): bool {
            [$x, $y] = [($piece[0][0] + $piece[1][0]) / 2, ($piece[0][1] + $piece[1][1]) / 2];
            foreach ($cuts as $line) {
                if (self::isOn($piece[0], $line) && self::isOn($piece[1], $line)) {
                    return false;
                }
            }

            return $this->isPaper($x, $y);
        }));
    }

    /**
     * @param array{array{int, int}, array{int, int}} $line
     * @param list<array{array{int, int}, array{int, int}}> $others
     * @return list<array{array{int, int}, array{int, int}}> where the others go across it, each as a line of no length
     */
    private static function crossings(array $line, array $others): array
    {
        [[$x, $y], [$toX, $toY]] = $line;
        [$dx, $dy] = [$toX - $x, $toY - $y];
        $places = [];
        foreach ($others as [[$fromX, $fromY], [$endX, $endY]]) {
            $one = ($fromX - $x) * $dy - ($fromY - $y) * $dx;
            $two = ($endX - $x) * $dy - ($endY - $y) * $dx;
            if (($one > 0) !== ($two > 0)) {
                $share = $one / ($one - $two);
                $place = [(int) round($fromX + $share * ($endX - $fromX)), (int) round($fromY + $share * ($endY - $fromY))];
                $places[] = [$place, $place];
            }
        }

        return $places;
    }

    /** Whether a ray to the right crosses the rim an odd number of times. */
    private function isPaper(float $x, float $y): bool
    {
        $isPaper = false;
        foreach ($this->rim as [[$fromX, $fromY], [$toX, $toY]]) {
            if (($fromY > $y) !== ($toY > $y) && $x < $fromX + ($toX - $fromX) * ($y - $fromY) / ($toY - $fromY)) {
                $isPaper = ! $isPaper;
            }
        }

        return $isPaper;
    }

    /**
     * @param array{int, int} $place
     * @param array{array{int, int}, array{int, int}} $line
     */
    private static function isOn(array $place, array $line): bool
    {
        [[$fromX, $fromY], [$toX, $toY]] = $line;
        [$dx, $dy] = [$toX - $fromX, $toY - $fromY];
        $long = hypot($dx, $dy);
        if ($long === 0.0) {
            return false;
        }
        $along = (($place[0] - $fromX) * $dx + ($place[1] - $fromY) * $dy) / $long;
        $off = abs(($place[0] - $fromX) * $dy - ($place[1] - $fromY) * $dx) / $long;

        return $off <= Together::SLOPPY && $along >= -Together::SLOPPY && $along <= $long + Together::SLOPPY;
    }

    /**
     * @param array{array{int, int}, array{int, int}} $line
     * @param list<array{array{int, int}, array{int, int}}> $lines
     * @return list<array{array{int, int}, array{int, int}}> it, cut where others end on it
     */
    private static function cut(array $line, array $lines): array
    {
        [[$x, $y], [$toX, $toY]] = $line;
        [$dx, $dy] = [$toX - $x, $toY - $y];
        $long = hypot($dx, $dy);
        if ($long <= Together::SLOPPY) {
            return [];
        }
        $stops = ['0' => [$x, $y]];
        foreach ($lines as $other) {
            foreach ($other as $end) {
                $along = (($end[0] - $x) * $dx + ($end[1] - $y) * $dy) / $long;
                $off = abs(($end[0] - $x) * $dy - ($end[1] - $y) * $dx) / $long;
                if ($off <= Together::SLOPPY && $along > Together::SLOPPY && $along < $long - Together::SLOPPY) {
                    $stops[(string) $along] = $end;
                }
            }
        }
        $stops[(string) $long] = [$toX, $toY];
        uksort($stops, static fn (string|int $one, string|int $two): int => (float) $one <=> (float) $two);
        $stops = array_values($stops);
        $pieces = [];
        for ($index = 0; $index + 1 < count($stops); $index++) {
            if ($stops[$index] !== $stops[$index + 1]) {
                $pieces[] = [$stops[$index], $stops[$index + 1]];
            }
        }

        return $pieces;
    }

    /** @param list<array{array{int, int}, array{int, int}}> $lines */
    private static function withoutLooseEnds(array $lines): self
    {
        $slits = [];
        do {
            $ends = [];
            foreach ($lines as $line) {
                foreach ($line as [$x, $y]) {
                    $ends["{$x} {$y}"] = ($ends["{$x} {$y}"] ?? 0) + 1;
                }
            }
            $before = count($lines);
            foreach ($lines as $index => [$from, $to]) {
                if ($ends["{$from[0]} {$from[1]}"] === 1 || $ends["{$to[0]} {$to[1]}"] === 1) {
                    $slits[] = [$from, $to];
                    unset($lines[$index]);
                }
            }
        } while (count($lines) < $before);

        return new self(array_values($lines), $slits);
    }
}
