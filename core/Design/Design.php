<?php

declare(strict_types=1);

namespace Ephemeron\Design;

use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\ToolGrid;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\Stock;

/** What a maker wants: the only thing that is edited and kept. Everything else follows from it. */
final readonly class Design
{
    /**
     * @param string $structure key in the catalogue
     * @param ToolGrid $grid marks that lengths are read to
     * @param ToolGrid $grooves grooves of the scoring board
     * @param list<Placed> $furniture
     * @param array<string, Stock> $materials by the value of their {@see \Ephemeron\Paper\StockRole}
     * @param Length|null $board length of the scoring board; null: 12 in, or 30 cm for metric grooves
     * @param Length|null $blade longest cut the trimmer makes; null: 12¼ in
     * @param Length|null $strip narrowest strip it takes off cleanly; null: ⅛ in
     * @param list<PinnedPart> $pins pieces that are cut from a chosen place of their paper
     */
    public function __construct(
        public string $structure,
        public string $name,
        public Unit $unit,
        public ToolGrid $grid,
        public ToolGrid $grooves,
        public ScoringSchool $scoring,
        public Values $parameters,
        public MatRule $mats,
        public array $furniture,
        public array $materials,
        public Schools $schools = new Schools,
        public array $pins = [],
        public ?Length $board = null,
        public ?Length $blade = null,
        public ?Length $strip = null,
    ) {
    }

    public function notation(): Notation
    {
        return new Notation($this->unit, $this->grid);
    }
}
