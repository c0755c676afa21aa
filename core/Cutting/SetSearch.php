<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/** Looks for plans and proofs by which sets of pieces come out of one sheet, of sheets of one kind. */
final class SetSearch
{
    /** Patterns of priced sets that are made. */
    private const PRICED = 200;

    /** @var list<int> how many of each kind */
    private readonly array $wanted;

    private readonly Effort $forEveryWay;

    private ?EveryWay $every = null;

    private ?FullSheet $full = null;

    /** @param list<Supply> $supplies one, of which there is enough */
    public function __construct(
        private readonly Measured $task,
        private readonly array $supplies,
        private readonly PlansSoFar $plans,
        private readonly Effort $effort,
    ) {
        $this->wanted = $task->wanted();
        $this->forEveryWay = Effort::of(0);
    }

    /** Whether the pieces are few enough to look through every way. */
    public function areFew(): bool
    {
        return array_sum($this->wanted) <= SheetSets::MOST_PIECES;
    }

    /** Whether they are few and as good as fill the one sheet that they may go on. */
    public function areOneSheet(): bool
    {
        if (! $this->areFew() || $this->plans->bound() > 1) {
            return false;
        }
        $this->full ??= new FullSheet($this->task, Measured::each($this->wanted), $this->forEveryWay);

        return $this->full->isFull();
    }

    /**
     * Of a few pieces every way, with as many sheets as the bound says, then one more: until there is a plan or nothing less is left. Asked
     * again it has still in mind what comes out of a sheet and what does not.
     *
     * @param int $units of effort
     */
    public function tryEveryWay(LowerBound $bound, int $units): void
    {
        if ($this->plans->isProved() || ! $this->areFew() || $units <= 0) {
            return;
        }
        $before = $this->forEveryWay->spent();
        $this->forEveryWay->grant(min($units, $this->effort->left()));
        $this->areOneSheet() ? $this->fillSheet() : $this->lookThroughSheets($bound);
        $this->effort->spend($this->forEveryWay->spent() - $before);
    }

    private function fillSheet(): void
    {
        $comesOut = $this->full?->comesOut();
        if ($comesOut === false) {
            $this->plans->raise(2);
        }
        $this->keep($comesOut === true && $this->full !== null ? [$this->full->slab()] : null);
    }

    private function lookThroughSheets(LowerBound $bound): void
    {
        $every = $this->every ??= new EveryWay(
            $this->task,
            Measured::each($this->wanted),
            array_slice($bound->shares(1 + EveryWay::WAYS, $this->forEveryWay), 1),
            $this->forEveryWay,
        );
        do {
            $slabs = $every->within($this->plans->bound());
            $isNone = $slabs === null && ! $every->gaveUp();
            if ($isNone) {
                $this->plans->raise($this->plans->bound() + 1);
            }
        } while ($isNone && ! $this->plans->isProved());
        $this->keep($slabs);
    }

    /**
     * Raises the bound by what sets of pieces are worth, where few go on a sheet, and takes them for plans with fewer sheets; those that
     * were found are patterns to choose from.
     *
     * @param int $units of effort; half as much again for plans, and some for a sharper bound, where a half was enough for the bound
     */
    public function price(LowerBound $bound, int $units): void
    {
        $most = $this->areFew() ? PricedSets::MOST_OF_FEW : PricedSets::MOST_ON_A_SHEET;
        $areMany = array_sum($this->wanted) > $most * max(1, $this->plans->bound()) || count($this->wanted) > PieceSets::MOST_KINDS;
        if ($this->plans->isProved() || $areMany) {
            return;
        }
        $effort = Effort::of(min($units, $this->effort->left()));
        $priced = new PricedSets($this->task, $bound, $this->wanted, $this->plans->patterns->all(), $effort);
        $enough = $this->plans->best()->newSheets;
        $this->plans->raise($priced->raise(max(1, $this->plans->bound()), $enough));
        if (2 * $effort->spent() <= $units) {
            // As much again for a sharper bound, and what was kept for it besides for plans.
            $kept = $effort->left();
            $half = fn (): int => max(0, ($this->effort->left() - $effort->spent()) >> 1);
            $effort->grant(min($effort->spent(), $half()) - $kept);
            $this->plans->raise($priced->sharpen(max(1, $this->plans->bound()), $enough));
            $effort->grant($kept + min($units >> 1, $half()));
        }
        do {
            $mayBe = ! $this->plans->isProved() && $this->plans->best()->missed === 0 && ! $effort->isSpent();
        } while ($mayBe && $this->keep($priced->within($this->plans->best()->newSheets - 1)));
        $this->effort->spend($effort->spent());
        if (! $this->plans->isProved()) {
            $this->plans->patterns->remember($this->sheets($priced->patterns(self::PRICED)));
        }
    }

    /** @param list<Slab>|null $slabs */
    private function keep(?array $slabs): bool
    {
        if ($slabs === null || ! Slab::allComeOff($slabs, $this->task->narrowest)) {
            return false;
        }
        $this->plans->keep(new Packing($this->task, $this->supplies, $this->sheets($slabs), []));

        return true;
    }

    /**
     * @param list<Slab> $slabs
     * @return list<array{int, Slab}> supply and slab
     */
    private function sheets(array $slabs): array
    {
        return array_map(static fn (Slab $slab): array => [0, $slab], $slabs);
    }
}
