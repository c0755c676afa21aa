<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/** What becomes of a piece that is cut when the design has changed. */
enum Fate
{
    /** It is what is wanted. */
    case Right;

    /** It is larger than what is wanted now and gives it. */
    case Trim;

    /** It is wanted no more, or too small: it is kept like a leftover. */
    case Wrong;
}
