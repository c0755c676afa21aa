<?php

declare(strict_types=1);

namespace Ephemeron\Folding;

use Ephemeron\Geometry\Isometry;

/**
 * Looks for an order of straight folds in which no layer passes through another. Every fold turns a stack of layers about a line on the
 * table, over or under, as the mountains and valleys of its scores say; small flaps come before large halves, and a path of panels is
 * folded from its first panel on.
 */
final class FoldSearch
{
    /** States looked at before it is said that there is no order. */
    private const MOST_TRIES = 4_000;

    /** Ticks by which panels may seem to overlap where they only touch. */
    private const TOUCHING = 2.0;

    private int $tries = 0;

    /** @var array<string, true> states from which it came to no end: scores still to be folded and the order of the layers */
    private array $dead = [];

    /** @var \WeakMap<Isometry, array<int, Outline>> */
    private \WeakMap $outlines;

    /** @var array<string, string> panels that stick out beyond a fold that is made after theirs */
    private array $tooWide = [];

    /**
     * @param array<int, Hinge> $hinges by edge
     * @param int $base the panel that stays where it is
     */
    public function __construct(private readonly CreasePattern $pattern, private readonly array $hinges, private readonly int $base)
    {
        $this->outlines = new \WeakMap;
    }

    /**
     * @param list<int> $path panels one after the other, or none
     * @return list<FoldMove>|null null where there is no such order
     */
    public function moves(array $path): ?array
    {
        $count = count($this->pattern->faces);
        $places = array_fill(0, $count, Isometry::identity());
        $layers = range(0, max(0, $count - 1));
        $pending = array_keys(array_filter($this->hinges, static fn (Hinge $hinge): bool => $hinge->quarters === 2));

        return $path === [] ? $this->search($pending, $places, $layers, []) : $this->along($path, $places, $layers);
    }

    public function whyNot(): string
    {
        return $this->tooWide === []
            ? 'No order of straight folds follows these mountains and valleys: one layer would have to pass through another. Turn a fold '
                .'round, or cut where four folds meet.'
            : sprintf(
                'The %s is wider than what it must lie in: it would be folded with the next score. Make it narrower, or fold it last.',
                implode(' or the ', $this->tooWide),
            );
    }

    /**
     * @param list<int> $path
     * @param array<int, Isometry> $places
     * @param list<int> $layers
     * @return list<FoldMove>|null
     */
    private function along(array $path, array $places, array $layers): ?array
    {
        $moves = [];
        for ($k = 0; $k < count($path) - 1; $k++) {
            foreach ($this->hinges as $edge => $hinge) {
                if (($hinge->one === $path[$k] && $hinge->other === $path[$k + 1]) || ($hinge->other === $path[$k]
                    && $hinge->one === $path[$k + 1])) {
                    $move = $this->move([$edge], array_slice($path, 0, $k + 1), $path[$k + 1], $places, $layers, count($moves) + 1);
                    if ($move === null) {
                        return null;
                    }
                    $moves[] = $move;
                    $places = $move->places;
                    $layers = $move->layers;
                }
            }
        }

        return $moves;
    }

    /**
     * @param list<int> $pending edges still to be folded
     * @param array<int, Isometry> $places
     * @param list<int> $layers
     * @param list<FoldMove> $moves
     * @return list<FoldMove>|null null where it comes to no end
     */
    private function search(array $pending, array $places, array $layers, array $moves): ?array
    {
        if ($pending === []) {
            return $moves;
        }
        // Where panels lie follows from what has been folded, so folds made in another order lead to the same state.
        $state = implode(' ', $pending).'|'.implode(' ', $layers);
        if (isset($this->dead[$state]) || ++$this->tries > self::MOST_TRIES) {
            return null;
        }
        foreach ($this->candidates($pending, $places) as [$edges, $moving, $still]) {
            $move = $this->move($edges, $moving, $still, $places, $layers, count($moves) + 1);
            if ($move === null) {
                continue;
            }
            $all = $this->search(array_values(array_diff($pending, $edges)), $move->places, $move->layers, [...$moves, $move]);
            if ($all !== null) {
                return $all;
            }
        }
        $this->dead[$state] = true;

        return null;
    }

