<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

use Ephemeron\Measure\Size;

/** Equal pieces that are cut and lie there, not handed out yet. */
final readonly class LyingPiece
{
    /**
     * @param string $was letter they were cut as
     * @param string $piece what they were cut for, whatever its letter is now
     * @param Size $size upright as the piece is, not as it lay on the sheet
     * @param string $sheet key of the sheet they came from
     * @param string $corner where they lay on it
     */
    public function __construct(
        public string $was,
        public string $piece,
        public Size $size,
        public int $count,
        public string $sheet,
        public string $corner,
    ) {
    }

    public function less(int $count): self
    {
        return new self($this->was, $this->piece, $this->size, max(0, $this->count - $count), $this->sheet, $this->corner);
    }
}
