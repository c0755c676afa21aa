<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Binding\Passage;
use Ephemeron\Binding\SpineRows;
use Ephemeron\Binding\Stations;
use Ephemeron\Binding\UnusableStations;
use Ephemeron\Binding\Walk;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\Unit;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Holes in a fold and the thread through them. */
final class StitchesTest extends TestCase
{
    use Designs;

    /** Common practice: five on 8½: 1, 2, 4¼, 6½, 7½; three: the middle and about a quarter in. */
    public function test_stations(): void
    {
        $this->assertSame([1.0, 2.0, 4.25, 6.5, 7.5], $this->inches(Stations::usual(Length::inches(8, 1, 2), 5, Unit::Inch)));
        $this->assertSame([2.125, 4.25, 6.375], $this->inches(Stations::usual(Length::inches(8, 1, 2), 3, Unit::Inch)));
        $this->assertSame([1.0, 2.0, 3.0, 5.5, 8.0, 9.0, 10.0], $this->inches(Stations::usual(Length::inches(11), 7, Unit::Inch)));
        $this->assertSame([0.5, 1.0, 2.0, 3.0, 3.5], $this->inches(Stations::usual(Length::inches(4), 5, Unit::Inch)), 'in proportion');
        $this->assertSame([25.0, 50.0, 105.0, 160.0, 185.0], array_map(
            static fn (Length $place): float => $place->inMillimetres(),
            Stations::usual(Length::millimetres(210), 5, Unit::Centimetre)->places,
        ));
    }

    /** At ½ in they hold, a mark nearer they tear. */
    public function test_holes_that_are_too_near(): void
    {
        $half = Length::inches(0, 1, 2);
        $this->assertSame(2, Stations::at(Length::inches(1, 1, 2), [$half, Length::inches(1)], Unit::Inch)->count());
        foreach ([
            [Length::inches(0, 7, 16), Length::inches(2)],
            [$half, Length::inches(0, 15, 16)],
            [$half, Length::inches(2, 9, 16)],
        ] as $places) {
            try {
                Stations::at(Length::inches(3), $places, Unit::Inch);
                $this->fail('it tears');
            } catch (UnusableStations $error) {
                $this->assertEquals($half, $error->least);
            }
        }
        $this->expectException(UnusableStations::class);
        Stations::usual(Length::inches(3, 7, 16), 5, Unit::Inch);
    }

    #[TestWith([4])]
    #[TestWith([1])]
    #[TestWith([9])]
    public function test_numbers_no_pamphlet_has(int $count): void
    {
        $this->expectException(UnusableStations::class);
        Stations::usual(Length::inches(12), $count, Unit::Inch);
    }

    /** Written out by hand, common practice: middle, head, past the middle to the foot, middle. */
    public function test_three_holes(): void
    {
        $walk = Walk::pamphlet(Stations::usual(Length::inches(8), 3, Unit::Inch), true);
        $this->assertSame(['1 out', '0 in', '2 out', '1 in'], $this->told($walk));
        $this->assertEquals(Length::inches(8), $walk->along(), '2 + 4 + 2');
        $this->assertSame(['1 in', '0 out', '2 in', '1 out'], $this->told(Walk::pamphlet($walk->stations, false)));
    }

    /** Written out by hand, common practice. */
    public function test_five_holes(): void
    {
        $walk = Walk::pamphlet(Stations::usual(Length::inches(8, 1, 2), 5, Unit::Inch), true);
        $this->assertSame(['2 out', '1 in', '0 out', '1 in', '3 out', '4 in', '3 out', '2 in'], $this->told($walk));
        $this->assertEquals(Length::inches(13), $walk->along(), '2¼ + 1 + 1 + 4½ + 1 + 1 + 2¼');
        $this->assertEquals(
            Length::inches(13)->plus(Length::inches(7), Length::millimetres(16)),
            $walk->thread(Length::millimetres(2), Length::inches(3, 1, 2)),
        );
    }

    /**
     * What every pamphlet stitch has: sides take turns, all holes are used, both ends come out of the middle on one side of it, and no two
     * stitches lie in one place.
     */
    #[TestWith([3])]
    #[TestWith([5])]
    #[TestWith([7])]
    public function test_a_walk_holds_and_ends_where_it_began(int $count): void
    {
        foreach ([true, false] as $fromInside) {
            $walk = Walk::pamphlet(Stations::usual(Length::inches(11), $count, Unit::Inch), $fromInside);
            $this->sides($walk);
            $first = $walk->passages[0];
            $last = $walk->passages[count($walk->passages) - 1];
            $this->assertSame([intdiv($count, 2), intdiv($count, 2)], [$first->station, $last->station]);
            $this->assertSame([$fromInside, ! $fromInside], [$first->isOutwards, $last->isOutwards]);
            $this->assertSame(range(0, $count - 1), $this->used($walk));
            $stitches = [];
            foreach (array_slice($walk->passages, 1) as $index => $to) {
                $from = $walk->passages[$index];
                $stitches[] = sprintf(
                    '%d-%d %s',
                    min($from->station, $to->station),
                    max($from->station, $to->station),
                    $to->isOutwards ? 'inside' : 'outside',
                );
            }
            $this->assertSame($stitches, array_values(array_unique($stitches)));
        }
    }

    /** Rule of thumb: 2½ to 3 × the height for three stations. The walk itself is shorter: the rule is on the safe side, never the walk. */
    public function test_thread_against_the_rule_of_thumb(): void
    {
        foreach ([5, 6, 7, 8, 9, 10, 11] as $height) {
            $walk = Walk::pamphlet(Stations::usual(Length::inches($height), 3, Unit::Inch), true);
            $thread = $walk->thread(Length::millimetres(2), Walk::usualTail(Unit::Inch));
            $this->assertLessThanOrEqual(3 * $height * Length::TICKS_PER_INCH, $thread->ticks);
            $this->assertGreaterThanOrEqual(1.6 * $height * Length::TICKS_PER_INCH, $thread->ticks);
        }
    }

