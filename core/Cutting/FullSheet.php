<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/**
 * Whether a few pieces that leave next to nothing of a sheet come out of it, exactly: whatever is cut from edge to edge falls into two
 * rectangles that are cut so themselves, so that all there may be are put together of two with fewer pieces, side by side or one below the
 * other. Only those are kept of which no more is free, and cannot but stay free beside and below them, than there is to spare. (Bottom-up
 * enumeration of guillotine builds with a limit on waste after P. Y. Wang, Operations Research 31, 1983; cited from memory.) At first the
 * fullest of so many pieces only, then more of them, until the sheet is found or nothing had to be left out.
 *
 * A strip that is too narrow to come off is not looked at: {@see Slab::comesOff()} tells of a sheet that has been found.
 */
final class FullSheet
{
    /** Of a sheet with more to spare there are too many rectangles. */
    private const TO_SPARE = 1 / 16;

    /** Sets of so many pieces of which rectangles are kept, the first time and later. */
    private const SETS = [1 << 10, 1 << 12, 1 << 14, 1 << 17];

    /** Rectangles that are kept in mind: some two hundred bytes each. */
    private const MOST_RECTANGLES = 900_000;

    /** So many times the sets that are kept are found until the emptier ones are sought no longer. */
    private const FOUND = 3;

    /** Lengths are added up to this side: beyond it any is taken for a sum. */
    private const LONGEST_SIDE = 4_000;

    /** Units that a rectangle that is kept takes, against a look at two that have a piece in common. */
    private const KEPT = 40;

    /** @var list<int> kind of each piece */
    private readonly array $pieces;

    private readonly AlikePieces $alike;

    private readonly int $spare;

    /** Whether the sheet is square and every piece may be turned: then a rectangle stands for the same on its side as well. */
    private readonly bool $isTurnable;

    /** @var array{int, int} width and height that pieces can take */
    private readonly array $sides;

    /** @var array{list<int>, list<int>} what stays free of a line across the sheet, by what is taken of it, and from head to foot */
    private readonly array $unused;

    /** Which of the numbers of sets it is at. */
    private int $time = 0;

    /** Whether sets were left out this time. */
    private bool $isPart = false;

    /** What may be free in and beside the rectangles that are sought now. */
    private int $limit = 0;

    /** @var array<int, array<int, int>> what is found: height by set and width */
    private array $least = [];

    /** @var array<int, int> area that is free in and beside the fullest rectangle found of each set */
    private array $fullest = [];

    /** The rectangle that others are put beside next, and its pieces. */
    private int $next = 0;

    private int $fewer = 1;

    /** @var list<int> the pieces of each rectangle, the first of their kind */
    private array $sets = [];

    /** @var list<int> as many of each kind, the last of it: what has none of them in common with another’s first ones goes with that */
    private array $lasts = [];

    /** @var array{list<int>, list<int>} width and height of each rectangle */
    private array $sizes = [[], []];

    /** @var list<int> area that is free in each rectangle */
    private array $free = [];

    /** @var array<int, int> the first rectangle with so many pieces; one more, where the next begins */
    private array $from = [1 => 0];

    /** @var array<int, array{array<int, list<int>>, array<int, list<int>>}> rectangles by pieces, as they lie and turned, and height */
    private array $rows = [];

    /** @var array<int, array{int, int}> how wide the narrowest of them is, by pieces, as they lie and turned */
    private array $narrowest = [];

    /** @param list<int> $pieces kinds, not more than {@see SheetSets::MOST_PIECES} */
    public function __construct(private readonly Measured $task, array $pieces, private readonly Effort $effort)
    {
        $this->pieces = $pieces;
        $this->alike = AlikePieces::among($pieces);
        $this->sides = $task->usable[0];
        $this->spare = $this->sides[0] * $this->sides[1] - $task->areaOf($pieces);
        $this->isTurnable = $this->sides[0] === $this->sides[1] && array_filter(
            $pieces,
            static fn (int $kind): bool => count($task->ways[$kind]) === 1 && $task->ways[$kind][0][0] !== $task->ways[$kind][0][1],
        ) === [];
        $this->unused = [$this->unusedOf(0), $this->unusedOf(1)];
    }

    /** Whether so little is to spare that it is worth while. */
    public function isFull(): bool
    {
        return $this->spare <= self::TO_SPARE * $this->sides[0] * $this->sides[1];
    }

    /** @return bool|null null: the effort came to its end, or there are too many rectangles; asked again it goes on where it was */
    public function comesOut(): ?bool
    {
        if ($this->spare < 0) {
            return false;
        }
        $last = count($this->pieces);
        while ($this->time < count(self::SETS)) {
            for ($many = count($this->from); $many <= $last; $many++) {
                $many === 1 ? $this->placeEach() : $this->joinAll($many);
                if ($this->isInterrupted()) {
                    return null;
                }
                $this->keep($many);
            }
            $isFound = $this->from[$last + 1] > $this->from[$last];
            if ($isFound || ! $this->isPart) {
                return $isFound;
            }
            $this->time++;
            $this->isPart = false;
            [$this->sets, $this->lasts, $this->sizes, $this->free, $this->from] = [[], [], [[], []], [], [1 => 0]];
        }

        return null;
    }

