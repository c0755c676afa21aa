<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Drawer\PaperPicture;
use App\Models\Paper;
use App\Models\Project;
use App\Planning\Plans;
use App\Planning\Progress;
use App\Planning\ProjectEditor;
use App\Safekeeping\BookCopy;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** One book with all that belongs to it goes to another machine and goes on there. */
final class BookCopyTest extends TestCase
{
    use RefreshDatabase;

    private string $file = '';

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
        $this->file = (string) tempnam(sys_get_temp_dir(), 'book');
    }

    protected function tearDown(): void
    {
        @unlink($this->file);
        parent::tearDown();
    }

    public function test_a_book_goes_on_where_it_was(): void
    {
        [$book, $paper] = $this->begun();
        app(BookCopy::class)->write($book, $this->file);
        $was = app(Plans::class)->plan($book->refresh());
        $done = (new Progress($book, $was))->done();
        $this->elsewhere();

        $this->post('/import', ['file' => new UploadedFile($this->file, 'book.zip', test: true)])->assertRedirect()->assertSessionHasNoErrors();
        $there = Project::query()->sole();
        $this->assertSame(['Comet', 'Wider gussets'], [$there->name, $there->lesson]);
        $is = app(Plans::class)->plan($there);
        $this->assertSame($done, (new Progress($there, $is))->done());
        $this->assertGreaterThan(1, $done);
        $this->assertEquals(array_keys($was->blueprint->parts), array_keys($is->blueprint->parts));
        $this->assertTrue($is->isBegun($is->stocks[0]), 'it is cut on by the plan it was begun by');
        $this->assertSame($was->stocks[0]->cuts->sheets(), $is->stocks[0]->cuts->sheets());
        $now = Paper::query()->where('kind', 'card')->sole();
        $this->assertNotSame($paper->id, $now->id);
        $this->assertSame(['Orbit', 0, ''], [$now->name, $now->count, $now->place], 'what is not there is put there with no sheets');
        $this->assertNotNull($now->picture);
        $this->assertSame((string) $now->id, $is->stocks[0]->stock->drawer);
        $note = $there->notes()->whereNotNull('photo')->sole();
        $this->get("/projects/{$there->id}/notes/{$note->id}/photo")->assertOk();
        $this->assertSame(1, $there->departures()->sole()->copies);
        foreach (['plan', 'cut', 'bench', 'log', 'cost'] as $page) {
            $this->get("/projects/{$there->id}/{$page}")->assertOk();
        }
        // Taking a tick back of a sheet that this drawer has not given gives it nothing.
        $sheet = $is->stocks[0]->cuts->patterns[0]->key;
        $this->put("/projects/{$there->id}/ticks", ['step' => $sheet, 'done' => '0'])->assertRedirect();
        $this->assertSame(0, $now->refresh()->count);
    }

    public function test_a_paper_that_lies_here_is_taken(): void
    {
        [$book] = $this->begun();
        app(BookCopy::class)->write($book, $this->file);
        $this->elsewhere();
        $same = $this->paper();
        $project = app(BookCopy::class)->read($this->file);
        $this->assertSame((string) $same->id, app(Plans::class)->plan($project)->stocks[0]->stock->drawer);
        $this->assertSame(1, Paper::query()->where('kind', 'card')->count());
    }

    #[TestWith(['format', 'ephemeron-shelf'])]
    #[TestWith(['version', 9])]
    #[TestWith(['design', 'none'])]
    #[TestWith(['ticks', [['key' => ['a']]]])]
    #[TestWith(['departures', [['kind' => 'lost', 'copies' => 1, 'on' => '2026-05-04', 'mills' => 0]]])]
    #[TestWith(['departures', [['kind' => 'sold', 'copies' => 1, 'on' => 'whenever', 'mills' => 0]]])]
    #[TestWith(['cut_works', [['plan' => '{"format":"other"}']]])]
    #[TestWith(['notes', 'many'])]
    public function test_what_is_not_one_is_refused_and_nothing_is_kept(string $what, mixed $as): void
    {
        [$book] = $this->begun();
        app(BookCopy::class)->write($book, $this->file);
        $zip = new \ZipArchive;
        $zip->open($this->file);
        $said = json_decode((string) $zip->getFromName('book.json'), true);
        $this->assertIsArray($said);
        $zip->addFromString('book.json', json_encode([...$said, $what => $as], JSON_THROW_ON_ERROR));
        $zip->close();
        $before = Project::query()->count();
        $this->post('/import', ['file' => new UploadedFile($this->file, 'book.zip', test: true)])->assertSessionHasErrors('file');
        $this->assertSame($before, Project::query()->count());
    }

    public function test_nothing_is_no_book(): void
    {
        $this->post('/import')->assertSessionHasErrors('file');
        $this->post('/import', ['file' => 'text'])->assertSessionHasErrors('file');
    }

    /** PHP refuses it before there is a session; the page it came from says so beside its field. */
    public function test_what_is_far_too_large_is_answered_on_the_page_it_came_from(): void
    {
        $book = Project::factory()->create();
        $huge = ['CONTENT_LENGTH' => (string) (1 << 40), 'HTTP_REFERER' => url("/projects/{$book->id}/bench")];
        $this->call('POST', "/projects/{$book->id}/notes", server: $huge)->assertStatus(303)
            ->assertRedirect(url("/projects/{$book->id}/bench").'?refused=too-large');
        $this->get("/projects/{$book->id}/bench?refused=too-large")->assertOk()->assertSee('far too large');
        $this->get('/?refused=too-large')->assertOk()->assertSee('far too large');
        $elsewhere = [...$huge, 'HTTP_REFERER' => 'https://elsewhere.example/x'];
        $this->call('POST', '/import', server: $elsewhere)->assertRedirect(url('/').'?refused=too-large');
    }

    /** @return array{Project, Paper} */
    private function begun(): array
    {
        $paper = $this->paper();
        app(PaperPicture::class)->take((string) UploadedFile::fake()->image('p.png', 40, 40)->get(), $paper);
        $book = app(ProjectEditor::class)->create(['structure' => 'nested-gusset-album', 'name' => 'Comet']);
        $this->post("/projects/{$book->id}/papers/take", ['take' => ['structure-card' => $paper->id], 'revision' => 1]);
        $plan = app(Plans::class)->plan($book->refresh());
        foreach (array_slice($plan->steps, 0, 2) as $step) {
            $this->put("/projects/{$book->id}/ticks", ['step' => $step->key, 'done' => '1']);
        }
        $this->post("/projects/{$book->id}/notes", ['step' => 'x', 'stage' => 'bench', 'photo' => UploadedFile::fake()->image('a.jpg', 60, 40)]);
        $book->departures()->create(['kind' => 'kept', 'copies' => 1, 'mills' => 0, 'on' => '2026-05-04']);
        $book->update(['lesson' => 'Wider gussets']);

        return [$book->refresh(), $paper->refresh()];
    }

    private function paper(): Paper
    {
        return Paper::query()->create(['name' => 'Orbit', 'kind' => 'card', 'width' => 12 * 8128, 'height' => 12 * 8128, 'weight' => '216 g', 'count' => 40,
            'place' => 'Blue box']);
    }

    /** Another machine: nothing of all that is there, and numbers go on. */
    private function elsewhere(): void
    {
        DB::table('paper_movements')->delete();
        Project::query()->forceDelete();
        Paper::query()->withTrashed()->orderByDesc('id')->get()->each(static fn (Paper $paper) => $paper->forceDelete());
        foreach (Storage::disk('local')->allFiles() as $file) {
            Storage::disk('local')->delete($file);
        }
    }
}
