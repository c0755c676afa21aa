<?php

declare(strict_types=1);

namespace Ephemeron\Gathering;

use Ephemeron\Geometry\Edge;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\Side;

/** A paper of the heap from which signatures are gathered. */
final readonly class LeafPaper
{
    /**
     * @param string $key by which the sheets of a signature name it
     * @param Size $sheet flat, as it lies before one: width × height; of what is not rectangular the box round it
     * @param Length $caliper of one layer
     * @param int $count how many there are, 1 to 999
     * @param bool $hasText printed text, which should not face other text
     * @param int|null $hue 0 to 359 on the wheel, null for white, grey and what has no hue
     * @param bool $isReference like a dictionary, a table of numbers: one of these a signature is enough
     * @param Edge|null $bag the edge at which a bag or an envelope is open
     * @param bool $isRound its outline is round; what hangs out may be cut to any shape
     * @param int|null $grams a square metre, null where it is not known
     */
    public function __construct(
        public string $key,
        public string $name,
        public LeafKind $kind,
        public Size $sheet,
        public Length $caliper,
        public int $count = 1,
        public bool $hasText = false,
        public WritingSpace $front = WritingSpace::All,
        public WritingSpace $back = WritingSpace::All,
        public ?int $hue = null,
        public bool $isReference = false,
        public ?Edge $bag = null,
        public bool $isRound = false,
        public ?int $grams = null,
    ) {
    }

    public function writing(Side $side): WritingSpace
    {
        return $side === Side::A ? $this->front : $this->back;
    }

    /** Nothing can be written on either side. */
    public function isSilent(): bool
    {
        return $this->front === WritingSpace::None && $this->back === WritingSpace::None;
    }

    /** Degrees between its hue and another, 0 to 180; null where one of them has none. */
    public function hueFrom(self $other): ?int
    {
        if ($this->hue === null || $other->hue === null) {
            return null;
        }
        $apart = abs($this->hue - $other->hue) % 360;

        return min($apart, 360 - $apart);
    }
}
