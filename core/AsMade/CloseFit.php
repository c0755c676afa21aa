<?php

declare(strict_types=1);

namespace Ephemeron\AsMade;

use Ephemeron\Measure\Length;

/** Two pieces of which one goes onto or into the other with so little to spare that a sliver matters. */
final readonly class CloseFit
{
    /**
     * @param Dimension $held of the piece that lies on or slips into the other
     * @param Dimension $holder of the other, in the same direction of the book
     * @param Length $play how much narrower the held one is than it could be, as planned
     * @param Length $least what it cannot do with less of
     * @param bool $isWhole whether that side of the holder is one panel, so that it follows the measure of the whole piece
     */
    public function __construct(
        public FitKind $kind,
        public Dimension $held,
        public Dimension $holder,
        public Length $play,
        public Length $least,
        public bool $isWhole = true,
    ) {
    }

    public function concerns(Dimension $dimension): bool
    {
        return $this->held->is($dimension) || ($this->isWhole && $this->holder->is($dimension));
    }

    /** @param Length $more how much larger than planned a piece came; less than nothing: smaller */
    public function playWhen(Dimension $came, Length $more): Length
    {
        return $this->held->is($came) ? $this->play->minus($more) : $this->play->plus($more);
    }
}
