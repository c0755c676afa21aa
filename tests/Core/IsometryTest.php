<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Geometry\Isometry;
use Ephemeron\Geometry\NotExact;
use Ephemeron\Geometry\Point;
use Ephemeron\Geometry\Segment;
use Ephemeron\Measure\Length;
use PHPUnit\Framework\TestCase;

final class IsometryTest extends TestCase
{
    public function test_half_turns_about_edges_and_diagonals_stay_whole(): void
    {
        $this->assertSame([-3.0, 5.0, 0.0], Isometry::about($this->line(0, 0, 0, 9), 2)->apply(3, 5));
        $this->assertSame([5.0, 3.0, 0.0], Isometry::about($this->line(0, 0, 7, 7), 2)->apply(3, 5));
        $this->assertSame(1, Isometry::about($this->line(2, 3, 9, 10), 2)->denominator());
    }

    public function test_a_quarter_turn_stands_paper_up(): void
    {
        $up = Isometry::about($this->line(4, 0, 4, 9), 1);
        $this->assertSame([4.0, 5.0, -3.0], $up->apply(7, 5));
        $this->assertFalse($up->isFlat());
        $this->assertSame([4.0, 5.0, 3.0], Isometry::about($this->line(4, 0, 4, 9), -1)->apply(7, 5));
        $this->expectException(NotExact::class);
        Isometry::about($this->line(0, 0, 5, 5), 1);
    }

    public function test_a_slanted_line_of_small_numbers_is_exact_too(): void
    {
        // The reflection about the line through (0, 0) and (4, 3): the point (5, 0) goes to (7/5, 24/5).
        $turn = Isometry::about($this->line(0, 0, 4000, 3000), 2);
        $this->assertSame(25, $turn->denominator());
        $this->assertSame([35, 120, 0], $turn->exactly(5, 0));
        $this->assertTrue($turn->after($turn)->equals(Isometry::identity()));
    }

    public function test_a_movement_and_its_inverse_come_to_nothing(): void
    {
        $move = Isometry::shift(3, -8, 2)->after(Isometry::about($this->line(0, 0, 12, 5), 2))
            ->after(Isometry::about($this->line(1, 1, 1, 9), 1));
        $this->assertTrue($move->after($move->inverse())->equals(Isometry::identity()));
        $this->assertTrue($move->inverse()->after($move)->equals(Isometry::identity()));
    }

    public function test_what_cannot_be_told_exactly_is_refused(): void
    {
        $this->expectException(NotExact::class);
        $turn = Isometry::about($this->line(0, 0, 99_991, 99_989), 2);
        for ($k = 0; $k < 8; $k++) {
            $turn = Isometry::about($this->line(0, $k, 99_971 + $k, 99_961), 2)->after($turn);
        }
    }

    public function test_two_equal_points_are_no_line(): void
    {
        $this->expectException(NotExact::class);
        Isometry::about($this->line(4, 4, 4, 4), 2);
    }

    private function line(int $ax, int $ay, int $bx, int $by): Segment
    {
        return new Segment(new Point(Length::ofTicks($ax), Length::ofTicks($ay)), new Point(Length::ofTicks($bx), Length::ofTicks($by)));
    }
}
