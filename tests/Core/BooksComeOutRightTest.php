<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Assembly\PouchEdges;
use Ephemeron\Bench\Step;
use Ephemeron\Blueprint\Caution;
use Ephemeron\Blueprint\Corner;
use Ephemeron\Blueprint\Flap;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Lie;
use Ephemeron\Blueprint\Loose;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Blueprint\Thing;
use Ephemeron\Blueprint\Trim;
use Ephemeron\Geometry\Edge;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\WorkPlan;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Books that came out wrong when one followed their words. How hands put them together: common practice, no published source. */
final class BooksComeOutRightTest extends TestCase
{
    use Designs;

    public function test_the_two_pockets_of_a_corner_page_fold_at_opposite_edges(): void
    {
        $plan = $this->plan('corner-pocket-album');
        $edges = new PouchEdges($plan->blueprint);
        $front = $plan->blueprint->get(Pouch::class, 'page-2/corner-pocket');
        $this->assertSame([[Edge::Bottom], [Edge::Left], Edge::Right], [$edges->folds($front), $front->glued, $front->opening]);
        $back = $plan->blueprint->get(Pouch::class, 'page-3/photo-pocket');
        $this->assertSame([[Edge::Top], [Edge::Bottom], Edge::Left], [$edges->folds($back), $back->glued, $back->opening]);
        $this->assertSame([Lie::HeadLeft, Lie::HeadRight], [$plan->blueprint->face('page-2')->lie, $plan->blueprint->face('page-3')->lie]);
        $directional = $this->plan('corner-pocket-album', ['materials' => ['book-sheet' => ['direction' => 'both']]]);
        $this->assertContains('print-upside-down', $this->kinds($directional));
        $this->assertNotContains('print-upside-down', $this->kinds($plan));
    }

    public function test_a_leaf_flipped_over_the_head_stands_on_its_head_behind(): void
    {
        $plan = $this->plan('pocket-flip-book', ['mats' => ['layers' => 0]]);
        $pouch = $plan->blueprint->get(Pouch::class, 'page-2/leaf-pocket');
        $this->assertSame([Edge::Bottom, Edge::Top], [$plan->blueprint->face('page-2')->hinge, $pouch->opening], 'away from the spine');
        $printed = ['mats' => ['layers' => 0], 'materials' => ['structure-card' => ['direction' => 'both', 'sides' => 'double']]];
        $this->assertContains('print-upside-down', $this->kinds($this->plan('pocket-flip-book', $printed)));
    }

    public function test_a_thread_hinge_knots_behind_a_board_as_tall_as_a_page(): void
    {
        $plan = $this->plan('thread-hinge-album');
        $this->assertTrue($plan->blueprint->part('spine-board')->size->height->equals(Length::inches(10)));
        $this->assertTrue($plan->blueprint->part('outer-spine')->size->height->equals(Length::inches(10, 1, 2)));
        // Along the fold, to the middle of the board's back from both ends, a hand's breadth; doubled.
        $this->assertTrue($this->loose($plan, 'Strong thread, doubled')->length?->equals(Length::inches(49)));
        $this->assertOrder($plan, ['side-strips', 'tape-threads', 'close-pages', 'turn-up-pockets', 'knot-pages', 'hide-knots']);
        $this->assertSame('hide-knots', $plan->steps[count($plan->steps) - 1]->key);
        $this->assertNotContains('insert-snug', $this->kinds($plan));
        $this->assertContains(
            'insert-snug',
            $this->kinds($this->plan('thread-hinge-album', ['parameters' => ['inserts' => 'double']])),
            'a double one is judged as it is folded',
        );
    }

    public function test_a_fold_over_journal_is_covered_lined_sewn_and_only_then_furnished(): void
    {
        $plan = $this->plan('fold-over-journal');
        $this->assertOrder($plan, ['make-case', 'join-edge', 'cut-beds', 'let-in-magnets', 'cover-boards', 'cover-flap', 'line-flap']);
        $this->assertOrder($plan, ['cover-boards', 'end-papers', 'belly-bands', 'folded-pockets', 'prick-spine', 'sew', 'spine-card']);
        $front = $plan->blueprint->part('front-paper')->size->width;
        $this->assertTrue(
            $front->minus($plan->blueprint->part('back-paper')->size->width)->equals(Length::inches(0, 5, 8)),
            'no turn-in at the strip',
        );
        $this->assertSame(Caution::Knife, $this->step($plan, 'cut-beds')->caution);
        $this->loose($plan, 'Waxed thread');
        $sheet = $plan->blueprint->part('leaf-leaf');
        $this->assertEquals([30, Size::inches(11, 8.5)], [$sheet->quantity, $sheet->size]);
        $this->assertOrder($plan, ['nest-signatures', 'prick-signatures', 'prick-spine', 'sew']);
        $this->assertTrue($plan->blueprint->part('template')->size->height->equals(Length::inches(8, 1, 2)));
    }

