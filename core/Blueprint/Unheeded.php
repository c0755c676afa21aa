<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

/** A choice of paper for something that is not there (any more). */
final readonly class Unheeded implements Fact
{
    /** @param string $place as it was said, `page-20/mat-1` */
    public function __construct(public string $place)
    {
    }

    public function mark(): string
    {
        return $this->place;
    }
}
