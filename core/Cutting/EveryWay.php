<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/**
 * Looks through every way in which a few pieces come out of so many sheets, or shows that there is none: sheet by sheet, each with the
 * largest piece that is left and every set of others that comes out with it, as long as what is wasted leaves room for the rest. What was
 * left once and could not be done is not tried again. Of the last two sheets each is looked at with every piece that is decided about: what
 * one of them leaves must come out of the other. (Completing one bin after the other: after R. E. Korf, A new algorithm for optimal
 * bin packing, 2002; cited from memory.)
 */
final class EveryWay
{
    private readonly SheetSets $sets;

    /** @var list<int> kind of each piece, the largest first */
    private readonly array $pieces;

    /** @var list<int> */
    private readonly array $areas;

    private readonly int $sheet;

    /** @var array<int, int> for so many sheets too much, by the set that was left, mixed as in {@see SheetSets} */
    private array $tooMuch = [];

    public function __construct(Measured $task, private readonly Effort $effort)
    {
        $pieces = Measured::each($task->wanted());
        usort($pieces, static fn (int $one, int $other): int => [$task->area($other), $one] <=> [$task->area($one), $other]);
        [$width, $height] = $task->sheets[0];
        $this->pieces = $pieces;
        $this->areas = array_map($task->area(...), $pieces);
        $this->sheet = $width * $height;
        $this->sets = new SheetSets($task, $pieces, $width, $height, $effort);
    }

    /** Whether what was not found may still be there. */
    public function gaveUp(): bool
    {
        return $this->sets->gaveUp() || $this->effort->isSpent();
    }

    /** @return list<Slab>|null one for each sheet; null: there is no way, or none was found before it gave up */
    public function within(int $sheets): ?array
    {
        $sets = $this->fill((1 << count($this->pieces)) - 1, $sheets);

        return $sets === null ? null : array_map($this->sets->slab(...), $sets);
    }

    /** @return list<int>|null sets */
    private function fill(int $left, int $sheets): ?array
    {
        if ($left === 0) {
            return [];
        }
        $spare = $sheets * $this->sheet - $this->area($left);
        if ($sheets === 0 || $spare < 0 || ($this->tooMuch[$left ^ $left >> 12] ?? 0) >= $sheets) {
            return null;
        }
        $first = 0;
        while (($left >> $first & 1) === 0) {
            $first++;
        }
        $found = $this->complete($left, 1 << $first, 0, $first + 1, $this->areas[$first], $this->area($left), $spare, $sheets);
        if ($found === null && ! $this->gaveUp()) {
            $this->tooMuch[$left ^ $left >> 12] = $sheets;
        }

        return $found;
    }

    /**
     * @param int $set what is on the sheet so far
     * @param int $others what is left for other sheets so far
     * @param int $next the first piece that has not been decided about
     * @param int $area of the set
     * @param int $open area of the set and of all that has not been decided about
     * @param int $spare area that may be wasted
     * @return list<int>|null
     */
    private function complete(
        int $left,
        int $set,
        int $others,
        int $next,
        int $area,
        int $open,
        int $spare,
        int $sheets,
    ): ?array {
        if ($this->gaveUp()) {
            return null;
        }
        $this->effort->spend(40);
        $least = $this->sheet - $spare;
        $last = count($this->pieces);
        while ($next < $last && ($left >> $next & 1) === 0) {
            $next++;
        }
        if ($next === $last) {
            if ($area < $least) {
                return null;
            }
            $rest = $this->fill($left ^ $set, $sheets - 1);

            return $rest === null ? null : [$set, ...$rest];
        }
        $with = $area + $this->areas[$next];
        if ($with <= $this->sheet && $this->sets->comesOut($set | 1 << $next)) {
            $found = $this->complete($left, $set | 1 << $next, $others, $next + 1, $with, $open, $spare, $sheets);
            if ($found !== null) {
                return $found;
            }
        }
        // Of equal pieces the later ones go only after the earlier ones.
        $kind = $this->pieces[$next];
        for ($skip = $next; $skip < $last && $this->pieces[$skip] === $kind; $skip++) {
            $open -= ($left >> $skip & 1) * $this->areas[$skip];
            $others |= $left & 1 << $skip;
        }
        if ($open < $least || ($sheets === 2 && ! $this->sets->comesOut($others))) {
            return null;
        }

        return $this->complete($left, $set, $others, $skip, $area, $open, $spare, $sheets);
    }

    private function area(int $set): int
    {
        $area = 0;
        foreach ($this->areas as $piece => $each) {
            $area += ($set >> $piece & 1) * $each;
        }

        return $area;
    }
}
