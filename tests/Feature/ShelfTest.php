<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Project;
use Database\Seeders\DatabaseSeeder;
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
}
