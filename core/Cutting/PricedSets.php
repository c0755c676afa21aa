<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/**
 * Raises the bound by prices for pieces: if no set that comes out of one sheet is worth more than V, all pieces together need their worth
 * ÷ V sheets. The prices are those of the linear programme that covers the pieces by sets; sets worth more than V are sought exactly
 * ({@see DearestSets}) and taken in until there is none, or until the programme itself needs no more sheets than are proved. What is proved
 * is proved in whole numbers, in millionths of a sheet. (Column generation over sets: D. Pisinger and M. Sigurd, INFORMS Journal on
 * Computing 19, 2007; the bound after A. A. Farley, Operations Research 38, 1990; cited from memory.)
 *
 * Sets have no more of a kind than are wanted, where {@see PatternSearch} takes as many as it likes: slower, and sharper where pieces
 * differ. What the larger pieces need all of them need too, and they are soon seen to, so they come first.
 */
final class PricedSets
{
    /** On a sheet in the mean: more come out of it in too many ways. */
    public const MOST_ON_A_SHEET = 9;

    private const SCALE = 1_000_000;

    private const MOST_PIVOTS = 2_000;

    /** Ways of telling what a piece takes of a sheet, from which those that say most are chosen each time. */
    private const WAYS = 40;

    /** Share of a sheet that a piece takes at the least to be looked at. */
    private const LARGE = [0.2, 0.1, 0.05, 0.0];

    /** @var list<int> kinds, the largest first */
    private readonly array $order;

    /** @var list<int> of each kind in order */
    private readonly array $wanted;

    /** @var list<list<float>> by way and place in order */
    private readonly array $shares;

    private readonly PieceSets $sets;

    /** @var array<string, array<int, int>> how many, by place in order, by set */
    private array $found = [];

    private ?CoveringLp $lp = null;

    /**
     * @param list<int> $wanted of each kind
     * @param list<array{int, Slab}> $known supply and pattern
     */
    public function __construct(
        private readonly Measured $task,
        LowerBound $bound,
        array $wanted,
        array $known,
        private readonly Effort $effort,
    ) {
        $shares = $bound->shares(self::WAYS, $effort);
        $order = array_keys($wanted);
        usort($order, static fn (int $one, int $other): int => [$shares[0][$other], $one] <=> [$shares[0][$one], $other]);
        $places = array_flip($order);
        foreach ($known as [, $slab]) {
            $set = [];
            foreach ($slab->pieces() as $kind => $count) {
                $set[] = str_repeat(chr($places[$kind]), $count);
            }
            sort($set, SORT_STRING);
            $this->keep(implode('', $set));
        }
        $this->order = $order;
        $this->wanted = array_map(static fn (int $kind): int => $wanted[$kind], $order);
        $this->shares = array_map(
            static fn (array $share): array => array_map(static fn (int $kind): float => $share[$kind], $order),
            $shares,
        );
        $this->sets = new PieceSets($task, $order, ...[...$task->sheets[0], $effort]);
    }

    /**
     * @param int $proved so many sheets at the least, 1 or more
     * @param int $enough a bound that need not be exceeded: a plan with so many sheets is there
     * @return int so many at the least
     */
    public function raise(int $proved, int $enough): int
    {
        foreach (self::LARGE as $least) {
            $wanted = [];
            foreach ($this->wanted as $place => $count) {
                $wanted[] = $this->shares[0][$place] >= $least ? $count : 0;
            }
            $proved = $this->raiseFor($wanted, $proved, $enough);
        }

        return $proved;
    }

    /**
     * If no set is worth more than this, more sheets than are proved are needed for pieces of so much worth.
     *
     * @param int $proved sheets, 1 or more
     */
    public static function limit(int $worth, int $proved): int
    {
        return intdiv($worth - 1, $proved);
    }

    /** @param list<int> $wanted by place */
    private function raiseFor(array $wanted, int $proved, int $enough): int
    {
        $this->lp = $lp = new CoveringLp(array_map(floatval(...), $wanted), [], 1.0);
        $dearest = new DearestSets($this->sets, $wanted, $this->shares, $this->effort);
        $this->add($this->found, $lp, $wanted);
        while ($proved < $enough && ! $this->effort->isSpent()) {
            $lp->optimise(self::MOST_PIVOTS, $this->effort);
            $values = array_map(static fn (float $price): int => (int) floor(max(0.0, $price) * self::SCALE), $lp->prices());
            $worth = 0;
            foreach ($values as $place => $value) {
                $worth += $value * $wanted[$place];
            }
            $most = self::limit($worth, $proved);
            if ($most <= self::SCALE) {
                break;
            }
            $sets = $dearest->worthMoreThan($most, $values);
            if ($sets === []) {
                if ($dearest->gaveUp()) {
                    break;
                }
                $proved++;

                continue;
            }
            $before = count($this->found);
            array_map($this->keep(...), $sets);
            if (count($this->found) === $before) {
                // What is found again shows that the programme has come to the end of its precision.
                break;
            }
            $this->add(array_slice($this->found, $before), $lp, $wanted);
        }

        return $proved;
    }

    /**
     * The sets that the programme would gladly take, as patterns.
     *
     * @return list<Slab>
     */
    public function patterns(int $most): array
    {
        $prices = $this->lp?->prices() ?? [];
        $waste = [];
        foreach ($this->found as $at => $set) {
            $waste[$at] = 1.0;
            foreach ($set as $place => $count) {
                $waste[$at] -= $count * $prices[$place];
            }
        }
        asort($waste);
        $patterns = [];
        foreach (array_slice(array_keys($waste), 0, $most) as $at) {
            $kinds = array_map(fn (int $place): int => $this->order[$place], Measured::each($this->found[$at]));
            $sets = new SheetSets($this->task, $kinds, ...[...$this->task->sheets[0], $this->effort]);
            $all = (1 << count($kinds)) - 1;
            if (! $this->effort->isSpent() && $sets->comesOut($all)) {
                $patterns[] = $sets->slab($all);
            }
        }

        return $patterns;
    }

    /**
     * @param array<string, array<int, int>> $sets
     * @param list<int> $wanted by place: what is too many does not count
     */
    private function add(array $sets, CoveringLp $lp, array $wanted): void
    {
        foreach ($sets as $set) {
            foreach ($set as $place => $count) {
                $set[$place] = min($count, $wanted[$place]);
            }
            $lp->add($set, 1.0, null);
        }
    }

    private function keep(string $set): void
    {
        $this->found[$set] ??= array_count_values(array_map(ord(...), str_split($set)));
    }
}
