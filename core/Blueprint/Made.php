<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/** What a piece is to measure because others came out otherwise than planned; null: as it follows. */
final readonly class Made
{
    public function __construct(public ?Length $width = null, public ?Length $height = null)
    {
    }

    public function on(Size $size): Size
    {
        return new Size($this->width ?? $size->width, $this->height ?? $size->height);
    }
}
