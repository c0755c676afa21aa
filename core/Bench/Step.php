<?php

declare(strict_types=1);

namespace Ephemeron\Bench;

use Ephemeron\Assembly\Job;
use Ephemeron\Blueprint\Act\Act;
use Ephemeron\Blueprint\Act\Reach;
use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Caution;
use Ephemeron\Blueprint\Phase;

/** One thing to do at the table. */
final readonly class Step
{
    /**
     * @param string $key stays the same when sizes change, so that what was ticked stays ticked
     * @param int $number from 1
     * @param list<string> $lines further sentences, one for each move; those that follow from its acts are told by the plan
     * @param list<string> $parts keys of the parts in hand
     * @param list<string> $places ticked one by one
     * @param list<Act> $acts what hands do; none where sheets are cut and sorted
     * @param list<string> $needs keys of the steps that must be done before
     */
    public function __construct(
        public string $key,
        public Phase $phase,
        public string $title,
        public string $text,
        public string $section,
        public Adhesive $adhesive = Adhesive::None,
        public array $lines = [],
        public ?Caution $caution = null,
        public array $parts = [],
        public array $places = [],
        public Picture $picture = new Picture,
        public array $acts = [],
        public array $needs = [],
        public int $number = 0,
    ) {
    }

    public function of(Job $job): self
    {
        return $this->with($this->number, $job->acts, $job->needs);
    }

    public function numbered(int $number): self
    {
        return $this->with($number, $this->acts, $this->needs);
    }

    /** @param list<string> $needs keys of steps */
    public function needing(array $needs): self
    {
        return $this->with($this->number, $this->acts, $needs);
    }

    /** @return string|null key of the part that is folded; null where none is */
    public function folds(): ?string
    {
        return $this->phase === Phase::Fold && $this->picture->kind === 'part' ? $this->picture->of : null;
    }

    /** @return list<string> keys of faces and panels that nobody gets at any more afterwards */
    public function covers(): array
    {
        $covered = array_merge(...array_map(static fn (Act $act): array => $act->covers(), $this->acts));

        return array_values(array_unique(array_map(static fn (Reach $reach): string => $reach->surface, $covered)));
    }

    /**
     * @param list<Act> $acts
     * @param list<string> $needs
     */
    private function with(int $number, array $acts, array $needs): self
    {
        return new self(
            $this->key,
            $this->phase,
            $this->title,
            $this->text,
            $this->section,
            $this->adhesive,
            $this->lines,
            $this->caution,
            $this->parts,
            $this->places,
            $this->picture,
            $acts,
            $needs,
            $number,
        );
    }
}
