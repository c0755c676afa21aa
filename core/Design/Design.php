<?php

declare(strict_types=1);

namespace Ephemeron\Design;

use Ephemeron\Blueprint\Made;
use Ephemeron\Filling\Keepsake;
use Ephemeron\Gathering\Gathering;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\Choices;
use Ephemeron\Paper\Stock;

/**
 * What a maker wants: the only thing that is edited and kept. What is not said is as usual for its structure; of the things on its faces
 * only what was said is here, because the usual ones follow the parameters.
 */
final readonly class Design
{
    /**
     * @param string $structure key in the catalogue
     * @param Values $parameters of the structure, every one of them
     * @param array<string, Stock> $materials by the value of their {@see \Ephemeron\Paper\StockRole}, every role
     * @param list<PinnedPart> $pins pieces that are cut from a chosen place of their paper
     * @param array<string, Keepsake> $keepsakes what is to go in, by a key of its own
     * @param array<string, Made> $made what pieces are to measure because others came out otherwise, by the name each was laid out by
     */
    public function __construct(
        public string $structure,
        public string $name,
        public Unit $unit,
        public Tools $tools,
        public ScoringSchool $scoring,
        public Values $parameters,
        public MatRule $mats,
        public Things $things,
        public array $materials,
        public Schools $schools = new Schools,
        public array $pins = [],
        public Gathering $leaves = new Gathering,
        public Choices $choices = new Choices,
        public array $keepsakes = [],
        public array $made = [],
    ) {
    }

    /**
     * @param array<string, Stock>|null $materials
     * @param list<PinnedPart>|null $pins
     * @param array<string, Keepsake>|null $keepsakes
     * @param array<string, Made>|null $made
     */
    public function with(
        ?string $name = null,
        ?Unit $unit = null,
        ?Tools $tools = null,
        ?ScoringSchool $scoring = null,
        ?Values $parameters = null,
        ?MatRule $mats = null,
        ?Things $things = null,
        ?array $materials = null,
        ?Schools $schools = null,
        ?array $pins = null,
        ?Gathering $leaves = null,
        ?Choices $choices = null,
        ?array $keepsakes = null,
        ?array $made = null,
    ): self {
        return new self(
            $this->structure,
            $name ?? $this->name,
            $unit ?? $this->unit,
            $tools ?? $this->tools,
            $scoring ?? $this->scoring,
            $parameters ?? $this->parameters,
            $mats ?? $this->mats,
            $things ?? $this->things,
            $materials ?? $this->materials,
            $schools ?? $this->schools,
            $pins ?? $this->pins,
            $leaves ?? $this->leaves,
            $choices ?? $this->choices,
            $keepsakes ?? $this->keepsakes,
            $made ?? $this->made,
        );
    }

    /** @return array<string, Stock> all papers there are: by role, those of the heap by `leaf:` and their key, prints by `print:` */
    public function papers(): array
    {
        $papers = $this->materials;
        foreach ($this->leaves->heap as $paper) {
            $papers["leaf:{$paper->key}"] = $paper->stock->counted($paper->count);
        }

        foreach ($this->choices->papers as $key => $print) {
            $papers["print:{$key}"] = $print;
        }

        return $papers;
    }

    public function notation(): Notation
    {
        return new Notation($this->unit, $this->tools->grid);
    }
}
