<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Blueprint\Fold;
use Ephemeron\Blueprint\Loose;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Geometry\Edge;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Structure\MeanderPath;
use Ephemeron\WorkPlan;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Check values of the book from one 12 × 12 sheet: common practice, no published source. */
final class MeanderBookTest extends TestCase
{
    use Designs;

    private const KEY = 'meander-book';

    public function test_scores_slits_and_pieces_of_the_usual_book(): void
    {
        $plan = $this->plan(self::KEY);
        $sheet = $plan->blueprint->part('book-sheet');
        foreach (Axis::cases() as $axis) {
            $at = array_map(
                static fn ($crease): string => $plan->notation()->number($crease->at()),
                array_values(array_filter($sheet->creases, static fn ($crease): bool => $crease->along() === $axis)),
            );
            $this->assertSame(['3', '6', '9'], $at);
        }
        $this->assertCount(3, $sheet->slits);
        foreach ($sheet->slits as $slit) {
            $this->assertTrue($slit->line->length()->equals(Length::inches(9)));
        }
        $this->assertSame('3⅛ × 3¼ in', $plan->notation()->size($plan->blueprint->part('cover-card')->size));
        $this->assertSame(2, $plan->blueprint->part('cover-card')->quantity);
        $this->assertSame('2½ × 2½ in', $plan->notation()->size($plan->blueprint->part('insert')->size));
        $this->assertSame(7, $plan->blueprint->part('insert')->quantity);
        $this->assertCount(7, $sheet->notches);
    }

    public function test_seven_leaves_alternate_between_top_and_side_load(): void
    {
        $pouches = array_values($this->plan(self::KEY)->blueprint->all(Pouch::class));
        $this->assertCount(7, $pouches);
        foreach ($pouches as $index => $pouch) {
            $this->assertSame($index % 2 === 0 ? Edge::Top : Edge::Right, $pouch->opening);
            $this->assertContains(Edge::Left, $pouch->glued, 'the spine edge is always glued');
            $this->assertNotContains($pouch->opening, $pouch->glued);
        }
        // Where the path turns below an upright row the fold is the foot, so the head is glued; the other way round below the next.
        $this->assertContains(Edge::Top, $pouches[1]->glued);
        $this->assertContains(Edge::Bottom, $pouches[3]->glued);
        $this->assertContains(Edge::Top, $pouches[5]->glued);
    }

    public function test_second_and_fourth_row_read_upside_down(): void
    {
        $turned = array_keys(array_filter($this->plan(self::KEY)->blueprint->pages(), static fn ($face): bool => $face->isFallen()));
        $this->assertSame(['page-5', 'page-6', 'page-7', 'page-8', 'page-13', 'page-14', 'page-15', 'page-16'], $turned);
    }

    /**
     * Follows the paper without the structure's own arithmetic: cuts the slits out of a grid of panels, walks from
     * panel to panel over the creases that are left, and compares.
     */
    #[DataProvider('grids')]
    public function test_the_slits_leave_one_path_through_all_panels(int $n): void
    {
        $plan = $this->plan(self::KEY, ['parameters' => ['panels-per-side' => (string) $n]]);
        $sheet = $plan->blueprint->part('book-sheet');
        $step = $sheet->size->width->ticks / $n;
        $cut = [];
        foreach ($sheet->slits as $slit) {
            $row = (int) round($slit->line->from->y->ticks / $step);
            $end = (int) round($slit->line->to->x->ticks / $step);
            for ($column = (int) round($slit->line->from->x->ticks / $step); $column < $end; $column++) {
                $cut["{$row}/{$column}"] = true;
            }
        }
        [$row, $column] = [0, 0];
        $seen = ['0/0' => 1];
        for ($j = 2; $j <= $n * $n; $j++) {
            $free = [];
            foreach ([[0, 1], [0, -1], [1, 0], [-1, 0]] as [$down, $right]) {
                [$y, $x] = [$row + $down, $column + $right];
                $slitBetween = $down !== 0 && isset($cut[max($row, $y)."/{$x}"]);
                if ($y >= 0 && $x >= 0 && $y < $n && $x < $n && ! $slitBetween && ! isset($seen["{$y}/{$x}"])) {
                    $free[] = [$y, $x];
                }
            }
            $this->assertCount(1, $free, "after panel {$j} there is one way on");
            [[$row, $column]] = $free;
            $seen["{$row}/{$column}"] = $j;
            $area = $sheet->panel("panel-{$j}")->area;
            $this->assertSame([$row, $column], [(int) round($area->top()->ticks / $step), (int) round($area->left()->ticks / $step)]);
        }
        // Folded back and forth along the path, valley and mountain take turns: 1|2 is a valley.
        foreach ($sheet->creases as $crease) {
            $k = (int) round($crease->at()->ticks / $step);
            for ($i = 0; $i < $n; $i++) {
                [$one, $other] = $crease->along() === Axis::Width ? ["{$i}/".($k - 1), "{$i}/{$k}"] : [($k - 1)."/{$i}", "{$k}/{$i}"];
                if (abs($seen[$one] - $seen[$other]) === 1) {
                    $this->assertSame(min($seen[$one], $seen[$other]) % 2 === 1 ? Fold::Valley : Fold::Mountain, $crease->fold);
                }
            }
        }
    }

