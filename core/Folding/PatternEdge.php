<?php

declare(strict_types=1);

namespace Ephemeron\Folding;

/** An edge between two vertices of a crease pattern. */
final readonly class PatternEdge
{
    /** @param list<int> $faces one or two beside it; none for a slit that ends inside a panel */
    public function __construct(public int $from, public int $to, public Assignment $assignment, public array $faces)
    {
    }
}
