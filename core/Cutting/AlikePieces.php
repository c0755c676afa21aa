<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/** Of equal pieces it matters only how many a set has: pieces are the bits of a set. */
final readonly class AlikePieces
{
    /**
     * @param list<int> $pieces kind of each
     * @param list<int> $groups the pieces of each kind that has more than one
     */
    private function __construct(private array $pieces, public array $groups)
    {
    }

    /** @param list<int> $pieces kind of each */
    public static function among(array $pieces): self
    {
        $ofKind = [];
        foreach ($pieces as $piece => $kind) {
            $ofKind[$kind] = ($ofKind[$kind] ?? 0) | 1 << $piece;
        }

        return new self($pieces, array_values(array_filter($ofKind, static fn (int $set): bool => ($set & ($set - 1)) !== 0)));
    }

    /** @return list<int> kinds of the pieces of a set */
    public function kinds(int $set): array
    {
        $kinds = [];
        foreach ($this->pieces as $piece => $kind) {
            if (($set >> $piece & 1) === 1) {
                $kinds[] = $kind;
            }
        }

        return $kinds;
    }

    /** As many of each kind, the lowest ones: sets that differ only in which of equal pieces they have come out alike. */
    public function firsts(int $set): int
    {
        foreach ($this->groups as $pieces) {
            $mine = $set & $pieces;
            $set ^= $mine;
            for ($open = $pieces; $mine !== 0; $mine &= $mine - 1, $open &= $open - 1) {
                $set |= $open & -$open;
            }
        }

        return $set;
    }

    /** As many of each kind, the highest ones: where none of them is among the first ones of another set there are enough for both. */
    public function lasts(int $set): int
    {
        foreach ($this->groups as $pieces) {
            $rest = $this->firsts($pieces & ~$set);
            $set = $set & ~$pieces | $pieces & ~$rest;
        }

        return $set;
    }
}
