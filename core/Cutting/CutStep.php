<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/** One setting of the fence and every piece that is cut at it. */
final readonly class CutStep
{
    /**
     * @param Size $piece what is in hand, as it lies on the sheet
     * @param Axis $along the side that lies along the fence's scale
     * @param Length $fence
     * @param int $together how many equal pieces are cut at this setting
     * @param bool $sameFence the fence stays where it was for the cut before, also where the piece is turned
     */
    public function __construct(
        public int $number,
        public Size $piece,
        public Axis $along,
        public Length $fence,
        public int $together,
        public bool $sameFence,
        public Piece $first,
        public Piece $second,
        public Cut $cut,
    ) {
    }

    /** From edge to edge. */
    public function length(): Length
    {
        return $this->piece->along($this->along->across());
    }
}
