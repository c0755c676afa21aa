<?php

declare(strict_types=1);

namespace App\Print;

/** A print as it was last made, and what it was made of. */
final readonly class KeptPrint
{
    /** @param string $bytes PDF */
    public function __construct(public string $mark, public string $bytes)
    {
    }
}
