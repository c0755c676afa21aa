<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Blueprint\Act\Depth;
use Ephemeron\Measure\Length;

/** Pairs of thin disc magnets that hold one thing shut. */
final readonly class Magnet implements Fact
{
    /**
     * @param string $face the face they are put on, before its mat
     * @param int $pairs side by side
     * @param Length $across breadth of what they hold shut
     * @param Length $between card and paper that lies between the two of a pair
     * @param Length $layer thickness of one layer of the card they are held by
     * @param string $task key of the task in which they are set
     * @param string|null $flap key of the flap they close, where that does not follow from the face
     * @param Depth $depth where they are put, in a place that is matted already
     * @param string $place where in the design file their number stands
     */
    public function __construct(
        public string $name,
        public string $face,
        public int $pairs,
        public Length $across,
        public Length $between,
        public Length $layer,
        public string $place,
        public string $task = 'magnets',
        public ?string $flap = null,
        public Depth $depth = Depth::UnderMat,
    ) {
    }

    public function mark(): null
    {
        return null;
    }
}
