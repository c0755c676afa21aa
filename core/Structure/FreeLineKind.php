<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

/** What a line of a free base is, by the word it is written with. */
enum FreeLineKind: string
{
    case Valley = 'valley';
    case Mountain = 'mountain';
    case Slit = 'slit';
    case CutAway = 'cut away';
}
