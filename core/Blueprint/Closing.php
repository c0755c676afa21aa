<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

/** What holds the finished book shut, in words. */
final readonly class Closing implements Fact
{
    public function __construct(public string $with)
    {
    }

    public function mark(): string
    {
        return $this->with;
    }
}
