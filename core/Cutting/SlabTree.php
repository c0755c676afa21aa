<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/** Turns a divided slab into the tree of cuts, blanks and offcuts that everybody else reads. */
final readonly class SlabTree
{
    /**
     * @param list<Kind> $kinds
     * @param int $unit ticks
     * @param array<string, PictureBlock> $blocks by demand key
     */
    public function __construct(private array $kinds, private int $unit, private array $blocks = [])
    {
    }

    public function of(Slab $slab): Piece
    {
        return $this->at($slab, 0, 0);
    }

    private function at(Slab $slab, int $x, int $y): Piece
    {
        $area = Rectangle::at(
            Length::ofTicks($x),
            Length::ofTicks($y),
            new Size(Length::ofTicks($slab->width * $this->unit), Length::ofTicks($slab->height * $this->unit)),
        );
        if ($slab->kind !== null) {
            $keys = $this->kinds[$slab->kind]->keys;
            $block = $this->blocks[$keys[0]] ?? null;

            return $block === null ? new Blank($area, $keys, $slab->turned) : $block->apart($area, $slab->turned);
        }
        if ($slab->along === null || $slab->first === null || $slab->second === null || $slab->used() === 0) {
            return new Offcut($area);
        }
        $at = $slab->at * $this->unit;

        return new Cut(
            $area,
            $slab->along,
            Length::ofTicks($at),
            $this->at($slab->first, $x, $y),
            $this->at($slab->second, $slab->along === Axis::Width ? $x + $at : $x, $slab->along === Axis::Height ? $y + $at : $y),
        );
    }
}
