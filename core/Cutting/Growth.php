<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/** What came of looking for sets that a linear programme would gladly take. */
enum Growth
{
    /** It has new ones. */
    case Grown;

    /** There are none. */
    case Complete;

    /** There may be some. */
    case GaveUp;
}
