<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Blueprint\Fold;
use Ephemeron\Design\Values;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\ToolGrid;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\Side;
use Ephemeron\Structure\DrawnBase;
use Ephemeron\Structure\FreeLineKind;
use Ephemeron\Structure\UnreadableLayout;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class DrawnBaseTest extends TestCase
{
    public function test_scores_are_set_moved_turned_and_taken_away(): void
    {
        $base = $this->base('12', '12')->scored(Axis::Width, Length::inches(4), Fold::Valley)->mirrored(Axis::Width, 1);
        $this->assertSame('4 in + 4 in + 4 in', $base->changes()['parameters.columns']);
        $base = $base->moved(Axis::Width, 2, Length::inches(8, 1, 8))->folding(Axis::Width, 1, Fold::Mountain);
        $this->assertSame('4 in ^ 4 1/8 in + 3 7/8 in', $base->changes()['parameters.columns']);
        $this->assertSame('8 1/8 in + 3 7/8 in', $base->joined(Axis::Width, 1)->changes()['parameters.columns']);
        $this->assertSame('4 in ^ 4 1/8 in + 3 7/8 in*', $base->tabbed(Axis::Width, 3)->changes()['parameters.columns']);
        $this->assertSame('4 in ^ 4 1/8 in + 2 3/8 in', $base->inAll(Axis::Width, Length::inches(10, 1, 2))->changes()['parameters.columns']);
        $this->assertSame('6 in | 6 in', $this->base('12', '12')->scored(Axis::Height, Length::inches(6), null)->changes()['parameters.rows']);
    }

    #[TestWith([0])]
    #[TestWith([32])]
    #[TestWith([96])]
    #[TestWith([97])]
    public function test_no_score_lies_on_another_or_at_the_rim(int $eighths): void
    {
        $base = $this->base('4 + 8', '12');
        $this->assertCount(3, $base->scored(Axis::Width, Length::inches(0, 31, 8), Fold::Valley)->columns->lengths, 'a mark beside it does');
        $this->expectException(UnreadableLayout::class);
        $base->scored(Axis::Width, Length::inches(0, $eighths, 8), Fold::Valley);
    }

    #[TestWith([1, 64])]
    #[TestWith([1, 0])]
    #[TestWith([2, 32])]
    #[TestWith([2, 96])]
    #[TestWith([3, 90])]
    #[TestWith([0, 16])]
    public function test_a_score_does_not_pass_its_neighbours(int $score, int $eighths): void
    {
        $base = $this->base('4 + 4 + 4', '12');
        $this->assertSame('7 7/8 in', explode(' + ', $base->moved(Axis::Width, 1, Length::inches(7, 7, 8))->changes()['parameters.columns'])[0]);
        $this->expectException(UnreadableLayout::class);
        $base->moved(Axis::Width, $score, Length::inches(0, $eighths, 8));
    }

    public function test_what_is_cut_away_and_what_is_glued_on_stay_where_they_lie(): void
    {
        $base = $this->base('4 + 4 + 4', '6 + 6', '3-1, 1-2..2-2', "Flap: 3 × 3; on Base 3-2 front\nLow: 1 × 1; on Flap 1-1 front");
        $split = $base->scored(Axis::Width, Length::inches(6), Fold::Valley);
        $this->assertSame('4-1, 1-2..3-2', $split->changes()['parameters.cut-away']);
        $this->assertStringContainsString('on Base 4-2 front', $split->changes()['parameters.pieces']);
        $this->assertStringContainsString('on Flap 1-1 front', $split->changes()['parameters.pieces']);
        $this->assertSame($base->changes(), $split->joined(Axis::Width, 2)->changes(), 'and back');
        $down = $base->scored(Axis::Height, Length::inches(9), Fold::Valley);
        $this->assertSame('3-1, 1-2..2-3', $down->changes()['parameters.cut-away']);
    }

    public function test_a_press_snaps_to_halves_thirds_and_what_is_there_at_the_other_end(): void
    {
        $base = $this->base('3 + 9', '12');
        foreach (['5 7/8' => '6', '6 1/8' => '6', '6 3/16' => '6 3/16', '8 1/16' => '8', '9 1/8' => '9', '9 3/16' => '9 3/16', '1 1/33' => '1'] as $at => $is) {
            $meant = $base->meant(Axis::Width, Length::parse((string) $at), ToolGrid::Sixteenth);
            $this->assertTrue($meant->equals(Length::parse((string) $is)), "{$at} is meant as {$is}");
        }
    }

    public function test_areas_are_cut_away_and_come_back(): void
    {
        $base = $this->base('4 + 4 + 4', '6 + 6', '1-1..2-2');
        $this->assertSame('1-1..2-2, 3-1', $base->cut(3, 1)->changes()['parameters.cut-away']);
        $this->assertSame('1-1, 2-1, 1-2', $base->cut(2, 2)->changes()['parameters.cut-away']);
        $this->assertSame('', $this->base('4 + 4', '6', '1-1')->cut(1, 1)->changes()['parameters.cut-away']);
    }

    public function test_slanted_lines_and_slits_come_and_go(): void
    {
        $base = $this->base('4 + 8', '12')->lined(FreeLineKind::Slit, '2 × 0 to 2 × 1 1/2')->lined(FreeLineKind::CutAway, '0 × 0 to 1 × 0 to 0 × 1');
        $this->assertSame(
            "slit: 2 in × 0 in to 2 in × 1 1/2 in\ncut away: 0 in × 0 in to 1 in × 0 in to 0 in × 1 in",
            $base->changes()['parameters.lines'],
        );
        $this->assertStringStartsWith('cut away', $base->unlined(1)->changes()['parameters.lines']);
        $this->expectException(UnreadableLayout::class);
        $base->lined(FreeLineKind::Valley, '2 × 0 to 2 × 0');
    }

    public function test_a_piece_is_glued_onto_an_area(): void
    {
        $base = $this->base('4 + 8', '12')->glued('Flap', new Size(Length::inches(4), Length::inches(8)), 2, 1, Side::B);
        $this->assertSame('Flap: 4 in × 8 in; on Base 2-1 back', $base->changes()['parameters.pieces']);
        $this->expectException(UnreadableLayout::class);
        $base->glued('flap', new Size(Length::inches(4), Length::inches(8)), 2, 1, Side::A);
    }

    /** Any changes drawn by lot: the blank stays as large as it was, and what is written reads the same. */
    public function test_scores_drawn_by_lot_never_change_the_blank(): void
    {
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937(21));
        $base = $this->base('12', '9');
        $taken = 0;
        for ($round = 0; $round < 400; $round++) {
            $along = $chance->getInt(0, 1) === 0 ? Axis::Width : Axis::Height;
            $at = Length::inches(0, $chance->getInt(-2, 200), 16);
            $score = $chance->getInt(0, 5);
            try {
                $base = match ($chance->getInt(0, 3)) {
                    0 => $base->scored($along, $at, Fold::Valley),
                    1 => $base->moved($along, $score, $at),
                    2 => $base->joined($along, $score),
                    default => $base->folding($along, $score, Fold::Mountain),
                };
                $taken++;
            } catch (UnreadableLayout) {
                continue;
            }
            $this->assertTrue($base->columns->total()->equals(Length::inches(12)) && $base->rows->total()->equals(Length::inches(9)));
            $texts = $base->changes();
            $again = $this->base($texts['parameters.columns'], $texts['parameters.rows'], $texts['parameters.cut-away'], $texts['parameters.pieces']);
            $this->assertSame($texts, $again->changes());
        }
        $this->assertGreaterThan(100, $taken);
    }

    private function base(string $columns, string $rows, string $cutAway = '', string $pieces = ''): DrawnBase
    {
        return DrawnBase::of(new Values(compact('columns', 'rows', 'pieces') + ['cut-away' => $cutAway, 'lines' => '']), Unit::Inch);
    }
}
