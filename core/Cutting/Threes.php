<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/**
 * Of three pieces no more than one sheet has two or all of them, while a linear programme takes halves of sheets that have two each: to
 * keep to this raises it towards whole sheets. (Subset-row inequalities: M. Jepsen, B. Petersen, S. Spoorendonk and D. Pisinger, Operations
 * Research 56, 2008; cited from memory.) A price is what a set pays for having two of a three, in millionths of a sheet.
 *
 * Pieces are places in an order of kinds of which one is wanted each.
 */
final readonly class Threes
{
    /** That are taken in at once, those that are broken most. */
    private const AT_ONCE = 12;

    /** By which a limit must be exceeded. */
    private const MARGIN = 0.02;

    /** @var array<int, list<int>> by place: numbers of the threes it is one of */
    public array $of;

    /**
     * @param list<array{int, int, int}> $threes
     * @param list<int> $prices of each, not less than 0
     */
    private function __construct(private array $threes, public array $prices)
    {
        $of = [];
        foreach ($threes as $number => $places) {
            foreach ($places as $place) {
                $of[$place][] = $number;
            }
        }
        $this->of = $of;
    }

    public static function none(): self
    {
        return new self([], []);
    }

    public function count(): int
    {
        return count($this->threes);
    }

    /** @param list<int> $prices of each, not less than 0 */
    public function priced(array $prices): self
    {
        return new self($this->threes, $prices);
    }

    /**
     * @param array<int, int> $set how many, by place
     * @return list<int> numbers of those of which it has two or all
     */
    public function had(array $set): array
    {
        $had = [];
        foreach (array_keys($set) as $place) {
            foreach ($this->of[$place] ?? [] as $three) {
                $had[$three] = ($had[$three] ?? 0) + 1;
            }
        }

        return array_keys(array_filter($had, static fn (int $pieces): bool => $pieces > 1));
    }

    /**
     * These and the ones that are broken most.
     *
     * @param list<array{float, array<int, int>}> $taken how often a set is taken, and how many it has, by place
     * @param list<int> $wanted by place
     */
    public function besides(array $taken, array $wanted): self
    {
        $together = [];
        foreach ($taken as [$often, $set]) {
            $places = array_keys(array_filter($set, static fn (int $place): bool => $wanted[$place] === 1, ARRAY_FILTER_USE_KEY));
            sort($places);
            foreach ($places as $at => $one) {
                foreach (array_slice($places, $at + 1) as $other) {
                    $together[$one][$other] = ($together[$one][$other] ?? 0.0) + $often;
                }
            }
        }
        $broken = [];
        foreach ($together as $one => $with) {
            $others = array_keys($with);
            foreach ($others as $at => $other) {
                foreach (array_slice($others, $at + 1) as $third) {
                    $pairs = $with[$other] + $with[$third] + ($together[min($other, $third)][max($other, $third)] ?? 0.0);
                    if ($pairs > 1 + self::MARGIN) {
                        $places = [$one, min($other, $third), max($other, $third)];
                        $over = $pairs - 2 * $this->all($taken, $places) - 1;
                        if ($over > self::MARGIN && ! in_array($places, $this->threes, true)) {
                            $broken[] = [$over, $places];
                        }
                    }
                }
            }
        }
        rsort($broken);
        $threes = array_column(array_slice($broken, 0, self::AT_ONCE), 1);

        return new self([...$this->threes, ...$threes], [...$this->prices, ...array_fill(0, count($threes), 0)]);
    }

    /**
     * @param list<array{float, array<int, int>}> $taken
     * @param array{int, int, int} $places
     */
    private function all(array $taken, array $places): float
    {
        $all = 0.0;
        foreach ($taken as [$often, $set]) {
            $all += isset($set[$places[0]], $set[$places[1]], $set[$places[2]]) ? $often : 0.0;
        }

        return $all;
    }
}
