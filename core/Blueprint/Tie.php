<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Measure\Length;

/** Ribbon, lace, cord or elastic that goes round the filled book. */
final readonly class Tie implements Fact
{
    /**
     * @param Length $around breadth of what it goes round
     * @param int $stretch to how many hundredths of its length it gives, 100 or more
     * @param string $place where in the design file its length stands
     */
    public function __construct(
        public string $name,
        public Length $length,
        public Length $around,
        public int $stretch,
        public string $face,
        public string $place,
    ) {
    }

    public function mark(): null
    {
        return null;
    }
}
