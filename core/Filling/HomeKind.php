<?php

declare(strict_types=1);

namespace Ephemeron\Filling;

/** Where something can go in a book. */
enum HomeKind: string
{
    /** A photo mat or frame that is made for one print of one size. */
    case Mount = 'mount';
    case Pouch = 'pouch';
    /** A page or flap that carries nothing but its mat. */
    case Page = 'page';
}
