<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Bench\Step;
use Ephemeron\Bench\StepGraph;
use Ephemeron\Bench\StepsGoInCircles;
use Ephemeron\Bench\WorkOrder;
use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Caution;
use Ephemeron\Blueprint\Crease;
use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Fold;
use Ephemeron\Blueprint\Notch;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Task;
use Ephemeron\Fit\Workings;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\StockRole;
use Ephemeron\Scoring\Board;
use Ephemeron\Scoring\Scorer;
use Ephemeron\WorkPlan;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The order of the hands is common practice, no published source. */
final class StepsTest extends TestCase
{
    use Designs;

    public function test_the_album_is_made_in_the_order_of_the_hands(): void
    {
        $plan = $this->plan('nested-gusset-album');
        $this->assertOrder($plan, ['cut', 'sort', 'score-sheet-1', 'fold-sheet-1', 'dry-fit', 'nest-3', 'nest-2', 'nest-1', 'ribbon', 'double-mat-covers', 'mat-covers']);
        $this->assertOrder($plan, ['nest-1', 'mat-pages', 'pockets-top', 'cards-3x4']);
        $this->assertOrder($plan, ['notch-page-2/pocket-1', 'short-on-tall', 'pockets-top']);
    }

    public function test_the_meander_book_is_made_in_the_order_of_the_hands(): void
    {
        $plan = $this->plan('meander-book');
        $this->assertOrder($plan, ['practise', 'cut', 'score-book-sheet', 'slit-book-sheet', 'fold-path', 'notch-book-sheet', 'top-pockets', 'side-pockets', 'cover-cards', 'fill-leaves']);
        $this->assertNotContains('fold-book-sheet', array_map(static fn (Step $step): string => $step->key, $plan->steps), 'the structure folds in its own words');
    }

    #[TestWith(['nested-gusset-album'])]
    #[TestWith(['meander-book'])]
    public function test_every_step_is_whole(string $structure): void
    {
        foreach ($this->plan($structure)->steps as $index => $step) {
            $this->assertSame($index + 1, $step->number);
            $this->assertNotSame('', $step->title);
            $this->assertNotSame('', $step->text);
            $this->assertNotSame('', $step->section);
            if ($step->phase === Phase::Slit) {
                $this->assertSame(Caution::Knife, $step->caution);
            }
            if ($step->phase === Phase::Cut && $step->lines !== []) {
                $this->assertSame(Caution::Trimmer, $step->caution);
            }
        }
    }

    public function test_adhesive_by_zone(): void
    {
        $steps = array_column($this->plan('nested-gusset-album')->steps, null, 'key');
        $this->assertSame(Adhesive::Tape, $steps['nest-1']->adhesive);
        $this->assertSame(Adhesive::WetGlue, $steps['pockets-top']->adhesive);
        $this->assertSame(Adhesive::WetGlue, $steps['mat-pages']->adhesive);
        $this->assertSame(Adhesive::None, $steps['score-sheet-1']->adhesive);
        $this->assertStringContainsString('3 strips of tape', $steps['nest-3']->text);
        $this->assertStringContainsString('⅛ in stays free', $steps['nest-3']->text);
    }

    public function test_a_double_mat_is_ticked_page_by_page(): void
    {
        $steps = array_column($this->plan('nested-gusset-album')->steps, null, 'key');
        $this->assertCount(14, $steps['mat-pages']->places);
        $this->assertSame(['Front cover', 'Back cover'], $steps['mat-covers']->places);
    }

    public function test_a_change_of_size_keeps_the_keys_so_that_ticks_stay(): void
    {
        // A sheet that is cut another way is another sheet.
        $keys = fn (string $width): array => array_values(array_filter(
            array_map(static fn (Step $step): string => $step->key, $this->plan('nested-gusset-album', ['parameters' => ['leaf-width' => $width]])->steps),
            static fn (string $key): bool => ! str_starts_with($key, 'cut-'),
        ));
        $this->assertSame($keys('5'), $keys('4 7/8'));
    }

    /** A task that glues a notched, folded part waits for notch and fold even when its phase would let it go first. */
    public function test_whatever_is_done_to_a_part_comes_before_the_part_is_used(): void
    {
        $design = $this->design('meander-book');
        $size = Size::inches(4, 4);
        $draft = new Draft;
        $draft->part(new Part(
            'front',
            'Pocket front',
            'Test',
            $size,
            StockRole::PocketPaper,
            creases: [Crease::across($size, Axis::Width, Length::inches(1), Fold::Valley)],
            notches: [new Notch(Rectangle::whole($size)->middleOf(Edge::Top), Edge::Top, Length::inches(1))],
        ));
        $draft->part(new Part('back', 'Pocket back', 'Test', $size, StockRole::PocketPaper));
        $draft->task(new Task('glue', Phase::Sort, 'Glue', 'Glue it.', 'Test', parts: ['front']));
        $blueprint = $draft->finish();
        $score = (new Scorer(Board::usual($design->tools->grooves), $design->scoring))->plan($blueprint->part('front'));

        $steps = (new WorkOrder(new Workings($design, $blueprint, [], ['front' => $score])))->steps();
        $this->assertSame(['sort', 'score-front', 'fold-front', 'notch-front', 'glue'], array_map(static fn (Step $step): string => $step->key, $steps));
    }

    public function test_ribbon_and_cover_cards_are_under_the_cover_mats_whatever_the_phases(): void
    {
        $this->assertContains('ribbon', $this->plan('nested-gusset-album')->blueprint->tasks['mat-covers']->after);
        $carded = $this->plan('meander-book', ['mats' => ['layers' => 1]])->blueprint;
        $this->assertContains('cover-cards', $carded->tasks['mat-covers']->after);
    }

    public function test_the_graph_waits_and_is_stable(): void
    {
        $graph = new StepGraph;
        $graph->add('mat', Phase::Mat, ['ribbon', 'not there']);
        $graph->add('ribbon', Phase::Closure, ['late']);
        $graph->add('late', Phase::Finish, []);
        $graph->add('early', Phase::Cut, []);
        $this->assertSame(['early', 'late', 'ribbon', 'mat'], $graph->inOrder());
    }

    public function test_steps_that_wait_for_each_other_are_refused(): void
    {
        $graph = new StepGraph;
        $graph->add('hen', Phase::Mat, ['egg']);
        $graph->add('egg', Phase::Mat, ['hen']);
        $this->expectException(StepsGoInCircles::class);
        $graph->inOrder();
    }

    /** @param list<string> $expected */
    private function assertOrder(WorkPlan $plan, array $expected): void
    {
        $first = $plan->stocks[0]->cuts->patterns[0]->key;
        $keys = array_map(static fn (Step $step): string => $step->key === $first ? 'cut' : $step->key, $plan->steps);
        $this->assertSame($expected, array_values(array_intersect($keys, $expected)));
    }
}
