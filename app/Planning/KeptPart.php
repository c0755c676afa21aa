<?php

declare(strict_types=1);

namespace App\Planning;

/** A part of what a book shows or prints, as it was last made, and what it was made of. */
final readonly class KeptPart
{
    /** @param string $made HTML or the bytes of a PDF */
    public function __construct(public string $mark, public string $made)
    {
    }
}
