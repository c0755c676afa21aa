<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

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
     */
    public function __construct(
        public string $what,
        public string $through,
        public Length $breadth,
        public Length $room,
        public Length $play,
        public string $face,
        public ?string $place = null,
    ) {
    }

    public function mark(): null
    {
        return null;
    }
}
