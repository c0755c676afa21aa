<?php

declare(strict_types=1);

namespace Ephemeron\Drawer;

use Ephemeron\Paper\PaperKind;
use Ephemeron\Paper\Stock;

/** A paper in the drawer that may be taken for a book, with its leftovers. */
final readonly class Offer
{
    /**
     * @param bool $isBegun some of it has been cut already
     * @param int $charm how much the maker prizes it: the higher, the more it belongs on a cover
     */
    public function __construct(public string $id, public PaperKind $kind, public Stock $stock, public bool $isBegun, public int $charm)
    {
    }
}
