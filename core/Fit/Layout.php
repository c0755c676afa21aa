<?php

declare(strict_types=1);

namespace Ephemeron\Fit;

use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Part;
use Ephemeron\Design\Design;
use Ephemeron\Design\Furnished;
use Ephemeron\Measure\Notation;
use Ephemeron\Paper\Stock;

/** A book as it looks: laid out on its papers, before anything of it is cut or put in order. */
final readonly class Layout
{
    /** @var array<string, Stock> see {@see Design::papers()} */
    private array $papers;

    private Notation $notation;

    /** @param Furnished $furnished all things on its faces */
    public function __construct(public Design $design, public Blueprint $blueprint, public Furnished $furnished)
    {
        $this->papers = $design->papers();
        $this->notation = $design->notation();
    }

    public function notation(): Notation
    {
        return $this->notation;
    }

    /** The paper of a part, with the side of it that is the piece's side A upwards. */
    public function stockOf(Part $part): Stock
    {
        $stock = $this->papers[$part->paper()];

        return $part->isOver ? $stock->over() : $stock;
    }
}
