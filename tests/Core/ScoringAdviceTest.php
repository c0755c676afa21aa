<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Blueprint\Panel;
use Ephemeron\Design\ScoringSchool;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Unit;
use Ephemeron\Scoring\ErrorBudget;
use Ephemeron\Scoring\ScoreGroups;
use Ephemeron\Scoring\ScoringAdvice;
use Ephemeron\Structure\Catalogue;
use Ephemeron\WorkPlan;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ScoringAdviceTest extends TestCase
{
    use Designs;

    public function test_sheets_of_different_sizes_that_are_scored_alike_are_told_once(): void
    {
        $plan = $this->plan('nested-gusset-album');
        $groups = (new ScoreGroups)->of($plan->scores);
        // Handbook 6.1: score p from the left, turn the sheet end for end, score p again.
        $this->assertSame(['sheet-1', 'sheet-2', 'sheet-3', 'sheet-4'], array_keys($groups[0]));
        $this->assertSame('5, turn, 5', (new ScoreGroups)->inShort($groups[0]['sheet-1'], $plan->notation()));
        $absolute = $this->plan('nested-gusset-album', ['scoring' => 'absolute']);
        $this->assertCount(1, (new ScoreGroups)->of($absolute->scores)[0], 'All from the left no two of them are alike.');
    }

    #[TestWith([1, 'the one'])]
    #[TestWith([2, 'both'])]
    #[TestWith([4, 'all four'])]
    #[TestWith([12, 'all 12'])]
    public function test_pieces_are_counted_in_words(int $pieces, string $words): void
    {
        $this->assertSame($words, (new ScoreGroups)->howMany($pieces));
    }

    public function test_the_gusset_takes_the_error_when_the_sheet_is_turned_and_a_leaf_when_it_is_not(): void
    {
        // Handbook 6.1: “both leaves come out equal and the gusset takes any cutting error”.
        $budget = ErrorBudget::of($this->plan('nested-gusset-album')->blueprint->part('sheet-4'))[0];
        $this->assertTrue($budget->outerEqual);
        $this->assertSame('gusset panel', $budget->taker(ScoringSchool::Turn));
        $this->assertSame('right leaf panel', $budget->taker(ScoringSchool::Absolute));
        $this->assertSame(ScoringSchool::Turn, $budget->better());
        $this->assertSame(
            'Cut 1⁄16 in off true along the width, the gusset panel takes it, and the left leaf panel and the right leaf panel stay equal.',
            $budget->text(ScoringSchool::Turn, Notation::usual(Unit::Inch)),
        );
        $this->assertStringContainsString('no longer equal', $budget->text(ScoringSchool::Absolute, Notation::usual(Unit::Inch)));
        $this->assertStringStartsWith('Cut 0.2 cm off true', $budget->text(ScoringSchool::Turn, Notation::usual(Unit::Centimetre)));
    }

    public function test_where_outer_panels_differ_no_way_is_better(): void
    {
        $budget = ErrorBudget::of($this->plan('cascade-album')->blueprint->part('cover-left'))[0];
        $this->assertFalse($budget->outerEqual);
        $this->assertNull($budget->better());
    }

    public function test_scores_go_into_what_becomes_the_outside_of_the_fold(): void
    {
        $this->assertStringContainsString('letter side up', $this->advice('nested-gusset-album', 'sheet-4')[0]);
        $this->assertStringContainsString(
            'every place stays the same',
            $this->advice('cascade-album', 'cover-left')[0],
            'turned over towards one, what is at 4¼ from the left stays there',
        );
        $this->assertStringContainsString('Letter side down: these are mountains', $this->advice('waterfall-wallet', 'wallet')[0]);
        $mixed = $this->advice('tab-spine-album', 'sheet-1')[0];
        $this->assertStringContainsString('The mountains with the letter side down', $mixed);
        $this->assertStringContainsString('score it on both sides', $this->advice('corner-pocket-album', 'cover')[0]);
        $this->assertStringContainsString('either way', $this->advice('nested-gusset-album', 'sheet-4', ['weight' => '90 g'])[0]);
    }

    public function test_heavy_card_and_a_plain_core_are_scored_on_both_sides(): void
    {
        $this->assertCount(1, $this->advice('nested-gusset-album', 'sheet-4'));
        $this->assertStringContainsString('300 g/m² is heavy', $this->advice('nested-gusset-album', 'sheet-4', ['weight' => '300 g'])[1]);
        $this->assertStringContainsString('its core shows', $this->advice('nested-gusset-album', 'sheet-4', ['sides' => 'single'])[1]);
        $this->assertStringContainsString(
            'across the grain',
            $this->advice('nested-gusset-album', 'sheet-4', ['grain' => 'short', 'direction' => 'both'])[1],
        );
    }

    public function test_a_short_board_says_what_lies_beyond_it(): void
    {
        $plan = $this->plan('tag-clutch', ['board' => '8']);
        $this->assertTrue($plan->scores['strip']->board->length->equals(Length::inches(8)));
        $beyond = static fn (WorkPlan $plan): int => count(
            array_filter($plan->scores['strip']->lines(), static fn ($line): bool => $line->beyondTheBoard),
        );
        $this->assertSame(1, $beyond($this->plan('tag-clutch', ['board' => '8', 'scoring' => 'absolute'])));
        $this->assertSame(0, $beyond($this->plan('tag-clutch')));
        $this->expectException(InvalidDesign::class);
        $this->plan('tag-clutch', ['board' => '2']);
    }

    /**
     * @param array<string, mixed> $card
     * @return list<string>
     */
    private function advice(string $structure, string $part, array $card = []): array
    {
        $plan = $this->plan($structure);
        $role = $plan->blueprint->part($part)->role->value;
        $plan = $this->plan($structure, ['materials' => [$role => ['weight' => '220 g', ...$card]]]);

        return (new ScoringAdvice($plan->blueprint->part($part), $plan->stockOf($part)))->sentences();
    }

    #[TestWith(['left-flap', 'left flap'])]
    #[TestWith(['area-2-1', 'area 2-1'])]
    #[TestWith(['flap', 'flap'])]
    public function test_a_panel_is_called_as_one_says_it(string $key, string $called): void
    {
        $this->assertSame($called, Panel::inWords($key));
    }

    public function test_no_panel_is_called_a_panel_twice(): void
    {
        $told = '';
        foreach (Catalogue::ofTheHouse()->keys() as $structure) {
            $plan = $this->plan($structure);
            foreach ($plan->blueprint->parts as $part) {
                foreach (ErrorBudget::of($part) as $budget) {
                    $told .= $budget->text(ScoringSchool::Absolute, $plan->notation()).$budget->text(ScoringSchool::Turn, $plan->notation());
                }
            }
        }
        $this->assertStringContainsString('the panel takes it', $told);
        $this->assertStringNotContainsString('panel panel', $told);
    }
}
