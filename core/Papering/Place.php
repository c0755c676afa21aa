<?php

declare(strict_types=1);

namespace Ephemeron\Papering;

use Ephemeron\Cutting\SheetPattern;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Paper\Stock;

/** Where on which sheet a piece is cut from, side A up. */
final readonly class Place
{
    /**
     * @param int $number which of the sheets that are cut alike, from 1
     * @param list<string> $papers by which the design knows its paper
     * @param Stock $stock the paper
     * @param bool $turned whether the piece lies turned there
     */
    public function __construct(
        public SheetPattern $pattern,
        public int $number,
        public Rectangle $area,
        public array $papers,
        public Stock $stock,
        public bool $turned = false,
    ) {
    }

    /** Pieces with the same name here come from one sheet. */
    public function sheet(): string
    {
        return "{$this->pattern->key} #{$this->number}";
    }
}
