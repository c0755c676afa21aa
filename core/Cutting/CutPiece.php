<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

use Ephemeron\Measure\Size;

/** Equal pieces that are cut already, and what becomes of them. */
final readonly class CutPiece
{
    /**
     * @param string $was the letter they were cut as
     * @param Size $size as it was cut
     * @param string $piece what they were cut for
     * @param string $sheet key of the sheet they came from
     * @param string $now the letter they have now; empty where they are wanted no more
     * @param Size|null $to what they are trimmed to
     */
    public function __construct(
        public string $was,
        public string $piece,
        public Size $size,
        public int $count,
        public Fate $fate,
        public string $sheet,
        public string $now = '',
        public ?Size $to = null,
    ) {
    }

    public function with(int $count): self
    {
        return new self($this->was, $this->piece, $this->size, $count, $this->fate, $this->sheet, $this->now, $this->to);
    }
}
