<?php

declare(strict_types=1);

namespace Ephemeron\Geometry;

use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;

/** A straight line between two places on a piece. */
final readonly class Segment
{
    public function __construct(public Point $from, public Point $to)
    {
    }

    /** The line that crosses a piece at a distance measured along one of its sides. */
    public static function across(Axis $along, Length $at, Length $start, Length $end): self
    {
        return $along === Axis::Width
            ? new self(new Point($at, $start), new Point($at, $end))
            : new self(new Point($start, $at), new Point($end, $at));
    }

    /** The side along which the line's place is one number, or null when the line is oblique. */
    public function along(): ?Axis
    {
        return match (true) {
            $this->from->x->equals($this->to->x) => Axis::Width,
            $this->from->y->equals($this->to->y) => Axis::Height,
            default => null,
        };
    }

    /** Whether it runs through a point; only lines along an edge of the sheet are asked. */
    public function passes(Point $point): bool
    {
        $between = static fn (Length $at, Length $one, Length $other): bool => $at->isAtLeast(Length::shortest($one, $other))
            && Length::longest($one, $other)->isAtLeast($at);

        return $this->along() !== null
            && $between($point->x, $this->from->x, $this->to->x)
            && $between($point->y, $this->from->y, $this->to->y);
    }

    /** Its length in ticks, exact for lines square to the edges, else to the nearest tick. */
    public function length(): Length
    {
        $dx = $this->to->x->ticks - $this->from->x->ticks;
        $dy = $this->to->y->ticks - $this->from->y->ticks;

        return Length::ofTicks((int) round(sqrt($dx ** 2 + $dy ** 2)));
    }
}
