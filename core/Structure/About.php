<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

/** What one says of a kind of book before anything is measured. */
final readonly class About
{
    /**
     * @param string $key stable name in design files: lower case, words joined by hyphens
     * @param string $summary one or two sentences: what it is and what it is good for
     * @param Sizing $sizing what is turned to make it hold more or fit somewhere
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $summary,
        public Skill $skill,
        public Sizing $sizing,
    ) {
    }
}
