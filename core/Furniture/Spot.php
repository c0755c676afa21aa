<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Face;
use Ephemeron\Design\Allowances;
use Ephemeron\Design\PocketOrder;
use Ephemeron\Design\Values;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\ToolGrid;

/** Where a thing is put, and the measures it was given. */
final readonly class Spot
{
    public Allowances $allowances;

    /**
     * @param string $key under which the thing is known, `page-1/pocket-1`
     * @param PocketOrder $pockets which the maker puts on first, mat or pocket
     * @param string $place where it stands in the design file, `things.page-1/pocket-1`
     */
    public function __construct(
        public Draft $draft,
        public Face $face,
        public string $key,
        public string $place,
        public Values $values,
        public Notation $notation,
        public PocketOrder $pockets = PocketOrder::MatFirst,
    ) {
        $this->allowances = new Allowances($notation->unit);
    }

    public function with(Values $values): self
    {
        return new self($this->draft, $this->face, $this->key, $this->place, $values, $this->notation, $this->pockets);
    }

    /** Where in the design file one of its measures stands. */
    public function placeOf(string $parameter): string
    {
        return "{$this->place}.parameters.{$parameter}";
    }

    public function size(): Size
    {
        return $this->face->size;
    }

    public function length(string $key, Length $otherwise): Length
    {
        return $this->values->lengthOr($key, $otherwise);
    }

    /** Marks of the scoring board, for sizes that follow from the face. */
    public function grooves(): ToolGrid
    {
        return ToolGrid::usualGroovesFor($this->notation->unit);
    }

    /** The edge that was chosen; `outward` is away from the spine. */
    public function edge(string $parameter = 'edge'): Edge
    {
        return Edge::tryFrom($this->values->choice($parameter)) ?? $this->outward();
    }

    public function outward(): Edge
    {
        return $this->face->hinge?->isUpright() === true ? $this->face->hinge->opposite() : Edge::Right;
    }

    /** Where a thing of this size lies: `across` from the left and `up` from the foot, in the middle where they are left open. */
    public function area(Size $size, ?Length $across = null, ?Length $up = null): Rectangle
    {
        $middle = Rectangle::centred($size, $this->face->size);
        $left = $this->length('across', $across ?? $middle->left());
        $foot = $this->length('up', $up ?? $this->face->size->height->minus($middle->bottom()));

        return Rectangle::at($left, $this->face->size->height->minus($foot, $size->height), $size);
    }

    /** `Page 3: 1½ in from the left, 2 in from the foot`. */
    public function whereabouts(Rectangle $area): string
    {
        return sprintf(
            '%s: %s from the left, %s from the foot',
            $this->face->name,
            $this->notation->text($area->left()),
            $this->notation->text($this->face->size->height->minus($area->bottom())),
        );
    }
}
