<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;

/** Something that has to move through or behind something else: an insert behind a band, a card in a sleeve, a pin in a slit. */
final readonly class Slide implements Fact
{
    /**
     * @param string $what moves
     * @param string $through holds it
     * @param Length $breadth of what moves
     * @param Length $room clear of glue
     * @param Length $play how much of the room must stay free
     * @param string $face where
     * @param string|null $place where in the design file the breadth stands, if it can be mended there
     * @param string|null $part key of what moves, where it is a piece of its own
     * @param string|null $holder key of what holds it
     * @param Axis|null $along which side of the piece the breadth is
     */
    public function __construct(
        public string $what,
        public string $through,
        public Length $breadth,
        public Length $room,
        public Length $play,
        public string $face,
        public ?string $place = null,
        public ?string $part = null,
        public ?string $holder = null,
        public ?Axis $along = null,
    ) {
    }

    public function mark(): null
    {
        return null;
    }
}
