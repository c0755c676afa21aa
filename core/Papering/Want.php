<?php

declare(strict_types=1);

namespace Ephemeron\Papering;

use Ephemeron\Measure\Size;

/** A place that wants a print, and what is beside it. */
final readonly class Want
{
    /**
     * @param string $place by which it is chosen in the design
     * @param string $name for the maker, `page 3, mat`
     * @param int $pieces how many are cut from the one print that is chosen
     * @param int $opening in which it is seen, counted from 0
     * @param bool $isTop whether it is what one sees of a page, not something on it
     * @param bool $isUpright whether a print with a right way up must stand here
     * @param bool $mayHaveDirection false where the folding puts a print on its head
     * @param float $hidden what of it lies under other things, 0 to 1
     * @param int|null $facing which of the wants lies beside it
     * @param int|null $on which of the wants it lies on
     */
    public function __construct(
        public string $place,
        public string $name,
        public Size $size,
        public int $pieces = 1,
        public int $opening = 0,
        public bool $isTop = true,
        public bool $isCover = false,
        public bool $isUpright = true,
        public bool $mayHaveDirection = true,
        public float $hidden = 0.0,
        public ?int $facing = null,
        public ?int $on = null,
    ) {
    }

    /** The same with others beside it. */
    public function beside(?int $facing, ?int $on): self
    {
        return new self(
            $this->place,
            $this->name,
            $this->size,
            $this->pieces,
            $this->opening,
            $this->isTop,
            $this->isCover,
            $this->isUpright,
            $this->mayHaveDirection,
            $this->hidden,
            $facing,
            $on,
        );
    }
}
