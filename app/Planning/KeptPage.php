<?php

declare(strict_types=1);

namespace App\Planning;

/** A page as it was last shown, and what it was made of. */
final readonly class KeptPage
{
    /**
     * @param string $key of the session and the path
     * @param string $mark of the code, and of what was asked for
     * @param string $edition of the shelf
     * @param list<array{string, list<mixed>}> $asked of the database, statement and bindings
     * @param string $answers a mark of them
     * @param string $made HTML
     */
    public function __construct(
        public string $key,
        public string $mark,
        public string $edition,
        public array $asked,
        public string $answers,
        public string $made,
    ) {
    }

    public function answered(string $answers, string $edition): self
    {
        return new self($this->key, $this->mark, $edition, $this->asked, $answers, $this->made);
    }
}
