<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

/** Two faces that lie open side by side. */
final readonly class Opening implements Fact
{
    /**
     * @param string $left key of the left (or only) face
     * @param string $right key of the right one
     */
    public function __construct(public string $left, public string $right)
    {
    }

    public function mark(): string
    {
        return $this->left;
    }
}
