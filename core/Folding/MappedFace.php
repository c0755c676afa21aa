<?php

declare(strict_types=1);

namespace Ephemeron\Folding;

use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Lie;
use Ephemeron\Geometry\Edge;

/** One face of the book in reading order: what paper one looks at, and how it lies. */
final readonly class MappedFace
{
    /**
     * @param string $letter of the part
     * @param bool $showsCore the plain inside of single-sided paper is seen
     * @param bool $hasDirection whether it matters how the print lies
     * @param Edge|null $opening where something slips into the leaf or pocket
     * @param string|null $faces key of the face beside it when the book lies open
     */
    public function __construct(
        public Face $face,
        public string $letter,
        public Lie $lie,
        public bool $showsCore,
        public bool $hasDirection,
        public ?Edge $opening,
        public ?string $faces,
    ) {
    }
}
