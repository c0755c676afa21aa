<?php

declare(strict_types=1);

namespace Ephemeron\Gathering;

use Ephemeron\Measure\Size;

/** No leaf fits a cover of this size, with the room that was left for tabs. */
final class TooSmallCover extends \DomainException
{
    public function __construct(public readonly Size $cover)
    {
        parent::__construct('The cover leaves no room for a leaf.');
    }
}
