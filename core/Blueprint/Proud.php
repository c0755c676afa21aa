<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Geometry\Edge;
use Ephemeron\Measure\Length;

/** Something that stands out of a face beyond one of its edges. */
final readonly class Proud implements Fact
{
    /**
     * @param string $name `Tab on the edge`
     * @param string $face key
     * @param string $place in the design file where it can be made less
     */
    public function __construct(public string $name, public string $face, public Edge $edge, public Length $out, public string $place)
    {
    }

    public function mark(): null
    {
        return null;
    }
}