    /**
     * Scores that lie on one line on the table and part the panels in two, the smaller moving part first; where a whole line does not,
     * single scores of it.
     *
     * @param list<int> $pending
     * @param array<int, Isometry> $places
     * @return list<array{list<int>, list<int>, int}> edges, panels that move, a panel beside them that stays
     */
    private function candidates(array $pending, array $places): array
    {
        $lines = [];
        foreach ($pending as $edge) {
            $lines[$this->lineOf($edge, $places)][] = $edge;
        }
        $candidates = [];
        foreach ($lines as $edges) {
            $found = $this->parted($edges);
            if ($found !== null) {
                $candidates[] = [$edges, ...$found];
            }
            if ($found === null || count($edges) > 1) {
                foreach (count($edges) > 1 ? $edges : [] as $edge) {
                    $single = $this->parted([$edge]);
                    if ($single !== null) {
                        $candidates[] = [[$edge], ...$single];
                    }
                }
            }
        }
        $area = fn (array $moving): int => array_sum(array_map(fn (int $face): int => $this->pattern->faces[$face]->area, $moving));
        usort(
            $candidates,
            static fn (array $one, array $other): int =>
                [$area($one[1]), -count($one[0]), $one[0]]
                    <=> [$area($other[1]), -count($other[0]), $other[0]],
        );

        return $candidates;
    }

    /** @param array<int, Isometry> $places */
    private function lineOf(int $edge, array $places): string
    {
        $place = $places[$this->hinges[$edge]->one];
        [[$ax, $ay], [$bx, $by]] = FoldedPlaces::wholeLine($this->pattern, $edge, $place);
        $length = hypot($bx - $ax, $by - $ay);
        [$nx, $ny] = [($by - $ay) / $length, ($ax - $bx) / $length];
        if ($nx < -1e-9 || (abs($nx) <= 1e-9 && $ny < 0)) {
            [$nx, $ny] = [-$nx, -$ny];
        }

        return sprintf('%.6f %.6f %.0f', $nx + 0.0, $ny + 0.0, round($nx * $ax + $ny * $ay) + 0.0);
    }

    /**
     * @param list<int> $edges
     * @return array{list<int>, int}|null panels that move, and one that stays; null where the sheet hangs together without these scores
     */
    private function parted(array $edges): ?array
    {
        $beside = [];
        foreach ($this->hinges as $edge => $hinge) {
            if (! in_array($edge, $edges, true)) {
                $beside[$hinge->one][] = $hinge->other;
                $beside[$hinge->other][] = $hinge->one;
            }
        }
        $group = [];
        foreach (array_keys($this->pattern->faces) as $start) {
            if (isset($group[$start])) {
                continue;
            }
            $stack = [$start];
            while ($stack !== []) {
                $face = array_pop($stack);
                if (! isset($group[$face])) {
                    $group[$face] = $start;
                    array_push($stack, ...($beside[$face] ?? []));
                }
            }
        }
        // Across every one of the scores from what stays to what moves and back.
        $moves = [$group[$this->base] => false];
        $changed = true;
        while ($changed) {
            $changed = false;
            foreach ($edges as $edge) {
                [$one, $other] = [$group[$this->hinges[$edge]->one], $group[$this->hinges[$edge]->other]];
                if ($one === $other || (isset($moves[$one], $moves[$other]) && $moves[$one] === $moves[$other])) {
                    return null;
                }
                foreach ([[$one, $other], [$other, $one]] as [$known, $open]) {
                    if (isset($moves[$known]) && ! isset($moves[$open])) {
                        $moves[$open] = ! $moves[$known];
                        $changed = true;
                    }
                }
            }
        }
        $moving = array_values(
            array_filter(array_keys($this->pattern->faces), static fn (int $face): bool => $moves[$group[$face]] ?? false),
        );
        $first = $this->hinges[$edges[0]];

        return $moving === [] ? null : [$moving, in_array($first->one, $moving, true) ? $first->other : $first->one];
    }

