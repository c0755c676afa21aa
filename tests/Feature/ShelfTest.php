<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Project;
use App\Planning\Plans;
use App\Planning\ProjectEditor;
use Database\Seeders\DatabaseSeeder;
use Ephemeron\Bench\PhotoCount;
use Ephemeron\Paper\PhotoSize;
use Ephemeron\Workshop;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

final class ShelfTest extends TestCase
{
    use RefreshDatabase;

    public function test_the_demo_shelf_has_books_at_every_stage_and_one_in_centimetres(): void
    {
        $this->seed(DatabaseSeeder::class);
        $page = $this->get('/')->assertOk();
        $this->assertGreaterThanOrEqual(4, Project::query()->count());
        $page->assertSee('Perseid night album')->assertSee('Full moon: finished')->assertSee('New moon: planned')
            ->assertSee('in centimetres')->assertSee('needs a look');
        foreach (Project::all() as $project) {
            foreach (['plan', 'cut', 'score', 'bench', 'print'] as $stage) {
                $this->get("/projects/{$project->id}/{$stage}")->assertOk()->assertSee($project->name);
            }
        }
    }

    public function test_an_empty_shelf_says_what_to_do(): void
    {
        $this->get('/')->assertOk()->assertSee('The shelf is empty');
    }

    #[TestWith(['nested-gusset-album', 'in', 'Leaf width'])]
    #[TestWith(['meander-book', 'cm', 'Sheet side'])]
    public function test_a_new_book(string $structure, string $unit, string $sees): void
    {
        $this->followingRedirects()->post('/projects', ['structure' => $structure, 'unit' => $unit])->assertOk()->assertSee($sees);
        $this->assertSame($unit, Project::query()->firstOrFail()->design['unit']);
    }

    public function test_a_new_book_wants_a_structure_and_a_unit_that_exist(): void
    {
        $this->post(
            '/projects',
            ['structure' => 'crane', 'unit' => 'ft', 'name' => str_repeat('x', 121)],
        )->assertSessionHasErrors(['structure', 'unit', 'name']);
        $this->assertSame(0, Project::query()->count());
    }

    public function test_rename_copy_take_off_and_undo(): void
    {
        $project = Project::factory()->create();
        $this->patch("/projects/{$project->id}", ['name' => 'Comet <b>log</b>'])->assertRedirect('/');
        $this->get('/')->assertSee('Comet <b>log</b>')->assertDontSee('Comet <b>log</b>', false);

        $this->post("/projects/{$project->id}/copy")->assertRedirect('/');
        $this->get('/')->assertSee('Comet <b>log</b>, copy');

        $this->followingRedirects()->delete("/projects/{$project->id}")->assertSee('was taken off the shelf')->assertSee('Undo');
        $this->get("/projects/{$project->id}/plan")->assertNotFound();
        $this->post("/projects/{$project->id}/restore")->assertRedirect('/');
        $this->get("/projects/{$project->id}/plan")->assertOk();
    }

    #[TestWith([''])]
    #[TestWith(['   '])]
    public function test_a_book_keeps_its_name_when_the_new_one_is_empty(string $name): void
    {
        $project = Project::factory()->create();
        $this->followingRedirects()->patch("/projects/{$project->id}", ['name' => $name])->assertSee('A name has 1 to 120 characters');
        $this->assertSame('Test album', $project->refresh()->name);
    }

    public function test_a_design_file_goes_out_and_comes_in_again(): void
    {
        $project = Project::factory()->of(['structure' => 'meander-book', 'name' => 'Star chart', 'unit' => 'cm'])->create();
        $file = $this->get("/projects/{$project->id}/design.json")->assertOk()->getContent();
        $this->assertIsString($file);
        $this->post('/import', ['file' => UploadedFile::fake()->createWithContent('star.json', $file)])->assertRedirect();
        $this->assertSame(2, Project::query()->where('name', 'Star chart')->count());
        $this->assertSame($project->design, Project::query()->latest('id')->firstOrFail()->design);
    }

    public function test_a_wrong_design_file_is_refused_beside_the_field(): void
    {
        $wrong = UploadedFile::fake()->createWithContent(
            'x.json',
            '{"format": "ephemeron-design", "version": 1, "structure": "meander-book", "parameters": {"sheet-side": "900"}}',
        );
        $this->followingRedirects()->post('/import', ['file' => $wrong])->assertOk()->assertSee('parameters.sheet-side')
            ->assertSee('it goes from');
        $this->followingRedirects()->post(
            '/import',
            ['file' => UploadedFile::fake()->createWithContent('x.json', 'hello')],
        )->assertSee('not JSON');
        $this->followingRedirects()->post('/import', ['file' => UploadedFile::fake()->create('x.json', 10_000)])->assertSee('at most 5 MB');
        $this->followingRedirects()->post('/import')->assertSee('Choose a design file');
        $this->assertSame(0, Project::query()->count());
    }

