<?php

declare(strict_types=1);

namespace Ephemeron;

use Ephemeron\AsMade\CloseFits;
use Ephemeron\AsMade\Consequences;
use Ephemeron\Assembly\Job;
use Ephemeron\Bench\PhotoCount;
use Ephemeron\Bench\Step;
use Ephemeron\Bench\Words\ActsInWords;
use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Part;
use Ephemeron\Cutting\SheetPattern;
use Ephemeron\Cutting\Trimmer;
use Ephemeron\Design\Design;
use Ephemeron\Fit\FitReport;
use Ephemeron\Fit\Guest;
use Ephemeron\Fit\Layout;
use Ephemeron\Fit\Requisite;
use Ephemeron\Fit\Requisites;
use Ephemeron\Fit\StockPlan;
use Ephemeron\Fit\Workings;
use Ephemeron\Folding\SceneBuilder;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Paper\Price;
use Ephemeron\Paper\Stock;
use Ephemeron\Scoring\ScorePlan;
use Ephemeron\Structure\Structure;

/** All that follows from a design: what lies on the table, in which order, and what to look out for. */
final readonly class WorkPlan
{
    public Layout $layout;

    public Blueprint $blueprint;

    /** @var list<StockPlan> */
    public array $stocks;

    /** @var array<string, ScorePlan> by part key */
    public array $scores;

    /** @var array<string, SheetPattern> by the key of the sheet */
    private array $sheets;

    /**
     * @param list<Step> $steps
     * @param list<PhotoCount> $photos
     * @param list<string> $begun papers of which a sheet is begun
     * @param list<Guest> $guests other books whose pieces are cut with those of this one
     */
    public function __construct(
        public Design $design,
        public Structure $structure,
        public Workings $workings,
        public FitReport $report,
        public array $steps,
        public array $photos,
        private array $begun = [],
        public array $guests = [],
    ) {
        $this->layout = $workings->layout;
        $this->blueprint = $workings->blueprint;
        $this->stocks = $workings->stocks;
        $this->scores = $workings->scores;
        $this->sheets = array_column(
            array_merge(...array_map(static fn (StockPlan $stock): array => $stock->cuts->patterns, $workings->stocks)),
            null,
            'key',
        );
    }

    /** The book and its parts as what folds and is glued before one's eyes, in the order of the steps. */
    public function scenes(): SceneBuilder
    {
        $tasks = array_map(static fn (Job $job): string => $job->task->key ?? $job->key, $this->workings->jobs);

        return new SceneBuilder($this->blueprint, $this->notation(), array_values(array_unique($tasks)));
    }

    /**
     * What follows when a piece comes out otherwise than planned.
     *
     * @param list<string> $cut keys of parts that are cut already
     */
    public function consequences(array $cut = []): Consequences
    {
        return new Consequences($this->blueprint, new CloseFits($this->blueprint, $this->workings->bulk), $this->notation(), $cut);
    }

    /** @return list<string> what hands do in a step, sentence by sentence: what follows from its acts, then what else there is to say */
    public function linesOf(Step $step): array
    {
        $words = new ActsInWords($this->blueprint, $this->notation(), $this->design->schools->gluing);

        return [...$words->sentences($step->acts), ...$step->lines];
    }

    public function notation(): Notation
    {
        return $this->workings->notation();
    }

    public function trimmer(): Trimmer
    {
        return $this->workings->trimmer();
    }

    public function sheets(): int
    {
        return array_sum(array_map(static fn (StockPlan $stock): int => $stock->cuts->sheets(), $this->stocks));
    }

    public function leftovers(): int
    {
        return array_sum(array_map(static fn (StockPlan $stock): int => $stock->cuts->leftovers(), $this->stocks));
    }

    /** How many of a piece there are, of all books that are made together. */
    public function countOf(Part $part): int
    {
        return $part->quantity * $this->workings->copies;
    }

    /** Pieces of all books that are made together. */
    public function pieces(): int
    {
        return $this->blueprint->pieces() * $this->workings->copies;
    }

    /**
     * @param self ...$apart plans of the same books, each cut by itself
     * @return int sheets that this one spares; none where the paper does not suffice, because then it is used up either way
     */
    public function spares(self ...$apart): int
    {
        $sheets = array_sum(array_map(static fn (self $plan): int => $plan->sheets(), $apart));

        return $this->missing() > 0 ? 0 : max(0, $sheets - $this->sheets());
    }

    /** Pieces that find no room on the paper there is. */
    public function missing(): int
    {
        return array_sum(array_map(static fn (StockPlan $stock): int => array_sum($stock->cuts->missing), $this->stocks));
    }

    /** Whether a sheet of this paper is begun, so that the plan goes on from there. */
    public function isBegun(StockPlan $stock): bool
    {
        return in_array($stock->stock->identity(), $this->begun, true);
    }

    /** What a cutting step takes and gives; none of a step that cuts no sheet. */
    public function patternOf(Step $step): ?SheetPattern
    {
        if ($step->picture->kind !== 'sheet') {
            return null;
        }
        return $this->sheet($step->picture->of);
    }

    /** @param string $key of a sheet */
    public function sheet(string $key): ?SheetPattern
    {
        return $this->sheets[$key] ?? null;
    }

    public function stockOfSheet(string $key): ?StockPlan
    {
        foreach ($this->stocks as $stock) {
            if (in_array($this->sheet($key), $stock->cuts->patterns, true)) {
                return $stock;
            }
        }

        return null;
    }

    /** What the paper comes to, as far as its prices are known. */
    public function price(): Price
    {
        return new Price(
            array_sum(array_map(static fn (StockPlan $stock): int => $stock->stock->price->mills * $stock->cuts->sheets(), $this->stocks)),
        );
    }

    /** @return list<Requisite> what it wants besides paper */
    public function requisites(): array
    {
        return (new Requisites)->of($this->blueprint, $this->workings->copies);
    }

    /** Of the closed book where it is thickest. */
    public function thickness(bool $filled): Length
    {
        return $this->workings->profile->thickest($filled);
    }

    /** Names of the papers its pieces are cut from: `Cloud`, or `2 Cloud, Dew point`. */
    public function papersOf(string $part): string
    {
        $papers = $this->blueprint->part($part)->papers();
        $known = $this->design->papers();
        if (count($papers) === 1) {
            return $known[array_key_first($papers)]->name;
        }

        return implode(', ', array_map(
            static fn (string $paper, array $pieces): string => (count($pieces) > 1 ? count($pieces).' ' : '').$known[$paper]->name,
            array_keys($papers),
            $papers,
        ));
    }

    public function stockOf(string $part): Stock
    {
        return $this->workings->stockOf($this->blueprint->part($part));
    }
}
