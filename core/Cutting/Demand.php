<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

use Ephemeron\Measure\Size;

/** Pieces of one size that are to come out of one stock. */
final readonly class Demand
{
    /**
     * @param string $key what the piece is called on the diagrams: its letter
     * @param string|null $picture pieces with the same name here carry on one picture and are cut side by side
     * @param bool $turnable false when the print (or later the grain) must run as drawn
     */
    public function __construct(public string $key, public Size $size, public int $quantity, public bool $turnable, public ?string $picture = null)
    {
    }
}
