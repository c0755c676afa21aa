<?php

declare(strict_types=1);

namespace Ephemeron\Bench;

use Ephemeron\Blueprint\Part;
use Ephemeron\Fit\Workings;
use Ephemeron\Measure\Notation;

/** What all who tell a step need: the workings, the maker's way of writing lengths, and how a piece is named. */
final readonly class Desk
{
    public Notation $notation;

    public function __construct(public Workings $workings)
    {
        $this->notation = $workings->notation();
    }

    /** `C, page`, `both C, page`, `all 4 C, page`. */
    public function named(Part $part): string
    {
        $many = match ($count = $this->count($part)) {
            1 => '',
            2 => 'both ',
            default => "all {$count} ",
        };

        return "{$many}{$part->letter}, {$part->called()}";
    }

    /** How many pieces there are, of all books that are made together. */
    public function count(Part $part): int
    {
        return $part->quantity * $this->workings->copies;
    }
}
