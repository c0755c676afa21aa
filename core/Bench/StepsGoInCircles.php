<?php

declare(strict_types=1);

namespace Ephemeron\Bench;

/** Two steps that each wait for the other: an error in a structure, never in the maker's design. */
final class StepsGoInCircles extends \LogicException
{
    /** @param list<string> $steps */
    public static function among(array $steps): self
    {
        return new self('These steps wait for each other: '.implode(', ', $steps).'.');
    }
}
