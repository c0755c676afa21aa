<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Measure\Size;
use Ephemeron\Paper\PhotoSize;

/** A place made for one print of one size. */
final readonly class Mount implements Fact
{
    /**
     * @param string $key of the thing, `page-1/photo-mat-1`
     * @param Size $print as it lies on the face
     * @param PhotoSize|null $photo null for a size of the maker’s own
     */
    public function __construct(public string $key, public string $name, public string $face, public Size $print, public ?PhotoSize $photo)
    {
    }

    public function mark(): string
    {
        return $this->key;
    }
}
