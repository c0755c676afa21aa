<?php

declare(strict_types=1);

namespace Ephemeron\Folding;

use Ephemeron\Geometry\Segment;

/** An edge between two vertices of a crease pattern. */
final readonly class PatternEdge
{
    /**
     * @param list<int> $faces one or two beside it; none for a slit that ends inside a panel
     * @param Segment $line the whole line it is a piece of, in the same direction: where lines cross, corners go to the nearest tick,
     *   but a score turns about the line as it was drawn
     */
    public function __construct(public int $from, public int $to, public Assignment $assignment, public array $faces, public Segment $line)
    {
    }
}
