<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

use Ephemeron\Measure\Size;

/**
 * Cuts a design from what there is with the fewest sheets, and says how few there must be at the least.
 *
 * Quick ways first: patterns that are repeated as often as they go, then some orders and rules of laying pieces out, then many. Where that
 * meets the bound, it is proved and done. If not, column generation ({@see PatternSearch}) sharpens the bound and proposes patterns, whose
 * whole part is taken and whose rest is laid out again. Where few pieces go on a sheet, sets of them are priced ({@see SetSearch}), which
 * proves most of what is left and makes plans; where there are few pieces, every way is looked through ({@see EveryWay}), and one sheet
 * that they as good as fill is put together from rectangles ({@see FullSheet}). Then a plan with one sheet fewer is sought, part by part
 * ({@see FullerCorners}), from all patterns that were met ({@see PatternChoice}), and by taking sheets of the best plan apart; at last
 * cheaper sheets are.
 *
 * The same input gives the same plan: chance comes from a fixed seed, effort is counted and not timed, so that it does not
 * matter how fast the machine is.
 */
final readonly class ProvenPlanner implements CutPlanner
{
    private const SEED = 20261124;

    /** More pieces than this are first brought down by patterns from the linear programme, and not laid out at random. */
    private const MANY = 260;

    /** Where there are no more a proof is a matter of milliseconds, and comes before laying out in many ways; patterns do the rest. */
    private const FEW_KINDS = 8;

    /** What is proved by a tenth of the looks needs no more. */
    private const LOOKS_BY_AND_BY = 10;

    private const CUTS_OF_A_STEP = 2_500_000;

    /** Units that looking through every way leaves for what comes after it. */
    private const FOR_THE_REST = Effort::A_SECOND >> 4;

    /** Patterns tried in one choice. */
    private const CHOICES = 2_000;

    /** Of laying the pieces of one sheet elsewhere. */
    private const TRIALS_FOR_THE_PRICE = 6;

    /** Turns of taking sheets apart, dives, cuts weighed for a better bound after it; the last round as long as there is effort left. */
    private const ROUNDS = [[20, 1, 75_000_000], [60, 2, 0], [10_000, 0, 0]];

    /**
     * @param int $looks at a piece, for the first plan
     * @param int $units see {@see Effort}
     * @param int $cuts weighed for the patterns and the bound
     * @param list<array{int, int, int}> $rounds
     * @param int $beforePricing units for filling corners before many sets are priced: where that takes long, nothing is left for them
     * @param int $pricing units for pricing sets
     * @param (\Closure(float): bool)|null $goOn see {@see Effort}
     */
    private function __construct(
        private int $units,
        private int $looks,
        private int $cuts,
        private array $rounds,
        private int $beforePricing,
        private int $pricing,
        private ?\Closure $goOn = null,
    ) {
    }

    /** Quick enough to wait for: it proves most plans, and does not insist on the others. */
    public static function quick(): self
    {
        return new self(Effort::A_SECOND, 1_000_000, 3_000_000, [[8, 0, 0]], 0, Effort::A_SECOND >> 2);
    }

    /**
     * Works on a plan that resists as long as a usual machine would for so many seconds.
     *
     * @param (\Closure(float): bool)|null $goOn is told what share of the work is used up, and says whether to go on
     */
    public static function thorough(float $seconds = 4.5, ?\Closure $goOn = null): self
    {
        $units = (int) ($seconds * Effort::A_SECOND);

        return new self($units, 3_000_000, 25_000_000, self::ROUNDS, $units >> 3, intdiv(3 * $units, 4), $goOn);
    }

    public function plan(array $demands, array $supplies, Trimmer $trimmer): CutPlan
    {
        $blocks = $this->blocks($demands, $supplies[0]->sheet, $trimmer);
        $demands = array_values(
            array_filter(
                $demands,
                fn (Demand $demand): bool => $demand->picture === null || ! isset($blocks["picture: {$demand->picture->name}"]),
            ),
        );
        array_push($demands, ...array_map(static fn (PictureBlock $block): Demand => $block->demand(), array_values($blocks)));
        $fitting = array_values(array_filter($demands, fn (Demand $demand): bool => $this->comesOff($demand, $supplies, $trimmer)));
        $missing = [];
        foreach ($demands as $demand) {
            if (! in_array($demand, $fitting, true)) {
                $missing[$demand->key] = $demand->quantity;
            }
        }
        $oversize = array_map(strval(...), array_keys($missing));
        if ($fitting === []) {
            return new CutPlan([], 0, $missing, $oversize);
        }
        $kinds = Kind::among($fitting);
        $effort = Effort::of($this->units, $this->goOn);
        $task = Measured::of($kinds, $supplies, $trimmer);
        $search = new PackingSearch(
            $task,
            $supplies,
            $this->quickBound($task, $supplies),
            new \Random\Randomizer(new \Random\Engine\Mt19937(self::SEED)),
            $effort,
        );
        $bound = $this->isOneKindOfSheet($supplies) ? new LowerBound($kinds, $task->usableSheet(0)) : null;
        $this->layOut($search, $trimmer, $bound, $effort);
        $search->generatePatterns($this->cuts);
        if ($this->canFillCorners($search)) {
            $search->fillCorners($this->units);
        }
        foreach ($this->rounds as [$turns, $dives, $cuts]) {
            $search->goRound($turns, $dives, self::CUTS_OF_A_STEP, self::CHOICES);
            $search->generatePatterns($cuts);
        }
        $search->makeCheaper(self::TRIALS_FOR_THE_PRICE);

        return $this->result($search, $kinds, $supplies, $fitting, $missing, $oversize, $blocks);
    }

    /** The quick ways first, and what proves something soon; the others as long as nothing is proved. */
    private function layOut(PackingSearch $search, Trimmer $trimmer, ?LowerBound $bound, Effort $effort): void
    {
        $isMany = $search->pieces() > self::MANY;
        $search->begin($trimmer, $isMany ? $this->looks : intdiv($this->looks, self::LOOKS_BY_AND_BY));
        if (! $isMany) {
            $search->layOutInSomeWays();
        }
        $bound = $search->best()->missed === 0 ? $bound : null;
        if ($bound !== null && ! $search->isProved()) {
            $search->raise($bound->sheets(enough: $search->best()->newSheets, effort: $effort));
        }
        $areFewKinds = count($search->task()->kinds) <= self::FEW_KINDS;
        if ($bound !== null && $areFewKinds) {
            $this->lookIntoSets($search, $bound, $effort);
        }
        if (! $isMany && ! $search->isProved()) {
            $search->begin($trimmer, $this->looks);
            $search->layOutInManyWays();
        }
        if ($bound !== null && ! $areFewKinds) {
            $this->lookIntoSets($search, $bound, $effort);
        }
    }

    private function lookIntoSets(PackingSearch $search, LowerBound $bound, Effort $effort): void
    {
        // What is soon settled is settled first; what is there is sooner found otherwise.
        if (! $search->sets->areFew()) {
            if ($this->canFillCorners($search)) {
                $search->fillCorners($this->beforePricing);
            }
            $search->sets->price($bound, $this->pricing);

            return;
        }
        $aPart = $this->units >> 3;
        $search->sets->tryEveryWay($bound, $aPart);
        $search->fillCorners($aPart);
        $search->sets->price($bound, $aPart);
        $isExact = $search->bound() > 1 || $search->sets->areOneSheet();
        $search->sets->tryEveryWay($bound, $isExact ? $effort->left() - self::FOR_THE_REST : 2 * $aPart);
    }

    /** Where there are few kinds patterns do it, and of very many pieces parts are a small matter. */
    private function canFillCorners(PackingSearch $search): bool
    {
        return $search->pieces() <= self::MANY && count($search->task()->kinds) > self::FEW_KINDS;
    }

    /**
     * @param list<Kind> $kinds
     * @param list<Supply> $supplies
     * @param list<Demand> $fitting
     * @param array<string, int> $missing
     * @param list<string> $oversize
     * @param array<string, PictureBlock> $blocks
     */
    private function result(
        PackingSearch $search,
        array $kinds,
        array $supplies,
        array $fitting,
        array $missing,
        array $oversize,
        array $blocks,
    ): CutPlan {
        $wanted = [];
        foreach ($fitting as $demand) {
            $wanted[$demand->key] = $demand->quantity;
        }
        $alike = [];
        foreach ($search->best()->sheets as [$supply, $slab]) {
            $alike["{$supply}:{$slab->signature()}"][] = [$supply, $slab];
        }
        // The most alike first: long runs at one setting, oddments last; leftovers before new sheets.
        uasort(
            $alike,
            static fn (array $one, array $other): int =>
                [(int) ! $supplies[$one[0][0]]->isLeftover, -count($one)]
                    <=> [(int) ! $supplies[$other[0][0]]->isLeftover, -count($other)],
        );
        $patterns = [];
        $unit = $search->task()->unit;
        foreach ($alike as $sheets) {
            [$supply, $slab] = $sheets[0];
            $count = count($sheets);
            $gives = [];
            foreach ($slab->pieces() as $kind => $pieces) {
                $gives += $this->handOut($kinds[$kind], $pieces * $count, $wanted);
            }
            $gives = $this->withBlocksApart($gives, $blocks);
            ksort($gives);
            $patterns[] = new SheetPattern(
                $supplies[$supply],
                $count,
                $supplies[$supply]->withSelvage((new SlabTree($kinds, $unit, $blocks))->of($slab)),
                $gives,
            );
        }

        return new CutPlan(
            $patterns,
            max($search->bound(), 0),
            $this->withBlocksApart($missing + array_filter($wanted, static fn (int $count): bool => $count > 0), $blocks),
            $oversize,
        );
    }

    /**
     * Pieces of one picture as one block each.
     *
     * @param list<Demand> $demands
     * @return array<string, PictureBlock> by the key of their demand
     */
    private function blocks(array $demands, Size $sheet, Trimmer $trimmer): array
    {
        $byPicture = [];
        $pictures = [];
        foreach ($demands as $demand) {
            if ($demand->picture !== null) {
                $byPicture[$demand->picture->name][] = $demand;
                $pictures[$demand->picture->name] ??= $demand->picture;
            }
        }
        $blocks = [];
        foreach ($byPicture as $name => $pieces) {
            $block = PictureBlock::of($pictures[$name], $pieces, $sheet, $trimmer);
            if ($block !== null) {
                $blocks[$block->key] = $block;
            }
        }

        return $blocks;
    }

    /**
     * @param array<string, int> $counts
     * @param array<string, PictureBlock> $blocks
     * @return array<string, int>
     */
    private function withBlocksApart(array $counts, array $blocks): array
    {
        foreach ($blocks as $key => $block) {
            if (isset($counts[$key])) {
                foreach ($block->gives() as $demand => $count) {
                    $counts[$demand] = ($counts[$demand] ?? 0) + $count * $counts[$key];
                }
                unset($counts[$key]);
            }
        }

        return $counts;
    }

    /**
     * Gives pieces of one kind to the demands that ask for it, the first ones first.
     *
     * @param array<string, int> $wanted how many each demand still wants
     * @return array<string, int> how many each demand gets
     */
    private function handOut(Kind $kind, int $pieces, array &$wanted): array
    {
        $gives = [];
        foreach ($kind->keys as $key) {
            $given = min($pieces, $wanted[$key]);
            if ($given > 0) {
                $gives[$key] = $given;
                $wanted[$key] -= $given;
                $pieces -= $given;
            }
        }

        return $gives;
    }

    /**
     * Area, and pieces that cannot share a sheet; with several sizes of sheet, area alone.
     *
     * @param list<Supply> $supplies
     */
    private function quickBound(Measured $task, array $supplies): int
    {
        if ($this->isOneKindOfSheet($supplies)) {
            return (new LowerBound($task->kinds, $task->usableSheet(0)))->sheets(coarsely: true);
        }
        $area = $task->areaOf(Measured::each($task->wanted()));
        $largest = 0;
        foreach ($supplies as $index => $supply) {
            $usable = $task->usable[$index][0] * $task->usable[$index][1];
            if ($supply->isLeftover) {
                $area -= $usable * ($supply->available ?? 0);
            } else {
                $largest = max($largest, $usable);
            }
        }

        return $area <= 0 || $largest === 0 ? 0 : intdiv($area + $largest - 1, $largest);
    }

    /** @param list<Supply> $supplies */
    private function isOneKindOfSheet(array $supplies): bool
    {
        return count($supplies) === 1 && ! $supplies[0]->isLeftover;
    }

    /**
     * Whether a piece can be cut from one of the supplies: it fits, and neither it nor what it leaves beside it is a sliver.
     *
     * @param list<Supply> $supplies
     */
    private function comesOff(Demand $demand, array $supplies, Trimmer $trimmer): bool
    {
        if ($demand->size->shortSide()->isLessThan($trimmer->narrowestStrip)) {
            return false;
        }
        foreach ($supplies as $supply) {
            foreach ($demand->turnable ? [$demand->size, $demand->size->turned()] : [$demand->size] as $size) {
                if ($trimmer->takesOff($supply->sheet->width->minus($size->width))
                    && $trimmer->takesOff($supply->sheet->height->minus($size->height))) {
                    return true;
                }
            }
        }

        return false;
    }
}
