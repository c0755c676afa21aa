<?php

declare(strict_types=1);

namespace Ephemeron\Fit;

use Ephemeron\Cutting\CutPlan;
use Ephemeron\Cutting\Demand;
use Ephemeron\Cutting\Supply;
use Ephemeron\Cutting\WhyNotFewer;
use Ephemeron\Paper\Stock;

/** One paper of the design, what it has to give, and how it is cut. */
final readonly class StockPlan
{
    /**
     * @param list<string> $roles values of the roles it plays
     * @param list<Demand> $demands
     * @param non-empty-list<Supply> $supplies
     */
    public function __construct(public Stock $stock, public array $roles, public array $demands, public array $supplies, public CutPlan $cuts)
    {
    }

    public function whyNotFewer(): string
    {
        return (new WhyNotFewer($this->cuts, $this->demands, $this->supplies))->text();
    }
}
