<?php

declare(strict_types=1);

namespace Ephemeron\Folding;

use Ephemeron\Geometry\Loop;
use Ephemeron\Geometry\Point;
use Ephemeron\Geometry\Segment;
use Ephemeron\Measure\Length;

/** Lines on a sheet cut each other into edges, and the edges enclose panels. */
final class Arrangement
{
    /** @var array<string, int> */
    private array $known = [];

    /** @var array<string, int> */
    private array $named = [];

    /** @var list<array{int, int}> */
    private array $vertices = [];

    /** @var array<string, array{int, int, Assignment, int}> by the two vertices, the smaller first; with the number of the line */
    private array $edges = [];

    /**
     * @param list<array{array{int, int}, array{int, int}, Assignment}> $lines
     * @param list<list<array{int, int}>> $cutAways outlines of what is taken out
     * @param array<string, array{int, int, int, int}> $panels left, top, right, bottom
     */
    public function __construct(private readonly array $lines, private readonly array $cutAways, private readonly array $panels)
    {
    }

    public function pattern(): CreasePattern
    {
        $this->split();
        [$loops, $leftOf] = $this->loops();
        $panels = [];
        $number = [];
        foreach ($loops as $index => $loop) {
            if ($this->area($loop) > 0 && ! $this->isCutAway($loop)) {
                $number[$index] = count($panels);
                $panels[] = $loop;
            }
        }
        // What touches nothing else lies in a panel that runs round it: a window, or a closed line of scores.
        $windows = [];
        foreach ($loops as $index => $loop) {
            $around = $this->area($loop) < 0 ? $this->panelRound($loop, $panels) : null;
            if ($around !== null) {
                $number[$index] = $around;
                $windows[$around][] = $loop;
            }
        }
        $faces = [];
        foreach ($panels as $index => $loop) {
            $area = array_sum(array_map($this->area(...), [$loop, ...$windows[$index] ?? []]));
            $faces[] = new PatternFace($loop, $this->panelOf($loop, $index + 1), intdiv($area, 2), $windows[$index] ?? []);
        }
        $edges = [];
        foreach ($this->edges as [$from, $to, $assignment, $line]) {
            $beside = array_values(
                array_unique(
                    array_filter(
                        [$number[$leftOf["{$from}>{$to}"] ?? -1] ?? null, $number[$leftOf["{$to}>{$from}"] ?? -1] ?? null],
                        is_int(...),
                    ),
                ),
            );
            if ($beside === [] && $assignment !== Assignment::Cut) {
                continue;
            }
            if ($beside === [] && ! $this->isOnPaper($from, $to)) {
                continue;
            }
            // A score that ends in the middle of a panel folds nothing; at what is cut away the paper ends.
            $edges[] = new PatternEdge(
                $from,
                $to,
                count($beside) === 1 && $assignment->isHinge() && $this->isRim($from, $to) ? Assignment::Boundary : $assignment,
                $beside,
                $this->lineFrom($line, $from, $to),
            );
        }

        return $this->tidied($edges, $faces);
    }

    private function split(): void
    {
        foreach ($this->lines as $one => [$from, $to, $assignment]) {
            $points = [$from, $to];
            foreach ($this->lines as $other => [$start, $end]) {
                if ($one !== $other) {
                    array_push($points, ...$this->meetings($from, $to, $start, $end));
                }
            }
            $dx = $to[0] - $from[0];
            $dy = $to[1] - $from[1];
            usort($points, static fn (array $a, array $b): int => ($a[0] * $dx + $a[1] * $dy) <=> ($b[0] * $dx + $b[1] * $dy));
            $last = null;
            foreach ($points as $point) {
                $vertex = $this->vertex($point);
                if ($last !== null && $vertex !== $last) {
                    $this->edge($last, $vertex, $assignment, $one);
                }
                $last = $vertex;
            }
        }
    }

    /**
     * Where another line touches or crosses this one.
     *
     * @param array{int, int} $from
     * @param array{int, int} $to
     * @param array{int, int} $start
     * @param array{int, int} $end
     * @return list<array{int, int}>
     */
    private function meetings(array $from, array $to, array $start, array $end): array
    {
        if ([$start, $end] < [$from, $to] && ! $this->areParallel($from, $to, $start, $end)) {
            // Seen from either line they cross in the same tick.
            [$from, $to, $start, $end] = [$start, $end, $from, $to];
        }
        [$rx, $ry] = [$to[0] - $from[0], $to[1] - $from[1]];
        [$sx, $sy] = [$end[0] - $start[0], $end[1] - $start[1]];
        $cross = $rx * $sy - $ry * $sx;
        [$qx, $qy] = [$start[0] - $from[0], $start[1] - $from[1]];
        if ($cross === 0) {
            if ($qx * $ry - $qy * $rx !== 0) {
                return [];
            }

            return array_values(array_filter([$start, $end], static fn (array $point): bool => self::isBetween($point, $from, $to)));
        }
        $t = $qx * $sy - $qy * $sx;
        $u = $qx * $ry - $qy * $rx;
        if ($cross < 0) {
            [$t, $u, $cross] = [-$t, -$u, -$cross];
        }
        if ($t < 0 || $t > $cross || $u < 0 || $u > $cross) {
            return [];
        }

        return [[$from[0] + (int) round($rx * $t / $cross), $from[1] + (int) round($ry * $t / $cross)]];
    }

