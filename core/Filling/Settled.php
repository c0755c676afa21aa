<?php

declare(strict_types=1);

namespace Ephemeron\Filling;

use Ephemeron\Measure\Notation;

/** One thing that goes in, where it goes, how, and what is to be said of it. */
final readonly class Settled
{
    /** @param list<string> $notes what is wrong or to be done, in words */
    public function __construct(
        public string $key,
        public Keepsake $keepsake,
        public ?Home $home,
        public ?Fitting $fitting,
        public array $notes,
    ) {
    }

    /** `trim to 3¾ × 5¾ in`; empty where it goes in as it is. */
    public function trim(Notation $notation): string
    {
        return $this->fitting?->trimmed === null ? '' : 'trim to '.$notation->size($this->fitting->trimmed);
    }
}