    private function isInterrupted(): bool
    {
        return $this->effort->isSpent() || count($this->sets) + count($this->least) > self::MOST_RECTANGLES;
    }

    /** @throws \LogicException where they do not come out of it */
    public function slab(): Slab
    {
        $last = count($this->pieces);
        $tight = new TightRectangles($this->task->sheets[0][0], $this->task->sheets[0][1], $this->task, $this->effort);
        $found = [];
        for ($id = $this->from[$last]; $id < $this->from[$last + 1]; $id++) {
            foreach ($this->isTurnable ? [0, 1] : [0] as $way) {
                $width = $this->sizes[$way][$id];
                $found[$width] = min($found[$width] ?? PHP_INT_MAX, $this->sizes[1 - $way][$id]);
            }
        }
        $rectangles = $tight->smallest($found);
        [$width, $height] = $tight->clean($rectangles) ?? [$rectangles[0] ?? 0, $rectangles[1] ?? 0];
        $slab = new Slab(...$this->task->sheets[0]);
        $first = [];
        foreach ($this->sets as $id => $set) {
            $first[$set] ??= $id;
        }
        $this->build($slab, (1 << $last) - 1, $width, $height, $first);

        return $slab;
    }

    private function placeEach(): void
    {
        $this->limit = $this->spare;
        foreach ($this->pieces as $piece => $kind) {
            $set = $this->alike->firsts(1 << $piece);
            foreach ($this->task->ways[$kind] as [$width, $height]) {
                if ($width <= $this->sides[0] && $height <= $this->sides[1]) {
                    $unused = $height * $this->unused[0][$width] + $width * $this->unused[1][$height];
                    $unused > $this->limit || $this->put($set, $width, $height, $unused);
                }
            }
        }
    }

    /** All with so many pieces; interrupted, it goes on with the rectangle that it was at. */
    private function joinAll(int $many): void
    {
        for (; $this->next < $this->from[intdiv($many, 2) + 1] && ! $this->isInterrupted(); $this->next++) {
            while ($this->next >= $this->from[$this->fewer + 1]) {
                $this->fewer++;
            }
            foreach ([0, 1] as $way) {
                foreach ($this->isTurnable ? [0, 1] : [$way] as $ofOthers) {
                    $this->join($this->next, $way, $many - $this->fewer, $ofOthers);
                }
            }
            if (count($this->least) > self::FOUND * self::SETS[$this->time]) {
                $this->leaveOut();
            }
        }
    }

    /** Leaves as many sets as are kept; from now on those only that are as full are sought. */
    private function leaveOut(): void
    {
        if (count($this->least) > self::SETS[$this->time]) {
            asort($this->fullest);
            $this->fullest = array_slice($this->fullest, 0, self::SETS[$this->time], true);
            $this->least = array_intersect_key($this->least, $this->fullest);
            $this->limit = (int) end($this->fullest);
            $this->isPart = true;
        }
    }

    /**
     * Puts a rectangle beside each of so many pieces that has none of them in common with it.
     *
     * @param int $way 0: side by side, as both lie; 1: below each other, which is side by side as they stand on their side
     * @param int $ofOthers how these lie, likewise
     */
    private function join(int $id, int $way, int $pieces, int $ofOthers): void
    {
        $set = $this->sets[$id];
        $width = $this->sizes[$way][$id];
        $height = $this->sizes[1 - $way][$id];
        $open = $this->limit - $this->free[$id];
        if ($open < 0) {
            return;
        }
        $room = $this->sides[$way] - $width;
        [$unusedBeside, $unusedBelow] = [$this->unused[$way], $this->unused[1 - $way]];
        [$lasts, $frees, $widths] = [$this->lasts, $this->free, $this->sizes[$ofOthers]];
        [$rows, $narrowest] = [$this->rows[$pieces][$ofOthers], $this->narrowest[$pieces][$ofOthers]];
        $last = $height + intdiv($open, $width);
        $looks = 6;
        for ($tall = max(1, $height - intdiv($open, $narrowest)); $tall <= $last; $tall++) {
            $gap = $tall - $height;
            $most = $open - ($gap > 0 ? $gap * $width : -$gap * $narrowest);
            $high = $gap > 0 ? $tall : $height;
            $looks++;
            foreach ($rows[$tall] ?? [] as $other) {
                $looks++;
                if ($frees[$other] > $most) {
                    break;
                }
                if (($lasts[$other] & $set) !== 0) {
                    continue;
                }
                $wide = $widths[$other];
                $free = $frees[$other] + ($gap > 0 ? $gap * $width : -$gap * $wide);
                if ($wide > $room || $free > $open) {
                    continue;
                }
                $wide += $width;
                $free += $high * $unusedBeside[$wide] + $wide * $unusedBelow[$high];
                if ($free <= $open) {
                    $looks += self::KEPT;
                    $both = $this->alike->firsts($set | $lasts[$other]);
                    $free += $this->free[$id];
                    $way === 0 ? $this->put($both, $wide, $high, $free) : $this->put($both, $high, $wide, $free);
                }
            }
        }
        $this->effort->spend($looks);
    }

