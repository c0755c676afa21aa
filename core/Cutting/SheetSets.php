<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/**
 * Which sets of a few pieces come out of one sheet by cuts from edge to edge, exactly: for every set the smallest rectangles that hold it
 * ({@see TightRectangles}). Of equal pieces it matters only how many there are.
 *
 * A strip within a set that is too narrow to come off is not looked at: {@see Slab::comesOff()} tells of a sheet that has been found.
 */
final class SheetSets
{
    /** Pieces that are numbered by the bits of a set. */
    public const MOST_PIECES = 25;

    /**
     * PHP finds a number by its lowest bits, which sets of the last pieces have in common: the upper ones are mixed in.
     *
     * @var array<int, list<int>> widths and heights, alternating, by set ^ set >> 12: the narrower ones first
     */
    private array $shapes = [];

    private readonly AlikePieces $alike;

    private readonly TightRectangles $tight;

    private bool $gaveUp = false;

    /** @param list<int> $pieces kind of each, not more than {@see self::MOST_PIECES} */
    public function __construct(
        private readonly Measured $task,
        private readonly array $pieces,
        private readonly int $width,
        private readonly int $height,
        private readonly Effort $effort,
    ) {
        $this->tight = new TightRectangles($width, $height, $task, $effort);
        foreach ($pieces as $piece => $kind) {
            $this->shapes[1 << $piece ^ 1 << $piece >> 12] = $this->tight->ofPiece($kind);
        }
        $this->alike = AlikePieces::among($pieces);
    }

    /**
     * One sheet with all of these.
     *
     * @param list<int> $pieces kinds, not more than {@see self::MOST_PIECES}
     * @return Slab|null null: they do not come out of it, or the effort came to its end
     */
    public static function sheet(Measured $task, array $pieces, Effort $effort): ?Slab
    {
        [$width, $height] = $task->sheets[0];
        $sets = new self($task, $pieces, $width, $height, $effort);
        $all = (1 << count($pieces)) - 1;

        return $sets->comesOut($all) ? $sets->slab($all) : null;
    }

    /** Whether the effort came to its end before a set was settled: what was said to be impossible since may not be. */
    public function gaveUp(): bool
    {
        return $this->gaveUp;
    }

    /** After more effort was granted: what was not settled is looked at again. */
    public function goOn(): void
    {
        $this->gaveUp = false;
    }

    public function comesOut(int $set): bool
    {
        return $this->tight->comeOff($this->shapes($set), fn (): array => $this->alike->kinds($set));
    }

    /** As many of each kind, the lowest ones: sets that differ only in which of equal pieces they have come out alike. */
    public function firstOfTheirKind(int $set): int
    {
        return $this->alike->firsts($set);
    }

    /** @throws \LogicException where it does not come out of a sheet */
    public function slab(int $set): Slab
    {
        $slab = new Slab($this->width, $this->height);
        $shapes = $this->shapes($set);
        [$width, $height] = $this->tight->clean($shapes) ?? [$shapes[0] ?? 0, $shapes[1] ?? 0];
        $this->build($slab, $set, $width, $height);

        return $slab;
    }

    /** @return list<int> */
    private function shapes(int $set): array
    {
        $mixed = $set ^ $set >> 12;
        if (isset($this->shapes[$mixed])) {
            return $this->shapes[$mixed];
        }
        $first = $this->firstOfTheirKind($set);
        if ($first !== $set) {
            return $this->shapes($first);
        }
        $low = $set & -$set;
        $rest = $set ^ $low;
        $least = [];
        [$single, $firsts] = $this->firstOnes($rest);
        foreach ($firsts as $ones) {
            for ($singles = $single; ; $singles = ($singles - 1) & $single) {
                if ($this->gaveUp = $this->gaveUp || $this->effort->isSpent()) {
                    return [];
                }
                $part = $ones | $singles;
                if ($part !== $rest) {
                    $these = $this->shapes($part | $low);
                    $those = $this->shapes($rest ^ $part);
                    if ($these === [] || $those === []) {
                        // What a part of it does not hold the whole does not either.
                        return $this->gaveUp() ? [] : $this->shapes[$mixed] = [];
                    }
                    $this->tight->join($these, $those, $least);
                }
                if ($singles === 0) {
                    break;
                }
            }
        }

        return $this->shapes[$mixed] = $this->tight->smallest($least);
    }

    /**
     * Parts of a set that take the first of each kind, and no other, are these with any of the single ones.
     *
     * @return array{int, non-empty-list<int>} those of which there is one in the set, and every number of first ones of the others
     */
    private function firstOnes(int $set): array
    {
        $firsts = [0];
        foreach ($this->alike->groups as $pieces) {
            $alike = $set & $pieces;
            if (($alike & ($alike - 1)) === 0) {
                continue;
            }
            $set ^= $alike;
            $numbers = [0];
            for ($these = 0; $alike !== 0; $alike &= $alike - 1) {
                $numbers[] = $these |= $alike & -$alike;
            }
            $with = [];
            foreach ($firsts as $ones) {
                foreach ($numbers as $these) {
                    $with[] = $ones | $these;
                }
            }
            $firsts = $with;
        }

        return [$set, $firsts];
    }

    /** Divides the corner of a slab into the pieces of a set that fits so wide and so tall. */
    private function build(Slab $slab, int $set, int $width, int $height): void
    {
        if (($set & ($set - 1)) === 0) {
            for ($piece = 0; $set >> $piece !== 1; $piece++);
            $slab->placeWithin($this->pieces[$piece], $this->task->ways[$this->pieces[$piece]], $width, $height);

            return;
        }
        $low = $set & -$set;
        $rest = $set ^ $low;
        foreach ($this->parts($rest) as $part) {
            [$one, $other] = [$part | $low, $rest ^ $part];
            [$these, $those] = [$this->shapes($one), $this->shapes($other)];
            for ($i = 0, $m = count($these); $i < $m; $i += 2) {
                for ($j = 0, $n = count($those); $j < $n; $j += 2) {
                    [$first, $second] = [[$these[$i], $these[$i + 1]], [$those[$j], $those[$j + 1]]];
                    $parts = $slab->part($first, $second, $width, $height);
                    if ($parts !== null) {
                        $this->build($parts[0], $one, ...$first);
                        $this->build($parts[1], $other, ...$second);

                        return;
                    }
                }
            }
        }

        throw new \LogicException('These pieces do not come out of one sheet.');
    }

    /** @return \Generator<int> parts of a set, not all of it, of which each takes the first of its kind */
    private function parts(int $set): \Generator
    {
        [$single, $firsts] = $this->firstOnes($set);
        foreach ($firsts as $ones) {
            for ($singles = $single; $singles >= 0; $singles = $singles === 0 ? -1 : ($singles - 1) & $single) {
                if (($ones | $singles) !== $set) {
                    yield $ones | $singles;
                }
            }
        }
    }
}
