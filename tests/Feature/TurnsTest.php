<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\WorkOut;
use App\Models\Project;
use App\Planning\Plans;
use App\Planning\ProjectEditor;
use App\Planning\Turns;
use Bench\HeavyDesign;
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

    private function large(): Project
    {
        $book = app(ProjectEditor::class)->create((new HeavyDesign)->file());
        $book->update(['copies' => (int) ceil(Turns::LARGE / 300)]);

        return $book;
    }
}