    /** @param int $free area in and beside it */
    private function put(int $set, int $width, int $height, int $free): void
    {
        if ($free < ($this->fullest[$set] ?? PHP_INT_MAX)) {
            $this->fullest[$set] = $free;
        }
        if ($this->isTurnable && $width > $height) {
            [$width, $height] = [$height, $width];
        }
        if ($height < ($this->least[$set][$width] ?? PHP_INT_MAX)) {
            $this->least[$set][$width] = $height;
        }
    }

    private function keep(int $many): void
    {
        $this->leaveOut();
        $begin = count($this->sets);
        foreach ($this->least as $set => $rectangles) {
            ksort($rectangles);
            $lowest = PHP_INT_MAX;
            $area = $this->task->areaOf($this->alike->kinds($set));
            foreach ($rectangles as $width => $height) {
                if ($height < $lowest) {
                    $lowest = $height;
                    $this->sets[] = $set;
                    $this->lasts[] = $this->alike->lasts($set);
                    $this->sizes[0][] = $width;
                    $this->sizes[1][] = $height;
                    $this->free[] = $width * $height - $area;
                }
            }
        }
        $this->from[$many + 1] = count($this->sets);
        [$this->least, $this->fullest, $this->limit, $this->fewer, $this->next] = [[], [], $this->spare, 1, 0];
        $free = array_slice($this->free, $begin, preserve_keys: true);
        asort($free);
        $this->rows[$many] = [[], []];
        foreach (array_keys($free) as $id) {
            $this->rows[$many][0][$this->sizes[1][$id]][] = $id;
            $this->rows[$many][1][$this->sizes[0][$id]][] = $id;
        }
        $this->narrowest[$many] = [
            min([PHP_INT_MAX, ...array_keys($this->rows[$many][1])]),
            min([PHP_INT_MAX, ...array_keys($this->rows[$many][0])]),
        ];
    }

    /**
     * What pieces cannot take of the rest of a line across the sheet.
     *
     * @return list<int> by what is taken of it already
     */
    private function unusedOf(int $way): array
    {
        $side = $this->sides[$way];
        if ($side > self::LONGEST_SIDE) {
            return array_fill(0, $side + 1, 0);
        }
        $isSum = [true, ...array_fill(1, $side, false)];
        foreach ($this->pieces as $kind) {
            for ($sum = $side; $sum > 0; $sum--) {
                foreach ($this->task->ways[$kind] as $size) {
                    $isSum[$sum] = $isSum[$sum] || ($sum >= $size[$way] && $isSum[$sum - $size[$way]]);
                }
            }
        }
        $unused = [];
        $last = 0;
        foreach ($isSum as $length => $is) {
            $last = $is ? $length : $last;
            $unused[$side - $length] = $length - $last;
        }
        ksort($unused);

        return array_values($unused);
    }

    /**
     * Divides the corner of a slab into the pieces of a set that fits so wide and so tall.
     *
     * @param array<int, int> $first rectangle of each set
     */
    private function build(Slab $slab, int $set, int $width, int $height, array $first): void
    {
        $kinds = $this->alike->kinds($set);
        if (count($kinds) === 1) {
            $slab->placeWithin($kinds[0], $this->task->ways[$kinds[0]], $width, $height);

            return;
        }
        for ($id = 0; $id < $this->from[intdiv(count($kinds), 2) + 1]; $id++) {
            $one = $this->sets[$id];
            if (($one & ~$set) !== 0) {
                continue;
            }
            $other = $this->alike->firsts($set ^ $one);
            for ($with = $first[$other] ?? PHP_INT_MAX; ($this->sets[$with] ?? null) === $other; $with++) {
                foreach ($this->isTurnable ? [[0, 0], [0, 1], [1, 0], [1, 1]] : [[0, 0]] as [$way, $wayToo]) {
                    $these = [$this->sizes[$way][$id], $this->sizes[1 - $way][$id]];
                    $those = [$this->sizes[$wayToo][$with], $this->sizes[1 - $wayToo][$with]];
                    $parts = $slab->part($these, $those, $width, $height);
                    if ($parts !== null) {
                        $this->build($parts[0], $one, $these[0], $these[1], $first);
                        $this->build($parts[1], $other, $those[0], $those[1], $first);

                        return;
                    }
                }
            }
        }

        throw new \LogicException('These pieces do not come out of one sheet.');
    }
}
