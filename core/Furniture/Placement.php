<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Blueprint\Face;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Axis;

/** A thing that has been put down: where it lies, and the faces it brings with it. */
final readonly class Placement
{
    /**
     * @param Rectangle $area on the face it was put on
     * @param Axis|null $along the side along which alone it can be moved
     * @param array<string, Face> $faces by the name under which things on it call them; the first is the usual one
     */
    public function __construct(public Rectangle $area, public array $faces = [], public ?Axis $along = null)
    {
    }

    /** @param string $name empty for the usual one */
    public function face(string $name): ?Face
    {
        return $name === '' ? array_values($this->faces)[0] ?? null : $this->faces[$name] ?? null;
    }

    public static function withFront(Rectangle $area, Face $front): self
    {
        return new self($area, ['front' => $front]);
    }
}
