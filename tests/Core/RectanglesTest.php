<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use PHPUnit\Framework\TestCase;

/** By areas: two that do not overlap are one rectangle when what is round both is no larger than they are. */
final class RectanglesTest extends TestCase
{
    public function test_two_with_a_whole_edge_in_common_are_one(): void
    {
        $sides = [[0, 1], [0, 2], [1, 2], [1, 3], [2, 3]];
        $all = [];
        foreach ($sides as [$left, $right]) {
            foreach ($sides as [$top, $bottom]) {
                $all[] = [$left, $top, $right, $bottom];
            }
        }
        $joined = 0;
        foreach ($all as $one) {
            foreach ($all as $other) {
                [$first, $second] = [Rectangle::between(...$one), Rectangle::between(...$other)];
                $round = [min($one[0], $other[0]), min($one[1], $other[1]), max($one[2], $other[2]), max($one[3], $other[3])];
                $isOne = ! $first->overlaps($second) && $this->area($round) === $this->area($one) + $this->area($other);
                $this->assertEquals($isOne ? Rectangle::between(...$round) : null, $first->joined($second));
                $joined += (int) $isOne;
            }
        }
        $this->assertGreaterThan(20, $joined);
    }

    public function test_it_is_drawn_where_its_edges_are(): void
    {
        $area = Rectangle::at(Length::inches(2), Length::millimetres(-3), new Size(Length::inches(1), Length::millimetres(40)));
        // An inch is 25.4 mm by definition (ISO 31-1).
        $this->assertEqualsWithDelta([50.8, -3.0, 25.4, 40.0], $area->inMillimetres(), 1e-9);
    }

    /** @param array{int, int, int, int} $sides left, top, right, bottom */
    private function area(array $sides): int
    {
        return ($sides[2] - $sides[0]) * ($sides[3] - $sides[1]);
    }
}
