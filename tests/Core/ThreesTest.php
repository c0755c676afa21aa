<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Cutting\CoveringLp;
use Ephemeron\Cutting\DearestSets;
use Ephemeron\Cutting\Demand;
use Ephemeron\Cutting\Effort;
use Ephemeron\Cutting\FoundSets;
use Ephemeron\Cutting\Growth;
use Ephemeron\Cutting\Kind;
use Ephemeron\Cutting\LowerBound;
use Ephemeron\Cutting\Measured;
use Ephemeron\Cutting\PieceSets;
use Ephemeron\Cutting\PricedSets;
use Ephemeron\Cutting\SetProgramme;
use Ephemeron\Cutting\Supply;
use Ephemeron\Cutting\Threes;
use Ephemeron\Cutting\Trimmer;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\ToolGrid;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ThreesTest extends TestCase
{
    private const PIECES = 7;

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 20; $seed++) {
            yield "seed {$seed}" => [$seed];
        }
    }

    public function test_halves_of_sheets_with_two_of_three_each_are_one_and_a_half(): void
    {
        $halves = [[0.5, [0 => 1, 1 => 1]], [0.5, [1 => 1, 2 => 1]], [0.5, [0 => 1, 2 => 1]]];
        $threes = Threes::none()->besides($halves, [1, 1, 1]);
        $this->assertSame(1, $threes->count());
        $this->assertSame([[], [], [0], [0]], array_map($threes->had(...), [[], [1 => 1], [0 => 1, 2 => 1], [0 => 1, 1 => 1, 2 => 1]]));
        $this->assertSame([0 => [0], 1 => [0], 2 => [0]], $threes->of);
        // One that has all is one sheet and not three pairs.
        $this->assertSame(0, Threes::none()->besides([[0.5, [0 => 1, 1 => 1, 2 => 1]], [0.5, [1 => 1, 2 => 1]]], [1, 1, 1])->count());
        // Of a kind of which two are wanted there may be two sheets.
        $this->assertSame(0, Threes::none()->besides($halves, [1, 2, 1])->count());
        // What is known is not taken in again.
        $this->assertSame(1, $threes->besides($halves, [1, 1, 1])->count());
        $others = [[0.5, [2 => 1, 3 => 1]], [0.5, [3 => 1, 4 => 1]], [0.5, [2 => 1, 4 => 1]]];
        $this->assertSame(2, $threes->besides($others, [1, 1, 1, 1, 1])->count());
        $this->assertSame([1], $threes->besides($others, [1, 1, 1, 1, 1])->had([3 => 1, 4 => 1]));
    }

    public function test_those_that_are_broken_most_come_first(): void
    {
        $taken = [];
        for ($three = 0; $three < 14; $three++) {
            $places = [3 * $three, 3 * $three + 1, 3 * $three + 2];
            foreach ([[0, 1], [1, 2], [0, 2]] as [$one, $other]) {
                $taken[] = [0.5 + 0.01 * $three, [$places[$one] => 1, $places[$other] => 1]];
            }
        }
        $threes = Threes::none()->besides($taken, array_fill(0, 42, 1));
        $this->assertSame(12, $threes->count());
        $this->assertSame([0], $threes->had([39 => 1, 40 => 1]));
        $this->assertSame([], $threes->had([0 => 1, 1 => 1]));
    }

    /** At the limit, and beyond it by what is no rounding error. */
    public function test_no_more_than_one_sheet_is_not_broken(): void
    {
        $taken = static fn (float $often): array => [[$often, [0 => 1, 1 => 1]], [0.5, [1 => 1, 2 => 1]]];
        $this->assertSame(0, Threes::none()->besides($taken(0.5), [1, 1, 1])->count());
        $this->assertSame(0, Threes::none()->besides($taken(0.51), [1, 1, 1])->count());
        $this->assertSame(0, Threes::none()->besides($taken(0.53), [1, 1, 1])->count());
        $all = [...$taken(0.53), [0.2, [0 => 1, 2 => 1]]];
        $this->assertSame(1, Threes::none()->besides($all, [1, 1, 1])->count());
    }

    /** Against every set there is, with what each pays for the threes of which it has two. */
    #[DataProvider('seeds')]
    public function test_a_set_that_pays_is_worth_less_and_the_dearest_is_found(int $seed): void
    {
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        $demands = [];
        for ($piece = 0; $piece < self::PIECES; $piece++) {
            $demands[] = new Demand("P{$piece}", Size::inches($chance->getInt(3, 8), $chance->getInt(3, 8)), 1, $seed % 2 === 0);
        }
        // Each is a kind of its own, though two may be alike.
        $kinds = array_map(static fn (Demand $demand): Kind => Kind::among([$demand])[0], $demands);
        $task = Measured::of($kinds, [new Supply('Sheet', Size::inches(12, 12), Length::zero())], $this->trimmer());
        $sets = new PieceSets($task, range(0, self::PIECES - 1), ...[...$task->sheets[0], Effort::unlimited()]);
        $values = array_map(static fn (): int => $chance->getInt(1, 60) * 10_000, range(1, self::PIECES));
        $halves = [];
        for ($three = 0; $three < 3; $three++) {
            $places = $chance->pickArrayKeys($values, 3);
            array_push($halves, [0.6, array_fill_keys([$places[0], $places[1]], 1)], [0.6, array_fill_keys([$places[1], $places[2]], 1)]);
            $halves[] = [0.6, array_fill_keys([$places[0], $places[2]], 1)];
        }
        $threes = Threes::none()->besides($halves, array_fill(0, self::PIECES, 1));
        $this->assertGreaterThanOrEqual(1, $threes->count());
        $threes = $threes->priced(array_map(static fn (): int => $chance->getInt(0, 40) * 10_000, range(1, $threes->count())));
        $worth = static function (string $string) use ($values, $threes): int {
            $places = array_map(ord(...), str_split($string));
            $paid = array_map(static fn (int $three): int => $threes->prices[$three], $threes->had(array_fill_keys($places, 1)));

            return array_sum(array_map(static fn (int $place): int => $values[$place], $places)) - array_sum($paid);
        };
        $most = 0;
        for ($set = 1; $set < 1 << self::PIECES; $set++) {
            $string = implode('', array_map(chr(...), array_filter(range(0, self::PIECES - 1), static fn (int $place): bool => ($set >> $place & 1) === 1)));
            $most = max($most, $sets->comesOut($string) ? $worth($string) : 0);
        }
        $shares = (new LowerBound($kinds, Size::inches(12, 12)))->shares(12, Effort::unlimited());
        $dearest = new DearestSets($sets, array_fill(0, self::PIECES, 1), $shares, Effort::unlimited());
        $this->assertSame([], $dearest->worthMoreThan($most, $values, $threes));
        $found = $dearest->worthMoreThan($most - 1, $values, $threes);
        $this->assertNotSame([], $found);
        $this->assertSame([$most], array_values(array_unique(array_map($worth, $found))));
    }

    /**
     * Three strips across of which any two come out of a sheet, and three down: halves of sheets are one and a half for either, three in
     * all; whole sheets are two for either.
     */
    public function test_two_times_three_strips_need_four_sheets(): void
    {
        $demands = [];
        foreach ([6, 5.5, 5] as $strip => $breadth) {
            $demands[] = new Demand("A{$strip}", Size::inches(12, $breadth), 1, false);
            $demands[] = new Demand("D{$strip}", Size::inches($breadth, 12), 1, false);
        }
        $task = Measured::of(Kind::among($demands), [new Supply('Sheet', Size::inches(12, 12), Length::zero())], Trimmer::usual(ToolGrid::Eighth));
        $bound = new LowerBound($task->kinds, Size::inches(12, 12));
        $priced = new PricedSets($task, $bound, $task->wanted(), [], Effort::unlimited());
        $this->assertSame(3, $bound->sheets());
        $this->assertSame(3, $priced->raise(3, 9));
        $this->assertSame(4, $priced->sharpen(3, 4));
        $this->assertSame(4, $priced->sharpen(4, 9));
    }

    /** The bound is never more than the least number of sheets, which is found by trying all. */
    #[DataProvider('seeds')]
    public function test_a_sharper_bound_is_still_a_bound(int $seed): void
    {
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937(50 + $seed));
        $sides = [];
        for ($piece = 0; $piece < 8; $piece++) {
            $sides[] = [$chance->getInt(2, 6), $chance->getInt(2, 6)];
        }
        $demands = array_map(
            static fn (int $piece): Demand => new Demand("P{$piece}", Size::inches(...$sides[$piece]), 1, $seed % 2 === 0),
            array_keys($sides),
        );
        $task = Measured::of(Kind::among($demands), [new Supply('Sheet', Size::inches(8, 8), Length::zero())], $this->trimmer());
        $least = (new EveryCut(8, $seed % 2 === 0))->least($sides);
        $priced = new PricedSets($task, new LowerBound($task->kinds, Size::inches(8, 8)), $task->wanted(), [], Effort::unlimited());
        $this->assertLessThanOrEqual($least, $priced->sharpen($priced->raise(1, 20), 20));
    }

    /** A limit that comes later is as good as one from the start. */
    #[DataProvider('seeds')]
    public function test_a_limit_may_come_later(int $seed): void
    {
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        $wanted = array_map(static fn (): float => (float) $chance->getInt(1, 5), range(1, 5));
        $limits = [(float) $chance->getInt(0, 2), (float) $chance->getInt(0, 2)];
        $columns = [];
        for ($column = 0; $column < 14; $column++) {
            $columns[] = [array_map(static fn (): int => $chance->getInt(0, 2), $wanted), [$chance->getInt(0, 2) === 0, $chance->getInt(0, 1) === 0]];
        }
        $one = new CoveringLp($wanted, $limits);
        $other = new CoveringLp($wanted, []);
        $numbers = [];
        foreach ($columns as [$gives, $counts]) {
            $one->add($gives, 1.0, ...array_keys(array_filter($counts)));
            $numbers[] = $other->add($gives, 1.0);
        }
        $one->optimise(1_000, Effort::unlimited());
        $other->optimise(1_000, Effort::unlimited());
        foreach ($limits as $limit => $most) {
            $other->limit(array_values(array_filter($numbers, static fn (int $at): bool => $columns[array_search($at, $numbers, true)][1][$limit])), $most);
            $other->optimise(1_000, Effort::unlimited());
        }
        $this->assertEqualsWithDelta($one->cost(), $other->cost(), 1e-6);
        foreach ($limits as $limit => $most) {
            $taken = array_filter($other->taken(), static fn (int $at): bool => $columns[array_search($at, $numbers, true)][1][$limit], ARRAY_FILTER_USE_KEY);
            $this->assertLessThanOrEqual($most + 1e-6, array_sum($taken));
        }
    }

    public function test_a_limit_that_is_kept_already_leaves_what_it_leaves(): void
    {
        $programme = new CoveringLp([3.0], []);
        $one = $programme->add([1], 1.0);
        $programme->optimise(10, Effort::unlimited());
        $programme->limit([$one], 3.5);
        $this->assertEqualsWithDelta(3.0, $programme->cost(), 1e-9);
        $this->assertEqualsWithDelta([1.0, 0.0], $programme->prices(), 1e-9);
        $two = $programme->add([2], 1.0, 0);
        $programme->optimise(10, Effort::unlimited());
        $this->assertEqualsWithDelta([$two => 1.5], $programme->taken(), 1e-9);
        $programme->limit([$two], 1.0);
        $programme->optimise(10, Effort::unlimited());
        $this->assertEqualsWithDelta([$one => 1.0, $two => 1.0], $programme->taken(), 1e-9);

        $programme = new CoveringLp([3.0], []);
        [$one, $two] = [$programme->add([1], 1.0), $programme->add([2], 1.0)];
        $programme->limit([$two], 1.0);
        $programme->optimise(10, Effort::unlimited());
        $this->assertEqualsWithDelta([$one => 1.0, $two => 1.0], $programme->taken(), 1e-9);
    }

    /** Sets that are found later pay too: of three strips of four, no more than one sheet has two, whatever else is on it. */
    public function test_sets_that_come_later_keep_to_what_is_known(): void
    {
        $demands = array_map(
            static fn (int $strip, float $breadth): Demand => new Demand("P{$strip}", Size::inches(12, $breadth), 1, false),
            range(0, 3),
            [5, 4.5, 4.25, 2],
        );
        $task = Measured::of(Kind::among($demands), [new Supply('Sheet', Size::inches(12, 12), Length::zero())], $this->trimmer());
        $sets = new PieceSets($task, range(0, 3), ...[...$task->sheets[0], Effort::unlimited()]);
        $found = new FoundSets;
        $keep = static fn (int ...$places) => $found->keep(implode('', array_map(chr(...), $places)));
        array_map($keep, [0, 1, 2, 3]);
        array_map($keep, [0, 0, 1], [1, 2, 2]);
        $dearest = new DearestSets($sets, [1, 1, 1, 1], [[0.1, 0.1, 0.1, 0.1]], Effort::unlimited());
        $programme = new SetProgramme($found, $dearest, [1, 1, 1, 1], Effort::unlimited());
        $this->assertEqualsWithDelta(2_500_000, $programme->optimise(), 9);
        $this->assertTrue($programme->sharpen());
        $this->assertEqualsWithDelta(3_000_000, $programme->optimise(), 9);
        $this->assertFalse($programme->sharpen());
        array_map($keep, [0, 0, 1], [1, 2, 2], [3, 3, 3]);
        $this->assertSame(Growth::Grown, $programme->grow(9_000_000));
        $this->assertEqualsWithDelta(2_000_000, $programme->optimise(), 9);
    }

    private function trimmer(): Trimmer
    {
        return new Trimmer(Length::inches(100), Length::inches(1), ToolGrid::Eighth);
    }
}
