<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

/** A piece as it was named when it was laid out; equal ones are one part, and their paper is chosen by these names. */
final readonly class Ply implements Fact
{
    /**
     * @param string $key `page-3/mat-2`
     * @param string $part key of the part it is one of
     */
    public function __construct(public string $key, public string $part, public int $count)
    {
    }

    public function mark(): string
    {
        return $this->key;
    }
}
