<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Cutting\Demand;
use Ephemeron\Cutting\Effort;
use Ephemeron\Cutting\Kind;
use Ephemeron\Cutting\LowerBound;
use Ephemeron\Cutting\Measured;
use Ephemeron\Cutting\PatternSearch;
use Ephemeron\Cutting\PieceSets;
use Ephemeron\Cutting\ProvenPlanner;
use Ephemeron\Cutting\SheetSets;
use Ephemeron\Cutting\Supply;
use Ephemeron\Cutting\Trimmer;
use Ephemeron\Cutting\TrimmerBench;
use Ephemeron\Cutting\UsableSide;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\ToolGrid;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class UsableSideTest extends TestCase
{
    /** @return iterable<string, array{array<int, int>, int, int, int}> sides, narrowest, side of the sheet, what is usable of it */
    public static function sides(): iterable
    {
        yield 'sides that add up to the sheet' => [[7 => 1, 5 => 1], 3, 12, 12];
        yield 'what is left just comes off' => [[7 => 1, 5 => 1], 3, 15, 12];
        yield 'what is left is a mark too narrow' => [[7 => 1, 5 => 1], 3, 14, 7];
        yield 'as many as there are' => [[4 => 3], 1, 12, 12];
        yield 'and not one more' => [[4 => 2], 1, 12, 8];
        yield 'any strip comes off' => [[4 => 9], 1, 23, 20];
        yield 'nothing fits' => [[40 => 1], 1, 12, 0];
        yield 'more sums than are told apart' => [[2 => 2_500], 3, 59_999, 59_999];
    }

    /** @param array<int, int> $sides */
    #[DataProvider('sides')]
    public function test_pieces_take_the_side_or_leave_a_strip_that_comes_off(array $sides, int $narrowest, int $side, int $usable): void
    {
        $this->assertSame($usable, (new UsableSide($sides, $narrowest))->of($side));
    }

    /** Against every number of pieces of each side. */
    #[DataProvider('seeds')]
    public function test_every_sum_of_as_many_pieces_as_there_are_is_seen(int $seed): void
    {
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        $pieces = [];
        for ($kind = 0; $kind < 4; $kind++) {
            $pieces[$chance->getInt(3, 15)] = $chance->getInt(1, 3);
        }
        $sums = [0];
        foreach ($pieces as $side => $most) {
            $with = [];
            for ($number = 0; $number <= $most; $number++) {
                array_push($with, ...array_map(static fn (int $sum): int => $sum + $number * $side, $sums));
            }
            $sums = $with;
        }
        foreach (range(20, 60) as $side) {
            $fitting = array_filter($sums, static fn (int $sum): bool => $sum === $side || $sum <= $side - 3);
            $this->assertSame(max($fitting), (new UsableSide($pieces, 3))->of($side));
        }
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 40; $seed++) {
            yield "seed {$seed}" => [$seed];
        }
    }

    /** Against every way to share the pieces out and every cut that leaves no strip too narrow. */
    #[DataProvider('seeds')]
    public function test_what_is_proved_is_the_least_where_no_narrow_strip_comes_off(int $seed): void
    {
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        $narrowest = 2 + $seed % 2;
        $sides = [];
        for ($piece = 0; $piece < 5; $piece++) {
            $sides[] = [$chance->getInt($narrowest, 6), $chance->getInt($narrowest, 6)];
        }
        $sides = array_values(array_filter($sides, static fn (array $side): bool => 8 - max($side) >= $narrowest));
        $isTurnable = $seed % 3 > 0;
        $least = (new EveryCut(8, $isTurnable, $narrowest))->least($sides);
        $demands = array_map(
            static fn (int $piece, array $side): Demand => new Demand("P{$piece}", Size::inches(...$side), 1, $isTurnable),
            array_keys($sides),
            $sides,
        );
        $trimmer = new Trimmer(Length::inches(100), Length::inches($narrowest), ToolGrid::Eighth);
        $plan = ProvenPlanner::quick()->plan($demands, [new Supply('Sheet', Size::inches(8, 8), Length::zero())], $trimmer);

        $this->assertSame([], $plan->missing);
        $this->assertSame($least, $plan->sheets());
        $this->assertLessThanOrEqual($least, $plan->lowerBound);
        (new TrimmerBench($trimmer))->replay($plan, $demands);
    }

    /**
     * Three upright and one across come out of a sheet as wide as two of their sides, or wider by a strip that comes off; of one that is
     * wider by a narrower strip there come no more than three.
     */
    #[DataProvider('squares')]
    public function test_a_mark_more_of_the_sheet_is_proved_to_want_more_sheets(int $sheet, int $sheets, ?Demand $besides = null): void
    {
        $trimmer = new Trimmer(Length::inches(100), Length::inches(2), ToolGrid::Eighth);
        $supply = new Supply('Sheet', Size::inches($sheet, $sheet), Length::zero());
        $demands = array_values(array_filter([new Demand('A', Size::inches(9, 21), 12, true), $besides]));
        $plan = ProvenPlanner::quick()->plan($demands, [$supply], $trimmer);

        $this->assertSame([$sheets, $sheets], [$plan->sheets(), $plan->lowerBound]);
    }

    /** The same of sets, one by one, and of the linear programme, where there are many: what other ways prove too is not asked here. */
    #[DataProvider('squares')]
    public function test_sets_and_patterns_leave_no_strip_too_narrow(int $sheet, int $sheets): void
    {
        $supplies = [new Supply('Sheet', Size::inches($sheet, $sheet), Length::zero())];
        $trimmer = new Trimmer(Length::inches(100), Length::inches(2), ToolGrid::Eighth);
        $task = Measured::of(Kind::among([new Demand('A', Size::inches(9, 21), 12, true)]), $supplies, $trimmer);
        $sets = [
            new SheetSets($task, [0, 0, 0, 0], ...[...$task->sheets[0], Effort::unlimited()]),
            new PieceSets($task, [0], ...[...$task->sheets[0], Effort::unlimited()]),
        ];
        $patterns = new PatternSearch($task, $supplies, [12]);
        $patterns->run([], PHP_INT_MAX, 1_000_000, Effort::unlimited());

        $this->assertSame($sheets === 3, $sets[0]->comesOut(0b1111));
        $this->assertSame($sheets === 3, $sets[1]->comesOut(str_repeat(chr(0), 4)));
        $this->assertSame($sheets, $patterns->bound);
        $this->assertSame($sheets, (new LowerBound($task->kinds, $task->usableSheet(0)))->sheets());
    }

    /**
     * Of the rectangles that hold a part of a set only the smallest are kept; a larger one may be what comes to just the side with the rest.
     *
     * @param list<array{int, int}> $sides
     */
    #[DataProvider('justTheSide')]
    public function test_a_set_that_comes_to_just_the_side_by_a_larger_part_is_not_lost(int $sheet, int $narrowest, array $sides): void
    {
        $this->assertSame(1, (new EveryCut($sheet, true, $narrowest))->least($sides));
        $supplies = [new Supply('Sheet', Size::inches($sheet, $sheet), Length::zero())];
        $trimmer = new Trimmer(Length::inches(100), Length::inches($narrowest), ToolGrid::Eighth);
        $kinds = array_map(
            static fn (int $piece, array $side): Kind => Kind::among([new Demand("P{$piece}", Size::inches(...$side), 1, true)])[0],
            array_keys($sides),
            $sides,
        );
        $task = Measured::of($kinds, $supplies, $trimmer);
        $few = new SheetSets($task, array_keys($sides), ...[...$task->sheets[0], Effort::unlimited()]);
        $many = new PieceSets($task, array_keys($sides), ...[...$task->sheets[0], Effort::unlimited()]);

        $this->assertTrue($few->comesOut((1 << count($sides)) - 1));
        $this->assertTrue($many->comesOut(implode('', array_map(chr(...), array_keys($sides)))));
    }

    /** @return iterable<string, array{int, int, list<array{int, int}>}> found at random */
    public static function justTheSide(): iterable
    {
        yield 'one' => [10, 3, [[3, 5], [3, 6], [5, 7]]];
        yield 'another' => [10, 3, [[6, 3], [5, 3], [7, 5]]];
        yield 'a third' => [10, 3, [[7, 5], [3, 5], [6, 3]]];
    }

    public function test_of_the_ways_to_lie_one_is_taken_that_leaves_no_strip_too_narrow(): void
    {
        $supplies = [new Supply('Sheet', Size::inches(9, 8), Length::zero())];
        $trimmer = new Trimmer(Length::inches(100), Length::inches(2), ToolGrid::Eighth);
        $task = Measured::of(Kind::among([new Demand('A', Size::inches(5, 7), 1, true)]), $supplies, $trimmer);
        $slab = (new SheetSets($task, [0], ...[...$task->sheets[0], Effort::unlimited()]))->slab(0b1);

        $this->assertSame([0 => 1], $slab->pieces());
        $this->assertTrue($slab->comesOff(2));
    }

    public function test_a_set_leaves_no_strip_too_narrow_beside_it_nor_below(): void
    {
        $supplies = [new Supply('Sheet', Size::inches(40, 40), Length::zero())];
        $trimmer = new Trimmer(Length::inches(100), Length::inches(2), ToolGrid::Eighth);
        $task = Measured::of(Kind::among([new Demand('A', Size::inches(5, 7), 2, false)]), $supplies, $trimmer);
        $two = static fn (int $width, int $height): bool =>
            (new SheetSets($task, [0, 0], $width, $height, Effort::unlimited()))->comesOut(0b11);
        $one = static fn (int $width, int $height): bool =>
            (new SheetSets($task, [0], $width, $height, Effort::unlimited()))->comesOut(0b1);

        $this->assertSame([false, true, false, true], array_map(static fn (int $width): bool => $two($width, 7), [9, 10, 11, 12]));
        $this->assertSame([false, true, false, true], array_map(static fn (int $height): bool => $two(5, $height), [13, 14, 15, 16]));
        $this->assertSame([false, true, false, true], array_map(static fn (int $height): bool => $two(10, $height), [6, 7, 8, 9]));
        $this->assertSame([false, true, false, true], array_map(static fn (int $width): bool => $one($width, 7), [4, 5, 6, 7]));
        $this->assertSame([false, true, false, true], array_map(static fn (int $height): bool => $one(5, $height), [6, 7, 8, 9]));
    }

    /** @return iterable<string, array{0: int, 1: int, 2?: Demand}> */
    public static function squares(): iterable
    {
        yield 'just as wide' => [30, 3];
        yield 'a strip too narrow' => [31, 4];
        yield 'a strip that comes off' => [32, 3];
        yield 'a strip too narrow beside these, though another is as wide as the sheet' => [31, 4, new Demand('B', Size::inches(31, 2), 1, true)];
    }
}
