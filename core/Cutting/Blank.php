<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

use Ephemeron\Geometry\Rectangle;

/** A piece that is wanted. */
final readonly class Blank implements Piece
{
    /** @param bool $turned its width lies along the height of the sheet */
    public function __construct(private Rectangle $area, public string $demand, public bool $turned)
    {
    }

    public function area(): Rectangle
    {
        return $this->area;
    }

    public function signature(): string
    {
        return $this->demand.($this->turned ? 't' : '');
    }
}
