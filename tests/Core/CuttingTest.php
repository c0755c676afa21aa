<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Cutting\CutPlan;
use Ephemeron\Cutting\Demand;
use Ephemeron\Cutting\Kind;
use Ephemeron\Cutting\LowerBound;
use Ephemeron\Cutting\Offcut;
use Ephemeron\Cutting\PlanDoesNotCut;
use Ephemeron\Cutting\ProvenPlanner;
use Ephemeron\Cutting\SheetPattern;
use Ephemeron\Cutting\Supply;
use Ephemeron\Cutting\Trimmer;
use Ephemeron\Cutting\TrimmerBench;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\ToolGrid;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CuttingTest extends TestCase
{
    public function test_the_usual_mats_come_two_from_a_sheet_and_are_cut_together(): void
    {
        $plan = $this->cut([new Demand('H', Size::inches(4.875, 8.375), 14, false)], $this->sheet(12, 12));
        $this->assertCount(1, $plan->patterns);
        $this->assertSame(7, $plan->sheets());
        $steps = $plan->patterns[0]->steps();
        $this->assertSame([7, 7, 7], array_map(static fn ($step): int => $step->together, $steps));
        $this->assertTrue($steps[2]->sameFence);
    }

    /**
     * Worked by hand: 4 off gives 8×12 and 4×12; 1×12, 3×4, 3×8; 8×8, 8×4: five blanks, nothing left. Common practice, no published
     * source.
     */
    public function test_five_blanks_from_one_sheet_without_waste(): void
    {
        $demands = [
            new Demand('A', Size::inches(8, 8), 1, true),
            new Demand('B', Size::inches(8, 4), 1, true),
            new Demand('C', Size::inches(1, 12), 1, true),
            new Demand('D', Size::inches(3, 4), 1, true),
            new Demand('E', Size::inches(3, 8), 1, true),
        ];
        $plan = $this->cut($demands, $this->sheet(12, 12));
        $this->assertSame(1, $plan->sheets());
        $this->assertSame(1, $plan->lowerBound);
        $this->assertSame([], $plan->patterns[0]->offcuts());
    }

    /** Worked by hand: 12×12 gives four 5×5 and four 5×2 and leaves 2×2. Common practice, no published source. */
    public function test_four_large_and_four_small_mats_from_one_sheet(): void
    {
        $plan = $this->cut([
            new Demand('A', Size::inches(5, 5), 4, true),
            new Demand('B', Size::inches(5, 2), 4, true),
        ], $this->sheet(12, 12));
        $this->assertSame(1, $plan->sheets());
    }

    public function test_a_directional_print_is_never_turned(): void
    {
        $wide = Size::inches(11, 4);
        $sheet = $this->sheet(5, 12);
        $this->assertSame(['A'], $this->cut([new Demand('A', $wide, 1, false)], $sheet)->oversize);
        $plan = $this->cut([new Demand('A', $wide, 1, true)], $sheet);
        $this->assertTrue($plan->patterns[0]->blanks()[0]->turned);
    }

    public function test_no_sliver_is_left_or_cut(): void
    {
        // Two 5 15⁄16 pieces would leave ⅛ between them; 11 15⁄16 leaves a strip of 1⁄16, which no trimmer takes off.
        $this->assertSame(1, $this->cut([new Demand('A', Size::inches(5.9375, 12), 2, false)], $this->sheet(12, 12))->sheets());
        $plan = $this->cut([new Demand('A', Size::inches(11.9375, 12), 1, false)], $this->sheet(12, 12));
        $this->assertSame(['A' => 1], $plan->missing);
        $this->assertSame(['A'], $plan->oversize);
    }

    public function test_the_selvage_strip_is_the_first_cut(): void
    {
        $supply = new Supply('Night chart', Size::inches(12, 12), Length::inches(0, 1, 2), null);
        $plan = $this->cut([new Demand('A', Size::inches(6, 6), 4, true)], $supply);
        $steps = $plan->patterns[0]->steps();
        $this->assertTrue($steps[0]->fence->equals(Length::inches(12)));
        $this->assertTrue($steps[0]->piece->height->equals(Length::inches(12, 1, 2)));
        $this->assertInstanceOf(Offcut::class, $steps[0]->second);
        $this->assertTrue($steps[0]->second->selvage);
    }

    public function test_running_out_says_which_pieces(): void
    {
        $plan = $this->cut(
            [new Demand('A', Size::inches(8, 8), 5, true)],
            new Supply('Dew point', Size::inches(12, 12), Length::zero(), 3),
        );
        $this->assertSame(3, $plan->sheets());
        $this->assertSame(['A' => 2], $plan->missing);
        $this->assertSame(5, $plan->lowerBound);
    }

    public function test_the_bound_counts_area_and_pieces_that_cannot_share_a_sheet(): void
    {
        $bound = static fn (Demand ...$demands): int => (new LowerBound(Kind::among($demands), Size::inches(12, 12)))->sheets();
        $this->assertSame(1, $bound(new Demand('A', Size::inches(6, 6), 4, true)));
        $this->assertSame(2, $bound(new Demand('A', Size::inches(6, 6), 5, true)));
        $this->assertSame(5, $bound(new Demand('A', Size::inches(6.5, 7), 5, true)));
        $this->assertSame(0, $bound());
        // Worked by hand: of 4⅞ × 8⅜ only two go on 12 × 12 whichever way they are turned, and area alone would say five.
        $this->assertSame(8, $bound(new Demand('A', Size::inches(4.875, 8.375), 16, true)));
        // 3 × 4 fill a 12 × 12 twelve times without waste: no bound may say more than one.
        $this->assertSame(1, $bound(new Demand('A', Size::inches(3, 4), 12, true)));
        $this->assertSame(2, $bound(new Demand('A', Size::inches(3, 4), 13, false)));
    }

    public function test_equal_pieces_for_different_places_are_cut_alike_and_handed_out(): void
    {
        $demands = [
            new Demand('F', Size::inches(4.875, 8.375), 2, true),
            new Demand('H', Size::inches(4.875, 8.375), 14, true),
            new Demand('K', Size::inches(4.875, 8.375), 2, false),
        ];
        $plan = $this->cut($demands, $this->sheet(12, 12));
        $this->assertSame(9, $plan->sheets());
        $this->assertSame(8, $plan->patterns[0]->count, 'all sheets that are alike at one setting');
        $this->assertSame(['F' => 2, 'H' => 14], $plan->patterns[0]->gives);
        $this->assertSame('F·H', $plan->patterns[0]->blanks()[0]->label());
        $this->assertSame(['F' => 2, 'H' => 14, 'K' => 2], (new TrimmerBench($this->trimmer()))->replay($plan, $demands));
    }

    public function test_the_bench_sees_through_a_wrong_plan(): void
    {
        $demand = new Demand('A', Size::inches(6, 12), 2, true);
        $plan = $this->cut([$demand], $this->sheet(12, 12));
        $bench = new TrimmerBench($this->trimmer());

        $this->assertSame(['A' => 2], $bench->replay($plan, [$demand]));
        foreach ([
            'a piece too few' => [$plan, [new Demand('A', Size::inches(6, 12), 3, true)]],
            'another size' => [$plan, [new Demand('A', Size::inches(5, 12), 2, true)]],
            'an unknown piece' => [$plan, [new Demand('B', Size::inches(6, 12), 2, true)]],
            'a sheet that is not cut' => [
                new CutPlan([new SheetPattern($this->sheet(12, 12), 1, new Offcut(Rectangle::whole(Size::inches(12, 12))), [])], 1),
                [$demand],
            ],
            'pieces handed out twice' => [
                new CutPlan([new SheetPattern($plan->patterns[0]->supply, 1, $plan->patterns[0]->tree, ['A' => 3])], 1),
                [new Demand('A', Size::inches(6, 12), 3, true)],
            ],
        ] as $what => [$wrong, $demands]) {
            try {
                $bench->replay($wrong, $demands);
                $this->fail("The bench did not notice {$what}.");
            } catch (PlanDoesNotCut) {
                $this->addToAssertionCount(1);
            }
        }
    }

    public function test_the_bench_refuses_slivers_and_turned_prints(): void
    {
        $demand = new Demand('A', Size::inches(4, 11), 1, true);
        $plan = $this->cut([$demand], $this->sheet(12, 5));
        $this->expectException(PlanDoesNotCut::class);
        (new TrimmerBench($this->trimmer()))->replay($plan, [new Demand('A', Size::inches(4, 11), 1, false)]);
    }

    public function test_the_same_input_gives_the_same_plan(): void
    {
        [$demands, $supply] = $this->random(7);
        $this->assertEquals($this->cut($demands, $supply), $this->cut($demands, $supply));
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 60; $seed++) {
            yield "seed {$seed}" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_every_plan_replays_on_the_bench(int $seed): void
    {
        [$demands, $supply] = $this->random($seed);
        $plan = $this->cut($demands, $supply);
        (new TrimmerBench($this->trimmer()))->replay($plan, $demands);
        $this->assertGreaterThanOrEqual($plan->missing === [] ? $plan->lowerBound : 0, $plan->sheets());
        $this->assertNoOverlap($plan);
    }

    private function assertNoOverlap(CutPlan $plan): void
    {
        foreach ($plan->patterns as $pattern) {
            $area = 0;
            $leaves = $pattern->leaves();
            foreach ($leaves as $index => $leaf) {
                $area += $leaf->area()->size()->area();
                foreach (array_slice($leaves, $index + 1) as $other) {
                    $this->assertFalse($leaf->area()->overlaps($other->area()));
                }
            }
            $this->assertSame($pattern->tree->area()->size()->area(), $area, 'blanks and offcuts are the whole sheet');
        }
    }

    /** @return array{list<Demand>, Supply} on an eighth grid, half of them not turnable */
    private function random(int $seed): array
    {
        mt_srand($seed);
        $demands = [];
        for ($i = 0, $kinds = mt_rand(1, 9); $i < $kinds; $i++) {
            $size = new Size(Length::inches(0, mt_rand(4, 90), 8), Length::inches(0, mt_rand(4, 90), 8));
            $demands[] = new Demand(chr(ord('A') + $i), $size, mt_rand(1, 12), (bool) mt_rand(0, 1));
        }
        $selvage = mt_rand(0, 1) ? Length::inches(0, 1, 2) : Length::zero();

        return [$demands, new Supply('Test', Size::inches(12, mt_rand(0, 1) ? 12 : 8.5), $selvage, mt_rand(0, 3) === 0 ? 4 : null)];
    }

    /** @param list<Demand> $demands */
    private function cut(array $demands, Supply $supply): CutPlan
    {
        return ProvenPlanner::quick()->plan($demands, [$supply], $this->trimmer());
    }

    private function sheet(float $width, float $height): Supply
    {
        return new Supply('Test', Size::inches($width, $height), Length::zero());
    }

    private function trimmer(): Trimmer
    {
        return Trimmer::usual(ToolGrid::Sixteenth);
    }
}
