<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/**
 * Takes a few sheets apart, the emptiest often among them, and lays their pieces out anew, in the gaps of the others too. What fills some
 * sheets more and others less is gone on with, until one sheet is empty.
 */
final readonly class SheetReshuffle
{
    /** @param list<Supply> $supplies */
    public function __construct(
        private array $supplies,
        private Packer $packer,
        private Disorder $disorder,
        private \Random\Randomizer $chance,
        private Deadline $deadline,
        private PlansSoFar $plans,
    ) {
    }

    public function takeApart(int $trials): void
    {
        $this->goOn($this->plans->best(), $trials);
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
        for ($trial = 0; $trial < $trials && ! $this->plans->isProved() && ! $this->deadline->isPast(); $trial++) {
            $new = array_keys(array_filter($now->sheets, fn (array $sheet): bool => ! $this->supplies[$sheet[0]]->isLeftover));
            if (count($new) < 2) {
                return $now;
            }
            $chosen = $this->chosen($now, $new, 2 + $trial % 3, $trial % 4 !== 3);
            $kept = [];
            $sequence = [];
            foreach ($now->sheets as $index => [$supply, $slab]) {
                if (isset($chosen[$index])) {
                    foreach ($slab->pieces() as $kind => $count) {
                        array_push($sequence, ...array_fill(0, $count, $kind));
                    }
                } else {
                    $kept[] = [$supply, clone $slab];
                }
            }
            foreach ($now->missing as $kind => $count) {
                array_push($sequence, ...array_fill(0, $count, $kind));
            }
            $next = $this->packer->pack(
                $this->disorder->of($sequence),
                $this->chance->getInt(0, Packer::RULES - 1),
                $this->chance->getInt(0, Packer::SPLITS - 1),
                $now->newSheets,
                $kept,
            );
            if ([$next->missed, $next->newSheets, -$next->fullness()] <= [$now->missed, $now->newSheets, -$now->fullness()]) {
                $now = $next;
                $this->plans->keep($next);
            }
        }

        return $now;
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
