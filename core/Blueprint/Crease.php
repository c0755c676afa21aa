<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Geometry\Segment;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/** A scored line to fold on. Where a slit runs along it, the slit wins. */
final readonly class Crease
{
    public function __construct(public Segment $line, public Fold $fold)
    {
    }

    /** A score right across a blank, at a distance along the side that lies at the fence. */
    public static function across(Size $blank, Axis $along, Length $at, Fold $fold): self
    {
        return new self(Segment::across($along, $at, Length::zero(), $blank->along($along->across())), $fold);
    }

    /** The side its place is measured along, null for an oblique score. */
    public function along(): ?Axis
    {
        return $this->line->along();
    }

    /** From the left edge, or from the top edge for a score measured along the height. */
    public function at(): Length
    {
        return $this->along() === Axis::Height ? $this->line->from->y : $this->line->from->x;
    }
}
