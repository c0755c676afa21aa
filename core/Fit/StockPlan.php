<?php

declare(strict_types=1);

namespace Ephemeron\Fit;

use Ephemeron\Cutting\CutPlan;
use Ephemeron\Cutting\Demand;
use Ephemeron\Paper\Stock;

/** One paper of the design, what it has to give, and how it is cut. */
final readonly class StockPlan
{
    /**
     * @param list<string> $roles values of the roles it plays
     * @param list<Demand> $demands
     */
    public function __construct(public Stock $stock, public array $roles, public array $demands, public CutPlan $cuts)
    {
    }
}