    /** Written out by hand: five holes, the middle one free; over to the next signature outside, and back. */
    public function test_a_long_stitch_through_all(): void
    {
        $stations = Stations::usual(Length::inches(8, 1, 2), 5, Unit::Inch);
        $walk = Walk::longStitch($stations, 3, Length::inches(0, 1, 4));
        $this->assertSame(
            ['0 in', '1 out', '2 in', '3 out', '3 in', '2 out', '1 in', '0 out', '0 in', '1 out', '2 in', '3 out'],
            $this->told($walk),
        );
        $this->assertSame(
            [0, 0, 0, 0, 1, 1, 1, 1, 2, 2, 2, 2],
            array_map(static fn (Passage $passage): int => $passage->signature, $walk->passages),
        );
        $this->assertEquals(Length::inches(20), $walk->along(), '3 × 6½ along the folds and 2 × ¼ over');
        $this->sides($walk);
        $this->assertFalse($walk->passages[0]->isOutwards);
        $this->assertTrue($walk->passages[11]->isOutwards, 'both ends hang outside');
    }

    /** Three loops to the inch on 6 in: 17 holes with 5⁄32 in left at both ends; two to the inch: 12, made up to 1¼ in. */
    public function test_a_wire_brings_its_pitch(): void
    {
        $plan = $this->plan('coil-album', ['parameters' => ['binding' => 'wire-3', 'coil' => '9/16', 'stop' => '1/4', 'leaves' => 1]]);
        $holes = $plan->blueprint->part('card')->holes;
        $this->assertCount(17, $holes);
        $this->assertEqualsWithDelta(25.4 / 3, $holes[1]->at->y->minus($holes[0]->at->y)->inMillimetres(), 0.01);
        $this->assertEqualsWithDelta(6.35, $holes[0]->at->x->inMillimetres(), 0.001);
        $this->assertSame([], $plan->report->of('wire-too-large'));
        $this->assertContains('Close the wire', array_column($plan->steps, 'title'));
        $this->assertStringNotContainsString('coil', implode(' ', array_column($plan->steps, 'text')));
        $wide = $this->plan('coil-album', ['parameters' => ['binding' => 'wire-3', 'coil' => '5/8']])->report->of('wire-too-large');
        $this->assertSame(['parameters.binding' => 'wire-2'], $wide[0]->mend?->changes);
        $this->assertCount(12, $this->plan('coil-album', ['parameters' => ['binding' => 'wire-2']])->blueprint->part('card')->holes);
    }

    /** Guides at true size: the coil's holes at its pitch, as far from both ends; the strap's at its inset, in the middle. */
    public function test_guides_of_coil_and_strap(): void
    {
        $coil = $this->plan('coil-album')->blueprint;
        foreach (['card' => 23, 'leaf' => 46] as $part => $count) {
            $holes = $coil->part($part)->holes;
            $this->assertCount($count, $holes);
            $this->assertEquals(Length::inches(0, 1, 4), $holes[1]->at->y->minus($holes[0]->at->y));
            $this->assertEquals($holes[0]->at->y, Length::inches(6)->minus($holes[22]->at->y));
        }
        $album = $this->plan('corner-pocket-album')->blueprint;
        $guide = $album->part('hole-guide');
        $this->assertCount(2, $guide->holes);
        $more = $album->part('cover')->size->height->minus($guide->size->height)->half();
        $this->assertEquals($guide->holes[0]->at->y->plus($more), $album->part('cover')->holes[0]->at->y);
        $this->assertEquals($guide->size->width->half(), $album->part('cover')->holes[1]->at->x);
    }

    public function test_rows_on_a_spine(): void
    {
        $rows = SpineRows::of(Size::inches(1, 8), 3, Length::inches(0, 1, 4));
        $this->assertEquals([Length::inches(0, 1, 4), Length::inches(0, 1, 2), Length::inches(0, 3, 4)], $rows->rows);
        $this->assertTrue($rows->holds(Unit::Inch));
        $this->assertTrue(SpineRows::of(Size::inches(0.25, 8), 3, Length::inches(0, 1, 16))->holds(Unit::Inch));
        $this->assertFalse(SpineRows::of(Size::inches(0.25, 8), 3, Length::inches(0, 3, 64))->holds(Unit::Inch), 'too near each other');
        $this->assertFalse(SpineRows::of(Size::inches(0.234375, 8), 3, Length::inches(0, 1, 16))->holds(Unit::Inch), 'too near the edge');
    }

    private function sides(Walk $walk): void
    {
        foreach (array_slice($walk->passages, 1) as $index => $passage) {
            $this->assertNotSame($walk->passages[$index]->isOutwards, $passage->isOutwards, 'a needle that is outside goes in next');
        }
    }

    /** @return list<int> */
    private function used(Walk $walk): array
    {
        $used = array_values(array_unique(array_map(static fn (Passage $passage): int => $passage->station, $walk->passages)));
        sort($used);

        return $used;
    }

    /** @return list<string> */
    private function told(Walk $walk): array
    {
        return array_map(
            static fn (Passage $passage): string => $passage->station.($passage->isOutwards ? ' out' : ' in'),
            $walk->passages,
        );
    }

    /** @return list<float> */
    private function inches(Stations $stations): array
    {
        return array_map(static fn (Length $place): float => $place->ticks / Length::TICKS_PER_INCH, $stations->places);
    }
}
