<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/**
 * Lays as much as goes on so many sheets, then fills one or two parts of them anew, as well as it can be exactly ({@see SheetSets}), with
 * the pieces that lie there and some that have no place yet; then others, until all have one. At first parts may come out emptier, as long
 * as others come out fuller for it, by and by less so, then again. (Annealing after S. Kirkpatrick, C. Gelatt and M. Vecchi, Science 220,
 * 1983; cited from memory.) Now and then sheets are cut otherwise into what lies on them ({@see Regrouping}), so that other pieces are one
 * part and what is free comes together.
 */
final readonly class FullerCorners
{
    private const BEGINNINGS = 60;

    /** Parts that are filled until the sheets are cut otherwise. */
    private const UNTIL_REGROUPED = 30;

    /** Units until nothing may come out emptier. */
    private const COOLING = 3 * Effort::A_SECOND;

    /** Of the area of a piece, in the mean, that parts may come out emptier at first (0.02 and 0.1 found less). */
    private const SHARE = 0.05;

    /** Chance is drawn in whole numbers. */
    private const FINE = 1_000_000;

    /** @param list<Supply> $supplies */
    public function __construct(
        private Measured $task,
        private array $supplies,
        private Packer $packer,
        private Disorder $disorder,
        private \Random\Randomizer $chance,
        private Effort $effort,
    ) {
    }

    /** @return Packing|null with nothing missing; null: none was found */
    public function within(int $sheets): ?Packing
    {
        $pieces = Measured::each($this->task->wanted());
        $now = $this->begin($pieces, $sheets);
        $missing = Measured::each($now->missing);
        $slabs = array_column($now->sheets, 1);
        if ($slabs === []) {
            return null;
        }
        $corners = new Corners($slabs, $this->chance, $this->effort);
        $regrouping = new Regrouping($this->chance, $this->effort);
        $last = new LastPieces($this->task, $this->chance, $this->effort);
        $emptier = self::SHARE * $this->task->areaOf($pieces) / count($pieces);
        $began = $this->effort->spent();
        $cooling = max(1, min(self::COOLING, intdiv($this->effort->left(), 2)));
        for ($trial = 1; $missing !== [] && ! $this->effort->isSpent(); $trial++) {
            if ($trial % self::UNTIL_REGROUPED === 0) {
                $corners->regroup($regrouping, $this->task->narrowest);
            }
            $heat = $emptier * (1 - ($this->effort->spent() - $began) % $cooling / $cooling);
            $left = $this->fill(
                $corners->choose(),
                $this->chance->shuffleArray($missing),
                (int) (-log($this->chance->getInt(1, self::FINE) / self::FINE) * $heat),
            );
            if ($left !== null) {
                $missing = $left === [] || $last->find($slabs, $left) ? [] : $left;
                $corners->areChanged();
            }
        }

        return $missing === [] ? new Packing($this->task, $this->supplies, $now->sheets, []) : null;
    }

    /** @param list<int> $pieces kinds */
    private function begin(array $pieces, int $sheets): Packing
    {
        $best = null;
        $least = PHP_INT_MAX;
        for ($try = 0; $best === null || ($try < self::BEGINNINGS && ! $this->effort->isSpent()); $try++) {
            $rule = $try % Packer::RULES;
            $split = intdiv($try, Packer::RULES) % Packer::SPLITS;
            $packing = $this->packer->pack($this->disorder->of($pieces), $rule, $split, $sheets);
            $left = $this->task->areaOf(Measured::each($packing->missing));
            if ($left < $least) {
                [$best, $least] = [$packing, $left];
            }
        }

        return $best;
    }

    /**
     * With the fullest set that does not lie there so already.
     *
     * @param non-empty-list<Slab> $corners one or two
     * @param list<int> $missing kinds
     * @param int $emptier so much less of the corners may be used
     * @return list<int>|null kinds that have no place then; null: they stay as they are
     */
    private function fill(array $corners, array $missing, int $emptier): ?array
    {
        $pieces = [];
        $now = [];
        $rooms = [];
        foreach ($corners as $corner) {
            $there = Measured::each($corner->pieces());
            $now[] = ((1 << count($there)) - 1) << count($pieces);
            $rooms[] = $corner->width * $corner->height;
            array_push($pieces, ...$there);
        }
        $all = array_sum($now);
        array_push($pieces, ...array_splice($missing, 0, Corners::TOGETHER - count($pieces)));
        // Equal pieces make fewer sets, which take longer than they count.
        $this->effort->spend(400 * (count($pieces) - count(array_unique($pieces))));
        $areas = [0];
        foreach ($pieces as $kind) {
            $area = $this->task->area($kind);
            foreach ($areas as $without) {
                $areas[] = $without + $area;
            }
        }
        $this->effort->spend(5 * count($areas));
        $least = max(1, $areas[$all] - $emptier);
        $most = array_sum($rooms);
        $sets = array_map(
            fn (Slab $corner): SheetSets => new SheetSets($this->task, $pieces, $corner->width, $corner->height, $this->effort),
            $corners,
        );
        $open = [];
        foreach ($areas as $set => $area) {
            if ($area >= $least && $area <= $most && $sets[0]->firstOfTheirKind($set) === $set) {
                $open[$set] = $area;
            }
        }
        arsort($open);
        foreach (array_keys($open) as $set) {
            $parts = $this->apart($set, $sets, $rooms, $areas, $now);
            if ($parts !== null) {
                $slabs = array_map(static fn (SheetSets $of, int $part): Slab => $of->slab($part), $sets, $parts);
                if (! Slab::allComeOff($slabs, $this->task->narrowest)) {
                    break;
                }
                array_map(static fn (Slab $corner, Slab $slab) => $corner->becomes($slab), $corners, $slabs);
                $isLeft = static fn (int $piece): bool => ($set >> $piece & 1) === 0;

                return [...$missing, ...array_values(array_filter($pieces, $isLeft, ARRAY_FILTER_USE_KEY))];
            }
        }

        return null;
    }

    /**
     * @param non-empty-list<SheetSets> $sets
     * @param non-empty-list<int> $rooms
     * @param array<int, int> $areas by set
     * @param list<int> $now
     * @return list<int>|null a part of the set for each corner, none of them nothing, and not as it is now
     */
    private function apart(int $set, array $sets, array $rooms, array $areas, array $now): ?array
    {
        if (! isset($sets[1], $rooms[1])) {
            return [$set] !== $now && $sets[0]->comesOut($set) ? [$set] : null;
        }
        $begin = $part = $this->chance->getInt(0, $set) & $set;
        do {
            $this->effort->spend(2);
            $rest = $set ^ $part;
            if ($part !== 0 && $rest !== 0 && $areas[$part] <= $rooms[0] && $areas[$rest] <= $rooms[1] && [$part, $rest] !== $now
                && $sets[0]->firstOfTheirKind($part) === $part && $sets[0]->comesOut($part) && $sets[1]->comesOut($rest)) {
                return [$part, $rest];
            }
            $part = ($part - 1) & $set;
        } while ($part !== $begin);

        return null;
    }
}
