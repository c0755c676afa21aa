<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Cutting\Effort;
use Ephemeron\Cutting\KnownPatterns;
use Ephemeron\Cutting\PatternChoice;
use Ephemeron\Cutting\Slab;
use Ephemeron\Cutting\Supply;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PatternChoiceTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 40; $seed++) {
            yield "seed {$seed}" => [$seed];
        }
    }

    /**
     * Every choice is tried one after the other, so that the least number of sheets is known; ours must find it, and find nothing below.
     */
    #[DataProvider('seeds')]
    public function test_the_least_number_of_sheets_is_found_and_none_below_it(int $seed): void
    {
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        $supplies = [$this->sheets(), $this->sheets($chance->getInt(0, 2), true)];
        $wanted = [$chance->getInt(0, 6), $chance->getInt(1, 6), $chance->getInt(1, 6)];
        $patterns = [];
        for ($k = 0; $k < 6; $k++) {
            $patterns[] = [$k < 4 ? 0 : 1, [$chance->getInt(0, 2), $chance->getInt(0, 2), $chance->getInt(0, 2)]];
        }
        $least = $this->least($wanted, $patterns, $supplies[1]->available ?? 0);
        $choice = new PatternChoice($supplies, array_map(fn (array $pattern): array => [$pattern[0], $this->row($pattern[1])], $patterns));
        if ($least === null) {
            $this->assertNull($choice->within($wanted, 30, 100_000, Effort::unlimited()));

            return;
        }
        $sheets = $choice->within($wanted, $least, 100_000, Effort::unlimited());
        $this->assertNotNull($sheets);
        $given = [0, 0, 0];
        foreach ($sheets as [, $slab]) {
            foreach ($slab->pieces() as $kind => $count) {
                $given[$kind] += $count;
            }
        }
        $this->assertSame($wanted, $given, 'not one too many');
        $taken = array_count_values(array_column($sheets, 0));
        $this->assertLessThanOrEqual($least, $taken[0] ?? 0);
        $this->assertLessThanOrEqual($supplies[1]->available, $taken[1] ?? 0);
        $this->assertNull($choice->within($wanted, $least - 1, 100_000, Effort::unlimited()));
    }

    public function test_it_gives_up_when_its_steps_or_its_effort_are_used_up(): void
    {
        $choice = new PatternChoice([$this->sheets()], [[0, $this->row([2, 0])], [0, $this->row([0, 2])]]);
        $this->assertCount(3, $choice->within([4, 2], 3, 3, Effort::unlimited()) ?? []);
        $this->assertNull($choice->within([4, 2], 3, 2, Effort::unlimited()));
        $this->assertNull($choice->within([4, 2], 3, 100, Effort::of(0)));
    }

    public function test_a_pattern_is_known_once_and_only_if_a_trimmer_cuts_it(): void
    {
        $known = new KnownPatterns(2);
        $pattern = $this->row([1, 1]);
        $sliver = new Slab(12, 12);
        $sliver->place(0, 11, 12, false, true);
        $known->remember([[0, $pattern], [0, $this->row([1, 1])], [1, $this->row([1, 1])], [0, $sliver]]);
        $this->assertEquals([[0, $this->row([1, 1])], [1, $this->row([1, 1])]], $known->all());
        $surplus = [0 => 1];
        $pattern->drop($surplus);
        $this->assertSame([0 => 1, 1 => 1], $known->all()[0][1]->pieces(), 'what becomes of the sheet later is its own affair');
    }

    private function sheets(?int $available = null, bool $isLeftover = false): Supply
    {
        return new Supply($isLeftover ? 'Leftover' : 'Twelve', Size::inches(12, 12), Length::zero(), $available, 0, $isLeftover);
    }

    /**
     * Pieces side by side, two wide each.
     *
     * @param list<int> $counts by kind
     */
    private function row(array $counts): Slab
    {
        $sheet = $slab = new Slab(14, 12);
        foreach ($counts as $kind => $count) {
            for ($k = 0; $k < $count; $k++) {
                [$slab] = $slab->place($kind, 2, 12, false, true);
            }
        }

        return $sheet;
    }

    /**
     * @param list<int> $wanted
     * @param list<array{int, list<int>}> $patterns
     */
    private function least(array $wanted, array $patterns, int $leftovers): ?int
    {
        if (max($wanted) <= 0) {
            return 0;
        }
        $least = null;
        foreach ($patterns as $index => [$supply, $gives]) {
            $isUseless = array_sum(array_map(static fn (int $want, int $count): int => max(0, min($want, $count)), $wanted, $gives)) === 0;
            if ($isUseless || ($supply === 1 && $leftovers === 0)) {
                continue;
            }
            $rest = array_map(static fn (int $want, int $count): int => max(0, $want - $count), $wanted, $gives);
            $sheets = $this->least($rest, array_slice($patterns, $index), $leftovers - $supply);
            $least = $sheets === null ? $least : min($least ?? PHP_INT_MAX, $sheets + 1 - $supply);
        }

        return $least;
    }
}
