<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Measure\Length;

/** A loose strip round the closed and filled book, its ends over each other. */
final readonly class Band implements Fact
{
    /**
     * @param string $part key of the strip
     * @param Length $length of the strip
     * @param Length $along breadth of the book in the direction it runs
     * @param Length $overlap that its ends need at the least
     * @param string|null $place where in the design file its length stands, if it can be changed there
     */
    public function __construct(
        public string $part,
        public Length $length,
        public Length $along,
        public Length $overlap,
        public string $face,
        public ?string $place = null,
    ) {
    }

    public function mark(): null
    {
        return null;
    }
}
