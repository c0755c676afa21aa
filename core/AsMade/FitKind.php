<?php

declare(strict_types=1);

namespace Ephemeron\AsMade;

/** How one piece depends on the measure of another. */
enum FitKind: string
{
    /** It lies on it with an even border. */
    case Lies = 'lies';
    /** It slides into it. */
    case Slips = 'slips';
}
