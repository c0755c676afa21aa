<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/**
 * Chooses whole sheets from all patterns that are known, so that every piece comes out and no more new sheets are taken than one likes.
 *
 * What a choice costs more than the linear programme is the sum of what its patterns are worth less than their sheet and of what is cut
 * too often, at the programme's prices. Between the bound and the plan that is wanted there is little room for that: the search gives up a
 * choice as soon as its waste exceeds it. It takes the piece that fewest patterns give first, and no pattern again that was tried in its
 * place before. (To bound by reduced costs is usual in whole-number programming; cited from memory.)
 */
final class PatternChoice
{
    /** Prices are floating point; a choice that just fits must not be lost to that. */
    private const CAUTION = 1e-6;

    private const MOST_PIVOTS = 2_000;

    /** @var array<int, array<int, int>> how many of each kind, by pattern */
    private array $gives = [];

    /** @var array<int, float> by pattern: how much less it is worth than its sheet */
    private array $waste = [];

    /** @var list<float> by kind */
    private array $prices = [];

    /** @var list<int> pattern of each sheet */
    private array $chosen = [];

    private int $steps = 0;

    /**
     * @param list<Supply> $supplies
     * @param list<array{int, Slab}> $patterns supply and pattern
     */
    public function __construct(private readonly array $supplies, private readonly array $patterns)
    {
    }

    /**
     * @param list<int> $wanted of each kind
     * @param int $most new sheets
     * @param int $steps patterns tried before it gives up
     * @return list<array{int, Slab}>|null supply and pattern, without what is too many; null: none found
     */
    public function within(array $wanted, int $most, int $steps, Effort $effort): ?array
    {
        $limited = array_keys(array_filter($this->supplies, static fn (Supply $supply): bool => $supply->available !== null));
        $limits = array_flip($limited);
        $lp = new CoveringLp(
            array_map(floatval(...), $wanted),
            array_map(fn (int $supply): float => (float) $this->supplies[$supply]->available, $limited),
        );
        $this->gives = [];
        foreach ($this->patterns as $pattern => [$supply, $slab]) {
            $this->gives[$pattern] = $slab->pieces();
            $lp->add($this->gives[$pattern], $this->supplies[$supply]->countsAs(), $limits[$supply] ?? null);
        }
        $lp->optimise(self::MOST_PIVOTS, $effort);
        $prices = $lp->prices();
        $this->prices = array_map(static fn (float $price): float => max(0.0, $price), array_slice($prices, 0, count($wanted)));
        $room = $most - $lp->cost() + self::CAUTION;
        $this->waste = [];
        foreach ($this->patterns as $pattern => [$supply]) {
            $waste = $this->supplies[$supply]->countsAs() - (isset($limits[$supply])
                ? min(0.0, $prices[count($wanted) + $limits[$supply]]) : 0.0);
            foreach ($this->gives[$pattern] as $kind => $count) {
                $waste -= $this->prices[$kind] * $count;
            }
            if ($waste <= $room) {
                $this->waste[$pattern] = max(0.0, $waste);
            }
        }
        $this->chosen = [];
        $this->steps = $steps;
        $available = array_map(static fn (Supply $supply): int => $supply->available ?? PHP_INT_MAX, $this->supplies);
        if ($room < 0 || ! $this->choose($wanted, $this->waste, $available, $most, $room, $effort)) {
            return null;
        }

        return $this->sheets($wanted);
    }

    /**
     * @param array<int, int> $left of each kind
     * @param array<int, float> $open patterns that may still be taken, with their waste
     * @param array<int, int> $available sheets of each supply
     * @param int $most new sheets
     * @param float $room for waste
     */
    private function choose(array $left, array $open, array $available, int $most, float $room, Effort $effort): bool
    {
        $left = array_filter($left);
        if ($left === []) {
            return true;
        }
        $fits = [];
        $givers = array_fill_keys(array_keys($left), 0);
        $effort->spend(6 * count($open));
        foreach ($open as $pattern => $waste) {
            $supply = $this->patterns[$pattern][0];
            if ($available[$supply] === 0 || ($most === 0 && ! $this->supplies[$supply]->isLeftover)) {
                continue;
            }
            foreach ($this->gives[$pattern] as $kind => $count) {
                $waste += max(0, $count - ($left[$kind] ?? 0)) * $this->prices[$kind];
            }
            if ($waste > $room) {
                continue;
            }
            $fits[$pattern] = $waste;
            foreach ($this->gives[$pattern] as $kind => $count) {
                if (isset($givers[$kind])) {
                    $givers[$kind]++;
                }
            }
        }
        $rarest = array_search(min($givers), $givers, true);
        asort($fits);
        foreach ($fits as $pattern => $waste) {
            if (! isset($this->gives[$pattern][$rarest])) {
                continue;
            }
            if (--$this->steps < 0 || $effort->isSpent()) {
                return false;
            }
            $supply = $this->patterns[$pattern][0];
            $rest = $left;
            foreach ($this->gives[$pattern] as $kind => $count) {
                $rest[$kind] = max(0, ($rest[$kind] ?? 0) - $count);
            }
            $this->chosen[] = $pattern;
            if ($this->choose(
                $rest,
                array_intersect_key($open, $fits),
                [$supply => $available[$supply] - 1] + $available,
                $most - $this->supplies[$supply]->countsAs(),
                $room - $waste,
                $effort,
            )) {
                return true;
            }
            array_pop($this->chosen);
            unset($fits[$pattern]);
        }

        return false;
    }

    /**
     * @param list<int> $wanted
     * @return list<array{int, Slab}>
     */
    private function sheets(array $wanted): array
    {
        $left = $wanted;
        $sheets = [];
        foreach ($this->chosen as $pattern) {
            [$supply, $slab] = $this->patterns[$pattern];
            $sheet = clone $slab;
            $surplus = [];
            foreach ($this->gives[$pattern] as $kind => $count) {
                $surplus[$kind] = max(0, $count - $left[$kind]);
                $left[$kind] = max(0, $left[$kind] - $count);
            }
            $sheet->drop($surplus);
            $sheets[] = [$supply, $sheet];
        }

        return $sheets;
    }
}
