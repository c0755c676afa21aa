<?php

declare(strict_types=1);

namespace Ephemeron\Paper;

use Ephemeron\Measure\Size;

/** Equal pieces of a paper that are there from earlier books; cut before a new sheet is begun. */
final readonly class Leftover
{
    /**
     * @param int $count how many, 1 to 999
     * @param string|null $drawer by what it is known in the drawer it lies in
     */
    public function __construct(public Size $size, public int $count, public ?string $drawer = null)
    {
    }

    public function with(?Size $size = null, ?int $count = null, ?string $drawer = null): self
    {
        return new self($size ?? $this->size, $count ?? $this->count, $drawer ?? $this->drawer);
    }

    public function key(): string
    {
        return "{$this->size->width->ticks}×{$this->size->height->ticks}×{$this->count}@{$this->drawer}";
    }
}
