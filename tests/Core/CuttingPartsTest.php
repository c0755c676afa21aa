<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Cutting\Blank;
use Ephemeron\Cutting\CoveringLp;
use Ephemeron\Cutting\Cut;
use Ephemeron\Cutting\CutPlan;
use Ephemeron\Cutting\Demand;
use Ephemeron\Cutting\Effort;
use Ephemeron\Cutting\FenceSetting;
use Ephemeron\Cutting\Kind;
use Ephemeron\Cutting\Measured;
use Ephemeron\Cutting\Offcut;
use Ephemeron\Cutting\Packing;
use Ephemeron\Cutting\ProvenPlanner;
use Ephemeron\Cutting\SheetPattern;
use Ephemeron\Cutting\SheetState;
use Ephemeron\Cutting\Slab;
use Ephemeron\Cutting\Supply;
use Ephemeron\Cutting\Trimmer;
use Ephemeron\Cutting\TrimmerBench;
use Ephemeron\Cutting\WhyNotFewer;
use Ephemeron\Geometry\Point;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\ToolGrid;
use Ephemeron\Measure\Unit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The parts of the planner, one by one. */
final class CuttingPartsTest extends TestCase
{
    use Designs;

    #[DataProvider('seeds')]
    public function test_at_every_moment_the_pieces_on_the_table_are_the_sheet(int $seed): void
    {
        foreach ($this->randomPlan($seed)->patterns as $pattern) {
            $steps = $pattern->steps();
            $whole = $pattern->tree->area()->size()->area();
            for ($done = 0; $done <= count($steps); $done++) {
                $state = SheetState::after($pattern, $done);
                $pieces = [...$state->fallen, ...$state->inHand, ...$state->waiting];
                $this->assertSame($whole, array_sum(array_map(static fn ($piece): int => $piece->area()->size()->area(), $pieces)));
                foreach ($pieces as $index => $piece) {
                    foreach (array_slice($pieces, $index + 1) as $other) {
                        $this->assertFalse($piece->area()->overlaps($other->area()));
                    }
                }
                $this->assertSame($done < count($steps), $state->inHand !== [], 'There is something in hand until the last cut is made.');
            }
            $this->assertEqualsCanonicalizing($pattern->leaves(), SheetState::after($pattern, count($steps))->fallen);
        }
    }

