<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/**
 * The linear programme that covers pieces by sets that come out of one sheet. It begins with the sets that are known and grows by those
 * that are worth more than a sheet at its prices.
 *
 * Prices and worth are in millionths of a sheet, rounded down.
 */
final class SetProgramme
{
    public const A_SHEET = 1_000_000;

    private const MOST_PIVOTS = 2_000;

    private readonly CoveringLp $lp;

    /** @var array<int, int> by place of which any are wanted */
    private readonly array $rows;

    /** Sets that it has looked at. */
    private int $known = 0;

    /** @var array<int, array<int, int>> how many, by place, by column */
    private array $columns = [];

    /** @var array<string, true> sets that it has taken in, without what is too many */
    private array $taken = [];

    /** @var list<int> by place; before it is optimised a piece takes a sheet */
    private array $prices;

    private Threes $threes;

    /** @param list<int> $wanted by place */
    public function __construct(
        private readonly FoundSets $found,
        private readonly DearestSets $dearest,
        private readonly array $wanted,
        private readonly Effort $effort,
    ) {
        $places = array_keys(array_filter($wanted));
        $this->rows = array_flip($places);
        $this->lp = new CoveringLp(array_map(static fn (int $place): float => (float) $wanted[$place], $places), [], 1.0);
        $this->prices = array_fill(0, count($wanted), self::A_SHEET);
        $this->threes = Threes::none();
        $this->takeIn();
    }

    /** Keeps from now on to what whole sheets keep to; false: it does already, as far as is seen. */
    public function sharpen(): bool
    {
        $known = $this->threes->count();
        $this->threes = $this->threes->besides($this->taken(), $this->wanted);
        $had = array_map($this->threes->had(...), $this->columns);
        for ($three = $known; $three < $this->threes->count(); $three++) {
            $this->lp->limit(array_keys(array_filter($had, static fn (array $threes): bool => in_array($three, $threes, true))), 1.0);
        }

        return $this->threes->count() > $known;
    }

    /** @return int what all that is wanted is worth then: so many sheets the programme needs */
    public function optimise(): int
    {
        $this->lp->optimise(self::MOST_PIVOTS, $this->effort);
        $prices = $this->lp->prices();
        $this->prices = array_map(
            fn (int $place): int => (int) floor(max(0.0, $prices[$this->rows[$place] ?? -1] ?? 0.0) * self::A_SHEET),
            array_keys($this->wanted),
        );
        $this->threes = $this->threes->priced(array_map(
            static fn (float $saved): int => (int) ceil(max(0.0, -$saved) * self::A_SHEET),
            array_slice($prices, count($this->rows)),
        ));

        return $this->worth($this->wanted) - array_sum($this->threes->prices);
    }

    /** @param array<int, int> $set how many, by place */
    public function worth(array $set): int
    {
        $worth = 0;
        foreach ($set as $place => $count) {
            $worth += $count * $this->prices[$place];
        }

        return $worth;
    }

    /**
     * By sets that are worth more, after it was optimised.
     *
     * @param int $most a sheet or more
     */
    public function grow(int $most): Growth
    {
        $sets = $this->dearest->worthMoreThan($most, $this->prices, $this->threes);
        array_map($this->found->keep(...), $sets);

        return match (true) {
            $this->takeIn() => Growth::Grown,
            // What is found again shows that the programme has come to the end of its precision.
            $sets !== [] || $this->dearest->gaveUp() => Growth::GaveUp,
            default => Growth::Complete,
        };
    }

    /** @return list<array{float, array<int, int>}> how often it takes a set, and how many of the set are wanted, by place */
    public function taken(): array
    {
        $taken = [];
        foreach ($this->lp->taken() as $column => $often) {
            if (isset($this->columns[$column])) {
                $taken[] = [$often, $this->columns[$column]];
            }
        }

        return $taken;
    }

    private function takeIn(): bool
    {
        $new = $this->found->from($this->known);
        $this->known += count($new);
        foreach ($new as $set) {
            $column = [];
            $wanted = [];
            foreach (array_intersect_key($set, $this->rows) as $place => $count) {
                $column[$this->rows[$place]] = $wanted[$place] = min($count, $this->wanted[$place]);
            }
            $key = json_encode($wanted, JSON_THROW_ON_ERROR);
            if ($wanted !== [] && ! isset($this->taken[$key])) {
                $this->taken[$key] = true;
                $this->columns[$this->lp->add($column, 1.0, ...$this->threes->had($wanted))] = $wanted;
            }
        }

        return $new !== [];
    }
}