    /** @return iterable<array{int}> */
    public static function grids(): iterable
    {
        yield [4];
        yield [6];
        yield [8];
    }

    /** Worked by hand: side 8 → panels 2, inserts 1½, cover cards 2⅛ × 2¼. */
    public function test_the_mini_size(): void
    {
        $plan = $this->plan(self::KEY, ['parameters' => ['sheet-side' => '8', 'notch' => '1/2']]);
        $this->assertSame('1½ × 1½ in', $plan->notation()->size($plan->blueprint->part('insert')->size));
        $this->assertSame('2⅛ × 2¼ in', $plan->notation()->size($plan->blueprint->part('cover-card')->size));
    }

    /** Worked by hand: side 30 cm → panels 7.5, inserts 7.5 − 1.2 = 6.3, cover cards 7.5 + 0.3 by 7.5 + 0.6. */
    public function test_in_centimetres(): void
    {
        $plan = $this->plan(self::KEY, ['unit' => 'cm']);
        $this->assertSame('6.3 × 6.3 cm', $plan->notation()->size($plan->blueprint->part('insert')->size));
        $this->assertSame('7.8 × 8.1 cm', $plan->notation()->size($plan->blueprint->part('cover-card')->size));
        $this->assertSame(['7.5', '15.0', '22.5'], $this->alongTheWidth($plan));
    }

    public function test_a_side_that_does_not_divide_evenly_still_closes(): void
    {
        $plan = $this->plan(self::KEY, ['unit' => 'cm', 'parameters' => ['sheet-side' => '20.001']]);
        $path = MeanderPath::of(4, $plan->design->parameters->length('sheet-side'));
        $sum = 0;
        foreach ([1, 2, 3, 4] as $panel) {
            $sum += $path->area($panel)->width()->ticks;
        }
        $this->assertSame($plan->design->parameters->length('sheet-side')->ticks, $sum);
    }

    public function test_without_pockets_or_covers(): void
    {
        $plan = $this->plan(self::KEY, ['parameters' => ['pockets' => false, 'cover-cards' => false, 'spine' => 'tape']]);
        $this->assertCount(1, $plan->blueprint->parts);
        $this->assertSame([], $plan->blueprint->all(Pouch::class));
        $this->assertStringStartsWith('Spine tape', $plan->blueprint->all(Loose::class)[0]->name);
        $this->assertSame('book-sheet', $plan->blueprint->pages()['front-cover']->paper->part);
        $this->assertSame('B', $plan->blueprint->pages()['front-cover']->paper->side->value, 'the covers show the back of the sheet');
    }

    /** @return list<string> */
    private function alongTheWidth(WorkPlan $plan): array
    {
        $creases = array_filter(
            $plan->blueprint->part('book-sheet')->creases,
            static fn ($crease): bool => $crease->along() === Axis::Width,
        );

        return array_map(static fn ($crease): string => $plan->notation()->number($crease->at()), array_values($creases));
    }
}
