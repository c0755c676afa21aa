<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/** So many sheets cut alike, and how many pieces of each demand they give together. */
final readonly class SheetPattern
{
    /**
     * @param array<string, int> $gives over all its sheets, by demand key
     * @param string $key what it is known by at the table, see {@see PatternKeys}; empty while it is only planned
     * @param bool $isCut whether it lies there as it was cut, whatever is wanted of it now
     */
    public function __construct(
        public Supply $supply,
        public int $count,
        public Piece $tree,
        public array $gives,
        public string $key = '',
        public bool $isCut = false,
    ) {
    }

    /** @param array<string, string> $letters of now by those of then */
    public function lettered(array $letters): self
    {
        return new self(
            $this->supply,
            $this->count,
            $this->relettered($this->tree, $letters),
            self::renamed($this->gives, $letters),
            $this->key,
            $this->isCut,
        );
    }

    /**
     * @param array<string, int> $counts by letter
     * @param array<string, string> $letters of now by those of then
     * @return array<string, int>
     */
    public static function renamed(array $counts, array $letters): array
    {
        $now = [];
        foreach ($counts as $letter => $count) {
            $now[$letters[$letter] ?? $letter] = $count;
        }

        return $now;
    }

    /** @param array<string, string> $letters */
    private function relettered(Piece $piece, array $letters): Piece
    {
        return match (true) {
            $piece instanceof Cut => new Cut(
                $piece->area(),
                $piece->along,
                $piece->at,
                $this->relettered($piece->first, $letters),
                $this->relettered($piece->second, $letters),
            ),
            $piece instanceof Blank => new Blank(
                $piece->area(),
                array_map(static fn (string $letter): string => $letters[$letter] ?? $letter, $piece->demands),
                $piece->turned,
            ),
            default => $piece,
        };
    }

    public function named(string $key): self
    {
        return new self($this->supply, $this->count, $this->tree, $this->gives, $key, $this->isCut);
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