    /**
     * @param list<int> $edges
     * @param list<int> $moving
     * @param array<int, Isometry> $places
     * @param list<int> $layers
     */
    private function move(array $edges, array $moving, int $still, array $places, array $layers, int $number): ?FoldMove
    {
        $isMoving = array_fill_keys($moving, true);
        $over = null;
        foreach ($edges as $edge) {
            $hinge = $this->hinges[$edge];
            if ($hinge->assignment === Assignment::Unassigned) {
                continue;
            }
            $stays = isset($isMoving[$hinge->one]) ? $hinge->other : $hinge->one;
            $wants = ($hinge->assignment === Assignment::Valley) !== $places[$stays]->isTurnedOver();
            if ($over !== null && $over !== $wants) {
                return null;
            }
            $over = $wants;
        }
        $wide = $this->beyond($edges[0], $isMoving, $places);
        if ($wide !== null) {
            $name = $this->pattern->faces[$wide]->name();
            $this->tooWide[$name] = $name;

            return null;
        }
        foreach ($over === null ? [true, false] : [$over] as $way) {
            if (! $this->isBlocked($isMoving, $places, $layers, $way)) {
                return $this->made($edges, $moving, $still, $places, $layers, $way, $number);
            }
        }

        return null;
    }

    /**
     * A panel that moves and lies across the line it moves about: it would be folded too.
     *
     * @param array<int, true> $isMoving
     * @param array<int, Isometry> $places
     */
    private function beyond(int $edge, array $isMoving, array $places): ?int
    {
        $hinge = $this->hinges[$edge];
        [[$ax, $ay], [$bx, $by]] = FoldedPlaces::wholeLine($this->pattern, $edge, $places[$hinge->one]);
        $length = max(1.0, hypot($bx - $ax, $by - $ay));
        $side = static fn (float $x, float $y): float => (($bx - $ax) * ($y - $ay) - ($by - $ay) * ($x - $ax)) / $length;
        foreach (array_keys($isMoving) as $face) {
            $sides = array_map(
                static fn (array $corner): float => $side($corner[0], $corner[1]),
                $this->outline($face, $places[$face])->corners,
            );
            if (max($sides) > self::TOUCHING && min($sides) < -self::TOUCHING) {
                return $face;
            }
        }

        return null;
    }

    /**
     * Whether something that stays lies in the way of what moves: above it when it comes over, below it when it goes under.
     *
     * @param array<int, true> $isMoving
     * @param array<int, Isometry> $places
     * @param list<int> $layers
     */
    private function isBlocked(array $isMoving, array $places, array $layers, bool $over): bool
    {
        $ordered = $over ? $layers : array_reverse($layers);
        $below = [];
        foreach ($ordered as $face) {
            $outline = $this->outline($face, $places[$face]);
            if (isset($isMoving[$face])) {
                // Panels of a stack that lie exactly on each other are one.
                $below[implode(' ', $outline->box)] = $outline;

                continue;
            }
            foreach ($below as $other) {
                if ($outline->overlaps($other, self::TOUCHING)) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * @param list<int> $edges
     * @param list<int> $moving
     * @param array<int, Isometry> $places
     * @param list<int> $layers
     */
    private function made(array $edges, array $moving, int $still, array $places, array $layers, bool $over, int $number): FoldMove
    {
        $hinge = $this->hinges[$edges[0]];
        $stays = in_array($hinge->one, $moving, true) ? $hinge->other : $hinge->one;
        $onSheet = Isometry::about($this->pattern->edges[$edges[0]]->line, 2);
        $turn = $places[$stays]->after($onSheet)->after($places[$stays]->inverse());
        $isMoving = array_fill_keys($moving, true);
        $moved = $places;
        foreach ($moving as $face) {
            $moved[$face] = $turn->after($places[$face]);
        }
        $stack = array_values(array_filter($layers, static fn (int $face): bool => isset($isMoving[$face])));
        $rest = array_values(array_filter($layers, static fn (int $face): bool => ! isset($isMoving[$face])));
        $turned = array_reverse($stack);

        return new FoldMove(
            $number,
            $edges,
            $moving,
            $over,
            2,
            FoldedPlaces::line($this->pattern, $edges[0], $places[$stays]),
            $moved,
            $over ? [...$rest, ...$turned] : [...$turned, ...$rest],
        );
    }

    /** Where a panel lies; worked out once for every place it comes to. */
    private function outline(int $face, Isometry $place): Outline
    {
        $known = $this->outlines[$place] ?? [];
        if (! isset($known[$face])) {
            $known[$face] = Outline::of($this->pattern->outline($face), $place);
            $this->outlines[$place] = $known;
        }

        return $known[$face];
    }
}
