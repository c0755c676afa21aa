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
    /** It is glued onto it and does not reach beyond its edge. */
    case Glued = 'glued';
    /** The covers reach beyond it. */
    case Covered = 'covered';
    /** It gives room to all that lies between the panels beside it. */
    case Holds = 'holds';
}
