<?php

declare(strict_types=1);

namespace Ephemeron\Gathering;

use Ephemeron\Paper\Side;

/** Half of a folded sheet: what one turns. */
final readonly class Leaf
{
    /**
     * @param bool $isSecond behind the middle of its signature
     * @param Side $recto the side of its sheet one sees first
     */
    public function __construct(public Sheet $sheet, public bool $isSecond, public Side $recto)
    {
    }

    public function paper(): LeafPaper
    {
        return $this->sheet->meeting->paper;
    }

    public function verso(): Side
    {
        return $this->recto->other();
    }

    /** What is folded over at head or foot lies on both leaves of a sheet; what is folded in at the fore-edge on the second. */
    public function hasPocket(): bool
    {
        return $this->sheet->meeting->hasPocket() && ($this->sheet->meeting->width !== WidthWay::Pocket || $this->isSecond);
    }

    /** Halves of a face that can be written on, both faces together: 0 to 4. */
    public function writing(): int
    {
        return $this->paper()->writing($this->recto)->halves() + $this->paper()->writing($this->verso())->halves();
    }
}
