<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\WorkOut;
use App\Models\Project;
use App\Planning\Plans;
use App\Planning\ProjectEditor;
use App\Planning\Turns;
use Bench\HeavyDesign;
use Ephemeron\Cutting\CutPlanner;
use Ephemeron\Format\DesignReader;
use Ephemeron\Workshop;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Queue;
use Tests\TestCase;

require_once __DIR__.'/../../bench/HeavyDesign.php';

/** A very large book is worked out by a worker; whoever looks sees how far it is, and loses nothing by it. */
final class TurnsTest extends TestCase
{
    use RefreshDatabase;

    protected function setUp(): void
    {
        parent::setUp();
        config(['ephemeron.turns' => true]);
    }

    public function test_whoever_looks_is_told_and_the_page_comes_when_it_is_worked_out(): void
    {
        Queue::fake();
        $book = $this->large();
        $this->get("/projects/{$book->id}/plan")->assertStatus(202)->assertSee('are being worked out')->assertSee('Back to the shelf');
        $this->get("/projects/{$book->id}/cut")->assertStatus(202);
        Queue::assertPushed(WorkOut::class, 1);
        $this->get('/')->assertOk()->assertSee('It is being worked out')->assertDontSee('cannot be read');
        $this->get('/logbook')->assertOk();
        $job = Queue::pushed(WorkOut::class)->first();
        $this->assertInstanceOf(WorkOut::class, $job);
        app()->call($job->handle(...));
        $this->get("/projects/{$book->id}/plan")->assertOk()->assertDontSee('are being worked out');
        $this->get("/projects/{$book->id}/cut")->assertOk();
        $this->get('/')->assertOk()->assertDontSee('It is being worked out');
    }

    public function test_where_nobody_takes_it_up_it_is_worked_out_at_once(): void
    {
        Queue::fake();
        $book = $this->large();
        $this->get("/projects/{$book->id}/plan")->assertStatus(202);
        $turn = 'turn:'.app(Plans::class)->mark($book->refresh());
        $this->assertIsFloat(Cache::get($turn));
        Cache::put($turn, microtime(true) - 4.1);
        $this->get("/projects/{$book->id}/plan")->assertOk();
    }

    public function test_what_is_not_large_is_worked_out_at_once_and_so_is_what_is_saved(): void
    {
        Queue::fake();
        $small = app(ProjectEditor::class)->create(['structure' => 'nested-gusset-album']);
        $this->get("/projects/{$small->id}/plan")->assertOk();
        $book = $this->large();
        $this->patch("/projects/{$book->id}/design", ['revision' => 1, 'stage' => 'plan', 'set' => ['name' => 'Another']])->assertStatus(303);
        $this->assertSame('Another', $book->refresh()->name);
        Queue::assertNothingPushed();
    }

    public function test_a_change_of_a_large_book_that_is_begun_is_worked_out_first_and_then_kept(): void
    {
        Queue::fake();
        $book = $this->large();
        config(['ephemeron.turns' => false]);
        $this->tickASheet($book);
        $this->get("/projects/{$book->id}/plan")->assertOk();
        config(['ephemeron.turns' => true]);
        $sent = ['revision' => $book->refresh()->revision, 'stage' => 'plan', 'set' => ['parameters.leaf-width' => '4 7/8', 'name' => 'Slimmer']];
        $page = $this->patch("/projects/{$book->id}/design", $sent)->assertStatus(202);
        $page->assertSee('name="set[parameters.leaf-width]" value="4 7/8"', false)->assertSee('name="_method" value="PATCH"', false);
        $this->assertNotSame('Slimmer', $book->refresh()->name, 'nothing is kept yet');
        $this->runTheWorker();
        $this->patch("/projects/{$book->id}/design", $sent)->assertStatus(303);
        $this->assertSame([], Queue::pushed(WorkOut::class)->slice(1)->all());
    }

    public function test_a_tick_in_a_large_book_is_kept_and_the_page_comes_when_the_rest_is_worked_out(): void
    {
        Queue::fake();
        $book = $this->large();
        config(['ephemeron.turns' => false]);
        $plan = app(Plans::class)->plan($book);
        config(['ephemeron.turns' => true]);
        $key = $plan->stocks[0]->cuts->patterns[0]->key;
        $tick = $this->put("/projects/{$book->id}/ticks", ['step' => $key, 'done' => '1', 'stage' => 'cut'], ['HX-Target' => 'trimmer']);
        $tick->assertOk()->assertHeader('HX-Location');
        $this->assertTrue($book->ticks()->where('key', $key)->exists());
    }

    public function test_whoever_rather_would_not_stops_the_worker(): void
    {
        Queue::fake();
        $book = $this->large();
        $this->get("/projects/{$book->id}/plan")->assertStatus(202);
        $this->delete("/projects/{$book->id}/turn", ['mark' => app(Plans::class)->mark($book->refresh())])->assertRedirect("/projects/{$book->id}/plan");
        $this->runTheWorker();
        $this->get("/projects/{$book->id}/plan")->assertStatus(202);
        // Nor does a worker go on with what has been changed since.
        $book->update(['version' => $book->version + 1]);
        $this->runTheWorker();
        $this->assertNull(Cache::get('plan:'.app(Plans::class)->mark($book->refresh())));
    }

    public function test_how_far_it_is_is_counted_in_pieces_that_are_laid_out(): void
    {
        $shares = [];
        $turns = app(Turns::class);
        Cache::put('turn:a', microtime(true));
        $turns->take('a', 57, static fn (): bool => true, function () use ($turns, &$shares): void {
            $plans = $turns->watched(app(CutPlanner::class));
            $workshop = app(Workshop::class)->with($plans);
            foreach ($workshop->plan(DesignReader::ofTheHouse()->fromArray([
                'format' => DesignReader::FORMAT,
                'version' => DesignReader::VERSION,
                'structure' => 'nested-gusset-album',
            ]))->stocks as $stock) {
                $shares[] = Cache::get('turn-share:a');
            }
        });
        $this->assertSame(1.0, $shares[0], 'all 57 pieces');
        $this->assertNull(Cache::get('turn-share:a'));
        $this->assertFalse(Cache::has('turn:a'));
    }

    private function runTheWorker(): void
    {
        $job = Queue::pushed(WorkOut::class)->last();
        $this->assertInstanceOf(WorkOut::class, $job);
        app()->call($job->handle(...));
    }

    private function tickASheet(Project $book): void
    {
        $plan = app(Plans::class)->plan($book);
        $key = $plan->stocks[0]->cuts->patterns[0]->key;
        $this->put("/projects/{$book->id}/ticks", ['step' => $key, 'done' => '1'])->assertStatus(303);
        $this->assertTrue($book->ticks()->exists());
    }

    private function large(): Project
    {
        $book = app(ProjectEditor::class)->create((new HeavyDesign)->file());
        $book->update(['copies' => (int) ceil(Turns::LARGE / 300)]);

        return $book;
    }
}
