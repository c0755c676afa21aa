<?php

declare(strict_types=1);

namespace Tests\Core;

use Bench\PublishedClasses;
use Ephemeron\Cutting\DearestSets;
use Ephemeron\Cutting\Demand;
use Ephemeron\Cutting\Effort;
use Ephemeron\Cutting\EveryWay;
use Ephemeron\Cutting\FoundSets;
use Ephemeron\Cutting\Growth;
use Ephemeron\Cutting\Kind;
use Ephemeron\Cutting\LowerBound;
use Ephemeron\Cutting\Measured;
use Ephemeron\Cutting\PieceSets;
use Ephemeron\Cutting\PricedSets;
use Ephemeron\Cutting\ProvenPlanner;
use Ephemeron\Cutting\SetProgramme;
use Ephemeron\Cutting\SheetSets;
use Ephemeron\Cutting\Supply;
use Ephemeron\Cutting\Threes;
use Ephemeron\Cutting\Trimmer;
use Ephemeron\Cutting\TrimmerBench;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\ToolGrid;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

require_once __DIR__.'/../../bench/PublishedClasses.php';

/** Sets of pieces that come out of a sheet, what they are worth, and the bound that follows: against every set there is. */
final class PricedSetsTest extends TestCase
{
    private const PIECES = 9;

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 24; $seed++) {
            yield "seed {$seed}" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_a_set_comes_out_where_it_does_for_few_pieces(int $seed): void
    {
        $task = $this->task($seed);
        $few = new SheetSets($task, range(0, self::PIECES - 1), 12, 12, Effort::unlimited());
        $many = new PieceSets($task, range(0, self::PIECES - 1), 12, 12, Effort::unlimited());
        foreach ($this->sets() as $set => $string) {
            $this->assertSame($few->comesOut($set), $many->comesOut($string), "Set {$set}");
        }
        $this->assertFalse($many->gaveUp());
    }

    /** Three kinds, three of each: told apart, as if each were a kind of its own, and as what they are; in an order that mixes them. */
    #[DataProvider('seeds')]
    public function test_of_equal_pieces_it_matters_only_how_many_there_are(int $seed): void
    {
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        $kind = static fn (Size $size, int $quantity): Kind => Kind::among([new Demand('K', $size, $quantity, $seed % 2 === 0)])[0];
        $sizes = array_map(static fn (): Size => Size::inches($chance->getInt(2, 7), $chance->getInt(2, 7)), range(0, 2));
        $kindOf = $chance->shuffleArray([0, 0, 0, 1, 1, 1, 2, 2, 2]);
        $alike = array_map(static fn (Size $size): Kind => $kind($size, 3), $sizes);
        $apart = array_map(static fn (int $of): Kind => $kind($sizes[$of], 1), $kindOf);
        $task = Measured::of($alike, [$this->sheet()], $this->trimmer());
        $eachApart = Measured::of($apart, [$this->sheet()], $this->trimmer());
        [$width, $height] = $task->sheets[0];
        $few = new SheetSets($task, $kindOf, $width, $height, Effort::unlimited());
        $many = new PieceSets($task, [0, 1, 2], $width, $height, Effort::unlimited());
        $told = new SheetSets($eachApart, range(0, self::PIECES - 1), $width, $height, Effort::unlimited());
        foreach ($this->sets() as $set => $string) {
            $kinds = array_map(static fn (string $place): string => chr($kindOf[ord($place)]), str_split($string));
            sort($kinds);
            $this->assertSame($told->comesOut($set), $few->comesOut($set), "Set {$set}");
            $this->assertSame($told->comesOut($set), $many->comesOut(implode('', $kinds)), "Set {$set}");
            if ($few->comesOut($set)) {
                $counts = $few->slab($set)->pieces();
                ksort($counts);
                $this->assertSame(array_count_values(array_map(ord(...), $kinds)), $counts);
            }
        }
    }

    #[DataProvider('seeds')]
    public function test_the_dearest_set_is_found_and_nothing_dearer(int $seed): void
    {
        $task = $this->task($seed);
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        $values = array_map(static fn (): int => $chance->getInt(0, 60) * 10_000, range(1, self::PIECES));
        $sets = new PieceSets($task, range(0, self::PIECES - 1), 12, 12, Effort::unlimited());
        $most = 0;
        foreach ($this->sets() as $string) {
            $worth = array_sum(array_map(static fn (string $place): int => $values[ord($place)], str_split($string)));
            $most = max($most, $sets->comesOut($string) ? $worth : 0);
        }
        $shares = (new LowerBound($task->kinds, Size::inches(12, 12)))->shares(12, Effort::unlimited());
        $dearest = new DearestSets($sets, array_fill(0, self::PIECES, 1), $shares, Effort::unlimited());
        $this->assertSame([], $dearest->worthMoreThan($most, $values, Threes::none()));
        $this->assertFalse($dearest->gaveUp());
        $found = $dearest->worthMoreThan($most - 1, $values, Threes::none());
        $this->assertNotSame([], $found);
        foreach ($found as $set) {
            $this->assertSame($most, array_sum(array_map(static fn (string $place): int => $values[ord($place)], str_split($set))));
        }
    }

    public function test_of_a_kind_no_more_are_taken_than_are_wanted(): void
    {
        // Nine of 4 × 4 come out of 12 × 12; five are wanted.
        $kinds = Kind::among([new Demand('A', Size::inches(4, 4), 5, false), new Demand('B', Size::inches(12, 9), 1, false)]);
        $task = Measured::of($kinds, [$this->sheet()], $this->trimmer());
        $sets = new PieceSets($task, [0, 1], ...[...$task->sheets[0], Effort::unlimited()]);
        $shares = (new LowerBound($kinds, Size::inches(12, 12)))->shares(4, Effort::unlimited());
        $dearest = new DearestSets($sets, [5, 1], $shares, Effort::unlimited());
        $this->assertSame([str_repeat(chr(0), 5)], $dearest->worthMoreThan(499, [100, 499], Threes::none()));
        $this->assertSame([], $dearest->worthMoreThan(500, [100, 499], Threes::none()));
    }

    /** Five strips of which any two come out of one sheet: the programme takes each pair by a part, two sheets and a half. */
    public function test_the_programme_takes_in_sets_until_none_is_worth_more_than_a_sheet(): void
    {
        $sizes = [4.5, 4.25, 5, 4.75, 4.125];
        $demands = array_map(static fn (int $piece): Demand => new Demand("P{$piece}", Size::inches(12, $sizes[$piece]), 1, false), range(0, 4));
        $task = Measured::of(Kind::among($demands), [$this->sheet()], $this->trimmer());
        $sets = new PieceSets($task, range(0, 4), ...[...$task->sheets[0], Effort::unlimited()]);
        $shares = (new LowerBound($task->kinds, Size::inches(12, 12)))->shares(4, Effort::unlimited());
        $found = new FoundSets;
        foreach ([0, 1, 2, 3, 4, 0] as $place) {
            $found->keep(chr($place));
        }
        $this->assertSame([5, [[3 => 1], [4 => 1]]], [$found->count(), $found->from(3)]);
        // The last strip is not wanted at first.
        foreach ([[[1, 1, 1, 1, 0], 2_000_000], [[1, 1, 1, 1, 1], 2_500_000]] as [$wanted, $worth]) {
            $dearest = new DearestSets($sets, $wanted, $shares, Effort::unlimited());
            $programme = new SetProgramme($found, $dearest, $wanted, Effort::unlimited());
            $programme->optimise();
            while ($programme->grow(SetProgramme::A_SHEET) === Growth::Grown) {
                $programme->optimise();
            }
            $this->assertSame(Growth::Complete, $programme->grow(SetProgramme::A_SHEET));
            $this->assertEqualsWithDelta($worth, $programme->worth($wanted), 5);
            $taken = array_fill(0, 5, 0.0);
            foreach ($programme->taken() as [$often, $set]) {
                $this->assertSame([], array_diff_key($set, array_filter($wanted)), 'What is too many does not count.');
                foreach ($set as $place => $count) {
                    $taken[$place] += $often * $count;
                }
            }
            $this->assertEqualsWithDelta(array_map(floatval(...), $wanted), $taken, 1e-6);
        }
        $dearest = new DearestSets($sets, [1, 1, 1, 1, 1], $shares, Effort::unlimited());
        $known = new SetProgramme($found, $dearest, [1, 1, 1, 1, 1], Effort::unlimited());
        $this->assertSame(Growth::GaveUp, $known->grow(SetProgramme::A_SHEET), 'At prices that are not its own it finds what it has.');
        $many = new FoundSets;
        $many->keep(chr(0).chr(0).chr(1));
        $few = new SetProgramme($many, $dearest, [1, 1, 0, 0, 0], Effort::unlimited());
        $few->optimise();
        $this->assertEquals([[1.0, [0 => 1, 1 => 1]]], $few->taken(), 'Of two of a kind one is wanted.');
        $dearest = new DearestSets($sets, [1, 1, 1, 1, 1], $shares, Effort::of(0));
        $programme = new SetProgramme(new FoundSets, $dearest, [1, 1, 1, 1, 1], Effort::of(0));
        $this->assertSame(5_000_000, $programme->worth([1, 1, 1, 1, 1]), 'Before it is optimised a piece takes a sheet.');
        $this->assertSame(Growth::GaveUp, $programme->grow(SetProgramme::A_SHEET));
    }

    /** @return iterable<string, array{int, int, bool, int}> class, seed, whether they may be turned, sheets, of which fewer will not do */
    public static function dives(): iterable
    {
        yield 'class 3' => [3, 278, false, 9];
        yield 'class 7' => [7, 273, false, 10];
        yield 'class 7, turned' => [7, 274, true, 11];
    }

    /** Forty pieces of the published classes ({@see PublishedClasses}). Area and sets prove that fewer sheets will not do. */
    #[DataProvider('dives')]
    public function test_sets_that_the_programme_takes_make_a_plan(int $class, int $seed, bool $turned, int $sheets): void
    {
        $published = new PublishedClasses;
        [$demands, $supplies] = $published->task($class, 40, $turned, $seed);
        $task = Measured::of(Kind::among($demands), $supplies, $published->trimmer());
        $bound = new LowerBound($task->kinds, $supplies[0]->sheet);
        $priced = new PricedSets($task, $bound, $task->wanted(), [], Effort::ofSeconds(3));
        $this->assertNull($priced->within($sheets), 'not before the programme is there');
        $this->assertSame($sheets, $priced->raise($bound->sheets(), $sheets + 1));
        $slabs = $priced->within($sheets);
        $this->assertNotNull($slabs);
        $this->assertCount($sheets, $slabs);
        $given = array_fill(0, count($task->wanted()), 0);
        foreach ($slabs as $slab) {
            $this->assertSame($task->sheets[0], [$slab->width, $slab->height]);
            foreach ($slab->pieces() as $kind => $count) {
                $given[$kind] += $count;
            }
        }
        $this->assertSame($task->wanted(), $given);
        $this->assertNull($priced->within($sheets - 1));
    }

    /** For any number of sheets it comes to an end, and never does with fewer than are proved to be needed. */
    #[DataProvider('seeds')]
    public function test_a_plan_gives_what_is_wanted_and_no_plan_has_fewer_sheets_than_the_bound(int $seed): void
    {
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        $demands = [];
        for ($kind = $chance->getInt(3, 14); $kind > 0; $kind--) {
            $size = Size::inches($chance->getInt(2, 11), $chance->getInt(2, 11));
            $demands[] = new Demand("P{$kind}", $size, $chance->getInt(1, 3), $seed % 2 === 0);
        }
        $task = Measured::of(Kind::among($demands), [$this->sheet()], $this->trimmer());
        $bound = new LowerBound($task->kinds, Size::inches(12, 12));
        $priced = new PricedSets($task, $bound, $task->wanted(), [], Effort::of(5_000_000));
        $least = $priced->raise($bound->sheets(), PHP_INT_MAX);
        $found = 0;
        for ($sheets = 0; $sheets <= $least + 1; $sheets++) {
            $slabs = $priced->within($sheets);
            if ($slabs === null) {
                continue;
            }
            $found++;
            $this->assertLessThanOrEqual($sheets, count($slabs));
            $this->assertGreaterThanOrEqual($least, count($slabs));
            $given = array_fill(0, count($task->wanted()), 0);
            foreach ($slabs as $slab) {
                foreach ($slab->pieces() as $kind => $count) {
                    $given[$kind] += $count;
                }
            }
            $this->assertSame($task->wanted(), $given);
        }
        $this->assertGreaterThan(0, $found);
    }

    /** Exact numbers of sheets are those of {@see EveryWay}, which is tested against every cut of every rectangle. */
    #[DataProvider('seeds')]
    public function test_the_bound_never_says_more_than_the_least_number_of_sheets(int $seed): void
    {
        $task = $this->task($seed);
        $every = new EveryWay($task, Measured::each($task->wanted()), [], Effort::unlimited());
        for ($least = 1; $every->within($least) === null; $least++);
        $bound = new LowerBound($task->kinds, Size::inches(12, 12));
        $priced = new PricedSets($task, $bound, $task->wanted(), [], Effort::unlimited());
        $raised = $priced->raise($bound->sheets(), PHP_INT_MAX);
        $this->assertLessThanOrEqual($least, $raised);
        $this->assertGreaterThanOrEqual($bound->sheets(), $raised);
        $this->assertSame($raised, $priced->raise($bound->sheets(), $raised), 'It stops at what is enough.');
        $patterns = $priced->patterns(50);
        $this->assertNotSame([], $patterns);
        foreach ($patterns as $slab) {
            $this->assertSame([12, 12], [$slab->width, $slab->height]);
            $this->assertLessThanOrEqual(1, max($slab->pieces()));
        }
    }

    /**
     * Worked by hand: five strips as broad as the sheet, of which any two come out of one and no three, need three sheets; area alone says
     * two. A plan with three is there, so that it cannot be four.
     */
    public function test_of_five_that_go_two_by_two_three_sheets_are_needed(): void
    {
        $demands = array_map(
            static fn (int $piece): Demand => new Demand("P{$piece}", Size::inches(12, [4.5, 4.25, 5, 4.75, 4.125][$piece]), 1, false),
            range(0, 4),
        );
        $task = Measured::of(Kind::among($demands), [$this->sheet()], $this->trimmer());
        $bound = new LowerBound($task->kinds, Size::inches(12, 12));
        $this->assertSame(3, (new PricedSets($task, $bound, $task->wanted(), [], Effort::unlimited()))->raise(2, 5));
    }

    public function test_the_limit_proves_one_sheet_more_and_one_millionth_above_it_does_not(): void
    {
        foreach ([1, 2, 7, 23] as $proved) {
            foreach ([1_000_000, 2_999_999, 3_000_000, 3_000_001, 7_654_321, 46_000_000] as $worth) {
                $limit = PricedSets::limit($worth, $proved);
                $this->assertGreaterThan($proved * $limit, $worth);
                $this->assertLessThanOrEqual($proved * ($limit + 1), $worth);
            }
        }
    }

    public function test_without_effort_nothing_is_proved(): void
    {
        $task = $this->task(3);
        $bound = new LowerBound($task->kinds, Size::inches(12, 12));
        $this->assertSame(1, (new PricedSets($task, $bound, $task->wanted(), [], Effort::of(0)))->raise(1, 9));
    }

    /** @return iterable<string, array{int, int}> seed, and what areas say by any rescaling */
    public static function provedBySets(): iterable
    {
        yield 'from eleven to twelve' => [23, 11];
        yield 'from seven to eight' => [37, 7];
        yield 'from six to seven' => [54, 6];
    }

    /** Thirty pieces as in class 5 of the published ones ({@see \Bench\PublishedClasses}), by other seeds. */
    #[DataProvider('provedBySets')]
    public function test_what_only_sets_prove(int $seed, int $byArea): void
    {
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        $demands = [];
        for ($piece = 0; $piece < 30; $piece++) {
            $demands[] = new Demand("P{$piece}", Size::inches($chance->getInt(1, 100), $chance->getInt(1, 100)), 1, false);
        }
        $sheet = new Supply('Sheet', Size::inches(100, 100), Length::zero());
        $trimmer = new Trimmer(Length::inches(1_000), Length::inches(1), ToolGrid::Eighth);
        $plan = ProvenPlanner::quick()->plan($demands, [$sheet], $trimmer);
        (new TrimmerBench($trimmer))->replay($plan, $demands);
        $this->assertSame($byArea, (new LowerBound(Kind::among($demands), $sheet->sheet))->sheets());
        // There is a plan with so many: it could not be more.
        $this->assertSame([$byArea + 1, $byArea + 1], [$plan->sheets(), $plan->lowerBound]);
    }

    /** @return iterable<int, string> every set of two pieces and more, by its bits, as places */
    private function sets(): iterable
    {
        for ($set = 1; $set < 1 << self::PIECES; $set++) {
            $string = '';
            for ($place = 0; $place < self::PIECES; $place++) {
                $string .= ($set >> $place & 1) === 1 ? chr($place) : '';
            }
            yield $set => $string;
        }
    }

    private function task(int $seed): Measured
    {
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        $demands = [];
        while (count(Kind::among($demands)) < self::PIECES) {
            $size = Size::inches($chance->getInt(2, 9), $chance->getInt(2, 9));
            $demand = new Demand('P'.count($demands), $size, 1, $seed % 2 === 0);
            $demands = count(Kind::among([...$demands, $demand])) > count($demands) ? [...$demands, $demand] : $demands;
        }

        return Measured::of(Kind::among($demands), [$this->sheet()], $this->trimmer());
    }

    private function sheet(): Supply
    {
        return new Supply('Sheet', Size::inches(12, 12), Length::zero());
    }

    private function trimmer(): Trimmer
    {
        return new Trimmer(Length::inches(100), Length::inches(1), ToolGrid::Eighth);
    }
}
