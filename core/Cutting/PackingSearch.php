<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

use Ephemeron\Measure\Size;

/** One search for the best way to lay pieces out; it is told what to try next. */
final class PackingSearch
{
    /** Of laying out all pieces: enough when no fewer sheets will do. */
    private const SOME_WAYS = 12;

    /** @var list<int> how many of each kind */
    private readonly array $wanted;

    private readonly Packer $packer;

    private readonly PlansSoFar $plans;

    public readonly SetSearch $sets;

    private readonly Disorder $disorder;

    private readonly PatternDive $dive;

    private readonly SheetReshuffle $reshuffle;

    private readonly CheaperSheets $cheaper;

    /** In how many ways all pieces have been laid out. */
    private int $laidOut = 0;

    /** @param list<Supply> $supplies */
    public function __construct(
        private readonly Measured $task,
        private readonly array $supplies,
        int $bound,
        private readonly \Random\Randomizer $chance,
        private readonly Effort $effort,
    ) {
        $this->wanted = $task->wanted();
        $this->packer = new Packer($task, $supplies, $effort);
        $this->plans = new PlansSoFar($bound, new KnownPatterns($task->narrowest));
        $this->sets = new SetSearch($task, $supplies, $this->plans, $effort);
        $disorder = $this->disorder = new Disorder($task, $chance);
        $this->dive = new PatternDive($task, $supplies, $this->packer, $disorder, $effort, $this->plans);
        $this->cheaper = new CheaperSheets($task, $supplies, $disorder, $effort, $this->plans);
        $this->reshuffle = new SheetReshuffle(
            $task,
            $supplies,
            $this->packer,
            $disorder,
            $chance,
            new FullerSheets($task, $supplies, $effort),
            $effort,
            $this->plans,
        );
    }

    public function best(): Packing
    {
        return $this->plans->best();
    }

    public function bound(): int
    {
        return $this->plans->bound();
    }

    public function raise(int $bound): void
    {
        $this->plans->raise($bound);
    }

    public function task(): Measured
    {
        return $this->task;
    }

    public function pieces(): int
    {
        return array_sum($this->wanted);
    }

    public function isProved(): bool
    {
        return $this->plans->isProved();
    }

    /**
     * The quickest plan: the pattern that uses most, as often as it goes, then the next.
     *
     * @param int $looks at a piece that it may take
     */
    public function begin(Trimmer $trimmer, int $looks): void
    {
        $filling = new SheetFilling($this->task->kinds, $trimmer, $this->effort, $looks);
        $left = $this->wanted;
        $sheets = [];
        foreach ($this->inOrder() as $index) {
            $supply = $this->supplies[$index];
            $taken = 0;
            while (array_sum($left) > 0 && ($supply->available === null || $taken < $supply->available)) {
                $fill = $filling->fill($supply->sheet, $left);
                if ($fill->pieces === []) {
                    break;
                }
                $count = $supply->available === null ? PHP_INT_MAX : $supply->available - $taken;
                foreach ($fill->pieces as $kind => $pieces) {
                    $count = min($count, intdiv($left[$kind], $pieces));
                }
                foreach ($fill->pieces as $kind => $pieces) {
                    $left[$kind] -= $pieces * $count;
                }
                $taken += $count;
                array_push($sheets, ...array_fill(0, $count, [$index, $filling->slab($fill, $this->task->unit)]));
            }
        }
        $this->plans->keep(new Packing($this->task, $this->supplies, $sheets, array_filter($left)));
    }

    /** In every order by every rule and with every split, as long as nothing is proved. */
    public function layOutInManyWays(): void
    {
        $this->layOut(PHP_INT_MAX);
    }

    /** In a few ways, for the sake of larger leftovers and fewer settings too. */
    public function layOutInSomeWays(): void
    {
        $this->layOut(self::SOME_WAYS);
    }

    /**
     * Sharpens the bound, and lays out what whole multiples of the patterns leave.
     *
     * @param int $cuts weighed at the most
     */
    public function generatePatterns(int $cuts): void
    {
        if ($cuts === 0 || $this->plans->isProved()) {
            return;
        }
        $search = new PatternSearch($this->task, $this->supplies, $this->wanted);
        $best = $this->best();
        $known = [];
        foreach ($best->sheets as [$supply, $slab]) {
            $known["{$supply}:{$slab->signature()}"] = [$supply, $slab];
        }
        $search->run(array_values($known), $best->missed === 0 ? $best->newSheets : PHP_INT_MAX, $cuts, $this->effort);
        $this->plans->raise($search->bound);
        $this->plans->patterns->remember($search->found);
        if ($this->isProved()) {
            return;
        }
        foreach ([0.0, 0.3, 0.55] as $lift) {
            $this->roundDown($search->patterns, $lift);
            if ($this->isProved()) {
                return;
            }
        }
    }

    /**
     * On one sheet fewer than the best plan has, as long as that comes out.
     *
     * @param int $units of effort; not more than three quarters of what is left
     */
    public function fillCorners(int $units): void
    {
        $effort = Effort::of(min($units, intdiv(3 * $this->effort->left(), 4)));
        $packer = new Packer($this->task, $this->supplies, $effort);
        $corners = new FullerCorners($this->task, $this->supplies, $packer, $this->disorder, $this->chance, $effort);
        while (! $this->isProved() && $this->best()->missed === 0 && $this->best()->newSheets > 1 && ! $effort->isSpent()) {
            $found = $corners->within($this->best()->newSheets - 1);
            if ($found !== null) {
                $this->plans->keep($found);
            }
        }
        $this->effort->spend($effort->spent());
    }

