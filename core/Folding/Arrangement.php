<?php

declare(strict_types=1);

namespace Ephemeron\Folding;

use Ephemeron\Geometry\Loop;

/** Lines on a sheet cut each other into edges, and the edges enclose panels. */
final class Arrangement
{
    /** @var array<string, int> */
    private array $known = [];

    /** @var array<string, int> */
    private array $named = [];

    /** @var list<array{int, int}> */
    private array $vertices = [];

    /** @var array<string, array{int, int, Assignment}> by the two vertices, the smaller first */
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
        $faces = [];
        $number = [];
        foreach ($loops as $index => $loop) {
            $area = $this->area($loop);
            if ($area <= 0 || $this->isCutAway($loop)) {
                continue;
            }
            $number[$index] = count($faces);
            $faces[] = new PatternFace($loop, $this->panelOf($loop, count($faces) + 1), intdiv($area, 2));
        }
        $edges = [];
        foreach ($this->edges as [$from, $to, $assignment]) {
            $beside = array_values(array_unique(array_filter([$number[$leftOf["{$from}>{$to}"] ?? -1] ?? null, $number[$leftOf["{$to}>{$from}"] ?? -1] ?? null], is_int(...))));
            if ($beside === [] && $assignment !== Assignment::Cut) {
                continue;
            }
            if ($beside === [] && ! $this->isOnPaper($from, $to)) {
                continue;
            }
            // A score that ends in the middle of a panel folds nothing; at what is cut away the paper ends.
            $edges[] = new PatternEdge($from, $to, count($beside) === 1 && $assignment->isHinge() && $this->isRim($from, $to) ? Assignment::Boundary : $assignment, $beside);
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
                    $this->edge($last, $vertex, $assignment);
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
     * @param array{int, int} $point
     * @param array{int, int} $from
     * @param array{int, int} $to
     */
    private static function isBetween(array $point, array $from, array $to): bool
    {
        return min($from[0], $to[0]) <= $point[0] && $point[0] <= max($from[0], $to[0]) && min($from[1], $to[1]) <= $point[1] && $point[1] <= max($from[1], $to[1]);
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

    private function edge(int $from, int $to, Assignment $assignment): void
    {
        $key = min($from, $to).'-'.max($from, $to);
        $known = $this->edges[$key][2] ?? null;
        if ($known === null || $assignment->rank() > $known->rank()) {
            $this->edges[$key] = [min($from, $to), max($from, $to), $assignment];
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
            usort($neighbours, fn (int $one, int $other): int => atan2($this->vertices[$one][1] - $y, $this->vertices[$one][0] - $x) <=> atan2($this->vertices[$other][1] - $y, $this->vertices[$other][0] - $x));
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

    /** @return array<string, array{int, int, Assignment}> edges that take part in enclosing something */
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
        [$x, $y] = $this->inside($loop);
        foreach ($this->cutAways as $outline) {
            if ((new Loop($outline))->encloses($x, $y)) {
                return true;
            }
        }

        return false;
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
     * A point inside a panel: near the middle of its first edge, a little way in.
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
        [$ax, $ay] = $this->vertices[$loop[0]];
        [$bx, $by] = $this->vertices[$loop[1] ?? $loop[0]];
        $length = max(1.0, hypot($bx - $ax, $by - $ay));

        return [($ax + $bx) / 2 - ($by - $ay) / $length * 8, ($ay + $by) / 2 + ($bx - $ax) / $length * 8];
    }

    /** Whether an edge lies along the outline of something cut away. */
    private function isRim(int $from, int $to): bool
    {
        $x = ($this->vertices[$from][0] + $this->vertices[$to][0]) / 2;
        $y = ($this->vertices[$from][1] + $this->vertices[$to][1]) / 2;
        foreach ($this->cutAways as $outline) {
            foreach ($outline as $index => [$ax, $ay]) {
                [$bx, $by] = $outline[($index + 1) % count($outline)];
                if (abs(($bx - $ax) * ($y - $ay) - ($by - $ay) * ($x - $ax)) < 1.0 && min($ax, $bx) <= $x && $x <= max($ax, $bx) && min($ay, $by) <= $y && $y <= max($ay, $by)) {
                    return true;
                }
            }
        }

        return false;
    }

    private function isOnPaper(int $from, int $to): bool
    {
        $x = ($this->vertices[$from][0] + $this->vertices[$to][0]) / 2;
        $y = ($this->vertices[$from][1] + $this->vertices[$to][1]) / 2;
        foreach ($this->cutAways as $outline) {
            if ((new Loop($outline))->encloses($x, $y)) {
                return false;
            }
        }

        return true;
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
            array_map(static fn (PatternEdge $edge): PatternEdge => new PatternEdge($number[$edge->from], $number[$edge->to], $edge->assignment, $edge->faces), $edges),
            array_map(static fn (PatternFace $face): PatternFace => new PatternFace(array_map(static fn (int $vertex): int => $number[$vertex], $face->vertices), $face->panel, $face->area), $faces),
        );
    }
}