    /**
     * @param array{int, int} $from
     * @param array{int, int} $to
     * @param array{int, int} $start
     * @param array{int, int} $end
     */
    private function areParallel(array $from, array $to, array $start, array $end): bool
    {
        return ($to[0] - $from[0]) * ($end[1] - $start[1]) === ($to[1] - $from[1]) * ($end[0] - $start[0]);
    }

    /**
     * @param array{int, int} $point
     * @param array{int, int} $from
     * @param array{int, int} $to
     */
    private static function isBetween(array $point, array $from, array $to): bool
    {
        return min($from[0], $to[0]) <= $point[0] && $point[0] <= max($from[0], $to[0]) && min($from[1], $to[1]) <= $point[1]
            && $point[1] <= max($from[1], $to[1]);
    }

    /** @param array{int, int} $point */
    private function vertex(array $point): int
    {
        $key = "{$point[0]},{$point[1]}";
        if (! isset($this->known[$key])) {
            $this->known[$key] = count($this->vertices);
            $this->vertices[] = $point;
        }

        return $this->known[$key];
    }

    private function edge(int $from, int $to, Assignment $assignment, int $line): void
    {
        $key = min($from, $to).'-'.max($from, $to);
        $known = $this->edges[$key][2] ?? null;
        if ($known === null || $assignment->rank() > $known->rank()) {
            $this->edges[$key] = [min($from, $to), max($from, $to), $assignment, $line];
        }
    }

    /**
     * Walks round every panel, always taking the next edge to the right.
     *
     * @return array{list<non-empty-list<int>>, array<string, int>} loops, and which loop lies beside an edge that is gone along
     */
    private function loops(): array
    {
        $around = [];
        foreach ($this->withoutLooseEnds() as [$from, $to]) {
            $around[$from][] = $to;
            $around[$to][] = $from;
        }
        foreach ($around as $vertex => $neighbours) {
            [$x, $y] = $this->vertices[$vertex];
            usort(
                $neighbours,
                fn (int $one, int $other): int => atan2($this->vertices[$one][1] - $y, $this->vertices[$one][0] - $x) <=> atan2(
                    $this->vertices[$other][1] - $y,
                    $this->vertices[$other][0] - $x,
                ),
            );
            $around[$vertex] = $neighbours;
        }
        $loops = [];
        $leftOf = [];
        foreach ($around as $vertex => $neighbours) {
            foreach ($neighbours as $next) {
                if (isset($leftOf["{$vertex}>{$next}"])) {
                    continue;
                }
                $loop = [];
                [$from, $to] = [$vertex, $next];
                while (! isset($leftOf["{$from}>{$to}"])) {
                    $leftOf["{$from}>{$to}"] = count($loops);
                    $loop[] = $from;
                    $beside = $around[$to];
                    $position = (int) array_search($from, $beside, true);
                    [$from, $to] = [$to, $beside[($position + count($beside) - 1) % count($beside)]];
                }
                $loops[] = $loop;
            }
        }

        return [array_values(array_filter($loops)), $leftOf];
    }

    /** @return array<string, array{int, int, Assignment, int}> edges that take part in enclosing something */
    private function withoutLooseEnds(): array
    {
        $edges = $this->edges;
        do {
            $degree = [];
            foreach ($edges as [$from, $to]) {
                $degree[$from] = ($degree[$from] ?? 0) + 1;
                $degree[$to] = ($degree[$to] ?? 0) + 1;
            }
            $before = count($edges);
            $edges = array_filter($edges, static fn (array $edge): bool => $degree[$edge[0]] > 1 && $degree[$edge[1]] > 1);
        } while (count($edges) < $before);

        return $edges;
    }

    /**
     * @param list<int> $loop
     * @return int twice its area; negative for the outside
     */
    private function area(array $loop): int
    {
        $area = 0;
        foreach ($loop as $index => $vertex) {
            [$x, $y] = $this->vertices[$vertex];
            [$nx, $ny] = $this->vertices[$loop[($index + 1) % count($loop)]];
            $area += $x * $ny - $nx * $y;
        }

        return $area;
    }

    /** @param non-empty-list<int> $loop */
    private function isCutAway(array $loop): bool
    {
        // Just beside an edge, for its middle may lie in a window; but further than crossings are off, which go to the nearest tick.
        return $this->isInCutAway(...$this->beside($loop, 2.0));
    }

    /** @param non-empty-list<int> $loop */
    private function panelOf(array $loop, int $number): string
    {
        [$x, $y] = $this->inside($loop);
        foreach ($this->panels as $key => [$left, $top, $right, $bottom]) {
            if ($left <= $x && $x <= $right && $top <= $y && $y <= $bottom) {
                // A slanted score may divide a panel that has one name.
                $this->named[$key] = ($this->named[$key] ?? 0) + 1;

                return $this->named[$key] === 1 ? $key : "{$key}~{$this->named[$key]}";
            }
        }

        return "panel-{$number}";
    }

