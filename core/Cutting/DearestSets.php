<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/**
 * Looks for sets of pieces that come out of one sheet and are worth more than so much, or shows that there are none: one piece first, then
 * every later one that goes with it, as long as what is left of the sheet may hold enough. What may still come is bounded by what pieces
 * take of a sheet in several ways ({@see LowerBound::shares()}), each time with the piece that is worth most for it first. (Branch and
 * bound for the knapsack after E. Horowitz and S. Sahni, Journal of the ACM 21, 1974; cited from memory.)
 *
 * Kinds are known by their places in the order of {@see PieceSets}.
 */
final class DearestSets
{
    /** Shares are fractions; a set must not be lost to a rounding error. */
    private const CAUTION = 1e-9;

    /** For a round of the linear programme: more of the same do not help it. */
    private const ENOUGH = 60;

    private const ENOUGH_WITH_ONE = 4;

    /** Ways of telling what a piece takes that are looked at for every set: those that say most for the prices there are. */
    private const WAYS = 6;

    /** @var array<int, array<int, true>> places that go on a sheet with a place, itself among them */
    private array $beside = [];

    /** @var list<int> */
    private array $values = [];

    private Threes $threes;

    /** @var list<list<float>> by way and place */
    private array $shares = [];

    /** @var list<list<int>> by way: places, what is worth most for its share first */
    private array $ranked = [];

    private int $least = 0;

    private int $enough = 0;

    /** @var array<string, true> sets */
    private array $found = [];

    /**
     * @param list<int> $wanted of each kind
     * @param list<list<float>> $known shares by way and place
     */
    public function __construct(
        private readonly PieceSets $sets,
        private readonly array $wanted,
        private readonly array $known,
        private readonly Effort $effort,
    ) {
        $places = array_keys(array_filter($wanted));
        foreach ($places as $at => $one) {
            foreach (array_slice($places, $at) as $other) {
                if (($one !== $other || $wanted[$one] > 1) && $sets->comesOut(chr($one).chr($other))) {
                    $this->beside[$one][$other] = $this->beside[$other][$one] = true;
                }
            }
        }
    }

    /** Whether there may be more than were found. */
    public function gaveUp(): bool
    {
        return $this->sets->gaveUp() || $this->effort->isSpent();
    }

    /**
     * @param list<int> $values of a piece of each kind, not less than 0
     * @param Threes $threes what a set pays for having two of three
     * @return list<string> some of the sets that are worth more; none: there is no such set, unless it gave up
     */
    public function worthMoreThan(int $least, array $values, Threes $threes): array
    {
        $this->least = $least;
        $this->threes = $threes;
        $this->values = $values;
        $this->found = [];
        $open = array_filter(
            $this->wanted,
            static fn (int $count, int $place): bool => $count > 0 && $values[$place] > 0,
            ARRAY_FILTER_USE_BOTH,
        );
        $this->chooseWays($open);
        foreach ($open as $place => $count) {
            if (count($this->found) >= self::ENOUGH) {
                break;
            }
            $this->enough = count($this->found) + self::ENOUGH_WITH_ONE;
            $this->take($place, '', 0, array_fill(0, count($this->shares), 0.0), $open, []);
            unset($open[$place]);
        }

        return array_map(strval(...), array_keys($this->found));
    }

    /**
     * @param array<int, float> $used of the sheet, by way
     * @param array<int, int> $open how many more of each kind, by place in order
     * @param array<int, int> $had pieces of each three, by number
     */
    private function extend(string $set, int $worth, array $used, array $open, array $had): void
    {
        foreach ($open as $place => $count) {
            if (count($this->found) >= $this->enough || $this->gaveUp() || ! $this->mayBeWorthMore($worth, $used, $open, 1)) {
                return;
            }
            $this->take($place, $set, $worth, $used, $open, $had);
            unset($open[$place]);
        }
    }

    /**
     * @param array<int, float> $used
     * @param array<int, int> $open
     * @param array<int, int> $had
     */
    private function take(int $place, string $set, int $worth, array $used, array $open, array $had): void
    {
        $worth += $this->values[$place];
        foreach ($this->threes->of[$place] ?? [] as $three) {
            $had[$three] = ($had[$three] ?? 0) + 1;
            $worth -= $had[$three] === 2 ? $this->threes->prices[$three] : 0;
        }
        $left = [];
        foreach ($this->shares as $way => $share) {
            $used[$way] += $share[$place];
            $left[$way] = 1 + self::CAUTION - $used[$way];
        }
        if (--$open[$place] === 0) {
            unset($open[$place]);
        }
        $this->effort->spend(2 * count($open) + 10);
        $open = array_intersect_key($open, $this->beside[$place] ?? []);
        foreach ($open as $other => $count) {
            foreach ($left as $way => $room) {
                if ($this->shares[$way][$other] > $room) {
                    unset($open[$other]);

                    break;
                }
            }
        }
        if (! $this->mayBeWorthMore($worth, $used, $open, self::WAYS)) {
            return;
        }
        $set .= chr($place);
        if (strlen($set) > 1) {
            foreach ($open as $other => $count) {
                if (! $this->sets->comesOut($set.chr($other))) {
                    unset($open[$other]);
                }
            }
            if (! $this->mayBeWorthMore($worth, $used, $open, self::WAYS)) {
                return;
            }
        }
        $before = count($this->found);
        $this->extend($set, $worth, $used, $open, $had);
        // What holds more is worth no less, or was not worth enough to be found; what is not settled does not count.
        if ($worth > $this->least && count($this->found) === $before && ! $this->gaveUp()) {
            $this->found[$set] = true;
        }
    }

    /**
     * @param array<int, float> $used
     * @param array<int, int> $open
     * @param int $ways that are looked at
     */
    private function mayBeWorthMore(int $worth, array $used, array $open, int $ways): bool
    {
        foreach ($this->ranked as $way => $ranked) {
            if ($way >= $ways) {
                break;
            }
            if ($worth + $this->most($ranked, $this->shares[$way], 1 + self::CAUTION - $used[$way], $open) < $this->least + 0.5) {
                return false;
            }
        }

        return true;
    }

    /**
     * What goes into so much room, parts of pieces too.
     *
     * @param list<int> $ranked
     * @param list<float> $share
     * @param array<int, int> $open
     */
    private function most(array $ranked, array $share, float $room, array $open): float
    {
        $most = 0.0;
        $looks = 4;
        foreach ($ranked as $place) {
            $looks++;
            if (! isset($open[$place])) {
                continue;
            }
            $takes = $open[$place] * $share[$place];
            if ($takes > $room) {
                $most += $room / $share[$place] * $this->values[$place];

                break;
            }
            $room -= $takes;
            $most += $open[$place] * $this->values[$place];
        }
        $this->effort->spend($looks);

        return $most;
    }

    /** @param array<int, int> $open */
    private function chooseWays(array $open): void
    {
        $most = [];
        $ranked = [];
        foreach ($this->known as $way => $share) {
            $places = array_keys($open);
            usort($places, fn (int $one, int $other): int => $this->values[$other] * $share[$one] <=> $this->values[$one] * $share[$other]);
            $ranked[$way] = $places;
            $most[$way] = $this->most($places, $share, 1.0, $open);
        }
        asort($most);
        $ways = array_slice(array_keys($most), 0, self::WAYS);
        $this->shares = array_map(fn (int $way): array => $this->known[$way], $ways);
        $this->ranked = array_map(static fn (int $way): array => $ranked[$way], $ways);
    }
}
