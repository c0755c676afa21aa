<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Geometry\Segment;

/** Lines of stitches through the paper of a face; they show on its other side as well. */
final readonly class Stitches implements Fact
{
    /**
     * @param string $thing key of the thing they are
     * @param string $face key
     * @param list<Segment> $lines from the top left of the face
     */
    public function __construct(public string $thing, public string $face, public array $lines)
    {
    }

    public function mark(): string
    {
        return $this->thing;
    }
}