    #[DataProvider('seeds')]
    public function test_every_cut_of_the_tree_is_made_once_and_the_fence_is_said_to_stay_only_when_it_does(int $seed): void
    {
        foreach ($this->randomPlan($seed)->patterns as $pattern) {
            $last = null;
            $made = 0;
            foreach ($pattern->steps() as $step) {
                $made += $step->together;
                $this->assertSame($last !== null && $last->fence->equals($step->fence), $step->sameFence);
                $last = $step;
            }
            $this->assertSame($this->cuts($pattern->tree) * $pattern->count, $made);
        }
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 12; $seed++) {
            yield "seed {$seed}" => [$seed];
        }
    }

    public function test_a_moved_tree_keeps_its_shape(): void
    {
        $area = Rectangle::between(0, 0, 12, 8);
        $tree = new Cut(
            $area,
            Axis::Width,
            Length::ofTicks(5),
            new Blank(Rectangle::between(0, 0, 5, 8), ['A'], false),
            new Offcut(Rectangle::between(5, 0, 12, 8)),
        );
        $moved = $tree->movedBy(new Point(Length::ofTicks(30), Length::ofTicks(40)));
        $this->assertSame($tree->signature(), $moved->signature());
        $this->assertEquals(Rectangle::between(30, 40, 42, 48), $moved->area());
        $this->assertEquals(Rectangle::between(35, 40, 42, 48), $moved->second->area());
    }

    public function test_the_selvage_comes_off_first_and_none_where_there_is_none(): void
    {
        $offcut = new Offcut(Rectangle::whole(Size::inches(12, 12)));
        $plain = new Supply('Dew point', Size::inches(12, 12), Length::zero());
        $this->assertSame($offcut, $plain->withSelvage($offcut));
        $printed = new Supply('Dew point', Size::inches(12, 12), Length::inches(0, 1, 2));
        $cut = $printed->withSelvage($offcut);
        $this->assertInstanceOf(Cut::class, $cut);
        $this->assertSame([Axis::Height, 12 * 8128], [$cut->along, $cut->at->ticks]);
        $this->assertTrue($cut->second instanceof Offcut && $cut->second->selvage);
        $this->assertSame(3, $plain->limitedTo(3)->available);
    }

    public function test_a_slab_is_filled_divided_and_emptied(): void
    {
        $slab = new Slab(12, 10);
        $free = $slab->place(0, 5, 4, false, true);
        $this->assertEqualsCanonicalizing(
            [[7, 10], [5, 6]],
            array_map(static fn (Slab $each): array => [$each->width, $each->height], $free),
        );
        $free[0]->place(1, $free[0]->width, $free[0]->height, true, true);
        $this->assertSame([0 => 1, 1 => 1], $slab->pieces());
        $this->assertSame(20 + $free[0]->width * $free[0]->height, $slab->used());
        $copy = clone $slab;
        $surplus = [1 => 1];
        $slab->drop($surplus);
        $this->assertSame([[0 => 1], 0], [$slab->pieces(), $surplus[1]]);
        $this->assertSame([0 => 1, 1 => 1], $copy->pieces(), 'A copy is a copy all the way down.');
        $this->assertNotSame($slab->signature(), $copy->signature());
    }

    public function test_slivers_do_not_come_off(): void
    {
        $slab = new Slab(12, 10);
        $slab->divide(Axis::Width, 11);
        $slab->first?->place(0, 11, 10, false, true);
        $this->assertTrue($slab->comesOff(1));
        $this->assertFalse($slab->comesOff(2));
    }

    /** Covering programmes solved by hand. */
    public function test_the_linear_programme_finds_known_optima(): void
    {
        // Ten of one kind, three to a sheet: 10⁄3 sheets.
        $one = new CoveringLp([10.0], []);
        $one->add([0 => 3], 1.0, null);
        $one->optimise(100, Effort::unlimited());
        $this->assertEqualsWithDelta(10 / 3, $one->cost(), 1e-9);
        $this->assertEqualsWithDelta(1 / 3, $one->prices()[0], 1e-9);

        // Two kinds; alone two or three to a sheet, mixed one of each: 4 of A and 3 of B. A alone: 2 sheets, B alone: 1 sheet; mixing (1,
        // 1) is worse: 3.
        $two = new CoveringLp([4.0, 3.0], []);
        $number = [$two->add([0 => 2], 1.0, null), $two->add([1 => 3], 1.0, null), $two->add([0 => 1, 1 => 1], 1.0, null)];
        $two->optimise(100, Effort::unlimited());
        $this->assertEqualsWithDelta(3.0, $two->cost(), 1e-9);
        $taken = $two->taken();
        $this->assertEqualsWithDelta(2.0, $taken[$number[0]] ?? 0.0, 1e-9);
        $this->assertEqualsWithDelta(1.0, $taken[$number[1]] ?? 0.0, 1e-9);

        // A leftover that costs nothing, but there is only one of it.
        $limited = new CoveringLp([4.0], [1.0]);
        $limited->add([0 => 2], 1.0, null);
        $limited->add([0 => 1], 0.0, 0);
        $limited->optimise(100, Effort::unlimited());
        $this->assertEqualsWithDelta(1.5, $limited->cost(), 1e-9);
        $this->assertEqualsWithDelta(-0.5, $limited->prices()[1], 1e-9, 'One more leftover would save half a sheet.');
    }

    public function test_a_fence_between_two_marks_is_flagged(): void
    {
        $inches = Notation::usual(Unit::Inch);
        $this->assertTrue(FenceSetting::on(ToolGrid::Eighth, Length::inches(4, 3, 8))->isAtMark());
        $this->assertSame('', FenceSetting::on(ToolGrid::Eighth, Length::inches(4, 3, 8))->advice($inches));
        $this->assertSame(
            '4 7/16 in falls between two marks of the trimmer: set it 1/16 in past 4⅜ in, '
                .'or mark the place with a ruler and lay it under the blade.',
            FenceSetting::on(ToolGrid::Eighth, Length::inches(4, 7, 16))->advice($inches),
        );
        $half = Length::millimetres(154)->plus(Length::micrometres(500));
        $this->assertStringContainsString(
            '15.45 cm falls between two marks of the trimmer: set it 0.05 cm past 15.4 cm',
            FenceSetting::on(ToolGrid::Millimetre, $half)->advice(Notation::usual(Unit::Centimetre)),
        );
    }

    public function test_the_bench_names_the_cuts_for_which_the_fence_has_no_mark(): void
    {
        $supply = new Supply('Card', Size::inches(12, 12), Length::zero());
        $trimmer = Trimmer::usual(ToolGrid::Eighth);
        $off = new Demand('A', new Size(Length::inches(4, 7, 16), Length::inches(12)), 1, false);
        $flagged = (new TrimmerBench($trimmer))->betweenMarks(ProvenPlanner::quick()->plan([$off], [$supply], $trimmer));
        $this->assertCount(1, $flagged);
        $this->assertTrue($flagged[0]->fence->equals(Length::inches(4, 7, 16)));
        $on = new Demand('A', new Size(Length::inches(4, 3, 8), Length::inches(12)), 1, false);
        $this->assertSame([], (new TrimmerBench($trimmer))->betweenMarks(ProvenPlanner::quick()->plan([$on], [$supply], $trimmer)));
        $this->assertSame([], (new TrimmerBench($trimmer))->betweenMarks(new CutPlan([], 0, [])), 'Nothing to cut.');
    }

    public function test_a_metric_trimmer_is_measured_in_centimetres(): void
    {
        $trimmer = Trimmer::usual(ToolGrid::Millimetre);
        $this->assertTrue(
            $trimmer->longestCut->equals(Length::millimetres(310)) && $trimmer->narrowestStrip->equals(Length::millimetres(3)),
        );
        $this->assertTrue(Trimmer::usual(ToolGrid::Sixteenth)->longestCut->equals(Length::inches(12, 1, 4)));
    }

    public function test_cuts_longer_than_the_blade_are_few_and_told(): void
    {
        $sheet = new Supply('Card', Size::inches(20, 20), Length::zero());
        $trimmer = Trimmer::usual(ToolGrid::Eighth, Length::inches(12));
        $bench = new TrimmerBench($trimmer);
        $long = static fn (Demand ...$demands): array => $bench->longerThanTheBlade(
            ProvenPlanner::quick()->plan(array_values($demands), [$sheet], $trimmer),
        );
        $four = $long(new Demand('A', Size::inches(10, 10), 4, true));
        $this->assertCount(1, $four, 'Halved with the knife, then every cut is 10 in.');
        $this->assertTrue($four[0]->length()->equals(Length::inches(20)));
        $this->assertStringContainsString(
            'The cut is 20 in long, the blade 12 in',
            $trimmer->advice($four[0], Notation::usual(Unit::Inch)),
        );
        $this->assertSame(
            [],
            (new TrimmerBench(Trimmer::usual(ToolGrid::Eighth, Length::inches(20))))->longerThanTheBlade(
                ProvenPlanner::quick()->plan([new Demand('A', Size::inches(10, 10), 4, true)], [$sheet], $trimmer),
            ),
            'A cut just as long as the blade is made.',
        );
        $this->assertGreaterThan(1, count($long(new Demand('A', Size::inches(5, 20), 4, false))));
    }

    public function test_a_paper_of_a_book_knows_how_many_of_its_cuts_want_a_ruler_or_a_knife(): void
    {
        $plan = $this->plan('nested-gusset-album', [
            'grid' => '1/8 in', 'blade' => '10 in', 'parameters' => ['leaf-height' => '8 7/16'],
        ]);
        $bench = new TrimmerBench($plan->trimmer());
        [$between, $long] = [0, 0];
        foreach ($plan->stocks as $stock) {
            $this->assertCount($stock->betweenMarks, $bench->betweenMarks($stock->cuts), $stock->stock->name);
            $this->assertCount($stock->tooLong, $bench->longerThanTheBlade($stock->cuts), $stock->stock->name);
            $between += $stock->betweenMarks;
            $long += $stock->tooLong;
        }
        $this->assertGreaterThan(0, $between);
        $this->assertGreaterThan(0, $long);
    }

    /** Of layouts with as many sheets the one is better that leaves more in one piece, then sets the fence less often, then turns less. */
    public function test_of_two_layouts_the_easier_one_is_better(): void
    {
        $kinds = Kind::among([new Demand('A', Size::inches(2, 2), 2, true)]);
        $supplies = [new Supply('Card', Size::inches(12, 12), Length::zero())];
        $task = Measured::of($kinds, $supplies, Trimmer::usual(ToolGrid::Eighth));
        /** @param list<array{Axis, int}> $cuts each through what the one before has left */
        $packing = function (array $cuts) use ($task, $supplies): Packing {
            $whole = $slab = new Slab(...$task->sheets[0]);
            foreach ($cuts as [$along, $at]) {
                $slab = $slab->divide($along, $at);
            }

            return new Packing($task, $supplies, [[0, $whole]], []);
        };
        $sixth = intdiv($task->sheets[0][0], 6);
        $twice = $packing([[Axis::Width, $sixth], [Axis::Width, $sixth]]);
        $twoSettings = $packing([[Axis::Width, $sixth - 1], [Axis::Width, $sixth + 1]]);
        $this->assertTrue($twice->beats($twoSettings), 'the fence stays where it is');
        $this->assertFalse($twoSettings->beats($twice));
        $larger = $packing([[Axis::Width, $sixth - 1]]);
        $this->assertTrue($larger->beats($twice), 'what is left over comes first');
        $half = 3 * $sixth;
        $straight = $packing([[Axis::Width, $half], [Axis::Width, $sixth]]);
        $turned = $packing([[Axis::Width, $half], [Axis::Height, $sixth]]);
        $this->assertSame([[$half, false], [$sixth, true]], $this->cutsOf($turned));
        $this->assertTrue($straight->beats($turned), 'not turned in between');
        $this->assertTrue($packing([[Axis::Width, $half], [Axis::Height, $half]])->beats($straight), 'a setting weighs more than a turn');
    }

    /** @return list<array{int, bool}> */
    private function cutsOf(Packing $packing): array
    {
        $cuts = [];
        $packing->sheets[0][1]->eachCut(static function (int $at, bool $isTurned) use (&$cuts): void {
            $cuts[] = [$at, $isTurned];
        });

        return $cuts;
    }

    public function test_of_two_layouts_the_one_with_fewer_long_cuts_is_better(): void
    {
        $kinds = Kind::among([new Demand('A', Size::inches(10, 10), 1, true)]);
        $supplies = [new Supply('Card', Size::inches(10, 20), Length::zero())];
        $task = Measured::of($kinds, $supplies, Trimmer::usual(ToolGrid::Eighth));
        $packing = function (Axis $first) use ($task, $supplies): Packing {
            $slab = new Slab(...$task->sheets[0]);
            $side = intdiv($slab->width, 2);
            $first === Axis::Width ? $slab->divide(Axis::Width, $side)->divide(Axis::Height, $slab->width)
                : $slab->divide(Axis::Height, $slab->width)->divide(Axis::Width, $side);

            return new Packing($task, $supplies, [[0, $slab]], []);
        };
        $this->assertSame(1, $packing(Axis::Width)->longCuts, 'Lengthwise, 20 in.');
        $this->assertSame(0, $packing(Axis::Height)->longCuts);
    }

    public function test_effort_is_counted_and_ends_when_it_is_spent_or_called_off(): void
    {
        $effort = Effort::of(10);
        $effort->spend(9);
        $this->assertFalse($effort->isSpent());
        $this->assertSame(1, $effort->left());
        $effort->spend(1);
        $this->assertTrue($effort->isSpent());
        $effort->spend(5);
        $this->assertSame([0, 15], [$effort->left(), $effort->spent()]);
        $this->assertFalse(Effort::unlimited()->isSpent());
        $shares = [];
        $watched = Effort::of(100, static function (float $share) use (&$shares): bool {
            $shares[] = $share;

            return count($shares) < 3;
        });
        $watched->spend(25);
        $this->assertSame([false, false, true], [$watched->isSpent(), $watched->isSpent(), $watched->isSpent()]);
        $this->assertSame([0.25, 0.25, 0.25], $shares);
    }

    public function test_a_search_that_is_called_off_at_once_still_has_a_plan(): void
    {
        $demands = [new Demand('A', Size::inches(5, 7), 9, true), new Demand('B', Size::inches(4, 3), 11, true)];
        $plan = ProvenPlanner::thorough(60.0, static fn (): bool => false)->plan($demands, [$this->supply()], $this->trimmer());
        $this->assertSame([], $plan->missing);
        (new TrimmerBench($this->trimmer()))->replay($plan, $demands);
    }

    public function test_a_bound_of_somebody_else_is_taken_where_it_is_better_and_possible(): void
    {
        $pattern = new SheetPattern($this->supply(), 3, new Offcut(Rectangle::whole(Size::inches(12, 12))), []);
        $plan = new CutPlan([$pattern], 1);
        $this->assertSame([2, 1, 3], [$plan->boundedBy(2)->lowerBound, $plan->boundedBy(0)->lowerBound, $plan->boundedBy(9)->lowerBound]);
        $this->assertTrue($plan->boundedBy(3)->isProved());
    }

    /** @param list<Demand> $demands */
    #[DataProvider('reasons')]
    public function test_why_fewer_are_impossible_is_said_for_each_reason(array $demands, ?int $available, string $reason): void
    {
        $supplies = [new Supply('Dew point', Size::inches(12, 12), Length::zero(), $available)];
        $plan = ProvenPlanner::quick()->plan($demands, $supplies, $this->trimmer());
        $this->assertStringContainsString($reason, (new WhyNotFewer($plan, $demands, $supplies))->text());
    }

    /** @return iterable<string, array{list<Demand>, int|null, string}> */
    public static function reasons(): iterable
    {
        yield 'area' => [[new Demand('A', Size::inches(6, 6), 9, true)], null, 'would cover 2.25 sheets: fewer than 3'];
        yield 'pieces too large to share' => [
            [new Demand('A', Size::inches(7, 7), 5, true)],
            null,
            '5 of the pieces are so large that no two of them come out of one sheet',
        ];
        // Two pieces of 5 × 7 lie in a sheet in one way only, three do not: five want three sheets though they cover 1.22.
        yield 'ways to lie side by side' => [[new Demand('A', Size::inches(5, 8), 8, true)], null, 'linear programme'];
        yield 'less than a sheet' => [[new Demand('A', Size::inches(5, 8), 3, true)], null, 'By area 0.84 of a sheet would hold the pieces'];
        yield 'no strip too narrow' => [
            [new Demand('A', Size::inches(5.953125, 5.953125), 4, true)],
            null,
            'By area 0.99 of a sheet would hold the pieces, but they do not lie side by side without a rest, and no rest may be too narrow',
        ];
        yield 'not enough' => [[new Demand('A', Size::inches(12, 12), 3, true)], 2, 'Not every piece finds room'];
    }

    public function test_what_is_not_proved_is_not_claimed(): void
    {
        $demands = [new Demand('A', Size::inches(6, 6), 9, true)];
        $pattern = new SheetPattern($this->supply(), 4, new Offcut(Rectangle::whole(Size::inches(12, 12))), []);
        $this->assertStringContainsString(
            'Whether 3 would do is not known',
            (new WhyNotFewer(new CutPlan([$pattern], 3), $demands, [$this->supply()]))->text(),
        );
        $leftover = new Supply('Dew point', Size::inches(6, 6), Length::zero(), 9, isLeftover: true);
        $all = new CutPlan([new SheetPattern($leftover, 9, new Blank(Rectangle::whole(Size::inches(6, 6)), ['A'], false), ['A' => 9])], 0);
        $this->assertStringContainsString('no new sheet is begun', (new WhyNotFewer($all, $demands, [$this->supply(), $leftover]))->text());
    }

    private function randomPlan(int $seed): CutPlan
    {
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        $demands = [];
        foreach (range('A', chr(ord('A') + $chance->getInt(1, 5))) as $letter) {
            $demands[] = new Demand(
                $letter,
                new Size(Length::inches(0, $chance->getInt(8, 80), 8), Length::inches(0, $chance->getInt(8, 80), 8)),
                $chance->getInt(1, 7),
                $chance->getInt(0, 1) === 1,
            );
        }

        return ProvenPlanner::quick()->plan($demands, [$this->supply()], $this->trimmer());
    }

    private function cuts(object $piece): int
    {
        return $piece instanceof Cut ? 1 + $this->cuts($piece->first) + $this->cuts($piece->second) : 0;
    }

    private function supply(): Supply
    {
        return new Supply('Dew point', Size::inches(12, 12), Length::zero());
    }

    private function trimmer(): Trimmer
    {
        return Trimmer::usual(ToolGrid::Eighth);
    }
}
