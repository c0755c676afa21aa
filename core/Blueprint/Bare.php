<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Measure\Length;

/** How thick the closed book is before anything is put on its faces. */
final readonly class Bare implements Fact
{
    public function __construct(public Length $thickness)
    {
    }

    public function mark(): string
    {
        return 'book';
    }
}
