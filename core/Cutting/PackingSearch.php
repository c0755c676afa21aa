<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

use Ephemeron\Measure\Size;

/** One search for the best way to lay pieces out: it keeps the best plan and the best bound, and is told what to try next. */
final class PackingSearch
{
    private ?Packing $best = null;

    /** @var list<int> how many of each kind */
    private array $wanted;

    private Packer $packer;

    private int $dives = 0;

    private readonly KnownPatterns $known;

    /** The plan with one sheet fewer that misses least. */
    private ?Packing $nearest = null;

    /** @param list<Supply> $supplies */
    public function __construct(
        private readonly Measured $task,
        private readonly array $supplies,
        private int $bound,
        private readonly \Random\Randomizer $chance,
        private readonly Deadline $deadline,
    ) {
        $this->wanted = array_map(static fn (Kind $kind): int => $kind->quantity, $task->kinds);
        $this->packer = new Packer($task, $supplies);
        $this->known = new KnownPatterns($task->narrowest);
    }

    public function best(): Packing
    {
        return $this->best ?? throw new \LogicException('Nothing has been laid out yet.');
    }

    public function bound(): int
    {
        return $this->bound;
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
        return $this->best !== null && $this->best->missed === 0 && $this->best->newSheets <= $this->bound;
    }

    /** The quickest plan: the pattern that uses most, as often as it goes, then the next. */
    public function begin(Trimmer $trimmer): void
    {
        $filling = new SheetFilling($this->task->kinds, $trimmer);
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
        $this->keep(new Packing($this->task, $this->supplies, $sheets, array_filter($left)));
    }

    /** Every order with every rule and every split; when the bound is met, a few more for the sake of larger leftovers and fewer settings. */
    public function layOutInManyWays(int $ways): void
    {
        $tries = 0;
        foreach ($this->orders() as $order) {
            $sequence = $this->sequence($order);
            for ($rule = 0; $rule < Packer::RULES; $rule++) {
                for ($split = 0; $split < Packer::SPLITS; $split++) {
                    if ($this->deadline->isPast() || ++$tries > ($this->isProved() ? min(12, $ways) : $ways)) {
                        return;
                    }
                    $this->keep($this->packer->pack($sequence, $rule, $split, $this->most()));
                }
            }
        }
    }

