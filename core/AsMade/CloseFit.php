<?php

declare(strict_types=1);

namespace Ephemeron\AsMade;

use Ephemeron\Measure\Length;

/** Two pieces of which one goes onto or into the other with so little to spare that a sliver matters. */
final readonly class CloseFit
{
    /**
     * @param Dimension|null $held of the piece that lies on or slips into the other; null for all that lies in a gusset
     * @param Dimension $holder of the other, in the same direction of the book
     * @param Length $play how much narrower the held one is than it could be, as planned
     * @param Length $least what it cannot do with less of
     */
    public function __construct(
        public FitKind $kind,
        public ?Dimension $held,
        public Dimension $holder,
        public Length $play,
        public Length $least,
    ) {
    }

    /** How the same fit is told from others. */
    public function key(): string
    {
        $named = static fn (?Dimension $each): string => $each === null ? '' : "{$each->part} {$each->panel} {$each->axis->value}";

        return "{$this->kind->value} {$named($this->held)} {$named($this->holder)}";
    }

    public function isHeld(Dimension $dimension): bool
    {
        return $this->held?->is($dimension) ?? false;
    }

    /** How much the play grows with a measure: it once, against it once, or not at all. */
    public function growsWith(Dimension $dimension): int
    {
        return ($this->holder->is($dimension) ? 1 : 0) - ($this->isHeld($dimension) ? 1 : 0);
    }
}
