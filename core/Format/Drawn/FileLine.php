<?php

declare(strict_types=1);

namespace Ephemeron\Format\Drawn;

/** A straight line of a drawing that is brought in: its ends in millimetres, y downwards, and its layers, the innermost first. */
final readonly class FileLine
{
    /** @param list<string> $layers */
    public function __construct(
        public float $fromX,
        public float $fromY,
        public float $toX,
        public float $toY,
        public array $layers,
    ) {
    }
}
