<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/**
 * Whether a sheet could take more of the pieces that others are to take: one besides, or a larger one in the place of one that lies in it
 * whichever way. Then it may as well have it: the others have no less room than before, so that a plan is to be found without sheets that
 * have room for more. (Dominance between the contents of bins: S. Martello and P. Toth, Knapsack Problems, 1990; cited from memory.)
 */
final readonly class RoomForMore
{
    /** @var list<list<int>> by piece: the smaller ones in whose place it leaves no strip that is too narrow */
    private array $insteadOf;

    /**
     * @param list<int> $pieces kind of each, the largest first
     * @param non-empty-list<list<int>> $shares of a sheet, by way and piece
     * @param int $aSheet what pieces of one sheet never come to more than, in every way
     */
    public function __construct(
        Measured $task,
        private array $pieces,
        private array $shares,
        private int $aSheet,
        private SheetSets $sets,
    ) {
        $insteadOf = [];
        foreach ($pieces as $piece => $kind) {
            $insteadOf[] = array_keys(array_filter(
                $pieces,
                fn (int $other): bool => $task->area($other) < $task->area($kind) && $this->liesIn($task, $other, $kind),
            ));
        }
        $this->insteadOf = $insteadOf;
    }

    /**
     * @param int $set what is on the sheet
     * @param int $others what others are to take
     * @param non-empty-list<int> $used by way: share of the set
     */
    public function isOn(int $set, int $others, array $used): bool
    {
        // The smallest finds room first.
        for ($piece = count($this->pieces) - 1; $piece >= 0; $piece--) {
            if (($others >> $piece & 1) === 1 && $this->takes($set, $used, $piece)) {
                return true;
            }
        }
        for ($piece = count($this->pieces) - 1; $piece >= 0; $piece--) {
            if (($others >> $piece & 1) === 0) {
                continue;
            }
            foreach ($this->insteadOf[$piece] as $smaller) {
                if (($set >> $smaller & 1) === 1 && $this->takes($set, $used, $piece, $smaller)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @param non-empty-list<int> $used */
    private function takes(int $set, array $used, int $piece, ?int $insteadOf = null): bool
    {
        foreach ($this->shares as $way => $share) {
            if ($used[$way] + $share[$piece] - ($insteadOf === null ? 0 : $share[$insteadOf]) > $this->aSheet) {
                return false;
            }
        }

        return $this->sets->comesOut($set ^ ($insteadOf === null ? 0 : 1 << $insteadOf) | 1 << $piece);
    }

    /** In whichever way the other lies: what is left beside and below it is nothing or comes off. */
    private function liesIn(Measured $task, int $kind, int $other): bool
    {
        foreach ($task->ways[$other] as [$width, $height]) {
            $ways = array_filter(
                $task->ways[$kind],
                static fn (array $way): bool => $task->isClean($width - $way[0]) && $task->isClean($height - $way[1]),
            );
            if ($ways === []) {
                return false;
            }
        }

        return true;
    }
}
