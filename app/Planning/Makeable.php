<?php

declare(strict_types=1);

namespace App\Planning;

use Ephemeron\Drawer\Reach;
use Ephemeron\WorkPlan;

/** How many copies of a book come out of the drawer, and what one of them holds. */
final readonly class Makeable
{
    /** @param array<string, int> $photos by size, each as if the book held only that size */
    private function __construct(public Reach $reach, public array $photos)
    {
    }

    public static function of(Reach $reach, WorkPlan $plan): self
    {
        return new self($reach, Tally::of($plan)->photos);
    }

    /** The most prints of any size. */
    public function most(): int
    {
        return max([0, ...array_values($this->photos)]);
    }
}
