<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Rectangle;

/** Something that turns over a face: its front is seen when it is shut, its inside beside the face when it is open. */
final readonly class Flap implements Fact
{
    /**
     * @param string $over key of the face it lies on when shut
     * @param Rectangle $area where it lies then
     * @param Edge $hinge the edge of its area it turns on
     * @param string $front key of the face seen when it is shut
     * @param string $inside key of the face seen when it is open
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $over,
        public Rectangle $area,
        public Edge $hinge,
        public string $front,
        public string $inside,
    ) {
    }

    public function mark(): string
    {
        return $this->key;
    }

    /** Where it lies when it is open, on the same face's measures: beyond its hinge. */
    public function opened(): Rectangle
    {
        $size = $this->area->size();

        return match ($this->hinge) {
            Edge::Left => Rectangle::at($this->area->left()->minus($size->width), $this->area->top(), $size),
            Edge::Right => Rectangle::at($this->area->right(), $this->area->top(), $size),
            Edge::Top => Rectangle::at($this->area->left(), $this->area->top()->minus($size->height), $size),
            Edge::Bottom => Rectangle::at($this->area->left(), $this->area->bottom(), $size),
        };
    }
}
