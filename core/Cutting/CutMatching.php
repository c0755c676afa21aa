<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

use Ephemeron\Measure\Size;

/** Finds out which pieces that are cut serve what is wanted now; changed in place while pieces are handed out. */
final class CutMatching
{
    /** @var array<string, Demand> what is still wanting, by letter */
    private array $wanting = [];

    /** @var array<int, LyingPiece> not handed out yet */
    private array $pool = [];

    /** @var array<string, array<string, array<string, int>>> letters handed out, by sheet and corner */
    private array $handed = [];

    /** @param list<Demand> $demands */
    public function __construct(array $demands, private readonly Trimmer $trimmer)
    {
        foreach ($demands as $demand) {
            $this->wanting[$demand->key] = $demand;
        }
    }

    /**
     * The pieces of a sheet lie there, but for those that are spoiled.
     *
     * @param array<string, int> $spoiled
     */
    public function lay(CutSheet $sheet, CutWork $work, array $spoiled): void
    {
        $key = $sheet->pattern->key;
        $gives = $sheet->pattern->gives;
        $gone = $spoiled;
        foreach ($sheet->pieces() as $blank) {
            $count = $sheet->pattern->count;
            $size = $blank->turned ? $blank->area()->size()->turned() : $blank->area()->size();
            // Pieces of one label are told apart when they are sorted: so many of each letter.
            foreach ($blank->demands as $letter) {
                $these = min($count, $gives[$letter] ?? 0);
                $gives[$letter] = ($gives[$letter] ?? 0) - $these;
                $count -= $these;
                $piece = $work->demand($letter)->piece ?? '';
                $lost = min($these, $gone["{$key}/{$piece}"] ?? 0);
                $gone["{$key}/{$piece}"] = ($gone["{$key}/{$piece}"] ?? 0) - $lost;
                if ($these > $lost) {
                    $this->pool[] = new LyingPiece($letter, $piece, $size, $these - $lost, $key, CutSheet::corner($blank->area()));
                }
            }
        }
    }

    /** So many pieces of a size have been cut again: those that nobody wants first. */
    public function cutAgain(Size $size, int $count): void
    {
        foreach ([false, true] as $alsoWanted) {
            foreach ($this->pool as $index => $lying) {
                $isWanted = array_filter($this->wanting, static fn (Demand $demand): bool => $demand->size->equals($lying->size)) !== [];
                if (($alsoWanted || ! $isWanted) && ($lying->size->equals($size) || $lying->size->turned()->equals($size))) {
                    $taken = min($count, $lying->count);
                    $this->pool[$index] = $lying->less($taken);
                    $count -= $taken;
                }
            }
        }
    }

    /** @return list<CutPiece> what becomes of every piece */
    public function match(): array
    {
        $pieces = [
            ...$this->hand(
                static fn (Demand $demand, LyingPiece $lying): bool => $lying->piece === $demand->piece
                    && $lying->size->equals($demand->size),
                Fate::Right,
            ),
            ...$this->hand(static fn (Demand $demand, LyingPiece $lying): bool => $demand->size->equals($lying->size), Fate::Right),
            ...$this->hand(
                fn (Demand $demand, LyingPiece $lying): bool => $demand->piece === $lying->piece
                    && $this->comesOff($lying->size, $demand->size),
                Fate::Trim,
            ),
            ...$this->hand(fn (Demand $demand, LyingPiece $lying): bool => $this->comesOff($lying->size, $demand->size), Fate::Trim),
        ];
        foreach ($this->pool as $lying) {
            $pieces[] = new CutPiece($lying->was, $lying->piece, $lying->size, $lying->count, Fate::Wrong, $lying->sheet);
        }

        return $pieces;
    }

    /** A sheet that is planned and not begun keeps its plan if all it gives is still wanted. */
    public function keeps(SheetPattern $pattern): bool
    {
        foreach ($pattern->gives as $letter => $count) {
            if (($this->wanting[$letter]->quantity ?? 0) < $count) {
                return false;
            }
        }
        foreach ($pattern->blanks() as $blank) {
            $size = $blank->turned ? $blank->area()->size()->turned() : $blank->area()->size();
            foreach ($blank->demands as $letter) {
                if (! ($this->wanting[$letter] ?? null)?->size->equals($size)) {
                    return false;
                }
            }
        }
        foreach ($pattern->gives as $letter => $count) {
            $this->wanting[$letter] = $this->wanting[$letter]->less($count);
        }

        return true;
    }

    /** @return list<Demand> what is still to be cut */
    public function wanting(): array
    {
        return array_values(array_filter($this->wanting, static fn (Demand $demand): bool => $demand->quantity > 0));
    }

    /** The sheet as it lies there, with the pieces that are wanted of it. */
    public function lying(CutSheet $sheet): SheetPattern
    {
        $letters = [];
        $gives = [];
        foreach ($this->handed[$sheet->pattern->key] ?? [] as $corner => $counts) {
            foreach ($counts as $letter => $count) {
                $letters[$corner][] = (string) $letter;
                $gives[$letter] = ($gives[$letter] ?? 0) + $count;
            }
        }

        return $sheet->asCut($letters, $gives);
    }

    /**
     * Gives pieces to demands that the rule allows, the smallest that will do first.
     *
     * @param \Closure(Demand, LyingPiece): bool $may
     * @return list<CutPiece>
     */
    private function hand(\Closure $may, Fate $fate): array
    {
        usort($this->pool, static fn (LyingPiece $one, LyingPiece $other): int => $one->size->area() <=> $other->size->area());
        $pieces = [];
        foreach ($this->wanting as $letter => $demand) {
            foreach ($this->pool as $index => $lying) {
                $count = min($demand->quantity, $lying->count);
                if ($count === 0 || ! $may($demand, $lying)) {
                    continue;
                }
                $demand = $this->wanting[$letter] = $demand->less($count);
                $this->pool[$index] = $lying->less($count);
                $to = $fate === Fate::Trim ? $demand->size : null;
                $pieces[] = new CutPiece($lying->was, $lying->piece, $lying->size, $count, $fate, $lying->sheet, (string) $letter, $to);
                if ($fate === Fate::Right) {
                    $handed = $this->handed[$lying->sheet][$lying->corner][$letter] ?? 0;
                    $this->handed[$lying->sheet][$lying->corner][$letter] = $handed + $count;
                }
            }
        }
        $this->pool = array_values(array_filter($this->pool, static fn (LyingPiece $lying): bool => $lying->count > 0));

        return $pieces;
    }

    /** The way round it was cut: its print and its grain stay as they are. */
    private function comesOff(Size $from, Size $to): bool
    {
        return $this->trimmer->takesOff($from->width->minus($to->width)) && $this->trimmer->takesOff($from->height->minus($to->height));
    }
}
