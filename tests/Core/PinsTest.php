<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Cutting\AroundPins;
use Ephemeron\Cutting\CutPlan;
use Ephemeron\Cutting\Demand;
use Ephemeron\Cutting\ProvenPlanner;
use Ephemeron\Cutting\Supply;
use Ephemeron\Cutting\Trimmer;
use Ephemeron\Cutting\TrimmerBench;
use Ephemeron\Geometry\Pin;
use Ephemeron\Geometry\Point;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\ToolGrid;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PinsTest extends TestCase
{
    public function test_a_pinned_piece_comes_from_its_place_and_the_others_from_round_it(): void
    {
        $demands = [
            $this->demand('A', 4, 4, 1, [$this->pin(1, 3, 2)]),
            $this->demand('B', 3, 12, 1),
            $this->demand('C', 5, 12, 1),
            $this->demand('D', 4, 2, 1),
        ];

        $plan = $this->plan($demands);

        $this->assertSame(1, $plan->sheets());
        $this->assertSame([], $plan->loosePins);
        $this->assertTrue($this->liesAt($plan, 'A', 3, 2));
    }

    public function test_pins_of_one_sheet_share_it_and_pins_of_two_do_not(): void
    {
        $shared = $this->plan([$this->demand('A', 4, 4, 2, [$this->pin(1, 0, 0), $this->pin(1, 8, 8)])]);
        $apart = $this->plan([$this->demand('A', 4, 4, 2, [$this->pin(1, 0, 0), $this->pin(2, 0, 0)])]);

        $this->assertSame(1, $shared->sheets());
        $this->assertSame(2, $apart->sheets());
        $this->assertSame(2, $apart->lowerBound, 'Fewer is impossible as long as the pins stay.');
    }

    /** @param list<Pin> $pins */
    #[DataProvider('pinsThatCannotBeKept')]
    public function test_a_piece_whose_pin_cannot_be_kept_is_cut_elsewhere_and_that_is_said(array $pins): void
    {
        $plan = $this->plan([$this->demand('A', 4, 4, count($pins), $pins)]);

        $this->assertSame(['1'], $plan->loosePins);
        $this->assertSame([], $plan->missing);
    }

    /** @return iterable<string, array{list<Pin>}> */
    public static function pinsThatCannotBeKept(): iterable
    {
        $pin = static fn (int $x, int $y): Pin => new Pin(1, new Point(Length::inches($x), Length::inches($y)));
        yield 'beyond the sheet' => [[$pin(9, 0)]];
        yield 'on each other' => [[$pin(0, 0), $pin(3, 3)]];
        yield 'a sliver beside it' => [[new Pin(1, new Point(Length::inches(0, 1, 16), Length::zero()))]];
        // Four pieces round a hole hold each other: no cut goes right across (the pinwheel, known from every text on guillotine cutting).
        yield 'a pinwheel' => [[$pin(0, 1), $pin(4, 0), $pin(5, 4), $pin(1, 5)]];
    }

    public function test_the_bound_is_that_of_all_pieces_where_they_want_more_than_the_pinned_sheets(): void
    {
        $plan = $this->plan([$this->demand('A', 4, 4, 1, [$this->pin(1, 0, 0)]), $this->demand('B', 7, 7, 3)]);
        $this->assertSame([3, 3], [$plan->lowerBound, $plan->sheets()], 'Three pieces that share no sheet; A lies beside one of them.');
    }

    public function test_a_sheet_that_is_not_there_pins_nothing(): void
    {
        $plan = (new AroundPins(ProvenPlanner::quick()))->plan(
            [$this->demand('A', 4, 4, 2, [$this->pin(1, 0, 0), $this->pin(2, 0, 0)])],
            [$this->supply(1)],
            $this->trimmer(),
        );

        $this->assertSame(1, $plan->sheets());
        $this->assertSame([], $plan->missing, 'The second is cut beside the first.');
    }

    public function test_whatever_is_pinned_exactly_the_pieces_that_are_wanted_come_out(): void
    {
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937(7));
        $kept = 0;
        for ($round = 0; $round < 60; $round++) {
            $demands = [];
            foreach (['A', 'B', 'C', 'D'] as $letter) {
                $quantity = $chance->getInt(1, 5);
                $pins = [];
                for ($k = $chance->getInt(0, 2); $k > 0; $k--) {
                    $pins[] = new Pin(
                        $chance->getInt(1, 2),
                        new Point(Length::inches($chance->getInt(0, 8)), Length::inches($chance->getInt(0, 8))),
                        $chance->getInt(0, 1) === 1,
                    );
                }
                $demands[] = new Demand(
                    $letter,
                    Size::inches($chance->getInt(2, 5), $chance->getInt(2, 6)),
                    $quantity,
                    $chance->getInt(0, 1) === 1,
                    pins: $pins,
                );
            }
            $plan = $this->plan($demands);
            $kept += 2 - count($plan->loosePins);

            $this->assertSame([], $plan->missing);
            $this->assertGreaterThanOrEqual($plan->lowerBound, $plan->sheets());
        }
        $this->assertGreaterThan(30, $kept, 'Many of the pins could be kept.');
    }

    /** @param list<Demand> $demands */
    private function plan(array $demands): CutPlan
    {
        $plan = (new AroundPins(ProvenPlanner::quick()))->plan($demands, [$this->supply(null)], $this->trimmer());
        (new TrimmerBench($this->trimmer()))->replay($plan, $demands);

        return $plan;
    }

    private function liesAt(CutPlan $plan, string $letter, int $x, int $y): bool
    {
        foreach ($plan->patterns as $pattern) {
            foreach ($pattern->blanks() as $blank) {
                if (in_array($letter, $blank->demands, true) && $blank->area()->left()->equals(Length::inches($x))
                    && $blank->area()->top()->equals(Length::inches($y))) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @param list<Pin> $pins */
    private function demand(string $letter, int $width, int $height, int $quantity, array $pins = []): Demand
    {
        return new Demand($letter, Size::inches($width, $height), $quantity, true, pins: $pins);
    }

    private function pin(int $sheet, int $x, int $y): Pin
    {
        return new Pin($sheet, new Point(Length::inches($x), Length::inches($y)));
    }

    private function supply(?int $available): Supply
    {
        return new Supply('Night chart', Size::inches(12, 12), Length::inches(0, 1, 2), $available);
    }

    private function trimmer(): Trimmer
    {
        return Trimmer::usual(ToolGrid::usualFor(\Ephemeron\Measure\Unit::Inch));
    }
}
