<?php

declare(strict_types=1);

namespace Ephemeron\Fit;

use Ephemeron\Blueprint\Sundry;
use Ephemeron\Measure\Length;

/** What a book wants of one thing that is not cut from a sheet. */
final readonly class Requisite
{
    /** @param Length|null $length in all, of what is sold by length */
    public function __construct(public string $name, public Sundry $kind, public int $count, public ?Length $length)
    {
    }

    /** For so many books. */
    public function times(int $copies): self
    {
        // A roll of what is sold by length is still one.
        return new self(
            $this->name,
            $this->kind,
            $this->length === null ? $this->count * $copies : $this->count,
            $this->length?->times($copies),
        );
    }
}