    /** Found by a part of the name, whatever signs are in it; in the order one asks for; so many on a page. */
    public function test_books_are_looked_for_ordered_and_leafed_through(): void
    {
        foreach (range(1, 30) as $number) {
            Project::factory()->create(['name' => sprintf('Comet %02d', $number), 'updated_at' => now()->addMinutes($number)]);
        }
        Project::factory()->create(['name' => '100 % nebula_x', 'updated_at' => now()->subDay()]);
        $this->get('/')->assertOk()->assertSee('Comet 30')->assertDontSee('Comet 02')->assertSee('1 to 24 of 31');
        $this->get('/?page=2')->assertOk()->assertSee('Comet 02')->assertSee('25 to 31 of 31');
        $this->get('/?search=comet+1')->assertOk()->assertSee('Comet 15')->assertDontSee('Comet 30');
        $this->get('/?search=%25+neb')->assertOk()->assertSee('100 % nebula_x')->assertDontSee('Comet');
        $this->get('/?search=a_x')->assertSee('nebula_x');
        $this->get('/?search=c_m')->assertDontSee('Comet 30')->assertSee('No book on the shelf is called like');
        $this->get('/?order=name')->assertSeeInOrder(['100 % nebula_x', 'Comet 01', 'Comet 02'])->assertDontSee('Comet 30');
        $this->get('/?order=oldest')->assertSeeInOrder(['Comet 01', 'Comet 02']);
        $this->get('/?page=99')->assertOk();
    }

    /** What the shelf shows is kept, and is another as soon as the book is. */
    public function test_what_the_shelf_keeps_follows_the_book(): void
    {
        $book = Project::factory()->create();
        $this->get('/')->assertSee('New moon: planned, nothing cut yet')->assertSee('57 pieces');
        $sheet = $this->sheetKey($book, 'mat-base');
        $this->put(route('ticks.update', $book), ['step' => $sheet, 'done' => '1']);
        $this->get('/')->assertSee('Waxing moon: 1 of');
        $this->put(route('ticks.update', $book), ['step' => $sheet, 'done' => '0']);
        $this->get('/')->assertSee('New moon');
        $this->patch(route('design', $book), [
            'revision' => $book->refresh()->revision, 'stage' => 'plan', 'set' => ['parameters.sheets' => '3'],
        ]);
        $this->get('/')->assertDontSee('57 pieces');
    }

    /** A meander book has no pocket and little room; a sleeve of the fold-over journal holds nothing of 4 × 6 that a larger album does not. */
    public function test_books_are_found_by_what_they_hold(): void
    {
        $editor = $this->app->make(ProjectEditor::class);
        $small = $editor->create(['structure' => 'meander-book', 'name' => 'Small one']);
        $album = $editor->create(['structure' => 'nested-gusset-album', 'name' => 'Large one']);
        Project::put(['structure' => 'none', 'name' => 'Spoiled one'] + $small->design);
        $room = PhotoCount::of(PhotoSize::FourBySix, $this->app->make(Workshop::class)->blueprint($this->app->make(Plans::class)->design($album)))->total();
        $this->assertGreaterThan(0, $room);
        foreach ([
            ['with' => 'pocket'], ['room' => '4x6'], ['room' => '4x6', 'prints' => (string) $room], ['structure' => 'nested-gusset-album'],
            ['structure' => 'nested-gusset-album', 'with' => 'pocket', 'order' => 'name'], ['search' => 'large', 'room' => '4x6'],
        ] as $asked) {
            $this->get(route('shelf', $asked))->assertOk()->assertSee('Large one')->assertDontSee('Small one')->assertDontSee('Spoiled one');
        }
        foreach ([['room' => '4x6', 'prints' => (string) ($room + 1)], ['with' => 'belly-band', 'structure' => 'meander-book'], ['with' => 'nothing']] as $asked) {
            $this->get(route('shelf', $asked))->assertSee('No book on the shelf holds that')->assertDontSee('Large one')->assertDontSee('The shelf is empty');
        }
        $this->get(route('shelf', ['structure' => 'meander-book']))->assertSee('Small one')->assertDontSee('Large one');
        // What cannot be meant is not looked for.
        $this->get('/?room=huge&prints=many&with[]=1')->assertOk()->assertSee('Small one')->assertSee('Large one');
    }
}
