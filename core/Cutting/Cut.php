<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

use Ephemeron\Geometry\Point;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;

/** One cut right across a piece. */
final readonly class Cut implements Piece
{
    /**
     * @param Axis $along the side that is divided (it lies against the fence's scale)
     * @param Length $at the fence setting: what the first part measures along that side
     */
    public function __construct(
        private Rectangle $area,
        public Axis $along,
        public Length $at,
        public Piece $first,
        public Piece $second,
    ) {
    }

    public function area(): Rectangle
    {
        return $this->area;
    }

    public function movedBy(Point $by): self
    {
        return new self($this->area->movedBy($by), $this->along, $this->at, $this->first->movedBy($by), $this->second->movedBy($by));
    }

    public function signature(): string
    {
        $size = $this->area->size();

        return "({$size->width->ticks}x{$size->height->ticks}{$this->along->value}{$this->at->ticks}:"
            ."{$this->first->signature()},{$this->second->signature()})";
    }
}