    public function test_magnets_are_set_when_what_they_close_hangs(): void
    {
        $this->assertOrder($this->plan('board-folder'), ['hinge-flaps', 'magnets', 'mat-flaps']);
        $this->assertOrder($this->plan('board-folder'), ['pocket-flaps', 'magnets', 'mat-pockets', 'expanding-pockets']);
        $metric = $this->plan('board-folder', ['unit' => 'cm']);
        $this->assertNotContains('one-magnet', $this->kinds($metric));
        $pull = $this->plan(
            'mitred-tab-album',
            ['mats' => ['layers' => 1], 'furniture' => [['on' => 'page-1', 'kind' => 'pull-waterfall']]],
        );
        $this->assertOrder($pull, ['mat-pages', 'pull-anchor', 'pull-magnets']);
    }

    public function test_things_and_the_mats_they_go_through_or_under(): void
    {
        $with = fn (array ...$things): WorkPlan => $this->plan('mitred-tab-album', ['mats' => ['layers' => 1], 'furniture' => $things]);
        $swing = $with(['on' => 'page-2', 'kind' => 'flap'], ['on' => 'page-2', 'kind' => 'swing-tab']);
        $this->assertOrder($swing, ['double-swing-tabs', 'hinge-flaps', 'swing-tabs']);
        $this->assertNotContains('things-overlap', $this->kinds($swing));
        $flap = $swing->blueprint->get(Flap::class, 'page-2/flap-1');
        $tab = $swing->blueprint->get(Thing::class, 'page-2/swing-tab-1')->area;
        $this->assertTrue($tab->overlaps($flap->area->strip($flap->hinge->opposite(), Length::ofTicks(1))), 'over the free edge');
        $under = $with(['on' => 'page-2', 'kind' => 'flap'], ['on' => 'page-2', 'kind' => 'swing-tab', 'parameters' => ['across' => '0']]);
        $this->assertContains('things-overlap', $this->kinds($under));
        $this->assertOrder(
            $with(['on' => 'page-1', 'kind' => 'belly-band', 'parameters' => ['liners' => 'yes']]),
            ['belly-bands', 'mat-pages', 'band-liners', 'band-inserts'],
        );
        $this->assertOrder($with(['on' => 'page-1', 'kind' => 'eyelet-lace']), ['mat-pages', 'eyelet-lace']);
        $this->assertOrder($this->plan('tag-clutch'), ['mat-pockets', 'close-l', 'glue-pockets']);
    }

    public function test_score_screen_and_step_say_the_same_side(): void
    {
        $plan = $this->plan('cascade-album');
        $said = implode(' ', [$this->step($plan, 'score-cover-left')->text, ...$plan->linesOf($this->step($plan, 'score-cover-left'))]);
        $this->assertStringContainsString('Letter side down.', $said);
        $this->assertStringContainsString('4¼, 5¼', $said);
        $this->assertStringNotContainsString('2¼', $said, 'no second set of places');
        $cover = $this->plan('corner-pocket-album');
        $this->assertStringContainsString('score it on both sides', implode(' ', $cover->linesOf($this->step($cover, 'score-cover'))));
    }

    #[TestWith(['thread-hinge-album'])]
    #[TestWith(['coil-album'])]
    public function test_boards_are_not_joined_by_a_strip_that_is_not_there(string $structure): void
    {
        $this->assertNotContains('make-case', array_map(static fn (Step $step): string => $step->key, $this->plan($structure)->steps));
    }

