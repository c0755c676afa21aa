<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\OrderLeaves;
use App\Models\Paper;
use App\Models\PlanSearch;
use App\Models\Project;
use App\Planning\Plans;
use App\Planning\ProjectEditor;
use Ephemeron\Gathering\LeafPaper;
use Ephemeron\Gathering\Sheet;
use Ephemeron\Structure\Gathered;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Smalot\PdfParser\Parser;
use Tests\TestCase;

/** The Leaves screen: the heap, the signatures and their order, the sewing. */
final class LeavesTest extends TestCase
{
    use RefreshDatabase;

    private Project $project;

    protected function setUp(): void
    {
        parent::setUp();
        $paper = static fn (string $name): array => ['name' => $name, 'sheet' => '11x8.5', 'weight' => '90'];
        $this->project = app(ProjectEditor::class)->create([
            'structure' => 'sewn-journal',
            'parameters' => ['signatures' => 1, 'sheets' => 6],
            'leaves' => ['heap' => [
                ['key' => 'tea', 'paper' => $paper('Tea'), 'count' => 2, 'hue' => 35],
                ['key' => 'log', 'paper' => $paper('Log'), 'kind' => 'lined', 'count' => 2],
                [
                    'key' => 'novel',
                    'paper' => $paper('Novel'),
                    'kind' => 'book',
                    'text' => true,
                    'front' => 'none',
                    'back' => 'none',
                    'count' => 2,
                ],
            ]],
        ]);
    }

    public function test_a_journal_has_leaves_and_an_album_has_none(): void
    {
        $this->get(route('leaves', $this->project))->assertOk()->assertSeeInOrder(['Leaves', 'The signature', 'Sewing', 'sheets', '6']);
        $album = app(ProjectEditor::class)->create(['structure' => 'nested-gusset-album']);
        $this->get(route('leaves', $album))->assertRedirect(route('plan', $album));
        $this->get(route('plan', $album))->assertDontSee(route('leaves', $album));
        $this->get(route('plan', $this->project))->assertSee(route('leaves', $this->project));
    }

    public function test_an_order_is_proposed_and_then_it_is_the_makers(): void
    {
        $this->get(route('leaves', $this->project))->assertSee('This order follows the heap.');
        $this->send('post', 'leaves.propose')->assertSee('this is proven')->assertSee('This order is yours.');
        $before = $this->order();
        $this->send('patch', 'leaves.move', ['signature' => 0, 'from' => 0, 'to' => 1])->assertSee('another order of the leaves');
        $this->assertSame([$before[1], $before[0], ...array_slice($before, 2)], $this->order());
        $this->post(route('undo', $this->project->refresh()), $this->lastEvent($this->project));
        $this->assertSame($before, $this->order());
    }

    /** Five signatures of twenty are put in order by the worker, which tells how far it is; what is changed meanwhile is left alone. */
    public function test_many_signatures_are_put_in_order_by_the_worker(): void
    {
        Queue::fake();
        $this->send('patch', 'design', ['set' => [
            'parameters.signatures' => '5', 'parameters.sheets' => '20', 'leaves.heap.0.count' => '50', 'leaves.heap.1.count' => '60',
        ]]);
        $this->send('post', 'leaves.propose')->assertSee('The leaves are being put in order: 0 %');
        Queue::assertPushed(OrderLeaves::class, 1);
        $this->send('post', 'leaves.propose');
        Queue::assertPushed(OrderLeaves::class, 1);
        $search = PlanSearch::query()->sole();
        $shares = [];
        PlanSearch::query()->getConnection()->listen(static function ($query) use (&$shares): void {
            $shares[] = str_contains($query->sql, '"share" = ?') ? $query->bindings[0] : null;
        });
        app()->call([new OrderLeaves($search->id, $this->project->refresh()->revision), 'handle']);
        $this->assertSame([PlanSearch::DONE, 100], [$search->refresh()->state, $search->share]);
        $this->assertSame([20, 40, 60, 80, 100], array_values(array_filter($shares, is_int(...))));
        $this->get(route('leaves', $this->project))->assertSee('This order is yours.')->assertSee('rule')
            ->assertDontSee('being put in order');
        $this->send('patch', 'leaves.move', ['signature' => 0, 'from' => 0, 'to' => 3]);
        $search->update(['state' => PlanSearch::WAITING]);
        app()->call([new OrderLeaves($search->id, $this->project->refresh()->revision - 1), 'handle']);
        $this->assertSame(PlanSearch::CANCELLED, $search->refresh()->state);
    }

