<?php

declare(strict_types=1);

namespace Ephemeron\Folding;

use Ephemeron\Geometry\Isometry;

/** One fold as hands do it: a stack of layers turned about a line. */
final readonly class FoldMove
{
    /**
     * @param list<int> $hinges edges of the pattern that are folded at once
     * @param list<int> $moving panels that move
     * @param bool $over whether they come up and over, or go down and under
     * @param int $quarters 2 where they come to lie flat, 1 where they stand up
     * @param array{array{float, float}, array{float, float}} $line the line on the table, in ticks
     * @param array<int, Isometry> $places where every panel lies afterwards
     * @param list<int> $layers panels from the table up, afterwards
     */
    public function __construct(
        public int $number,
        public array $hinges,
        public array $moving,
        public bool $over,
        public int $quarters,
        public array $line,
        public array $places,
        public array $layers,
    ) {
    }

    /** Layers that are bent at once. */
    public function depth(): int
    {
        return count($this->hinges);
    }
}
