<?php

declare(strict_types=1);

namespace Ephemeron;

use Ephemeron\Bench\PhotoCount;
use Ephemeron\Bench\WorkOrder;
use Ephemeron\Blueprint\Act\Handling;
use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Blueprint\Task;
use Ephemeron\Cutting\AroundPins;
use Ephemeron\Cutting\AsCut;
use Ephemeron\Cutting\Continuation;
use Ephemeron\Cutting\CutPlanner;
use Ephemeron\Cutting\Demand;
use Ephemeron\Cutting\PatternKeys;
use Ephemeron\Cutting\ProvenPlanner;
use Ephemeron\Cutting\TrimmerBench;
use Ephemeron\Design\Design;
use Ephemeron\Design\Inking;
use Ephemeron\Design\Tools;
use Ephemeron\Filling\CutApart;
use Ephemeron\Fit\FitReport;
use Ephemeron\Fit\Guest;
use Ephemeron\Fit\Layout;
use Ephemeron\Fit\StockPlan;
use Ephemeron\Fit\Wanted;
use Ephemeron\Fit\Workings;
use Ephemeron\Furniture\Outfitting;
use Ephemeron\Furniture\Showroom;
use Ephemeron\Geometry\Pin;
use Ephemeron\Paper\PhotoSize;
use Ephemeron\Paper\Price;
use Ephemeron\Paper\SheetFormat;
use Ephemeron\Paper\Stock;
use Ephemeron\Paper\StockRole;
use Ephemeron\Scoring\Board;
use Ephemeron\Scoring\ScorePlan;
use Ephemeron\Scoring\Scorer;
use Ephemeron\Structure\Brief;
use Ephemeron\Structure\Catalogue;
use Ephemeron\Structure\UsualThings;