    public function test_what_breaks_is_seen_at_once(): void
    {
        $this->send('post', 'leaves.propose')->assertDontSee('not kept: no printed text');
        $texts = array_keys($this->order(), 'novel', true);
        $this->send('patch', 'leaves.move', ['signature' => 0, 'from' => $texts[1], 'to' => $texts[0] + 1])
            ->assertSee('not kept: no printed text beside printed text');
    }

    #[TestWith([['signature' => 0, 'from' => 0, 'to' => 6]])]
    #[TestWith([['signature' => 3, 'from' => 0, 'to' => 1]])]
    public function test_a_sheet_that_is_not_there(array $move): void
    {
        $this->send('patch', 'leaves.move', $move)->assertSee('There is no such sheet in that signature.');
    }

    public function test_papers_come_onto_the_heap_and_go(): void
    {
        $describing = [
            'name' => 'Map',
            'width' => '14',
            'height' => '10 1/2',
            'count' => 2,
            'kind' => 'specialty',
            'front' => 'none',
            'back' => 'all',
        ];
        $this->send('post', 'leaves.add', $describing)->assertSee('Map put on the heap')->assertSee('Folded up from the foot');
        $this->assertSame(['tea', 'log', 'novel', 'map'], $this->heap());
        $this->send('post', 'leaves.add', [...$describing, 'width' => 'banana'])
            ->assertSee('does not read as a length')->assertSee('value="banana"', false);
        $this->assertCount(4, $this->heap(), 'nothing is put there with a wrong measure');
        $this->send('post', 'leaves.add', ['kind' => 'plain', 'front' => 'all', 'back' => 'all'])->assertSee('Give the paper a name');
        $this->send('delete', 'leaves.take-off', [], ['key' => 'log'])->assertSee('Log taken off the heap');
        $this->assertSame(['tea', 'novel', 'map'], $this->heap());
        $drawn = Paper::query()->create(
            ['name' => 'Drawer sheet', 'kind' => 'pattern', 'width' => 11 * 8128, 'height' => 69088, 'weight' => '90', 'count' => 5],
        );
        $this->send('post', 'leaves.add', ['drawer' => $drawn->id, 'kind' => 'plain', 'front' => 'all', 'back' => 'all'])
            ->assertSee('Drawer sheet put on the heap');
        $this->assertSame([5, (string) $drawn->id], [$this->papers()[3]->count, $this->papers()[3]->stock->drawer]);
    }

    #[TestWith(['leaves.heap.0.count', '0', 'goes from 1 to 999'])]
    #[TestWith(['leaves.heap.0.hue', '360', 'goes from 0 to 359'])]
    public function test_what_does_not_read_stands_beside_its_field(string $place, string $typed, string $said): void
    {
        $this->send('patch', 'design', ['set' => [$place => $typed]])->assertSee($said)->assertSee("value=\"{$typed}\"", false);
    }

    /** Common practice: a cover of 5¾ × 8¾ takes letter sheets folded, 5½ × 8½. */
    public function test_leaves_for_a_cover_that_is_there(): void
    {
        $this->send(
            'post',
            'leaves.template',
            ['cover-width' => '5', 'cover-height' => '7', 'tabs' => '1/4'],
        )->assertSee('page width 5 1/2 in → 4 1/2 in');
        $cover = app(Plans::class)->plan($this->project->refresh())->blueprint->face('front-cover')->size;
        $this->assertEquals(\Ephemeron\Measure\Size::inches(5, 7), $cover);
        $this->send(
            'post',
            'leaves.template',
            ['cover-width' => 'wide', 'cover-height' => '7'],
        )->assertSee('does not read as a length')->assertSee('value="wide"', false);
        $this->send(
            'post',
            'leaves.template',
            ['cover-width' => '1/4', 'cover-height' => '7'],
        )->assertSee('The cover leaves no room for a leaf.');
        $this->send('post', 'leaves.template', ['cover-width' => '30', 'cover-height' => '7'])->assertSee('goes from 2 in to 9 in');
    }

