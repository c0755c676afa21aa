<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Assembly\Job;
use Ephemeron\Assembly\JobGraph;
use Ephemeron\Bench\Step;
use Ephemeron\Bench\WorkOrder;
use Ephemeron\Blueprint\Act\Shape;
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
        $this->assertOrder(
            $plan,
            [
                'cut',
                'sort',
                'score-sheet-1',
                'fold-sheet-1',
                'dry-fit',
                'nest-3',
                'nest-2',
                'nest-1',
                'ribbon',
                'double-mat-covers',
                'mat-covers',
            ],
        );
        $this->assertOrder($plan, ['nest-1', 'mat-pages', 'pockets-top', 'cards-3x4']);
        $this->assertOrder($plan, ['notch-page-2/pocket-1', 'short-on-tall', 'pockets-top']);
    }

    public function test_the_meander_book_is_made_in_the_order_of_the_hands(): void
    {
        $plan = $this->plan('meander-book');
        $this->assertOrder(
            $plan,
            [
                'practise',
                'cut',
                'score-book-sheet',
                'slit-book-sheet',
                'fold-path',
                'notch-book-sheet',
                'top-pockets',
                'side-pockets',
                'cover-cards',
                'fill-leaves',
            ],
        );
        $this->assertNotContains(
            'fold-book-sheet',
            array_map(static fn (Step $step): string => $step->key, $plan->steps),
            'the structure folds in its own words',
        );
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
        $plan = $this->plan('nested-gusset-album');
        $steps = array_column($plan->steps, null, 'key');
        $this->assertSame(Adhesive::Tape, $steps['nest-1']->adhesive);
        $this->assertSame(Adhesive::WetGlue, $steps['pockets-top']->adhesive);
        $this->assertSame(Adhesive::WetGlue, $steps['mat-pages']->adhesive);
        $this->assertSame(Adhesive::None, $steps['score-sheet-1']->adhesive);
        $this->assertStringContainsString('3 strips side by side', $steps['nest-3']->text);
        $this->assertStringStartsWith('One strip (', $steps['nest-1']->text);
        $this->assertSame(
            ['Tape on the gusset of C (sheet 3), letter side; '
                .'onto the gusset of D (sheet 4), side without the letter, ⅛ in free on each side.'],
            $plan->linesOf($steps['nest-3']),
        );
    }

    /** Inserts slide in at different edges: which leaves those are is said with it. One piece is “it”, two are “both”. */
    public function test_what_slides_in_is_told_with_where_it_goes(): void
    {
        $meander = $this->plan('meander-book');
        $inserts = array_column($meander->steps, null, 'key')['fill-leaves'];
        $this->assertSame([
            'Pages 2, 6, 10 and 14: B (insert) slides in at the head.',
            'Pages 4, 8 and 12: B (insert) slides in at the edge away from the spine.',
        ], $meander->linesOf($inserts));
        $folio = $this->plan('four-flap-folio');
        $said = implode(' ', array_merge(...array_map($folio->linesOf(...), $folio->steps)));
        $this->assertStringContainsString('Without glue first: A (base) as it will lie.', $said);
        $this->assertContains('Score both C, square with a tab', array_column($folio->steps, 'title'));
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
            array_map(
                static fn (Step $step): string => $step->key,
                $this->plan('nested-gusset-album', ['parameters' => ['leaf-width' => $width]])->steps,
            ),
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
        $this->assertSame(
            ['sort', 'score-front', 'fold-front', 'notch-front', 'glue'],
            array_map(static fn (Step $step): string => $step->key, $steps),
        );
    }

    public function test_the_ribbon_comes_after_the_inside_pages_and_before_the_cover_mats(): void
    {
        foreach (['decorate-first', 'bind-first', 'usual'] as $school) {
            $this->assertOrder(
                $this->plan('nested-gusset-album', ['schools' => ['decorating' => $school]]),
                ['mat-pages', 'ribbon', 'mat-covers'],
            );
        }
        $this->assertOrder($this->plan('meander-book', ['mats' => ['layers' => 1]]), ['cover-cards', 'mat-covers']);
    }

    public function test_the_graph_waits_and_is_stable(): void
    {
        $graph = new JobGraph;
        foreach (['mat' => Phase::Mat, 'ribbon' => Phase::Closure, 'late' => Phase::Finish, 'early' => Phase::Cut] as $key => $phase) {
            $graph->add(new Job($key, $phase, []));
        }
        $graph->needs('mat', 'ribbon');
        $graph->needs('mat', 'not there');
        $graph->needs('ribbon', 'late');
        $this->assertSame(['early', 'late', 'ribbon', 'mat'], $this->keys($graph));
    }

    public function test_a_wish_gives_way_to_what_must_be(): void
    {
        $graph = new JobGraph;
        $graph->add(new Job('hen', Phase::Mat, []));
        $graph->add(new Job('egg', Phase::Mat, []));
        $graph->wants('hen', 'egg');
        $this->assertSame(['egg', 'hen'], $this->keys($graph));
        $graph->needs('egg', 'hen');
        $this->assertSame(['hen', 'egg'], $this->keys($graph));
    }

    /** Mats on two pages, a pocket under the one and on the other: the mats are told in two steps. */
    public function test_a_job_is_done_in_parts_where_another_comes_between(): void
    {
        $graph = new JobGraph;
        $graph->add(new Job('mats', Phase::Mat, [new Shape('one', 'any'), new Shape('other', 'any')]));
        $graph->add(new Job('pockets', Phase::Pocket, [new Shape('one', 'any'), new Shape('other', 'any')]));
        $graph->needsAct('pockets', 0, 'mats', 0);
        $graph->needsAct('mats', 1, 'pockets', 1);
        $jobs = $graph->inOrder();
        $this->assertSame(['mats', 'pockets', 'mats~2'], array_map(static fn (Job $job): string => $job->key, $jobs));
        $this->assertSame(['pockets'], $jobs[2]->needs);
        $this->assertSame(['mats'], $jobs[1]->needs);
    }

    /** @return list<string> */
    private function keys(JobGraph $graph): array
    {
        return array_map(static fn (Job $job): string => $job->key, $graph->inOrder());
    }

    /** @param list<string> $expected */
    private function assertOrder(WorkPlan $plan, array $expected): void
    {
        $first = $plan->stocks[0]->cuts->patterns[0]->key;
        $keys = array_map(static fn (Step $step): string => $step->key === $first ? 'cut' : $step->key, $plan->steps);
        $this->assertSame($expected, array_values(array_intersect($keys, $expected)));
    }

    /** In every word of a book: the L is a shape, not the start of a sentence. */
    public function test_a_name_that_begins_with_a_letter_keeps_it(): void
    {
        $plan = $this->plan('tag-clutch');
        $told = '';
        foreach ($plan->steps as $step) {
            $told .= implode(' ', [$step->title, $step->text, ...$plan->linesOf($step)]).' ';
        }
        $this->assertStringContainsString('Score B, L page', $told);
        $this->assertDoesNotMatchRegularExpression('/\bl page/', $told);
    }

    /** No word of any example is said twice running, no panel is called by the key the code has for it. */
    public function test_words_are_those_of_the_hand(): void
    {
        foreach (glob(__DIR__.'/../../docs/examples/*.json') ?: [] as $file) {
            $design = (array) json_decode((string) file_get_contents($file), true);
            $plan = $this->plan(is_string($design['structure'] ?? null) ? $design['structure'] : '', $design);
            foreach ($plan->steps as $step) {
                $told = implode("\n", [$step->title, $step->text, ...$plan->linesOf($step)]);
                $this->assertDoesNotMatchRegularExpression('/\bc\d r\d|page-\d|\b([a-z]{2,}) \1\b/', $told, basename($file));
            }
        }
    }
}
