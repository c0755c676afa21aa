<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Measure\Length;

/** Something that is not cut from a sheet: ribbon, tape by the length. */
final readonly class Loose implements Fact
{
    /** @param Length|null $length how much of each, where it is sold by length or must be so long */
    public function __construct(public string $name, public ?Length $length, public int $count, public string $section, public Sundry $kind)
    {
    }

    public function mark(): null
    {
        return null;
    }
}
