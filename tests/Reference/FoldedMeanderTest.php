<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Geometry\Edge;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Designs;

/**
 * Folds the meander sheet by plane geometry alone: folding a panel over its crease is a reflection in that crease, so
 * the place of every panel in the closed book is a product of reflections (elementary geometry; no source needed).
 * What the structure says of up, hinge, fold, opening, glue and notch must come out of it.
 *
 * The stack lies on panel 1, one panel wide and high, x to the right and y down; its spine is at x = 1.
 */
final class FoldedMeanderTest extends TestCase
{
    use Designs;

    /** @return iterable<string, array{int}> */
    public static function grids(): iterable
    {
        foreach ([4, 6, 8] as $n) {
            yield "{$n} panels to a side" => [$n];
        }
    }

    #[DataProvider('grids')]
    public function test_the_folded_sheet_is_the_book_the_structure_describes(int $n): void
    {
        $blueprint = $this->plan('meander-book', ['parameters' => ['panels-per-side' => (string) $n, 'notch' => '1/2']])->blueprint;
        $folded = $this->fold($blueprint, $n);

        for ($j = 1; $j <= $n * $n; $j++) {
            $face = $blueprint->face("page-{$j}");
            [$m] = $folded[$j];
            // Walking round the stack to see the other side leaves up and down as they are and swaps left and right.
            $mirrored = $m[0] * $m[3] < 0;
            $this->assertSame($face->isFallen(), $m[3] < 0, "up on page {$j}");
            $this->assertSame($mirrored ? Edge::Left : Edge::Right, $face->hinge, "hinge of page {$j}");
        }
        for ($leaf = 1; 2 * $leaf + 1 < $n * $n; $leaf++) {
            $this->checkLeaf($blueprint, $folded, $leaf, $n);
        }
    }

    /** @param array<int, array{array{float, float, float, float}, array{float, float}}> $folded */
    private function checkLeaf(Blueprint $blueprint, array $folded, int $leaf, int $n): void
    {
        $front = 2 * $leaf;
        $pouch = $blueprint->get(Pouch::class, "leaf-{$leaf}");
        $sheet = $blueprint->part('book-sheet');
        $unit = $sheet->size->width->ticks / $n;
        $fold = $this->edgeInTheBook($this->meeting($blueprint, $front, $front + 1, $unit), $folded[$front]);
        $this->assertNotSame(Edge::Left, $fold, 'no leaf is folded at the spine');
        $this->assertNotContains($fold, $pouch->glued);
        $this->assertNotSame($fold, $pouch->opening);
        $this->assertEqualsCanonicalizing(
            Edge::cases(),
            [$fold, $pouch->opening, ...$pouch->glued],
            'fold, opening and glue are the four edges',
        );

        $notch = $sheet->notches[$leaf - 1];
        $this->assertSame(
            $pouch->opening,
            $this->edgeInTheBook([$notch->centre->x->ticks / $unit, $notch->centre->y->ticks / $unit], $folded[$front]),
        );

        $glued = [];
        foreach (array_slice($sheet->glueZones, 2 * ($leaf - 1), 2) as $zone) {
            $middle = [
                ($zone->area->left()->ticks + $zone->area->right()->ticks) / 2 / $unit,
                ($zone->area->top()->ticks + $zone->area->bottom()->ticks) / 2 / $unit,
            ];
            $glued[] = $this->edgeInTheBook($middle, $folded[$front]);
        }
        $this->assertEqualsCanonicalizing($pouch->glued, $glued);
    }

    /**
     * @return array<int, array{array{float, float, float, float}, array{float, float}}> matrix and shift of every panel, from
     *     the flat sheet to the stack
     */
    private function fold(Blueprint $blueprint, int $n): array
    {
        $unit = $blueprint->part('book-sheet')->size->width->ticks / $n;
        $folded = [1 => [[1.0, 0.0, 0.0, 1.0], [0.0, 0.0]]];
        for ($j = 2; $j <= $n * $n; $j++) {
            [$x, $y] = $this->meeting($blueprint, $j - 1, $j, $unit);
            [$m, $shift] = $folded[$j - 1];
            // Reflection in an upright crease turns x into 2·crease − x, in a level one y into 2·crease − y.
            $upright = floor($x) === $x;
            $reflected = $upright ? [-$m[0], $m[1], -$m[2], $m[3]] : [$m[0], -$m[1], $m[2], -$m[3]];
            $by = $upright ? [2 * $x, 0.0] : [0.0, 2 * $y];
            $folded[$j] = [$reflected, [$shift[0] + $m[0] * $by[0] + $m[1] * $by[1], $shift[1] + $m[2] * $by[0] + $m[3] * $by[1]]];
        }

        return $folded;
    }

    /**
     * The middle of the crease between two panels, in panels.
     *
     * @return array{float, float}
     */
    private function meeting(Blueprint $blueprint, int $one, int $other, float $unit): array
    {
        $middle = function (int $panel) use ($blueprint, $unit): array {
            $area = $blueprint->part('book-sheet')->panel("panel-{$panel}")->area;

            return [round(($area->left()->ticks / $unit + 0.5) * 2) / 2, round(($area->top()->ticks / $unit + 0.5) * 2) / 2];
        };
        [$x1, $y1] = $middle($one);
        [$x2, $y2] = $middle($other);

        return [($x1 + $x2) / 2, ($y1 + $y2) / 2];
    }

    /**
     * Which edge of its page, spine to the left, a place on the sheet has come to lie at.
     *
     * @param array{float, float} $place
     * @param array{array{float, float, float, float}, array{float, float}} $folded
     */
    private function edgeInTheBook(array $place, array $folded): Edge
    {
        [$m, $shift] = $folded;
        $x = $m[0] * $place[0] + $m[1] * $place[1] + $shift[0];
        $y = $m[2] * $place[0] + $m[3] * $place[1] + $shift[1];
        $distances = [
            Edge::Left->value => abs(1 - $x),
            Edge::Right->value => abs($x),
            Edge::Top->value => abs($y),
            Edge::Bottom->value => abs(1 - $y),
        ];
        asort($distances);

        return Edge::from((string) array_key_first($distances));
    }
}
