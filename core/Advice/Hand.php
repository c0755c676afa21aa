<?php

declare(strict_types=1);

namespace Ephemeron\Advice;

use Ephemeron\Measure\Size;

/** Sheets of one size from which all of a book is cut but its boards: a pad, or a packet of letter card. */
final readonly class Hand
{
    /** @param int|null $count how many there are, 1 or more; null: as many as it takes */
    public function __construct(public string $name, public Size $sheet, public ?int $count = null)
    {
    }
}
