<?php

declare(strict_types=1);

namespace Ephemeron\Geometry;

/** An upright box in space, in ticks: x to the right, y down, z towards the viewer. */
final readonly class Box
{
    private function __construct(
        public float $left,
        public float $top,
        public float $back,
        public float $right,
        public float $bottom,
        public float $front,
    ) {
    }

    /**
     * The smallest that all of these are in.
     *
     * @param non-empty-list<array{float, float, float}> $corners
     */
    public static function round(array $corners): self
    {
        [$xs, $ys, $zs] = [array_column($corners, 0), array_column($corners, 1), array_column($corners, 2)];

        return new self(min($xs), min($ys), min($zs), max($xs), max($ys), max($zs));
    }

    /** The smallest that both are in. */
    public function and(self $other): self
    {
        return new self(
            min($this->left, $other->left),
            min($this->top, $other->top),
            min($this->back, $other->back),
            max($this->right, $other->right),
            max($this->bottom, $other->bottom),
            max($this->front, $other->front),
        );
    }
}
