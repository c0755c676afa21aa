<?php

declare(strict_types=1);

namespace Ephemeron\Gathering;

/** The sheets of a signature by the keys of their papers, from the outermost in. */
final readonly class Stacked
{
    /** @param list<string> $keys */
    public function __construct(public array $keys)
    {
    }
}