    public function test_the_needle_is_seen_on_the_fold_screen_too(): void
    {
        $this->get(
            route('fold', ['project' => $this->project, 'scene' => 'sewing']),
        )->assertOk()->assertSeeInOrder(['Sewing', 'out through 2', 'in through 1']);
        $this->get(route('bench', ['project' => $this->project, 'step' => 'sew']))->assertOk()->assertSee('See the needle go, hole by hole')
            ->assertSee('data-passage="4"', false);
        $this->get(
            route('bench', ['project' => $this->project, 'step' => 'nest-signatures']),
        )->assertSee('The signature seen from its foot');
    }

    public function test_the_maker_says_how_many_of_a_kind(): void
    {
        $this->send('patch', 'design', ['set' => ['leaves.mix-book' => '0']]);
        $this->assertNotContains('novel', $this->order());
        $this->send('patch', 'design', ['set' => ['leaves.mix-book' => 'some']])
            ->assertSee('value="some"', false)->assertSee('field-error', false);
        $this->send('patch', 'design', ['set' => ['leaves.mix-book' => '']]);
        $this->assertContains('novel', $this->order());
    }

    /** Common practice: a tag clutch or a small folio is sewn in along a score; nothing is cut, scored or folded for it. */
    public function test_a_folio_of_the_shelf_is_sewn_in(): void
    {
        $clutch = app(ProjectEditor::class)->create(['structure' => 'tag-clutch', 'name' => 'Dew clutch']);
        $this->get(route('leaves', $this->project))->assertSee('Dew clutch');
        $this->send('patch', 'design', ['set' => ['leaves.mix-extra' => '1']]);
        $this->send('post', 'leaves.add', ['book' => $clutch->id])->assertSee('Dew clutch put on the heap');
        $plan = app(Plans::class)->plan($this->project->refresh());
        $this->assertSame([true, 'extra'], [$this->papers()[3]->isMade, $this->papers()[3]->kind->value]);
        $this->assertTrue($this->papers()[3]->stock->caliper->isMoreThan(\Ephemeron\Measure\Length::millimetres(1)));
        $keys = array_map(static fn ($step): string => $step->key, $plan->steps);
        $this->assertNotContains('fold-leaf-dew-clutch', $keys);
        $this->assertNotContains('score-leaf-dew-clutch', $keys);
        $this->assertContains('dew-clutch', $this->order());
        $this->assertSame([], $plan->report->of('stands-out'), '4 × 8 in a journal of 5½ × 8½');
        $this->send('patch', 'design', ['set' => ['parameters.page-height' => '7 1/2']]);
        $found = app(Plans::class)->plan($this->project->refresh())->report->of('stands-out');
        $this->assertStringContainsString('Dew clutch is', $found[0]->text ?? '');
        $this->send('post', 'leaves.add', ['book' => 99999])->assertSee('That book is not on the shelf any more.');
    }

    public function test_guides_are_printed_at_true_size(): void
    {
        $plan = app(Plans::class)->plan($this->project);
        $this->assertCount(3, $plan->blueprint->part('template')->holes);
        $this->assertCount(3, $plan->blueprint->part('cover')->holes);
        $pdf = $this->get(
            route('print.pdf', [$this->project, 'templates']).'?letters[]='.$plan->blueprint->part('template')->letter,
        )->assertOk();
        $this->assertStringContainsString('Sewing template', (new Parser)->parseContent((string) $pdf->getContent())->getText());
    }

    /**
     * @param array<string, mixed> $values
     * @param array<string, mixed> $more
     */
    private function send(string $verb, string $route, array $values = [], array $more = []): TestResponse
    {
        $this->project->refresh();

        return $this->from(route('leaves', $this->project))->followingRedirects()->{$verb}(
            route($route, ['project' => $this->project, ...$more]),
            ['revision' => $this->project->revision, 'stage' => 'leaves', ...$values],
        )->assertOk();
    }

    /** @return list<string> */
    private function order(): array
    {
        $block = app(Plans::class)->plan($this->project->refresh())->blueprint->all(Gathered::class)[0]->block;

        return array_map(static fn (Sheet $sheet): string => $sheet->meeting->paper->key, $block->signatures[0]->sheets);
    }

    /** @return list<LeafPaper> */
    private function papers(): array
    {
        return app(Plans::class)->plan($this->project->refresh())->design->leaves->heap;
    }

    /** @return list<string> */
    private function heap(): array
    {
        return array_map(static fn (LeafPaper $paper): string => $paper->key, $this->papers());
    }
}
