<?php

declare(strict_types=1);

namespace Ephemeron\Design;

/** Something put on a face: what kind, how, and what sits on it in turn. */
final readonly class Placed
{
    /**
     * @param string $on key of a face of the book; ignored for children, which sit on their parent's front
     * @param list<self> $children
     */
    public function __construct(public string $on, public string $kind, public Values $values, public array $children = [])
    {
    }
}