    public function test_the_covers_of_a_nested_album_come_last_or_first(): void
    {
        $this->assertOrder($this->plan('nested-gusset-album'), ['mat-pages', 'pockets-top', 'ribbon', 'mat-covers', 'cards-3x4']);
        $this->assertOrder(
            $this->plan('nested-gusset-album', ['schools' => ['covers' => 'covers-first']]),
            ['ribbon', 'mat-covers', 'mat-pages', 'pockets-top'],
        );
    }

    public function test_small_things_of_seven_books(): void
    {
        $folio = $this->plan('five-pocket-folio');
        $this->assertSame('page-1', $folio->blueprint->get(Pouch::class, 'page-1/angled-pocket')->face, 'inside left');
        $this->assertOrder($folio, ['make-angled', 'glue-angled', 'glue-fold-up', 'glue-front']);
        // 6 in at ¼ in, a hole's breadth (5⁄32) left at both ends.
        $this->assertStringStartsWith('23 holes', $this->step($this->plan('coil-album'), 'punch')->text);
        $this->assertStringStartsWith(
            '12 holes',
            $this->step($this->plan('coil-album', ['parameters' => ['pitch' => '1/2']]), 'punch')->text,
        );
        $this->assertSame(
            ['rest-mat-1', 'rest-mat-2', 'rest-mat-3', 'rest-mat-4'],
            $this->step($this->plan('tab-spine-album'), 'rest-mats')->parts,
        );
        $this->assertStringContainsString(
            'there it lies ⅛ in from head and foot',
            $this->step($this->plan('corner-pocket-album'), 'punch-holes')->text,
        );
        $this->assertContains(
            'holes-too-near',
            $this->kinds($this->plan('corner-pocket-album', ['parameters' => ['hole-inset' => '1 13/16']])),
        );
        $this->assertSame(Caution::Knife, $this->step($this->plan('tag-clutch'), 'angle-mat')->caution);
        $flaps = $this->plan('four-flap-folio');
        $this->assertStringContainsString('Trim what stands proud', implode(' ', $flaps->linesOf($this->step($flaps, 'glue-top'))));
        $this->assertStringContainsString('base open before you', $this->step($flaps, 'glue-bottom')->text);
    }

    public function test_sizes_of_practice(): void
    {
        $with = fn (string $kind, array $parameters): WorkPlan => $this->plan(
            'mitred-tab-album',
            ['furniture' => [['on' => 'page-1', 'kind' => $kind, 'parameters' => $parameters]]],
        );
        $size = static fn (WorkPlan $plan): string => $plan->notation()->size(
            $plan->blueprint->part('page-1/'.array_key_last(array_flip(['photo-mat-1'])))->size,
        );
        $this->assertSame('3¼ × 3¼ in', $size($with('photo-mat', ['photo' => '3x3'])));
        $this->assertSame('3¾ × 5¼ in', $size($with('photo-mat', ['print-width' => '3 1/2', 'print-height' => '5'])));
        $this->assertSame('5 × 5 in', $size($with('photo-mat', ['mat-width' => '5', 'mat-height' => '5'])));
        $this->assertNotNull($with('photo-frame', ['rim' => '0.25 cm']));
        $strips = $this->plan('mitred-tab-album', ['parameters' => ['page-width' => '10'],
            'mats' => ['layers' => 1, 'faces' => ['page-1' => ['strips' => 3]]]]);
        $widths = array_map(
            static fn ($joint): string => $strips->notation()->number($joint->area->width()),
            array_values(array_filter($strips->blueprint->on('page-1'), static fn ($joint): bool => $joint->layer === Layer::Mat)),
        );
        $this->assertSame(['2', '5¾', '2'], $widths, '2 | 6 | 2 on 10, the border taken off');
        $book = $this->plan('meander-book', ['parameters' => ['insert-less-tall' => '1/4', 'insert-lip' => '1/2', 'cover-less' => '1/16']]);
        $this->assertSame('2½ × 2¾ in', $book->notation()->size($book->blueprint->part('insert')->size));
        $this->assertSame('A panel, ½ in narrower and ¼ in less tall.', $book->blueprint->part('insert')->why);
        $this->assertTrue($book->blueprint->part('insert')->creases[0]->at()->equals(Length::inches(0, 1, 2)));
        $this->assertTrue($book->blueprint->part('cover-card')->size->height->equals(Length::inches(2, 7, 8)));
    }

