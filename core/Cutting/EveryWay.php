<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/**
 * Looks through every way in which a few pieces come out of so many sheets, or shows that there is none: sheet by sheet, each with the
 * largest piece that is left and every set of others that comes out with it, as long as enough is taken for the rest to find room and no
 * more could be taken ({@see RoomForMore}). What was left once and could not be done is not tried again. Of the last two sheets each is
 * looked at with every piece that is decided about: what one of them leaves must come out of the other. (Completing one bin after the
 * other: after R. E. Korf, A new algorithm for optimal bin packing, 2002; cited from memory.)
 *
 * What a piece takes of a sheet is told by its area, and in other ways that are as true ({@see LowerBound::shares()}) and may leave less
 * room. Shares are in millionths of a sheet, rounded down, so that nothing is lost by rounding.
 */
final class EveryWay
{
    /** Ways of telling what a piece takes, besides its area, that are worth looking at. */
    public const WAYS = 5;

    private const A_SHEET = 1_000_000;

    /** Of fewer sheets each takes so many pieces that it is no less work to see whether it has room for more. */
    private const MANY_SHEETS = 4;

    private readonly SheetSets $sets;

    private readonly RoomForMore $room;

    /** @var list<int> kind of each piece, the largest first */
    private readonly array $pieces;

    /** @var non-empty-list<list<int>> by way and piece */
    private readonly array $shares;

    /** @var array<int, int> for so many sheets too much, by the set that was left, mixed as in {@see SheetSets} */
    private array $tooMuch = [];

    /**
     * @param list<int> $pieces kinds, not more than {@see SheetSets::MOST_PIECES}
     * @param list<list<float>> $ways of telling what a piece takes of a sheet, besides its area, by way and kind
     */
    public function __construct(Measured $task, array $pieces, array $ways, private readonly Effort $effort)
    {
        usort($pieces, static fn (int $one, int $other): int => [$task->area($other), $one] <=> [$task->area($one), $other]);
        $usable = $task->usable[0][0] * $task->usable[0][1];
        $shares = [array_map(static fn (int $kind): int => intdiv($task->area($kind) * self::A_SHEET, $usable), $pieces)];
        foreach ($ways as $way) {
            $shares[] = array_map(static fn (int $kind): int => (int) floor($way[$kind] * self::A_SHEET), $pieces);
        }
        $this->pieces = $pieces;
        $this->shares = $shares;
        $this->sets = new SheetSets($task, $pieces, ...[...$task->sheets[0], $effort]);
        $this->room = new RoomForMore($task, $pieces, $shares, self::A_SHEET, $this->sets);
    }

    /** Whether what was not found may still be there. */
    public function gaveUp(): bool
    {
        return $this->sets->gaveUp() || $this->effort->isSpent();
    }

    /** @return list<Slab>|null one for each sheet; null: there is no way, or none was found before it gave up */
    public function within(int $sheets): ?array
    {
        $this->sets->goOn();
        $sets = $this->fill((1 << count($this->pieces)) - 1, $sheets);

        return $sets === null ? null : array_map($this->sets->slab(...), $sets);
    }

    /** @return list<int>|null sets */
    private function fill(int $left, int $sheets): ?array
    {
        if ($left === 0) {
            return [];
        }
        if ($sheets === 0 || ($this->tooMuch[$left ^ $left >> 12] ?? 0) >= $sheets) {
            return null;
        }
        $all = $this->sharesOf($left);
        if (max($all) > $sheets * self::A_SHEET) {
            return null;
        }
        $first = 0;
        while (($left >> $first & 1) === 0) {
            $first++;
        }
        $used = $this->sharesOf(1 << $first);
        $least = array_map(static fn (int $share): int => $share - ($sheets - 1) * self::A_SHEET, $all);
        $found = $this->complete($left, 1 << $first, 0, $first + 1, $used, $all, $least, $sheets);
        if ($found === null && ! $this->gaveUp()) {
            $this->tooMuch[$left ^ $left >> 12] = $sheets;
        }

        return $found;
    }

    /**
     * @param int $set what is on the sheet so far
     * @param int $others what is left for other sheets so far
     * @param int $next the first piece that has not been decided about
     * @param non-empty-list<int> $used by way: share of the set
     * @param non-empty-array<int, int> $open share of the set and of all that has not been decided about
     * @param non-empty-list<int> $least that must be on the sheet, so that the rest may find room
     * @return list<int>|null
     */
    private function complete(
        int $left,
        int $set,
        int $others,
        int $next,
        array $used,
        array $open,
        array $least,
        int $sheets,
    ): ?array {
        if ($this->gaveUp()) {
            return null;
        }
        $this->effort->spend(40);
        $last = count($this->pieces);
        while ($next < $last && ($left >> $next & 1) === 0) {
            $next++;
        }
        if ($next === $last) {
            if ($sheets >= self::MANY_SHEETS && $this->room->isOn($set, $left ^ $set, $used)) {
                return null;
            }
            $rest = $this->fill($left ^ $set, $sheets - 1);

            return $rest === null ? null : [$set, ...$rest];
        }
        $with = [];
        foreach ($this->shares as $way => $share) {
            $with[] = $used[$way] + $share[$next];
        }
        if (max($with) <= self::A_SHEET && $this->sets->comesOut($set | 1 << $next)) {
            $found = $this->complete($left, $set | 1 << $next, $others, $next + 1, $with, $open, $least, $sheets);
            if ($found !== null) {
                return $found;
            }
        }
        // Of equal pieces the later ones go only after the earlier ones.
        $kind = $this->pieces[$next];
        $alike = 0;
        for ($skip = $next; $skip < $last && $this->pieces[$skip] === $kind; $skip++) {
            $alike += $left >> $skip & 1;
            $others |= $left & 1 << $skip;
        }
        foreach ($this->shares as $way => $share) {
            $open[$way] -= $alike * $share[$next];
            if ($open[$way] < $least[$way]) {
                return null;
            }
        }
        if ($sheets === 2 && ! $this->sets->comesOut($others)) {
            return null;
        }

        return $this->complete($left, $set, $others, $skip, $used, $open, $least, $sheets);
    }

    /** @return non-empty-list<int> by way */
    private function sharesOf(int $set): array
    {
        $sums = [];
        foreach ($this->shares as $share) {
            $sum = 0;
            foreach ($share as $piece => $each) {
                $sum += ($set >> $piece & 1) * $each;
            }
            $sums[] = $sum;
        }

        return $sums;
    }
}
