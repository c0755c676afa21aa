<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Geometry\Perspective;
use Ephemeron\Paper\Repeat;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A motif laid to a sheet, and a photographed sheet squared up: the arithmetic of both. */
final class OwnSheetsTest extends TestCase
{
    /** Written out by hand for a motif of 4 × 3 dots, its dots lettered a … l. */
    #[TestWith([Repeat::Straight, false, ['abcdabcd', 'efghefgh', 'ijklijkl', 'abcdabcd']])]
    #[TestWith([Repeat::HalfDrop, false, ['abcdijkl', 'efghabcd', 'ijklefgh', 'abcdijkl']])]
    #[TestWith([Repeat::Brick, false, ['abcdabcd', 'efghefgh', 'ijklijkl', 'cdabcdab']])]
    #[TestWith([Repeat::Straight, true, ['abcddcba', 'efghhgfe', 'ijkllkji', 'ijkllkji']])]
    public function test_repeats(Repeat $repeat, bool $mirrored, array $expected): void
    {
        $rows = [];
        foreach (range(0, 3) as $y) {
            $rows[$y] = '';
            foreach (range(0, 7) as $x) {
                [$across, $down] = $repeat->dot($x, $y, 4, 3, $mirrored);
                $rows[$y] .= 'abcdefghijkl'[4 * $down + $across];
            }
        }
        $this->assertSame($expected, $rows);
    }

    /** Mirrored, neighbours meet like images in a mirror: the dots beside every seam are the same. */
    public function test_mirrored_copies_meet_in_like_dots(): void
    {
        foreach (range(1, 5) as $copy) {
            foreach (range(0, 40) as $at) {
                $this->assertSame(Repeat::Straight->dot(7 * $copy - 1, $at, 7, 5, true), Repeat::Straight->dot(7 * $copy, $at, 7, 5, true));
                $this->assertSame(Repeat::Straight->dot($at, 5 * $copy - 1, 7, 5, true), Repeat::Straight->dot($at, 5 * $copy, 7, 5, true));
            }
        }
    }

    public function test_corners_fall_on_corners_and_straight_lines_stay_straight(): void
    {
        mt_srand(4);
        for ($trial = 0; $trial < 200; $trial++) {
            $at = static fn (float $x, float $y): array => [$x + mt_rand(-20, 20) / 100, $y + mt_rand(-20, 20) / 100];
            $corners = [$at(0, 0), $at(1, 0), $at(1, 1), $at(0, 1)];
            $seen = Perspective::of(...$corners);
            $this->assertNotNull($seen);
            foreach ([[0, 0], [1, 0], [1, 1], [0, 1]] as $index => [$across, $down]) {
                $this->assertEqualsWithDelta($corners[$index], $seen->seen($across, $down), 1e-9);
            }
            // The middle of a sheet is seen where its diagonals cross.
            [$x, $y] = $seen->seen(0.5, 0.5);
            foreach ([[0, 2], [1, 3]] as [$one, $other]) {
                [[$x1, $y1], [$x2, $y2]] = [$corners[$one], $corners[$other]];
                $this->assertEqualsWithDelta(0.0, ($x2 - $x1) * ($y - $y1) - ($y2 - $y1) * ($x - $x1), 1e-9);
            }
            // A projective map keeps the cross-ratio of four points on a line (a theorem of projective geometry).
            $far = static fn (array $p, array $q): float => hypot($q[0] - $p[0], $q[1] - $p[1]);
            [$a, $b, $c, $d] = array_map(static fn (float $share): array => $seen->seen($share, 0.3), [0.1, 0.3, 0.6, 0.9]);
            $this->assertEqualsWithDelta(0.5 * 0.6 / (0.3 * 0.8), $far($a, $c) * $far($b, $d) / ($far($b, $c) * $far($a, $d)), 1e-9);
        }
    }

    /** @param array{float, float} $corner the lower right one */
    #[TestWith([[1.0, 1.0], true])]
    #[TestWith([[0.51, 0.5], true])]
    #[TestWith([[0.49, 0.5], false])]
    #[TestWith([[-1.0, -1.0], false])]
    public function test_marks_that_are_no_corners_of_a_sheet(array $corner, bool $isSheet): void
    {
        $this->assertSame($isSheet, Perspective::of([0.0, 0.0], [1.0, 0.0], $corner, [0.0, 1.0]) !== null);
        $this->assertNull(Perspective::of([0.0, 0.0], [0.0, 1.0], [1.0, 1.0], [1.0, 0.0]), 'the wrong way round');
    }
}
