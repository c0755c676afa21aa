<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Made;
use Ephemeron\Design\Values;
use Ephemeron\Gathering\Gathering;
use Ephemeron\Measure\Notation;
use Ephemeron\Paper\Choices;
use Ephemeron\Paper\Stock;
use Ephemeron\Paper\StockRole;

/** What a structure is told when it is to be laid out. */
final readonly class Brief
{
    /**
     * @param array<string, Stock> $materials by role
     * @param array<string, Made> $made pieces that are to come otherwise, by the name each was laid out by
     */
    public function __construct(
        public Values $values,
        public Notation $notation,
        private array $materials,
        public Gathering $leaves = new Gathering,
        private Choices $choices = new Choices,
        private array $made = [],
    ) {
    }

    public function with(Values $values): self
    {
        return new self($values, $this->notation, $this->materials, $this->leaves, $this->choices, $this->made);
    }

    /** An empty sheet to lay the structure out on; it knows which prints were chosen. */
    public function draft(): Draft
    {
        return new Draft($this->choices, made: $this->made);
    }

    public function stock(StockRole $role): Stock
    {
        return $this->materials[$role->value] ?? throw new \LogicException("No paper was given for “{$role->value}”.");
    }
}
