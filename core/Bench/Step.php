<?php

declare(strict_types=1);

namespace Ephemeron\Bench;

use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Caution;
use Ephemeron\Blueprint\Phase;

/** One thing to do at the table. */
final readonly class Step
{
    /**
     * @param string $key stays the same when sizes change, so that what was ticked stays ticked
     * @param int $number from 1
     * @param list<string> $lines further sentences, one for each move
     * @param list<string> $parts keys of the parts in hand
     * @param list<string> $places ticked one by one
     */
    public function __construct(
        public string $key,
        public int $number,
        public Phase $phase,
        public string $title,
        public string $text,
        public array $lines,
        public string $section,
        public Adhesive $adhesive,
        public ?Caution $caution,
        public array $parts,
        public array $places,
        public Picture $picture,
    ) {
    }
}
