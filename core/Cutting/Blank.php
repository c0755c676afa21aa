<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

use Ephemeron\Geometry\Point;
use Ephemeron\Geometry\Rectangle;

/** A piece that is wanted. */
final readonly class Blank implements Piece
{
    /**
     * @param non-empty-list<string> $demands keys of the demands it may serve; equal pieces are cut alike and told apart later
     * @param bool $turned its width lies along the height of the sheet
     */
    public function __construct(private Rectangle $area, public array $demands, public bool $turned)
    {
    }

    public function area(): Rectangle
    {
        return $this->area;
    }

    public function movedBy(Point $by): self
    {
        return new self($this->area->movedBy($by), $this->demands, $this->turned);
    }

    /** `H`, or `F·H` where it may become either. */
    public function label(): string
    {
        return implode('·', $this->demands);
    }

    public function signature(): string
    {
        return $this->label().($this->turned ? 't' : '');
    }
}
