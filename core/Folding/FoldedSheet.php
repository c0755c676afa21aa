<?php

declare(strict_types=1);

namespace Ephemeron\Folding;

use Ephemeron\Geometry\Isometry;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/** A part folded: the order of its folds, and where every panel lies in the end. */
final readonly class FoldedSheet
{
    /**
     * @param int $base the panel that stays where it is
     * @param array<int, Hinge> $hinges by edge
     * @param array<int, array{int, Hinge}> $parents the panel every other one hangs on, and by which score
     * @param list<FoldMove> $moves
     * @param array<int, Isometry> $places of the panels, when all is folded
     * @param list<int> $layers panels from the table up, when all that is folded flat is folded
     * @param list<string> $problems why it does not fold, in words; empty when it does
     */
    public function __construct(
        public CreasePattern $pattern,
        public int $base,
        public array $hinges,
        public array $parents,
        public array $moves,
        public array $places,
        public array $layers,
        public array $problems,
    ) {
    }

    public function folds(): bool
    {
        return $this->problems === [];
    }

    /** Where a panel stands among the layers, 0 for the lowest. */
    public function layerOf(int $face): int
    {
        return (int) array_search($face, $this->layers, true);
    }

    /** @return array{float, float, float, float} what the folded part covers of the table: left, top, right, bottom, in ticks */
    public function bounds(): array
    {
        $xs = [];
        $ys = [];
        foreach ($this->places as $face => $place) {
            foreach ($this->pattern->outline($face) as [$x, $y]) {
                [$xs[], $ys[]] = $place->apply($x, $y);
            }
        }

        return [min($xs ?: [0.0]), min($ys ?: [0.0]), max($xs ?: [0.0]), max($ys ?: [0.0])];
    }

    /** How much of the table it covers when it is folded. */
    public function size(): Size
    {
        [$left, $top, $right, $bottom] = $this->bounds();

        return new Size(Length::ofTicks((int) round($right - $left)), Length::ofTicks((int) round($bottom - $top)));
    }
}
