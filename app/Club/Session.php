<?php

declare(strict_types=1);

namespace App\Club;

use Carbon\CarbonInterface;

/** One place where a maker is signed in. */
final readonly class Session
{
    public function __construct(
        public string $mark,
        public string $on,
        public string $from,
        public CarbonInterface $seen,
        public bool $isHere,
    ) {
    }
}
