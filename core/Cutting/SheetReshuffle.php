<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/**
 * Takes a few sheets apart, the emptiest often among them, and lays their pieces out anew, in the gaps of the others too. What fills some
 * sheets more and others less is gone on with, until one sheet is empty.
 */
final readonly class SheetReshuffle
{
    /** Of taking sheets apart at random, in a turn. */
    private const TRIALS = 60;

    /** @param list<Supply> $supplies */
    public function __construct(
        private Measured $task,
        private array $supplies,
        private Packer $packer,
        private Disorder $disorder,
        private \Random\Randomizer $chance,
        private FullerSheets $fuller,
        private Effort $effort,
        private PlansSoFar $plans,
    ) {
    }

    /**
     * Fills sheets exactly and by trying, in turns; each turn but the first begins with a plan that is shaken, and is gone on with if it
     * ends no worse.
     */
    public function takeApart(int $turns): void
    {
        $now = $this->plans->fullest();
        for ($turn = 0; $turn < $turns && ! $this->plans->isProved() && ! $this->effort->isSpent(); $turn++) {
            $next = $this->goOn($this->fuller->of($turn === 0 ? $now : $this->shaken($now)), self::TRIALS);
            $this->plans->keep($next);
            $isNoWorse = [$next->missed, $next->newSheets, -$next->fullness()] <= [$now->missed, $now->newSheets, -$now->fullness()];
            $now = $turn === 0 || $isNoWorse ? $next : $now;
        }
        $this->plans->keepFullest($now);
    }

    /** Some sheets are taken apart and laid out anew, whatever comes of it. */
    private function shaken(Packing $now): Packing
    {
        $new = array_keys(array_filter($now->sheets, fn (array $sheet): bool => ! $this->supplies[$sheet[0]]->isLeftover));
        $shaken = $this->anew($now, $this->chosen($now, $new, $this->chance->getInt(2, 5), false), $now->newSheets);

        return $shaken->missed === 0 ? $shaken : $now;
    }

    /** The same with the plan that misses least: until what it misses has found its place. */
    public function fillIn(int $trials): void
    {
        $nearest = $this->plans->nearest();
        if ($nearest !== null) {
            $this->plans->setNearest($this->goOn($nearest, $trials));
        }
    }

    private function goOn(Packing $now, int $trials): Packing
    {
        for ($trial = 0; $trial < $trials && ! $this->plans->isProved() && ! $this->effort->isSpent(); $trial++) {
            $new = array_keys(array_filter($now->sheets, fn (array $sheet): bool => ! $this->supplies[$sheet[0]]->isLeftover));
            if (count($new) < 2) {
                return $now;
            }
            $next = $this->anew($now, $this->chosen($now, $new, 2 + $trial % 3, $trial % 4 !== 3), $now->newSheets);
            if ([$next->missed, $next->newSheets, -$next->fullness()] <= [$now->missed, $now->newSheets, -$now->fullness()]) {
                $now = $next;
                $this->plans->keep($next);
            }
        }

        return $now;
    }

    /** @param array<int, true> $chosen sheets whose pieces are laid out anew, with what is missing */
    private function anew(Packing $now, array $chosen, int $most): Packing
    {
        $sequence = [];
        foreach (array_intersect_key($now->sheets, $chosen) as [, $slab]) {
            array_push($sequence, ...Measured::each($slab->pieces()));
        }
        array_push($sequence, ...Measured::each($now->missing));
        $least = $sequence === [] ? 0 : min(array_map($this->task->area(...), $sequence));
        [$kept, $full] = [[], []];
        foreach (array_diff_key($now->sheets, $chosen) as [$supply, $slab]) {
            // What nothing goes on any more need not be copied.
            if ($slab->largestFree() < $least) {
                $full[] = [$supply, $slab];
            } else {
                $kept[] = [$supply, clone $slab];
            }
        }

        return $this->packer->pack(
            $this->disorder->of($sequence),
            $this->chance->getInt(0, Packer::RULES - 1),
            $this->chance->getInt(0, Packer::SPLITS - 1),
            $most,
            $kept,
            $full,
        );
    }

    /**
     * @param list<int> $new indices of the new sheets
     * @return array<int, true>
     */
    private function chosen(Packing $packing, array $new, int $many, bool $withEmptiest): array
    {
        $shuffled = $this->chance->shuffleArray($new);
        if ($withEmptiest) {
            $emptiest = $new[0];
            foreach ($new as $index) {
                $emptiest = $packing->sheets[$index][1]->used() < $packing->sheets[$emptiest][1]->used() ? $index : $emptiest;
            }
            array_unshift($shuffled, $emptiest);
        }

        return array_fill_keys(array_slice(array_values(array_unique($shuffled)), 0, $many), true);
    }
}
