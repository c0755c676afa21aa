<?php

declare(strict_types=1);

namespace Ephemeron\Fit;

use Ephemeron\Blueprint\Part;
use Ephemeron\Cutting\CutPiece;
use Ephemeron\Cutting\CutPlan;
use Ephemeron\Cutting\CutStep;
use Ephemeron\Cutting\Demand;
use Ephemeron\Cutting\Passes;
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
     * @param int $atOnce sheets of it that the trimmer takes at once; 0: none
     * @param list<string> $papers by which the design knows it: roles, prints
     * @param list<CutPiece> $pieces what becomes of pieces that are cut, where other ones are wanted now than those they were cut for
     * @param int $betweenMarks cuts for which the fence has no mark
     * @param int $tooLong cuts for which the blade is too short
     */
    public function __construct(
        public Stock $stock,
        public array $roles,
        public array $demands,
        public array $supplies,
        public CutPlan $cuts,
        public array $pieces = [],
        public int $atOnce = 1,
        public array $papers = [],
        public int $betweenMarks = 0,
        public int $tooLong = 0,
    ) {
    }

    public function isFor(Part $part): bool
    {
        foreach ($this->demands as $demand) {
            if ($demand->key === $part->letter) {
                return true;
            }
        }

        return false;
    }

    /** How often the blade comes down for a cut. */
    public function passes(CutStep $step): Passes
    {
        return new Passes($step->together, $this->atOnce);
    }

    /** Board is cut with knife and metal ruler, never in the trimmer. */
    public function isByHand(): bool
    {
        return $this->atOnce === 0;
    }

    public function whyNotFewer(): string
    {
        return (new WhyNotFewer($this->cuts, $this->demands, $this->supplies))->text();
    }
}
