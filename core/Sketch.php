<?php

declare(strict_types=1);

namespace Ephemeron;

use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Design\Design;
use Ephemeron\Paper\Stock;

/** A book laid out and not yet planned: all that its pages look like, without a sheet being cut. */
final readonly class Sketch
{
    /** @var array<string, Stock> see {@see Design::papers()} */
    private array $papers;

    public function __construct(public Design $design, public Blueprint $blueprint)
    {
        $this->papers = $design->papers();
    }

    /** Its paper, with the side of it that is the piece's side A upwards. */
    public function stockOf(string $part): Stock
    {
        $part = $this->blueprint->part($part);
        $stock = $this->papers[$part->paper()];

        return $part->isOver ? $stock->over() : $stock;
    }
}