    public function test_no_false_alarms(): void
    {
        foreach (['sleeve-closure', 'flap-pair', 'expanding-pocket'] as $kind) {
            $plan = $this->plan('mitred-tab-album', ['furniture' => [['on' => 'page-1', 'kind' => $kind]]]);
            $this->assertSame([], array_intersect(['does-not-fold', 'score-between-grooves'], $this->kinds($plan)), $kind);
        }
        $this->assertNotContains('book-gapes', $this->kinds($this->plan('corner-pocket-album')));
    }

    public function test_the_letter_has_a_side(): void
    {
        $this->assertStringContainsString('that is the letter side', $this->step($this->plan('nested-gusset-album'), 'sort')->text);
    }

    public function test_cautions_where_a_knife_is_used_and_none_where_nothing_is_cut(): void
    {
        $this->assertSame(Caution::Knife, $this->step($this->plan('fold-over-journal'), 'cover-boards')->caution);
        $this->assertNull($this->step($this->plan('board-folder'), 'make-case')->caution);
        $this->assertNull($this->step($this->plan('thread-hinge-album'), 'knot-pages')->caution);
    }

    public function test_lengths_follow_from_the_book(): void
    {
        $ribbon = fn (string $width): ?Length => $this->loose(
            $this->plan('nested-gusset-album', ['parameters' => ['leaf-width' => $width]]),
            'Ribbon',
        )->length;
        $this->assertTrue($ribbon('5')?->equals(Length::inches(26)));
        $this->assertTrue($ribbon('7')?->equals(Length::inches(30)), 'two inches more each way round');
        $said = $this->plan('nested-gusset-album', ['parameters' => ['ribbon-length' => '10']]);
        $this->assertContains('tie-too-short', $this->kinds($said));
    }

    public function test_a_free_base_is_glued_and_closed_in_order(): void
    {
        $keys = array_map(static fn (Step $step): string => $step->key, $this->plan('free-base')->steps);
        $this->assertSame('close', end($keys));
    }

    public function test_corners_and_notches_of_mats_follow_what_they_lie_on(): void
    {
        $corners = static fn (Part $part): array => array_map(
            static fn (Corner $corner): string => "{$corner->upper->value} {$corner->side->value} {$corner->trim->value}",
            $part->corners,
        );
        $plan = $this->plan('four-flap-folio');
        $this->assertSame(
            ['bottom left rounded', 'bottom right rounded'],
            $corners($plan->blueprint->part('front-cover/top-flap/front/mat-1')),
        );
        $this->assertSame(
            [],
            $this->plan('four-flap-folio', ['mats' => ['corners' => 'square']])
                ->blueprint->part('front-cover/top-flap/front/mat-1')->corners,
        );
        $one = $this->plan('nested-gusset-album', ['mats' => ['layers' => 1, 'faces' => ['page-1' => ['corners' => 'scalloped']]]]);
        $this->assertSame(Trim::Scalloped, $one->blueprint->part('page-1/mat-1')->corners[0]->trim);
        $inked = $this->plan('nested-gusset-album', ['schools' => ['inking' => 'yes']]);
        $this->assertOrder($inked, ['notch-page-2/pocket-1', 'ink-edges', 'dry-fit', 'nest-3', 'mat-pages']);
        $this->assertNotContains('ink-edges', array_map(static fn (Step $step): string => $step->key, $plan->steps));
        // Over a notch of 1¾ the mat has one of 2.
        $notch = $this->plan('z-page-album')->blueprint->part('page-1/mat-1')->notches[0];
        $this->assertTrue($notch->diameter->equals(Length::inches(2)));
    }

    private function loose(WorkPlan $plan, string $name): Loose
    {
        foreach ($plan->blueprint->all(Loose::class) as $loose) {
            if ($loose->name === $name) {
                return $loose;
            }
        }
        $this->fail("{$name} is not listed");
    }

    private function step(WorkPlan $plan, string $key): Step
    {
        return array_column($plan->steps, null, 'key')[$key] ?? $this->fail("There is no step {$key}.");
    }

    /** @param list<string> $expected */
    private function assertOrder(WorkPlan $plan, array $expected): void
    {
        $keys = array_map(static fn (Step $step): string => $step->key, $plan->steps);
        $this->assertSame($expected, array_values(array_intersect($keys, $expected)));
    }
}
