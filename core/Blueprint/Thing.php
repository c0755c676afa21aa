<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Axis;

/** Something the maker has put on a face, and where it stands in the design. */
final readonly class Thing implements Fact
{
    /**
     * @param string $key `page-1/pocket-1`
     * @param string $kind key of its kind
     * @param string $place in the design file, `things.page-1/pocket-1`
     * @param string $on key of the face it is on
     * @param Rectangle $area on that face
     * @param bool $moves whether it can lie anywhere on the face
     * @param Axis|null $along the side along which alone it can be moved: Width to left and right, Height up and down
     * @param array<string, string> $faces keys of the faces it brings, by the name things on it call them
     */
    public function __construct(
        public string $key,
        public string $kind,
        public string $name,
        public string $place,
        public string $on,
        public Rectangle $area,
        public array $faces,
        public bool $moves = false,
        public ?Axis $along = null,
    ) {
    }

    public function mark(): string
    {
        return $this->key;
    }
}
