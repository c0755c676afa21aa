<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Geometry\Edge;
use Ephemeron\Measure\Size;

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
     * @param bool $upsideDown the sheet's own print stands on its head here
     * @param string|null $parent the face this one sits on, null for a face of the book itself
     * @param bool $takesMat whether the mats of the book go on it too
     * @param bool $turns front or inside of something that turns over the face it sits on, so that it is seen like a page
     */
    public function __construct(
        public string $key,
        public string $name,
        public Size $size,
        public PanelRef $paper,
        public int $order,
        public ?Edge $hinge,
        public bool $upsideDown = false,
        public ?string $parent = null,
        public bool $takesMat = true,
        public bool $turns = false,
    ) {
    }

    public function isCover(): bool
    {
        return $this->key === 'front-cover' || $this->key === 'back-cover';
    }

    public function isOfTheBook(): bool
    {
        return $this->parent === null;
    }
}
