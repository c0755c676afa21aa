<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

use Ephemeron\Geometry\Point;
use Ephemeron\Geometry\Rectangle;

/** What is left over. */
final readonly class Offcut implements Piece
{
    /** @param bool $selvage the printed maker's strip, which is no paper to work with */
    public function __construct(private Rectangle $area, public bool $selvage = false)
    {
    }

    public function area(): Rectangle
    {
        return $this->area;
    }

    public function movedBy(Point $by): self
    {
        return new self($this->area->movedBy($by), $this->selvage);
    }

    public function signature(): string
    {
        return "o{$this->area->width()->ticks}x{$this->area->height()->ticks}";
    }
}
