<?php

declare(strict_types=1);

namespace App\Drawing;

use Ephemeron\Format\Svg\SvgDrawing;
use Ephemeron\Measure\Size;

/** One of several pictures side by side. */
final readonly class Frame
{
    /** @param \Closure(SvgDrawing): void $draw from its own upper left corner, true to size */
    public function __construct(public string $label, public Size $size, public \Closure $draw)
    {
    }
}
