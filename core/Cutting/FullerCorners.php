<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/**
 * Lays as much as goes on so many sheets, then fills a part of one of them anew, as well as it can be exactly ({@see SheetSets}), with the
 * pieces that lie there and some that have no place yet; then another part, until all have one. At first a part may come out emptier, as
 * long as others come out fuller for it, by and by less so, then again. (Annealing after S. Kirkpatrick, C. Gelatt and M. Vecchi, Science
 * 220, 1983; cited from memory.)
 */
final readonly class FullerCorners
{
    /** In a part of a sheet, and with those without a place. */
    private const IN_CORNER = 7;

    private const TOGETHER = 10;

    private const BEGINNINGS = 60;

    /** Parts that are filled until nothing may come out emptier. */
    private const TRIALS = 4_000;

    /** Of the area of a piece, in the mean, that a part may come out emptier at first (0.1 and 0.4 found less). */
    private const SHARE = 0.2;

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
        $emptier = self::SHARE * $this->area($pieces) / count($pieces);
        for ($trial = 0; $missing !== [] && $now->sheets !== [] && ! $this->effort->isSpent(); $trial++) {
            [, $slab] = $now->sheets[$this->chance->getInt(0, count($now->sheets) - 1)];
            $corners = [];
            $this->corners($slab, $corners);
            $heat = $emptier * (1 - $trial % self::TRIALS / self::TRIALS);
            $last = count($corners) - 1;
            $missing = $this->fill(
                $this->emptier($corners[$this->chance->getInt(0, $last)], $corners[$this->chance->getInt(0, $last)]),
                $this->chance->shuffleArray($missing),
                (int) (-log($this->chance->getInt(1, self::FINE) / self::FINE) * $heat),
            );
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
            $left = $this->area(Measured::each($packing->missing));
            if ($left < $least) {
                [$best, $least] = [$packing, $left];
            }
        }

        return $best;
    }

    /**
     * @param list<Slab> $corners parts with a few pieces; they are put in, one at the least
     * @return int pieces in the slab
     */
    private function corners(Slab $slab, array &$corners): int
    {
        $this->effort->spend(6);
        $pieces = $slab->kind === null ? 0 : 1;
        foreach ([$slab->first, $slab->second] as $part) {
            $pieces += $part === null ? 0 : $this->corners($part, $corners);
        }
        if ($pieces <= self::IN_CORNER) {
            $corners[] = $slab;
        }

        return $pieces;
    }

    /**
     * The fullest set that is not the one that lies there.
     *
     * @param list<int> $missing kinds
     * @param int $emptier so much less of the corner may be used
     * @return list<int> kinds that have no place then
     */
    private function fill(Slab $corner, array $missing, int $emptier): array
    {
        $there = Measured::each($corner->pieces());
        $pieces = [...$there, ...array_splice($missing, 0, self::TOGETHER - count($there))];
        $areas = [0];
        foreach ($pieces as $piece => $kind) {
            for ($set = 0, $last = 1 << $piece; $set < $last; $set++) {
                $areas[$last | $set] = $areas[$set] + $this->task->area($kind);
            }
        }
        $this->effort->spend(5 * count($areas));
        $now = (1 << count($there)) - 1;
        $least = max(1, $areas[$now] - $emptier);
        $most = $corner->width * $corner->height;
        unset($areas[$now]);
        $open = array_filter($areas, static fn (int $area): bool => $area >= $least && $area <= $most);
        arsort($open);
        $sets = new SheetSets($this->task, $pieces, $corner->width, $corner->height, $this->effort);
        foreach (array_keys($open) as $set) {
            if ($sets->comesOut($set)) {
                $slab = $sets->slab($set);
                if (! $slab->comesOff($this->task->narrowest)) {
                    break;
                }
                $corner->becomes($slab);
                $isLeft = static fn (int $piece): bool => ($set >> $piece & 1) === 0;

                return [...$missing, ...array_values(array_filter($pieces, $isLeft, ARRAY_FILTER_USE_KEY))];
            }
        }

        return [...$missing, ...array_slice($pieces, count($there))];
    }

    private function emptier(Slab $one, Slab $other): Slab
    {
        $free = static fn (Slab $slab): int => $slab->width * $slab->height - $slab->used();

        return $free($one) >= $free($other) ? $one : $other;
    }

    /** @param list<int> $kinds */
    private function area(array $kinds): int
    {
        return array_sum(array_map($this->task->area(...), $kinds));
    }
}
