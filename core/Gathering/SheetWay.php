<?php

declare(strict_types=1);

namespace Ephemeron\Gathering;

/** What the maker wants done with the sheets of a paper that do not fit; what is open is as the school has it. */
final readonly class SheetWay
{
    public function __construct(public ?HeightWay $height = null, public ?WidthWay $width = null, public Seat $seat = Seat::Middle)
    {
    }

    public function saysSomething(): bool
    {
        return $this->height !== null || $this->width !== null || $this->seat !== Seat::Middle;
    }
}
