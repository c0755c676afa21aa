<?php

declare(strict_types=1);

namespace Ephemeron\Design;

use Ephemeron\Measure\Length;
use Ephemeron\Measure\ToolGrid;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\Stock;

/** What the maker's trimmer and scoring board can do; what is not said is as usual for their marks. */
final readonly class Tools
{
    public const BOARD = 'board';

    public const BLADE = 'blade';

    public const STRIP = 'strip';

    /** How much less than its pocket an insert is wanted: a habit of the hand, as the others are of the tools. */
    public const PLAY = 'insert-play';

    /** Grammages from which the trimmer takes fewer sheets at once. */
    public const WEIGHTS = [160, 220, 300];

    /**
     * @param ToolGrid $grid marks that lengths are read to
     * @param ToolGrid $grooves grooves of the scoring board
     * @param array<string, Length> $lengths of the tools that are not the usual ones, by BOARD, BLADE, STRIP, PLAY
     * @param array<int, int> $stacks how many sheets the trimmer takes at once, by the grammage from which that holds; none: as usual
     */
    public function __construct(public ToolGrid $grid, public ToolGrid $grooves, private array $lengths = [], public array $stacks = [])
    {
    }

    public static function usual(Unit $unit): self
    {
        return new self(ToolGrid::usualFor($unit), ToolGrid::usualGroovesFor($unit));
    }

    /** Lengths stay what they are; marks and grooves are those that are usual in the unit. */
    public function readIn(Unit $unit): self
    {
        return new self(ToolGrid::usualFor($unit), ToolGrid::usualGroovesFor($unit), $this->lengths, $this->stacks);
    }

    public function withGrid(ToolGrid $grid): self
    {
        return new self($grid, $this->grooves, $this->lengths, $this->stacks);
    }

    public function withGrooves(ToolGrid $grooves): self
    {
        return new self($this->grid, $grooves, $this->lengths, $this->stacks);
    }

    /** @param Length|null $length null: the usual one */
    public function withLength(string $tool, ?Length $length): self
    {
        return new self($this->grid, $this->grooves, array_filter([...$this->lengths, $tool => $length]), $this->stacks);
    }

    /** @param int|null $sheets at once of paper from so many g/m² up; null: as usual */
    public function withStack(int $grams, ?int $sheets): self
    {
        $stacks = array_filter([$grams => $sheets] + $this->stacks, is_int(...));
        ksort($stacks);

        return new self($this->grid, $this->grooves, $this->lengths, $stacks);
    }

    /**
     * How many sheets of a paper the trimmer takes at once: 3 of 160 g/m², 2 of 220, 1 of 300 and more, or as the maker says (common
     * practice, no published source). Board, 1 mm and thicker or heavier than 600 g/m², is never sent to it.
     *
     * @return int 0 for board
     */
    public function atOnce(Stock $stock): int
    {
        if ($stock->isBoard()) {
            return 0;
        }
        $taken = $this->stacks[self::WEIGHTS[0]] ?? count(self::WEIGHTS);
        foreach (self::WEIGHTS as $index => $grams) {
            if ($stock->grammage->inGrams() >= $grams) {
                $taken = $this->stacks[$grams] ?? count(self::WEIGHTS) - $index;
            }
        }

        return $taken;
    }

    /** @return Length|null null where it is the usual one */
    public function length(string $tool): ?Length
    {
        return $this->lengths[$tool] ?? null;
    }
}
