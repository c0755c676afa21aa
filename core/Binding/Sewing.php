<?php

declare(strict_types=1);

namespace Ephemeron\Binding;

use Ephemeron\Blueprint\Fact;
use Ephemeron\Measure\Length;

/** How a book is sewn: where the holes are, which way the thread goes, how much of it. */
final readonly class Sewing implements Fact
{
    /**
     * @param Walk $walk of one thread
     * @param Length $thread to cut for one walk
     * @param int $times how often it is walked
     */
    public function __construct(
        public Stations $stations,
        public SpineRows $rows,
        public Walk $walk,
        public Length $thread,
        public int $times,
    ) {
    }

    public function mark(): null
    {
        return null;
    }
}
