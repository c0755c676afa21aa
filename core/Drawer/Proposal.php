<?php

declare(strict_types=1);

namespace Ephemeron\Drawer;

use Ephemeron\Paper\StockRole;

/** A paper for one role of a book, with the reason; or none, where nothing in the drawer does. */
final readonly class Proposal
{
    public function __construct(
        public StockRole $role,
        public ?Offer $offer,
        public int $sheets,
        public int $leftovers,
        public string $reason,
    ) {
    }
}
