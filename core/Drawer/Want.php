<?php

declare(strict_types=1);

namespace Ephemeron\Drawer;

use Ephemeron\Cutting\Demand;
use Ephemeron\Paper\Stock;
use Ephemeron\Paper\StockRole;

/** The pieces of a book that are cut from one paper. */
final readonly class Want
{
    /**
     * @param \Closure(Stock): non-empty-list<Demand> $demands the pieces as they lie on a paper: its print and its grain decide which may
     *     be turned
     */
    public function __construct(public StockRole $role, public \Closure $demands)
    {
    }
}