/** Where a design becomes work: Design → Blueprint → cuts, scores, findings, steps. Pure: the same design, the same plan. */
final readonly class Workshop
{
    public function __construct(
        private Catalogue $catalogue,
        private Showroom $showroom,
        private CutPlanner $planner,
    ) {
    }

    public static function ofTheHouse(): self
    {
        return new self(Catalogue::ofTheHouse(), Showroom::ofTheHouse(), new AroundPins(ProvenPlanner::quick()));
    }

    /** The same workshop with another hand at the trimmer. */
    public function with(CutPlanner $planner): self
    {
        return new self($this->catalogue, $this->showroom, $planner);
    }

    public function blueprint(Design $design): Blueprint
    {
        $structure = $this->catalogue->get($design->structure);
        $draft = $structure->layOut(new Brief(
            $design->parameters,
            $design->notation(),
            $design->materials,
            $design->leaves,
            $design->choices,
            $design->made,
        ));
        (new Outfitting($this->showroom))->furnish($draft, $design, UsualThings::furnished($structure, $design)->things);
        (new CutApart($design->choices, $design->keepsakes))->layIn($draft);
        $play = $design->tools->length(Tools::PLAY);
        if ($play !== null) {
            array_map($draft->add(...), array_map(static fn (Pouch $pouch): Pouch => $pouch->playing($play), $draft->all(Pouch::class)));
        }
        if ($design->schools->inking === Inking::Yes) {
            $draft->task($this->inking($draft));
        }

        return $draft->finish();
    }

    /** @param Blueprint|null $blueprint of the design, where that is there already */
    public function layout(Design $design, ?Blueprint $blueprint = null): Layout
    {
        $furnished = UsualThings::furnished($this->catalogue->get($design->structure), $design);

        return new Layout($design, $blueprint ?? $this->blueprint($design), $furnished);
    }

    /** The edges of all pieces of paper and card, when they are cut, notched and rounded and before any is glued. */
    private function inking(Draft $draft): Task
    {
        $pieces = array_filter($draft->parts(), static fn (Part $part): bool => $part->role !== StockRole::Board);

        return new Task(
            'ink-edges',
            Phase::Notch,
            'Ink the edges',
            'Ink every edge that will be seen, notches and folds too; the pad flat along the edge, from the letter side. With solvent inks '
                .'air the room; the label comes first.',
            'Finishing',
            acts: [Handling::ink(...array_map(strval(...), array_keys($pieces)))],
        );
    }

    /**
     * @param int $copies books made together, 1 or more; what is assembled is told for one of them
     * @param AsCut $cut what is cut already and stays as it is
     * @param list<Guest> $guests other books whose pieces are cut with those of this one
     * @param Blueprint|null $blueprint of the design, where that is there already
     */
    public function plan(
        Design $design,
        int $copies = 1,
        AsCut $cut = new AsCut,
        array $guests = [],
        ?Blueprint $blueprint = null,
    ): WorkPlan {
        $blueprint ??= $this->blueprint($design);

        return $this->planned(
            $design,
            $blueprint,
            $copies,
            $this->stocks($design, $this->wantedByAll($design, $blueprint, $copies, $guests), $cut),
            $cut->papers(),
            $guests,
        );
    }

    /**
     * The plan of a book that is cut with another: its sheets are those of the other that have pieces for it.
     *
     * @param WorkPlan $host that has this guest
     */
    public function planOfGuest(Guest $guest, WorkPlan $host): WorkPlan
    {
        $blueprint = $this->blueprint($guest->design);
        $bench = new TrimmerBench(Workings::trimmerOf($guest->design->tools));
        $plans = [];
        foreach ($this->wanted($guest->design, $blueprint, $guest->copies) as $wanted) {
            foreach ($host->stocks as $stock) {
                if ($stock->stock->identity() === $wanted->stock->identity()) {
                    $plans[] = new StockPlan(
                        $wanted->stock,
                        $wanted->roles,
                        $wanted->demands,
                        $wanted->supplies,
                        $cuts = $guest->seen($stock),
                        [],
                        $stock->atOnce,
                        $wanted->papers,
                        count($bench->betweenMarks($cuts)),
                        count($bench->longerThanTheBlade($cuts)),
                    );

                    break;
                }
            }
        }
        $begun = array_map(
            static fn (StockPlan $stock): string => $stock->stock->identity(),
            array_filter($host->stocks, $host->isBegun(...)),
        );

        return $this->planned($guest->design, $blueprint, $guest->copies, $plans, array_values($begun), []);
    }

    /**
     * @param list<StockPlan> $stocks
     * @param list<string> $begun papers of which a sheet is begun
     * @param list<Guest> $guests
     */
    private function planned(Design $design, Blueprint $blueprint, int $copies, array $stocks, array $begun, array $guests): WorkPlan
    {
        $structure = $this->catalogue->get($design->structure);
        $workings = new Workings(
            $design,
            $blueprint,
            $stocks,
            $this->scores($design, $blueprint),
            $structure,
            UsualThings::furnished($structure, $design),
            $copies,
        );

        return new WorkPlan(
            $design,
            $structure,
            $workings,
            FitReport::on($workings),
            (new WorkOrder($workings))->steps(),
            PhotoCount::ofEach(PhotoSize::usualFor($design->unit), $blueprint),
            $begun,
            $guests,
        );
    }

    /**
     * What is wanted of each paper; pieces whose roles share a paper are cut from it together.
     *
     * @return list<Wanted>
     */
    private function wanted(Design $design, Blueprint $blueprint, int $copies): array
    {
        $parts = [];
        $roles = [];
        $keys = [];
        $papers = $design->papers();
        foreach ($blueprint->parts as $part) {
            foreach ($part->papers() as $paper => $pieces) {
                $key = $papers[$paper]->key();
                $parts[$key][] = [$part, $papers[$paper], $pieces];
                $keys[$key][$paper] = $paper;
                $roles[$key] ??= [];
                if ($paper === $part->role->value) {
                    $roles[$key][$part->role->value] = $part->role->value;
                }
            }
        }
        $pins = [];
        foreach ($blueprint->parts as $key => $part) {
            $pins[$key] = $part->spot === null ? [] : [Pin::at($part->spot)];
        }
        foreach ($design->pins as $pin) {
            $pins[$pin->part][] = $pin->pin;
        }
        $wanted = [];
        foreach ($parts as $key => $pieces) {
            $stock = $pieces[0][1];
            $demands = array_map(
                fn (array $of): Demand => $this->piecesOf($of[0], $stock, $of[2], $copies)->pinned($pins[$of[0]->key] ?? [])
                    ->known($of[0]->key),
                $pieces,
            );
            $wanted[] = new Wanted($stock, array_values($roles[$key]), $demands, array_values($keys[$key]));
        }

        return $wanted;
    }

    /**
     * @param list<Guest> $guests
     * @return list<Wanted> with what guests want of the papers of this book, and of others
     */
    private function wantedByAll(Design $design, Blueprint $blueprint, int $copies, array $guests): array
    {
        $all = $this->wanted($design, $blueprint, $copies);
        foreach ($guests as $guest) {
            foreach ($this->wanted($guest->design, $this->blueprint($guest->design), $guest->copies) as $wanted) {
                $papers = array_map(static fn (Wanted $each): string => $each->stock->identity(), $all);
                $at = array_search($wanted->stock->identity(), $papers, true);
                $all[$at === false ? count($all) : $at] = $at === false ? $wanted->by($guest) : $all[$at]->with($wanted->by($guest));
            }
        }

        return array_values($all);
    }

    /**
     * A paper of which something is cut and nothing is wanted any more comes last.
     *
     * @param list<Wanted> $wanted
     * @return list<StockPlan>
     */
    private function stocks(Design $design, array $wanted, AsCut $cut): array
    {
        $plans = [];
        $begun = array_fill_keys($cut->papers(), true);
        foreach ($wanted as $each) {
            $paper = $each->stock->identity();
            // Two piles of one paper: the first goes on with what is cut.
            $plans[] = $this->stockPlan($design, $each, isset($begun[$paper]) ? $cut->of($paper) : null);
            unset($begun[$paper]);
        }
        foreach (array_keys($begun) as $paper) {
            $here = $cut->of((string) $paper);
            if ($here !== null) {
                $plans[] = $this->stockPlan($design, new Wanted($this->givenUp($here), [], [], []), $here);
            }
        }

        return $plans;
    }

    private function stockPlan(Design $design, Wanted $wanted, ?AsCut $cut): StockPlan
    {
        $trimmer = Workings::trimmerOf($design->tools);
        [$cuts, $pieces] = $cut === null
            ? [$this->planner->plan($wanted->demands, $wanted->supplies, $trimmer), []]
            : (new Continuation($this->planner))->goOn($wanted->demands, $wanted->supplies, $trimmer, $cut);

        $bench = new TrimmerBench($trimmer);

        return new StockPlan(
            $wanted->stock,
            $wanted->roles,
            $wanted->demands,
            $wanted->supplies,
            (new PatternKeys($wanted->stock->identity()))->name($cuts),
            $pieces,
            $design->tools->atOnce($wanted->stock),
            $wanted->papers,
            count($bench->betweenMarks($cuts)),
            count($bench->longerThanTheBlade($cuts)),
        );
    }

    /** A paper that is not among those of the design any more, as far as its cut sheets tell. */
    private function givenUp(AsCut $cut): Stock
    {
        foreach ($cut->begun() as [$sheet, $work]) {
            return Stock::card($work->name, SheetFormat::TwelveSquare, 160)->with(
                sheet: $sheet->pattern->supply->sheet,
                price: new Price($sheet->pattern->supply->mills),
            );
        }

        throw new \LogicException('Nothing of this paper is cut.');
    }

    /**
     * Those pieces of a part that are cut from one paper; where only some of them must run as drawn, all do.
     *
     * @param non-empty-list<int> $pieces
     */
    private function piecesOf(Part $part, Stock $stock, array $pieces, int $copies): Demand
    {
        $demand = $this->demand($part, $part->isOverAt($pieces[0]) ? $stock->over() : $stock, $copies);
        foreach ($pieces as $piece) {
            $other = $this->demand($part, $part->isOverAt($piece) ? $stock->over() : $stock, $copies);
            $demand = $other->turnable ? $demand : $other;
        }

        return $demand->of(count($pieces) * $copies);
    }

    /**
     * Its print must run as drawn if it has a right way up; else its folds run along the grain where that is known and the sheet is long
     * enough.
     */
    public function demand(Part $part, Stock $stock, int $copies = 1): Demand
    {
        $quantity = $part->quantity * $copies;
        if ($part->turn !== null || ($part->upright && $stock->isDirectional($part->shows))) {
            $size = ($part->turn ?? 0) % 2 === 0 ? $part->size : $part->size->turned();

            return new Demand($part->letter, $size, $quantity, false, $part->picture);
        }
        $grain = $stock->grain->axis();
        $folds = $part->foldsAlong();
        if ($grain !== null && $folds !== null) {
            $lying = $grain === $folds ? $part->size : $part->size->turned();
            if ($lying->fitsIn($stock->sheet)) {
                return new Demand($part->letter, $lying, $quantity, false, $part->picture);
            }
        }

        return new Demand($part->letter, $part->size, $quantity, true, $part->picture);
    }

    /** @return array<string, ScorePlan> */
    private function scores(Design $design, Blueprint $blueprint): array
    {
        $length = $design->tools->length(Tools::BOARD);
        $scorer = new Scorer(
            $length === null ? Board::usual($design->tools->grooves) : new Board($design->tools->grooves, $length),
            $design->scoring,
        );
        $scored = array_filter($blueprint->parts, static fn (Part $part): bool => $part->creases !== [] && $part->isScored);

        return array_map($scorer->plan(...), $scored);
    }
}