    /**
     * Quick and slow ways in turns: what one does not see the other does.
     *
     * @param int $turns of taking sheets apart and filling them
     * @param int $dives see {@see PatternDive}
     * @param int $cuts weighed in each step of a dive
     * @param int $choices patterns tried in choosing among all that were met
     */
    public function goRound(int $turns, int $dives, int $cuts, int $choices): void
    {
        $this->choose($choices);
        $this->reshuffle->takeApart($turns);
        $this->dive->dive($dives, $cuts);
        $this->reshuffle->fillIn(40 * $dives);
    }

    /**
     * Changes nothing in how many sheets are taken, only in which.
     *
     * @param int $trials for each sheet
     */
    public function makeCheaper(int $trials): void
    {
        $this->cheaper->look($trials);
    }

    /** Chooses from all patterns met so far, one sheet fewer than the best plan has. */
    private function choose(int $steps): void
    {
        if ($this->isProved() || $this->effort->isSpent()) {
            return;
        }
        $sheets = (new PatternChoice($this->supplies, $this->plans->patterns->all()))->within(
            $this->wanted,
            $this->best()->newSheets - 1,
            $steps,
            $this->effort,
        );
        if ($sheets !== null) {
            $this->plans->keep(new Packing($this->task, $this->supplies, $sheets, []));
        }
    }

    /**
     * @param list<array{int, Slab, float}> $patterns
     * @param float $lift how far below a whole number a multiple is still taken for it
     */
    private function roundDown(array $patterns, float $lift): void
    {
        $left = $this->wanted;
        $taken = array_fill(0, count($this->supplies), 0);
        $sheets = [];
        usort($patterns, static fn (array $one, array $other): int => $other[2] <=> $one[2]);
        foreach ($patterns as [$supply, $slab, $often]) {
            $times = (int) floor($often + $lift + 1e-7);
            $available = $this->supplies[$supply]->available;
            for ($k = 0; $k < $times && ($available === null || $taken[$supply] < $available); $k++) {
                $sheet = clone $slab;
                $surplus = [];
                foreach ($sheet->pieces() as $kind => $count) {
                    $surplus[$kind] = max(0, $count - $left[$kind]);
                }
                $sheet->drop($surplus);
                if ($sheet->used() === 0 || ! $sheet->comesOff($this->task->narrowest)) {
                    break;
                }
                foreach ($sheet->pieces() as $kind => $count) {
                    $left[$kind] -= $count;
                }
                $taken[$supply]++;
                $sheets[] = [$supply, $sheet];
            }
        }
        $rest = array_filter($left);
        foreach ($this->orders() as $number => $order) {
            $sequence = [];
            foreach ($order as $kind) {
                array_push($sequence, ...array_fill(0, $rest[$kind] ?? 0, $kind));
            }
            $copies = array_map(static fn (array $sheet): array => [$sheet[0], clone $sheet[1]], $sheets);
            $this->plans->keep(
                $this->packer->pack($sequence, $number % Packer::RULES, $number % Packer::SPLITS, $this->plans->most(), $copies),
            );
            if ($this->isProved() || $this->effort->isSpent() || count($sequence) > 400) {
                return;
            }
        }
    }

    /** Goes on where it stopped. */
    private function layOut(int $ways): void
    {
        $sequences = [];
        foreach ($this->orders() as $order) {
            $sequence = $this->sequence($order);
            $sequences[implode(' ', $sequence)] = $sequence;
        }
        $sequences = array_values($sequences);
        $waysOfEach = Packer::RULES * Packer::SPLITS;
        for (; $this->laidOut < count($sequences) * $waysOfEach; $this->laidOut++) {
            if ($this->effort->isSpent() || $this->laidOut >= ($this->isProved() ? self::SOME_WAYS : $ways)) {
                return;
            }
            $way = $this->laidOut % $waysOfEach;
            $this->plans->keep($this->packer->pack(
                $sequences[intdiv($this->laidOut, $waysOfEach)],
                intdiv($way, Packer::SPLITS),
                $way % Packer::SPLITS,
                $this->plans->most(),
            ));
        }
    }

    /** @return list<int> supplies, leftovers first */
    private function inOrder(): array
    {
        $order = array_keys($this->supplies);
        usort(
            $order,
            fn (int $one, int $other): int =>
                [(int) ! $this->supplies[$one]->isLeftover, $one]
                    <=> [(int) ! $this->supplies[$other]->isLeftover, $other],
        );

        return $order;
    }

    /** @return list<list<int>> kinds by area, longest side, width, height, shortest side, perimeter */
    private function orders(): array
    {
        $orders = [];
        $size = fn (int $kind): Size => $this->task->kinds[$kind]->size;
        $ranks = [
            static fn (int $kind): int => $size($kind)->area(),
            static fn (int $kind): int => $size($kind)->longSide()->ticks,
            static fn (int $kind): int => $size($kind)->height->ticks,
            static fn (int $kind): int => $size($kind)->width->ticks,
            static fn (int $kind): int => $size($kind)->shortSide()->ticks,
            static fn (int $kind): int => $size($kind)->width->ticks + $size($kind)->height->ticks,
        ];
        foreach ($ranks as $rank) {
            $order = array_keys($this->task->kinds);
            usort(
                $order,
                static fn (int $one, int $other): int =>
                    [$rank($other), $size($other)->area(), $one]
                        <=> [$rank($one), $size($one)->area(), $other],
            );
            $orders[] = $order;
        }

        return $orders;
    }

    /**
     * @param list<int> $order
     * @return list<int>
     */
    private function sequence(array $order): array
    {
        $sequence = [];
        foreach ($order as $kind) {
            array_push($sequence, ...array_fill(0, $this->wanted[$kind], $kind));
        }

        return $sequence;
    }
}