    /** Sharpens the bound, and lays out what whole multiples of the patterns leave. */
    public function generatePatterns(int $effort): void
    {
        $search = new PatternSearch($this->task, $this->supplies, $this->wanted);
        $best = $this->best();
        $known = [];
        foreach ($best->sheets as [$supply, $slab]) {
            $known["{$supply}:{$slab->signature()}"] = [$supply, $slab];
        }
        $search->run(array_values($known), $best->missed === 0 ? $best->newSheets : PHP_INT_MAX, $effort, $this->deadline);
        $this->bound = max($this->bound, $search->bound);
        $this->known->remember($search->found);
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
     * Fixes one pattern of the linear programme after the other and solves it again for what is left; when only a few sheets are left to fill, it lays their
     * pieces out in many orders, into the gaps of the fixed ones too. Each time another of the best patterns comes first.
     */
    public function dive(int $dives, int $effort): void
    {
        for ($k = 0; $k < $dives && ! $this->isProved() && ! $this->deadline->isPast(); $k++) {
            $this->diveOnce($this->dives++, $effort);
        }
    }

    private function diveOnce(int $dive, int $effort): void
    {
        $target = $this->best()->newSheets - 1;
        $left = $this->wanted;
        $fixed = [];
        $new = 0;
        $known = [];
        while (array_sum($left) > 0 && ! $this->deadline->isPast()) {
            $supplies = $this->suppliesLeft($fixed);
            $search = new PatternSearch($this->task, $supplies, array_values($left));
            $search->run($known, PHP_INT_MAX, $effort, $this->deadline);
            $this->known->remember($search->found);
            // A few sheets are better filled by trying; and where the fixed ones are one too many already, what is missed is looked for later.
            if ($search->bound <= 2 || $target - $new <= 2 || $search->bound + $new > $target) {
                break;
            }
            $chosen = $this->chosenPatterns($search->patterns, array_values($left), $fixed === [] ? $dive : 0);
            if ($chosen === []) {
                break;
            }
            $known = array_map(static fn (array $pattern): array => [$pattern[0], $pattern[1]], $search->patterns);
            foreach ($chosen as [$supply, $slab]) {
                foreach ($slab->pieces() as $kind => $count) {
                    $left[$kind] -= $count;
                }
                $fixed[] = [$supply, $slab];
                $new += (int) ! $this->supplies[$supply]->isLeftover;
            }
        }
        $this->finish($fixed, array_values($left), $target);
    }

    /**
     * Patterns that are taken all but wholly, as often as that, without what is too many; where there is none, the one that is taken most, on later dives one
     * further down.
     *
     * @param list<array{int, Slab, float}> $patterns
     * @param list<int> $left
     * @return list<array{int, Slab}>
     */
    private function chosenPatterns(array $patterns, array $left, int $rank): array
    {
        usort($patterns, static fn (array $one, array $other): int => $other[2] <=> $one[2]);
        if ($rank > 0) {
            $patterns = [...array_slice($patterns, $rank % max(1, count($patterns)), 1), ...$patterns];
        }
        $chosen = [];
        foreach ($patterns as $index => [$supply, $slab, $often]) {
            $times = $index === 0 && $chosen === [] ? max(1, (int) floor($often + 0.05)) : (int) floor($often + 0.05);
            for ($k = 0; $k < $times; $k++) {
                $sheet = clone $slab;
                $surplus = [];
                foreach ($sheet->pieces() as $kind => $count) {
                    $surplus[$kind] = max(0, $count - $left[$kind]);
                }
                $isWhole = array_sum($surplus) === 0;
                $sheet->drop($surplus);
                if ($sheet->used() === 0 || ! $sheet->comesOff($this->task->narrowest) || ($chosen !== [] && ! $isWhole)) {
                    break;
                }
                foreach ($sheet->pieces() as $kind => $count) {
                    $left[$kind] -= $count;
                }
                $chosen[] = [$supply, $sheet];
            }
        }

        return $chosen;
    }

    /**
     * @param list<array{int, Slab}> $fixed
     * @return list<Supply> with what is still there of each
     */
    private function suppliesLeft(array $fixed): array
    {
        $taken = array_count_values(array_column($fixed, 0));
        $supplies = [];
        foreach ($this->supplies as $index => $supply) {
            $supplies[] = $supply->limitedTo($supply->available === null ? null : $supply->available - ($taken[$index] ?? 0));
        }

        return $supplies;
    }

    /**
     * @param list<array{int, Slab}> $fixed
     * @param list<int> $left
     */
    private function finish(array $fixed, array $left, int $target): void
    {
        $sequence = [];
        foreach ($left as $kind => $count) {
            array_push($sequence, ...array_fill(0, $count, $kind));
        }
        for ($try = 0; $try < 120 && ! $this->deadline->isPast(); $try++) {
            $begun = array_map(static fn (array $sheet): array => [$sheet[0], clone $sheet[1]], $fixed);
            $packing = $this->packer->pack($this->shaken($sequence), $try % Packer::RULES, intdiv($try, Packer::RULES) % Packer::SPLITS, $target, $begun);
            $this->keep($packing);
            if ($packing->missed === 0) {
                $this->nearest = null;

                return;
            }
            if ($this->nearest === null || $packing->newSheets <= $target && $packing->missed < $this->nearest->missed) {
                $this->nearest = $packing;
            }
        }
    }

    /** Chooses from all patterns met so far, one sheet fewer than the best plan has. */
    public function choose(int $steps): void
    {
        if ($this->isProved() || $this->deadline->isPast()) {
            return;
        }
        $sheets = (new PatternChoice($this->supplies, $this->known->all()))->within($this->wanted, $this->best()->newSheets - 1, $steps, $this->deadline);
        if ($sheets !== null) {
            $this->keep(new Packing($this->task, $this->supplies, $sheets, []));
        }
    }

    /**
     * Takes a few sheets apart, the emptiest often among them, and lays their pieces out anew, in the gaps of the others too. What fills some sheets more and others
     * less is gone on with, until one sheet is empty.
     */
    public function takeApart(int $trials): void
    {
        $this->goOn($this->best(), $trials);
    }

    /** The same with the plan that misses least: until what it misses has found its place. */
    public function fillIn(int $trials): void
    {
        if ($this->nearest !== null && $this->nearest->newSheets < $this->best()->newSheets) {
            $this->nearest = $this->goOn($this->nearest, $trials);
        }
    }

    private function goOn(Packing $now, int $trials): Packing
    {
        for ($trial = 0; $trial < $trials && ! $this->isProved() && ! $this->deadline->isPast(); $trial++) {
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
            $next = $this->packer->pack($this->shaken($sequence), $this->chance->getInt(0, Packer::RULES - 1), $this->chance->getInt(0, Packer::SPLITS - 1), $now->newSheets, $kept);
            if ([$next->missed, $next->newSheets, -$next->fullness()] <= [$now->missed, $now->newSheets, -$now->fullness()]) {
                $now = $next;
                $this->keep($next);
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
            $this->keep($this->packer->pack($sequence, $number % Packer::RULES, $number % Packer::SPLITS, $this->most(), $copies));
            if ($this->isProved() || $this->deadline->isPast() || count($sequence) > 400) {
                return;
            }
        }
    }

    private function keep(Packing $packing): void
    {
        if ($packing->missed === 0 && ! $this->isProved() && ($this->best === null || $packing->newSheets <= $this->best->newSheets)) {
            $this->known->remember($packing->sheets);
        }
        if ($this->best === null || $packing->beats($this->best)) {
            $this->best = $packing;
        }
    }

    /** No more sheets than the best plan has: beyond that there is nothing to win. */
    private function most(): int
    {
        return $this->best === null || $this->best->missed > 0 ? PHP_INT_MAX : $this->best->newSheets;
    }

    /** @return list<int> supplies, leftovers first */
    private function inOrder(): array
    {
        $order = array_keys($this->supplies);
        usort($order, fn (int $one, int $other): int => [(int) ! $this->supplies[$one]->isLeftover, $one] <=> [(int) ! $this->supplies[$other]->isLeftover, $other]);

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
            usort($order, static fn (int $one, int $other): int => [$rank($other), $size($other)->area(), $one] <=> [$rank($one), $size($one)->area(), $other]);
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

    /**
     * By area, with some neighbours out of order.
     *
     * @param list<int> $sequence
     * @return list<int>
     */
    private function shaken(array $sequence): array
    {
        $rank = [];
        foreach ($sequence as $index => $kind) {
            $rank[$index] = $this->task->area($kind) * $this->chance->getInt(60, 140);
        }
        arsort($rank);

        return array_map(static fn (int $index): int => $sequence[$index], array_keys($rank));
    }
}
