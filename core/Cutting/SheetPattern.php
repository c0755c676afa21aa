<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/** So many sheets cut alike, and how many pieces of each demand they give together. */
final readonly class SheetPattern
{
    /** @param array<string, int> $gives over all its sheets, by demand key */
    public function __construct(public Supply $supply, public int $count, public Piece $tree, public array $gives)
    {
    }

    /** @return list<Piece> blanks and offcuts, in reading order of the tree */
    public function leaves(): array
    {
        return $this->leavesOf($this->tree);
    }

    /** @return list<Blank> */
    public function blanks(): array
    {
        return array_values(array_filter($this->leaves(), static fn (Piece $piece): bool => $piece instanceof Blank));
    }

    /** @return list<Offcut> without the selvage strip */
    public function offcuts(): array
    {
        return array_values(array_filter($this->leaves(), static fn (Piece $piece): bool => $piece instanceof Offcut && ! $piece->selvage));
    }

    /** @return list<CutStep> */
    public function steps(): array
    {
        return (new CutSequence)->of($this);
    }

    /** @return list<Piece> */
    private function leavesOf(Piece $piece): array
    {
        return $piece instanceof Cut
            ? [...$this->leavesOf($piece->first), ...$this->leavesOf($piece->second)]
            : [$piece];
    }
}
