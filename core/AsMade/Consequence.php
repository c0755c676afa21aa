<?php

declare(strict_types=1);

namespace Ephemeron\AsMade;

use Ephemeron\Measure\Length;

/** What follows for one fit from how a piece came out. */
final readonly class Consequence
{
    /**
     * @param Length $play that is left
     * @param string $sentence in the trade’s words, with the numbers
     * @param bool $fits whether it still goes as it is
     * @param array<string, string> $changes what makes it fit by cutting the other piece so, by place in the design; empty where it is cut
     */
    public function __construct(
        public CloseFit $fit,
        public Length $play,
        public string $sentence,
        public bool $fits,
        public array $changes,
    ) {
    }
}
