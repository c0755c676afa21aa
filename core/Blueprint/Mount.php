<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Paper\PhotoSize;

/** A place made for one print of one size. */
final readonly class Mount implements Fact
{
    public function __construct(public PhotoSize $photo, public string $face)
    {
    }

    public function mark(): null
    {
        return null;
    }
}
