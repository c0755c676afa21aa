<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Cutting\Demand;
use Ephemeron\Cutting\Kind;
use Ephemeron\Cutting\Measured;
use Ephemeron\Cutting\ProvenPlanner;
use Ephemeron\Cutting\SheetKnapsack;
use Ephemeron\Cutting\Supply;
use Ephemeron\Cutting\Trimmer;
use Ephemeron\Cutting\TrimmerBench;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\ToolGrid;
use Ephemeron\Paper\OnePicture;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ProvenPlannerTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 25; $seed++) {
            yield "seed {$seed}" => [$seed];
        }
    }

    /** Sheets cut up at random and shuffled: nothing was wasted, so their number is known to be the least. */
    #[DataProvider('seeds')]
    public function test_dissected_sheets_are_put_together_again(int $seed): void
    {
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        $sheets = $chance->getInt(1, 4);
        $demands = [];
        for ($sheet = 0; $sheet < $sheets; $sheet++) {
            foreach ($this->dissected($chance, 96, 96, $chance->getInt(1, 5)) as [$width, $height]) {
                $demands[] = new Demand(
                    'P'.count($demands),
                    new Size(Length::inches(0, $width, 8), Length::inches(0, $height, 8)),
                    1,
                    false,
                );
            }
        }
        $plan = ProvenPlanner::thorough(20.0)->plan(
            array_values($chance->shuffleArray($demands)),
            [$this->sheet(12, 12)],
            $this->trimmer(),
        );
        $this->assertSame([$sheets, $sheets], [$plan->sheets(), $plan->lowerBound]);
        $this->assertSame([], $plan->missing);
        (new TrimmerBench($this->trimmer()))->replay($plan, $demands);
    }

    public function test_the_same_input_gives_the_same_plan(): void
    {
        [$demands, $supplies] = [
            [
                new Demand('A', Size::inches(3.5, 5), 9, true),
                new Demand('B', Size::inches(2.25, 4), 14, false),
                new Demand('C', Size::inches(7, 1.5), 11, true),
            ],
            [$this->sheet(12, 12)],
        ];
        $this->assertEquals(
            ProvenPlanner::quick()->plan($demands, $supplies, $this->trimmer()),
            ProvenPlanner::quick()->plan($demands, $supplies, $this->trimmer()),
        );
    }

    /** What a bound proves is not laid out in many ways: work is counted, and on these tasks it would be three times as much. */
    public function test_a_bound_comes_before_laying_out_in_many_ways(): void
    {
        $share = 0.0;
        $work = 0.0;
        foreach ([1, 2, 4, 5, 6, 7, 8] as $seed) {
            $chance = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
            $demands = [];
            foreach (range(1, $chance->getInt(10, 16)) as $kind) {
                $size = Size::inches($chance->getInt(50, 80) / 8, $chance->getInt(30, 80) / 8);
                $demands[] = new Demand("piece {$kind}", $size, $chance->getInt(1, 3), $chance->getInt(0, 1) === 1);
            }
            $told = function (float $sofar) use (&$share): bool {
                $share = $sofar;

                return true;
            };
            $plan = ProvenPlanner::thorough(1.0, $told)->plan($demands, [$this->sheet(12, 12)], $this->trimmer());
            $this->assertSame($plan->sheets(), $plan->lowerBound, "seed {$seed}");
            $work += $share;
        }
        $this->assertLessThan(0.08, $work);
    }

    public function test_leftovers_are_used_before_a_sheet_is_begun(): void
    {
        $leftover = new Supply('Leftover', Size::inches(6, 6), Length::zero(), 2, isLeftover: true);
        $plan = ProvenPlanner::quick()->plan(
            [new Demand('A', Size::inches(6, 6), 5, true)],
            [$leftover, $this->sheet(12, 12)],
            $this->trimmer(),
        );
        $this->assertSame([1, 2, 1], [$plan->sheets(), $plan->leftovers(), $plan->lowerBound]);
        $this->assertTrue($plan->patterns[0]->supply->isLeftover, 'first on the table');
        $enough = ProvenPlanner::quick()->plan(
            [new Demand('A', Size::inches(3, 6), 4, true)],
            [$leftover, $this->sheet(12, 12)],
            $this->trimmer(),
        );
        $this->assertSame([0, 2, 0], [$enough->sheets(), $enough->leftovers(), $enough->lowerBound]);
    }

    public function test_a_smaller_sheet_where_it_is_cheaper_and_there(): void
    {
        $large = new Supply('Twelve', Size::inches(12, 12), Length::zero(), 1, 100);
        $small = new Supply('Eight', Size::inches(8, 8), Length::zero(), null, 60);
        $plan = ProvenPlanner::quick()->plan([new Demand('A', Size::inches(8, 8), 2, true)], [$large, $small], $this->trimmer());
        $this->assertSame([2, 2], [$plan->sheets(), $plan->lowerBound]);
        $this->assertSame([], $plan->missing);
    }

    /**
     * @param list<array{float, float, int}> $pieces width, height, how many
     * @param list<int> $sheets of Twelve and Eight
     */
    #[TestWith([[[5, 5, 1]], [0, 1]])]
    #[TestWith([[[7, 7, 2]], [0, 2]])]
    #[TestWith([[[10, 10, 2], [6, 6, 1]], [2, 1]])]
    #[TestWith([[[6, 6, 2]], [1, 0]])]
    #[TestWith([[[12, 8, 1], [8, 8, 1], [4, 4, 3]], [1, 1]])]
    public function test_of_as_many_sheets_the_cheaper(array $pieces, array $sheets): void
    {
        $supplies = [
            new Supply('Twelve', Size::inches(12, 12), Length::zero(), null, 100),
            new Supply('Eight', Size::inches(8, 8), Length::zero(), null, 60),
        ];
        $demands = array_map(
            static fn (array $piece, int $index): Demand => new Demand("P{$index}", Size::inches($piece[0], $piece[1]), $piece[2], true),
            $pieces,
            array_keys($pieces),
        );
        $plan = ProvenPlanner::quick()->plan($demands, $supplies, $this->trimmer());
        $taken = ['Twelve' => 0, 'Eight' => 0];
        foreach ($plan->patterns as $pattern) {
            $taken[$pattern->supply->name] += $pattern->count;
        }
        $this->assertSame($sheets, array_values($taken));
        $this->assertSame(100 * $sheets[0] + 60 * $sheets[1], $plan->mills());
        $this->assertTrue($plan->isProved());
        (new TrimmerBench($this->trimmer()))->replay($plan, $demands);
    }

    public function test_of_two_leftovers_the_one_whose_rest_is_worth_less(): void
    {
        $supplies = [
            new Supply('Large', Size::inches(10, 10), Length::zero(), 1, isLeftover: true),
            new Supply('Small', Size::inches(4, 5), Length::zero(), 1, isLeftover: true),
            $this->sheet(12, 12),
        ];
        $plan = ProvenPlanner::quick()->plan([new Demand('A', Size::inches(4, 4), 1, true)], $supplies, $this->trimmer());
        $this->assertSame('Small', $plan->patterns[0]->supply->name);
    }

    public function test_pieces_of_one_picture_come_side_by_side_from_one_place(): void
    {
        $demands = [
            new Demand('A', Size::inches(5, 8), 1, false, new OnePicture('night sky')),
            new Demand('B', Size::inches(1, 7.5), 1, false, new OnePicture('night sky')),
            new Demand('C', Size::inches(5, 8), 1, false, new OnePicture('night sky')),
            new Demand('D', Size::inches(4, 4), 5, true),
        ];
        $plan = ProvenPlanner::quick()->plan($demands, [$this->sheet(12, 12)], $this->trimmer());
        $this->assertSame(['A' => 1, 'B' => 1, 'C' => 1, 'D' => 5], (new TrimmerBench($this->trimmer()))->replay($plan, $demands));
        $places = [];
        foreach ($plan->patterns as $sheet => $pattern) {
            foreach ($pattern->blanks() as $blank) {
                $places[$blank->label()] = [$sheet, $blank->area()];
            }
        }
        $this->assertSame($places['A'][0], $places['C'][0]);
        $this->assertTrue(
            $places['A'][1]->right()->equals($places['B'][1]->left()) && $places['B'][1]->right()->equals($places['C'][1]->left()),
            'no gap between them',
        );
        $this->assertTrue($places['A'][1]->top()->equals($places['B'][1]->top()));
        // What does not fit side by side is cut singly.
        $wide = [new Demand('A', Size::inches(8, 8), 2, false, new OnePicture('horizon'))];
        $this->assertSame(
            ['A' => 2],
            (new TrimmerBench($this->trimmer()))->replay(
                ProvenPlanner::quick()->plan($wide, [$this->sheet(12, 12)], $this->trimmer()),
                $wide,
            ),
        );
    }

    public function test_where_area_says_too_little_the_patterns_prove_more(): void
    {
        // Five of 5 × 4 fit nowhere on 8 × 8 (three at the most), though they cover little more than one and a half sheets.
        $plan = ProvenPlanner::quick()->plan([new Demand('A', Size::inches(5, 4), 7, true)], [$this->sheet(8, 8)], $this->trimmer());
        $this->assertTrue($plan->isProved());
        $this->assertSame($plan->sheets(), $plan->lowerBound);
    }

    public function test_the_knapsack_agrees_with_trying_everything(): void
    {
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937(7));
        for ($case = 0; $case < 40; $case++) {
            $kinds = Kind::among(
                array_map(
                    static fn (int $k): Demand => new Demand("K{$k}", Size::inches($chance->getInt(2, 7), $chance->getInt(2, 7)), 1, false),
                    range(1, 3),
                ),
            );
            $task = Measured::of($kinds, [$this->sheet(11, 9)], $this->trimmer());
            $values = array_map(static fn (): int => $chance->getInt(1, 50), $kinds);
            [$width, $height] = $task->sheets[0];
            $knapsack = new SheetKnapsack($task, $width, $height);
            $knapsack->solve($values);
            $known = [];
            $this->assertSame($this->tried($task, $values, $width, $height, $known), $knapsack->value($width, $height));
            $worth = 0;
            foreach ($knapsack->slab($width, $height)->pieces() as $kind => $count) {
                $worth += $count * $values[$kind];
            }
            $this->assertSame($knapsack->value($width, $height), $worth, 'the pattern is worth what is said');
        }
    }

    /**
     * Every cut at every unit, every piece alone.
     *
     * @param list<int> $values
     * @param array<string, int> $known
     */
    private function tried(Measured $task, array $values, int $width, int $height, array &$known): int
    {
        $name = "{$width}x{$height}";
        if (isset($known[$name])) {
            return $known[$name];
        }
        $best = 0;
        foreach ($task->placements as [$kind, $w, $h]) {
            $best = $w <= $width && $h <= $height ? max($best, $values[$kind]) : $best;
        }
        for ($at = 1; 2 * $at <= $width; $at++) {
            $best = max(
                $best,
                $this->tried($task, $values, $at, $height, $known) + $this->tried($task, $values, $width - $at, $height, $known),
            );
        }
        for ($at = 1; 2 * $at <= $height; $at++) {
            $best = max(
                $best,
                $this->tried($task, $values, $width, $at, $known) + $this->tried($task, $values, $width, $height - $at, $known),
            );
        }

        return $known[$name] = $best;
    }

    /** @return list<array{int, int}> in eighths, none narrower than an eighth */
    private function dissected(\Random\Randomizer $chance, int $width, int $height, int $cuts): array
    {
        if ($cuts === 0 || max($width, $height) < 16) {
            return [[$width, $height]];
        }
        $first = $chance->getInt(0, $cuts - 1);
        if ($width >= $height) {
            $at = $chance->getInt(8, $width - 8);

            return [
                ...$this->dissected($chance, $at, $height, $first),
                ...$this->dissected($chance, $width - $at, $height, $cuts - 1 - $first),
            ];
        }
        $at = $chance->getInt(8, $height - 8);

        return [...$this->dissected($chance, $width, $at, $first), ...$this->dissected($chance, $width, $height - $at, $cuts - 1 - $first)];
    }

    private function sheet(int $width, int $height): Supply
    {
        return new Supply('Test', Size::inches($width, $height), Length::zero());
    }

    private function trimmer(): Trimmer
    {
        return Trimmer::usual(ToolGrid::Sixteenth);
    }
}
