<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Blueprint\Crease;
use Ephemeron\Blueprint\Fold;
use Ephemeron\Blueprint\Part;
use Ephemeron\Design\ScoringSchool;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\ToolGrid;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\StockRole;
use Ephemeron\Scoring\Board;
use Ephemeron\Scoring\ScoreMove;
use Ephemeron\Scoring\ScorePlan;
use Ephemeron\Scoring\Scorer;
use Ephemeron\Scoring\Turn;
use PHPUnit\Framework\TestCase;

/** The ways of giving scores are common practice, no published source. */
final class ScoringTest extends TestCase
{
    use Designs;

    public function test_the_same_distance_from_each_end_keeps_leaves_equal(): void
    {
        $plan = $this->plan('nested-gusset-album')->scores['sheet-4'];
        $this->assertSame([Turn::None, Turn::EndForEnd], array_map(static fn (ScoreMove $move): Turn => $move->turn, $plan->moves));
        foreach ($plan->moves as $move) {
            $this->assertTrue($move->lines[0]->at->equals(Length::inches(5)));
        }
    }

    public function test_absolute_positions_on_one_fence(): void
    {
        $plan = $this->plan('nested-gusset-album', ['scoring' => 'absolute'])->scores['sheet-4'];
        $this->assertCount(1, $plan->moves);
        $this->assertSame(['5', '6'], $this->positions($plan->moves[0]));
        $this->assertSame('The width along the top fence: score at 5, 6 in.', $plan->sentence(Notation::usual(Unit::Inch)));
    }

    public function test_the_meander_sheet_is_scored_both_ways(): void
    {
        $turned = $this->plan('meander-book')->scores['book-sheet'];
        $this->assertSame([['3', '6'], ['3'], ['3', '6'], ['3']], array_map($this->positions(...), $turned->moves));
        $this->assertSame(
            [Turn::None, Turn::EndForEnd, Turn::Quarter, Turn::EndForEnd],
            array_map(static fn (ScoreMove $move): Turn => $move->turn, $turned->moves),
        );

        $absolute = $this->plan('meander-book', ['scoring' => 'absolute'])->scores['book-sheet'];
        $this->assertSame([['3', '6', '9'], ['3', '6', '9']], array_map($this->positions(...), $absolute->moves));
        $this->assertSame(
            [Fold::Valley, Fold::Mountain, Fold::Valley],
            array_map(static fn ($line): Fold => $line->fold, $absolute->moves[0]->lines),
        );
    }

    public function test_a_score_between_grooves_says_how_far_past_which(): void
    {
        $line = $this->score(Size::inches(10, 5), Length::inches(4, 3, 16), ToolGrid::Eighth)->lines()[0];
        $this->assertFalse($line->isOnGroove());
        $this->assertTrue($line->groove?->equals(Length::inches(4, 1, 8)));
        $this->assertTrue($line->past()->equals(Length::inches(0, 1, 16)));
        $this->assertTrue($this->score(Size::inches(10, 5), Length::inches(4, 3, 16), ToolGrid::Sixteenth)->isOnGrooves());
    }

    public function test_a_single_score_beyond_the_middle_is_not_worth_a_turn(): void
    {
        $plan = $this->score(Size::inches(10, 5), Length::inches(8), ToolGrid::Eighth);
        $this->assertCount(1, $plan->moves);
        $this->assertSame(Turn::None, $plan->moves[0]->turn);
        $this->assertTrue($plan->lines()[0]->at->equals(Length::inches(8)));
    }

    public function test_a_score_beyond_the_board_is_noticed(): void
    {
        $this->assertTrue($this->score(Size::inches(20, 5), Length::inches(12, 1, 2), ToolGrid::Eighth)->lines()[0]->beyondTheBoard);
        $this->assertFalse($this->score(Size::inches(20, 5), Length::inches(12), ToolGrid::Eighth)->lines()[0]->beyondTheBoard);
    }

    private function score(Size $size, Length $at, ToolGrid $grooves): ScorePlan
    {
        $part = new Part(
            'p',
            'Piece',
            'Test',
            $size,
            StockRole::StructureCard,
            creases: [Crease::across($size, Axis::Width, $at, Fold::Valley)],
        );

        return (new Scorer(Board::usual($grooves), ScoringSchool::Turn))->plan($part);
    }

    /** @return list<string> */
    private function positions(ScoreMove $move): array
    {
        return array_map(static fn ($line): string => Notation::usual(Unit::Inch)->number($line->at), $move->lines);
    }
}
