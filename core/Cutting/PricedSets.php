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

    /** And where every way can be looked through. */
    public const MOST_OF_FEW = 5;

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

    /** @var list<list<float>> some of them besides the area, by way and kind */
    private readonly array $ofKinds;

    private readonly PieceSets $sets;

    private readonly FoundSets $found;

    private ?SetProgramme $programme = null;

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
        $this->found = new FoundSets;
        foreach ($places as $place) {
            $this->found->keep(chr($place));
        }
        foreach ($known as [, $slab]) {
            $set = [];
            foreach ($slab->pieces() as $kind => $count) {
                $set[] = str_repeat(chr($places[$kind]), $count);
            }
            sort($set, SORT_STRING);
            $this->found->keep(implode('', $set));
        }
        $this->ofKinds = array_slice($shares, 1, EveryWay::WAYS);
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
        $dearest = new DearestSets($this->sets, $wanted, $this->shares, $this->effort);
        $this->programme = new SetProgramme($this->found, $dearest, $wanted, $this->effort);

        return $this->prove($this->programme, $proved, $enough);
    }

    private function prove(SetProgramme $programme, int $proved, int $enough): int
    {
        while ($proved < $enough && ! $this->effort->isSpent()) {
            $most = self::limit($programme->optimise(), $proved);
            $growth = $most > SetProgramme::A_SHEET ? $programme->grow($most) : Growth::GaveUp;
            if ($growth === Growth::GaveUp) {
                break;
            }
            $proved += (int) ($growth === Growth::Complete);
        }

        return $proved;
    }

    /**
     * Raises the bound further, by what whole sheets keep to ({@see Threes}), after it was raised.
     *
     * @param int $proved sheets, 1 or more
     * @param int $enough see {@see raise()}
     * @return int so many at the least
     */
    public function sharpen(int $proved, int $enough): int
    {
        while ($proved < $enough && ! $this->effort->isSpent() && $this->programme?->sharpen() === true) {
            $proved = $this->prove($this->programme, $proved, $enough);
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
        $sets = $this->found->from(0);
        if ($this->programme !== null) {
            $worth = array_map($this->programme->worth(...), $sets);
            arsort($worth);
            $sets = array_map(static fn (int $at): array => $sets[$at], array_keys($worth));
        }
        $slabs = [];
        foreach (array_slice($sets, 0, $most) as $set) {
            $kinds = array_map(fn (int $place): int => $this->order[$place], Measured::each($set));
            $slabs[] = $this->effort->isSpent() ? null : SheetSets::sheet($this->task, $kinds, $this->effort);
        }

        return array_values(array_filter($slabs));
    }

    /**
     * Sheets for all pieces, as few as one likes, by sets that the programme takes, after the bound was raised.
     *
     * @return list<Slab>|null null: none were found
     */
    public function within(int $sheets): ?array
    {
        $dive = new SetDive($this->task, $this->order, $this->found, $this->sets, $this->shares, $this->ofKinds, $this->effort);

        return $this->programme === null ? null : $dive->within($this->programme, $this->wanted, $sheets);
    }
}
