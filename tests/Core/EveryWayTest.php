<?php

declare(strict_types=1);

namespace Tests\Core;

use Bench\PublishedClasses;
use Ephemeron\Cutting\Demand;
use Ephemeron\Cutting\Effort;
use Ephemeron\Cutting\EveryWay;
use Ephemeron\Cutting\FullerSheets;
use Ephemeron\Cutting\Kind;
use Ephemeron\Cutting\LowerBound;
use Ephemeron\Cutting\Measured;
use Ephemeron\Cutting\Packing;
use Ephemeron\Cutting\ProvenPlanner;
use Ephemeron\Cutting\Rescaling;
use Ephemeron\Cutting\SheetSets;
use Ephemeron\Cutting\Slab;
use Ephemeron\Cutting\Supply;
use Ephemeron\Cutting\Trimmer;
use Ephemeron\Cutting\TrimmerBench;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\ToolGrid;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

require_once __DIR__.'/../../bench/PublishedClasses.php';

/** Of few pieces the least number of sheets is known exactly, and no bound ever says more than that. */
final class EveryWayTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 40; $seed++) {
            yield "seed {$seed}" => [$seed];
        }
    }

    /**
     * Twenty pieces of class 10 ({@see PublishedClasses}, by other seeds than the benchmark’s) whose area would go on two sheets: there is no
     * way. What one of them leaves must come out of the other; looked at only when one is full, neither is settled in 20 million units.
     */
    #[TestWith([242])]
    #[TestWith([561])]
    public function test_of_two_sheets_both_are_looked_at_with_every_piece(int $seed): void
    {
        $published = new PublishedClasses;
        [$demands, $supplies] = $published->task(10, 20, false, $seed);
        $task = Measured::of(Kind::among($demands), $supplies, $published->trimmer());
        $this->assertLessThanOrEqual(2 * $supplies[0]->sheet->area(), array_sum(
            array_map(static fn (Demand $demand): int => $demand->quantity * $demand->size->area(), $demands),
        ));
        $effort = Effort::of(20_000_000);
        $every = $this->every($task, $effort);
        $this->assertNull($every->within(2));
        $this->assertFalse($every->gaveUp());
        $this->assertNotNull(($this->every($task, Effort::unlimited()))->within(3));
    }

    /**
     * Twenty pieces of class 7, as above: their area leaves more than four fifths of a sheet of five, and they do not come out of them. Told
     * by what cannot lie beside each other they leave less, and that is settled in a third of the work.
     */
    public function test_what_pieces_take_is_told_in_several_ways(): void
    {
        $published = new PublishedClasses;
        [$demands, $supplies] = $published->task(7, 20, false, 12);
        $kinds = Kind::among($demands);
        $task = Measured::of($kinds, $supplies, $published->trimmer());
        $ways = (new LowerBound($kinds, $supplies[0]->sheet))->shares(6, Effort::unlimited());
        $every = new EveryWay($task, Measured::each($task->wanted()), $ways, Effort::of(20_000_000));
        $this->assertNull($every->within(5));
        $this->assertFalse($every->gaveUp());
    }

    /** Stopped again and again it comes to the same in the end, and what it has found out it need not find out again. */
    public function test_it_goes_on_where_more_effort_is_granted(): void
    {
        $published = new PublishedClasses;
        [$demands, $supplies] = $published->task(10, 20, false, 242);
        $task = Measured::of(Kind::among($demands), $supplies, $published->trimmer());
        $effort = Effort::of(0);
        $every = $this->every($task, $effort);
        $times = 0;
        do {
            $effort->grant(500_000);
            $this->assertNull($every->within(2));
            $times++;
        } while ($every->gaveUp());
        $this->assertGreaterThan(1, $times);
        $atOnce = Effort::unlimited();
        $this->every($task, $atOnce)->within(2);
        $this->assertLessThan(2 * $atOnce->spent(), $effort->spent());
    }

    /** Nineteen ways to share twenty equal pieces between two parts, not half a million; so on for each number of them. */
    public function test_of_equal_pieces_only_numbers_are_looked_through(): void
    {
        [$task] = $this->task([[2, 1]], false, 12);
        $effort = Effort::unlimited();
        $sets = new SheetSets($task, array_fill(0, 20, 0), $task->sheets[0][0], $task->sheets[0][1], $effort);
        $this->assertTrue($sets->comesOut((1 << 20) - 1));
        $this->assertSame([0 => 20], $sets->slab((1 << 20) - 1)->pieces());
        $this->assertLessThan(20_000, $effort->spent());
    }

    /** Against every way to share the pieces out, sheet by sheet, and every cut of every rectangle at every mark. */
    #[DataProvider('seeds')]
    public function test_the_least_number_of_sheets_is_that_of_an_exhaustive_search(int $seed): void
    {
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        $turnable = $seed % 2 === 0;
        $sides = [];
        for ($piece = 0; $piece < 6; $piece++) {
            $sides[] = [$chance->getInt(1, 5), $chance->getInt(1, 5)];
        }
        $least = (new EveryCut(6, $turnable))->least($sides);
        [$task, $demands, $sheet] = $this->task($sides, $turnable, 6);
        $bound = new LowerBound(Kind::among($demands), $sheet->sheet);
        $every = $this->every($task, Effort::unlimited());
        $inOtherWays = new EveryWay($task, Measured::each($task->wanted()), $bound->shares(20, Effort::unlimited()), Effort::unlimited());
        foreach ([$every, $inOtherWays] as $search) {
            $this->assertNull($search->within($least - 1));
            $this->assertFalse($search->gaveUp());
            $this->assertNotNull($search->within($least));
        }
        $slabs = $every->within($least);
        $this->assertNotNull($slabs);
        $given = [];
        foreach ($slabs as $slab) {
            foreach ($slab->pieces() as $kind => $count) {
                $given[$kind] = ($given[$kind] ?? 0) + $count;
            }
        }
        ksort($given);
        $this->assertSame($task->wanted(), $given);
        $this->assertLessThanOrEqual($least, $bound->sheets());
        $trimmer = new Trimmer(Length::inches(100), Length::inches(1), ToolGrid::Eighth);
        $plan = ProvenPlanner::quick()->plan($demands, [$sheet], $trimmer);
        $this->assertSame([$least, $least], [$plan->sheets(), $plan->lowerBound]);
        (new TrimmerBench($trimmer))->replay($plan, $demands);
    }

    public function test_no_more_sheets_are_taken_than_there_are(): void
    {
        $demands = [new Demand('A', Size::inches(12, 5), 3, false)];
        $trimmer = new Trimmer(Length::inches(100), Length::inches(1), ToolGrid::Eighth);
        $plan = ProvenPlanner::quick()->plan($demands, [new Supply('Sheet', Size::inches(12, 12), Length::zero(), 1)], $trimmer);
        $this->assertSame([1, ['A' => 1]], [$plan->sheets(), $plan->missing]);
    }

    /** The pinwheel: five pieces round a hole come out of no sheet by cuts from edge to edge, and by no saw that goes right across. */
    public function test_a_pinwheel_does_not_come_out_of_one_sheet(): void
    {
        [$task] = $this->task([[2, 1], [2, 1], [1, 2], [1, 2], [1, 1]], false, 3);
        $sets = new SheetSets($task, [0, 0, 1, 1, 2], 3, 3, Effort::unlimited());
        $this->assertFalse($sets->comesOut(0b11111));
        $this->assertTrue($sets->comesOut(0b00111));
        $this->assertNull(($this->every($task, Effort::unlimited()))->within(1));
    }

    public function test_what_was_not_looked_through_proves_nothing(): void
    {
        $sides = array_map(static fn (int $piece): array => [2 + $piece % 3, 2 + intdiv($piece, 3) % 4], range(0, 11));
        [$task] = $this->task($sides, true, 12);
        $every = $this->every($task, Effort::of(200));
        $this->assertNull($every->within(1));
        $this->assertTrue($every->gaveUp());
    }

    /** Two halves lie on two sheets, a quarter on each of them: they go together, and what cannot get fuller is left as it is. */
    public function test_of_two_sheets_one_is_filled_until_the_other_is_empty(): void
    {
        [$task, , $sheet] = $this->task([[4, 2], [4, 2], [2, 2], [3, 3]], false, 4);
        $on = static function (int ...$kinds) use ($task): array {
            $slab = new Slab(...$task->sheets[0]);
            foreach ($kinds as $kind) {
                [, $width, $height] = $task->placements[$kind];
                foreach ($slab->free() as $free) {
                    if ($width <= $free->width && $height <= $free->height) {
                        $free->place($kind, $width, $height, false, false);

                        break;
                    }
                }
            }

            return [0, $slab];
        };
        $effort = Effort::of(20_000);
        $fuller = new FullerSheets($task, [$sheet], $effort);
        // Kinds: 0 the halves, 1 the quarter, 2 what fills a sheet but for a margin.
        $now = new Packing($task, [$sheet], [$on(0), $on(0, 1), $on(2)], []);
        $then = $fuller->of($now);
        $this->assertEquals([$now->pieces(), 3], [$then->pieces(), $then->newSheets]);
        $this->assertSame([4, 9, 16], $this->sorted(array_map(static fn (array $each): int => $each[1]->used(), $then->sheets), $task));
        $this->assertSame($then, $fuller->of($then), 'nothing gets fuller');
        $this->assertFalse($effort->isSpent());
        $two = $fuller->of(new Packing($task, [$sheet], [$on(0), $on(0)], []));
        $this->assertSame(1, $two->newSheets, 'one is empty and goes');
    }

    /**
     * @param list<int> $areas
     * @return list<int> in square inches
     */
    private function sorted(array $areas, Measured $task): array
    {
        sort($areas);
        $inch = intdiv($task->sheets[0][0], 4);

        return array_map(static fn (int $area): int => intdiv($area, $inch ** 2), $areas);
    }

    /** Every row of whole sides that fits beside each other, on every sheet up to 14 wide: none comes to more than the sheet. */
    public function test_no_rescaling_lets_a_row_come_to_more_than_the_sheet(): void
    {
        for ($whole = 2; $whole <= 14; $whole++) {
            foreach (Rescaling::all(range(1, $whole), $whole) as $shares) {
                // The most that a row of sides up to so long comes to.
                $most = array_fill(0, $whole + 1, 0.0);
                for ($length = 1; $length <= $whole; $length++) {
                    for ($side = 1; $side <= $length; $side++) {
                        $most[$length] = max($most[$length], $shares[$side - 1] + $most[$length - $side]);
                    }
                }
                $this->assertLessThanOrEqual(1.0 + 1e-9, $most[$whole], json_encode($shares, JSON_THROW_ON_ERROR));
            }
        }
    }

    /** By hand: of 7 pieces of 5 × 5 each takes a sheet of 9 × 9; by area they come to 2.2 sheets. 4 × 4 beside them changes nothing. */
    public function test_a_bound_counts_what_cannot_lie_together(): void
    {
        [, $demands, $sheet] = $this->task([...array_fill(0, 7, [5, 5]), [4, 4]], true, 9);
        $this->assertSame(7, (new LowerBound(Kind::among($demands), $sheet->sheet))->sheets());
        $this->assertSame(3, (new LowerBound(Kind::among($demands), $sheet->sheet))->sheets(enough: 3));
    }

    private function every(Measured $task, Effort $effort): EveryWay
    {
        return new EveryWay($task, Measured::each($task->wanted()), [], $effort);
    }

    /**
     * @param list<array{int, int}> $sides
     * @return array{Measured, list<Demand>, Supply}
     */
    private function task(array $sides, bool $turnable, int $sheet): array
    {
        $demands = [];
        foreach ($sides as $piece => [$width, $height]) {
            $demands[] = new Demand("P{$piece}", Size::inches($width, $height), 1, $turnable);
        }
        $supply = new Supply('Sheet', Size::inches($sheet, $sheet), Length::zero());

        return [Measured::of(Kind::among($demands), [$supply], Trimmer::usual(ToolGrid::Eighth)), $demands, $supply];
    }
}
