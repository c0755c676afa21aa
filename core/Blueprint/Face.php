<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\Side;

/**
 * A surface one can see and put things on, as it lies before the reader.
 */
final readonly class Face
{
    /**
     * @param string $key `front-cover`, `page-1` …, `back-cover`; things on a face add theirs: `page-1/pocket-1`
     * @param PanelRef $paper what paper one looks at
     * @param int $order place in the reading order, from 0; faces of things share that of the face they sit on
     * @param Edge|null $hinge the edge it turns on
     * @param Lie $lie how the sheet's own print lies here
     * @param string|null $parent the face this one sits on, null for a face of the book itself
     * @param bool $takesMat whether the mats of the book go on it too
     * @param Rectangle|null $matted the part of it that takes the mat, where something covers the rest; null for all of it
     * @param bool $turns front or inside of something that turns over the face it sits on, so that it is seen like a page
     */
    public function __construct(
        public string $key,
        public string $name,
        public Size $size,
        public PanelRef $paper,
        public int $order,
        public ?Edge $hinge,
        public Lie $lie = Lie::Upright,
        public ?string $parent = null,
        public bool $takesMat = true,
        public bool $turns = false,
        public ?Rectangle $matted = null,
    ) {
    }

    /** The face of a thing that sits on this one. */
    public function front(
        string $key,
        string $name,
        Size $size,
        PanelRef $paper,
        bool $takesMat = false,
        ?Edge $hinge = null,
        bool $turns = false,
        Lie $lie = Lie::Upright,
    ): self {
        return new self(
            $key,
            $name,
            $size,
            $paper,
            $this->order,
            $hinge ?? $this->hinge,
            $lie,
            $this->key,
            takesMat: $takesMat,
            turns: $turns,
        );
    }

    /** The other side of something that turns about its hinge, as it is seen when that is open. */
    public function reverse(string $key, string $name, bool $takesMat = true): self
    {
        return new self(
            $key,
            $name,
            $this->size,
            new PanelRef($this->paper->part, $this->paper->panel, $this->paper->side->other()),
            $this->order,
            $this->hinge?->opposite(),
            $this->hinge === null ? $this->lie : $this->lie->over($this->hinge),
            $this->parent,
            $takesMat,
            $this->turns,
        );
    }

    /** The same face, of which only a part takes the mat. */
    public function mattedWithin(Rectangle $area): self
    {
        return $this->with($area);
    }

    /** Where the reader sees an edge of its panel, which is at that edge of the blank as it is drawn. */
    public function edgeOf(Edge $drawn): Edge
    {
        $seen = $this->paper->side === Side::B && $drawn->isUpright() ? $drawn->opposite() : $drawn;

        return $this->lie->turns($seen);
    }

    /** Whether the print of the sheet stands on its head or lies on its side. */
    public function isFallen(): bool
    {
        return $this->lie !== Lie::Upright;
    }

    /** What stands on it in a drawing: its number where it is a page. */
    public function shortName(): string
    {
        return match (true) {
            $this->key === 'front-cover' => 'front',
            $this->key === 'back-cover' => 'back',
            preg_match('/^page-(\d+)$/', $this->key, $found) === 1 => $found[1],
            preg_match('/^leaf-(\d+)-(front|back)$/', $this->key, $found) === 1 => "{$found[1]} {$found[2]}",
            default => $this->name,
        };
    }

    public function isCover(): bool
    {
        return $this->key === 'front-cover' || $this->key === 'back-cover';
    }

    public function isOfTheBook(): bool
    {
        return $this->parent === null;
    }

    private function with(?Rectangle $matted): self
    {
        return new self(
            $this->key,
            $this->name,
            $this->size,
            $this->paper,
            $this->order,
            $this->hinge,
            $this->lie,
            $this->parent,
            $this->takesMat,
            $this->turns,
            $matted,
        );
    }
}
