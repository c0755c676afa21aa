<?php

declare(strict_types=1);

namespace Ephemeron\Fit;

use Ephemeron\Cutting\CutPiece;
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
     * @param list<CutPiece> $pieces what becomes of pieces that are cut, where other ones are wanted now than those they were cut for
     */
    public function __construct(public Stock $stock, public array $roles, public array $demands, public array $supplies, public CutPlan $cuts, public array $pieces = [])
    {
    }

    public function whyNotFewer(): string
    {
        return (new WhyNotFewer($this->cuts, $this->demands, $this->supplies))->text();
    }
}