    /**
     * A point inside a panel: its middle, or a little way in from the middle of its longest edge.
     *
     * @param non-empty-list<int> $loop
     * @return array{float, float}
     */
    private function inside(array $loop): array
    {
        $x = array_sum(array_map(fn (int $vertex): int => $this->vertices[$vertex][0], $loop)) / count($loop);
        $y = array_sum(array_map(fn (int $vertex): int => $this->vertices[$vertex][1], $loop)) / count($loop);
        $outline = array_map(fn (int $vertex): array => $this->vertices[$vertex], $loop);
        if ((new Loop($outline))->encloses($x, $y)) {
            return [$x, $y];
        }

        return $this->beside($loop, 8.0);
    }

    /**
     * A point a little inside the middle of a panel's longest edge.
     *
     * @param non-empty-list<int> $loop
     * @return array{float, float}
     */
    private function beside(array $loop, float $distance): array
    {
        $longest = [0.0, [0, 0], [0, 0]];
        foreach ($loop as $index => $vertex) {
            [$from, $to] = [$this->vertices[$vertex], $this->vertices[$loop[($index + 1) % count($loop)]]];
            $length = hypot($to[0] - $from[0], $to[1] - $from[1]);
            $longest = $length > $longest[0] ? [$length, $from, $to] : $longest;
        }
        [$length, [$ax, $ay], [$bx, $by]] = $longest;

        return [
            ($ax + $bx) / 2 - ($by - $ay) / max(1.0, $length) * $distance,
            ($ay + $by) / 2 + ($bx - $ax) / max(1.0, $length) * $distance,
        ];
    }

    /** Whether an edge lies along the outline of something cut away. */
    private function isRim(int $from, int $to): bool
    {
        $x = ($this->vertices[$from][0] + $this->vertices[$to][0]) / 2;
        $y = ($this->vertices[$from][1] + $this->vertices[$to][1]) / 2;
        foreach ($this->cutAways as $outline) {
            foreach ($outline as $index => [$ax, $ay]) {
                [$bx, $by] = $outline[($index + 1) % count($outline)];
                if (abs(($bx - $ax) * ($y - $ay) - ($by - $ay) * ($x - $ax)) < 1.0 && min($ax, $bx) <= $x && $x <= max($ax, $bx)
                    && min($ay, $by) <= $y && $y <= max($ay, $by)) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * The panel in which something lies that touches none of its edges; null outside the sheet.
     *
     * @param non-empty-list<int> $loop
     * @param list<non-empty-list<int>> $panels
     */
    private function panelRound(array $loop, array $panels): ?int
    {
        [$x, $y] = $this->beside($loop, 2.0);
        foreach ($this->isInCutAway($x, $y) ? [] : $panels as $index => $panel) {
            if ((new Loop(array_map(fn (int $vertex): array => $this->vertices[$vertex], $panel)))->encloses($x, $y)) {
                return $index;
            }
        }

        return null;
    }

    /** A line in the direction of one of its pieces. */
    private function lineFrom(int $line, int $from, int $to): Segment
    {
        [$start, $end] = $this->lines[$line];
        [[$ax, $ay], [$bx, $by]] = [$this->vertices[$from], $this->vertices[$to]];
        if (($end[0] - $start[0]) * ($bx - $ax) + ($end[1] - $start[1]) * ($by - $ay) < 0) {
            [$start, $end] = [$end, $start];
        }
        $point = static fn (array $place): Point => new Point(Length::ofTicks($place[0]), Length::ofTicks($place[1]));

        return new Segment($point($start), $point($end));
    }

    private function isOnPaper(int $from, int $to): bool
    {
        $x = ($this->vertices[$from][0] + $this->vertices[$to][0]) / 2;
        $y = ($this->vertices[$from][1] + $this->vertices[$to][1]) / 2;

        return ! $this->isInCutAway($x, $y);
    }

    private function isInCutAway(float $x, float $y): bool
    {
        foreach ($this->cutAways as $outline) {
            if ((new Loop($outline))->encloses($x, $y)) {
                return true;
            }
        }

        return false;
    }

    /**
     * Only the vertices that are in use, numbered anew.
     *
     * @param list<PatternEdge> $edges
     * @param list<PatternFace> $faces
     */
    private function tidied(array $edges, array $faces): CreasePattern
    {
        $number = [];
        foreach ($edges as $edge) {
            foreach ([$edge->from, $edge->to] as $vertex) {
                $number[$vertex] ??= count($number);
            }
        }
        $vertices = [];
        foreach ($number as $vertex => $new) {
            $vertices[$new] = $this->vertices[$vertex];
        }

        return new CreasePattern(
            array_values($vertices),
            array_map(
                static fn (PatternEdge $edge): PatternEdge => new PatternEdge(
                    $number[$edge->from],
                    $number[$edge->to],
                    $edge->assignment,
                    $edge->faces,
                    $edge->line,
                ),
                $edges,
            ),
            array_map(static fn (PatternFace $face): PatternFace => $face->renumbered($number), $faces),
        );
    }
}
