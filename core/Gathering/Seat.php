<?php

declare(strict_types=1);

namespace Ephemeron\Gathering;

/** Where a sheet sits that is less tall than the template. */
enum Seat: string
{
    case Head = 'head';
    case Middle = 'middle';
    case Foot = 'foot';
}
