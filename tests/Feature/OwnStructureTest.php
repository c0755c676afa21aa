<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\OwnStructure;
use App\Models\Project;
use App\Planning\Plans;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Opis\JsonSchema\Validator;
use Tests\TestCase;

final class OwnStructureTest extends TestCase
{
    use RefreshDatabase;

    private const GATE = [
        'name' => 'Gate card', 'summary' => 'Two doors that meet in the middle.', 'skill' => 'first', 'unit' => 'in',
        'measures' => "door = 4 in, 10 cm (2 in to 6 in): how wide a door is\nheight = 6 in, 15 cm (3 in to 11 in)\nleaves = 1 (0 to 6)",
        'columns' => '{door/2} + {door} + {door/2}', 'rows' => '{height}',
        'pieces' => '[leaves: Leaf {n}: {door - 1/4} × {height - 1/4}; on Base 2-1 front]',
    ];

    public function test_written_down_it_stands_in_the_catalogue_and_is_begun(): void
    {
        $this->get(route('own-structure'))->assertOk()->assertSee('A structure of your own');
        $this->post(route('own-structure.store'), self::GATE)->assertRedirect(route('catalogue', ['unit' => 'in']));
        $key = OwnStructure::query()->sole()->key;
        $this->get(route('catalogue'))->assertOk()->assertSee('Gate card')->assertSee('Write it anew');
        $this->post(route('projects.store'), ['structure' => $key, 'unit' => 'cm', 'name' => 'First gate'])->assertRedirect();
        $project = Project::query()->sole();
        $this->get(route('plan', $project))->assertOk()->assertSee('Gate card')->assertSee('how wide a door is');
        foreach (['cut', 'score', 'fold', 'bench', 'print'] as $page) {
            $this->get(route($page, $project))->assertOk();
        }
        $this->patch(route('design', $project), ['revision' => $project->revision, 'stage' => 'plan', 'set' => ['parameters.door' => 'half of 18']]);
        $plan = $this->app->make(Plans::class)->plan($project->refresh());
        $this->assertSame('18.0 × 15.0 cm', $plan->notation()->size($plan->blueprint->part('base')->size));
        $wide = ['revision' => $project->revision, 'stage' => 'plan', 'set' => ['parameters.door' => '7 in']];
        $this->patch(route('design', $project), $wide)->assertSessionHasErrors('parameters.door');
        // Made to fit, as any other: as broad as the envelope allows.
        $fit = ['revision' => $project->refresh()->revision, 'stage' => 'plan', 'width' => '24', 'height' => '16'];
        $this->post(route('fit', $project), $fit)->assertSessionHasNoErrors();
        $this->assertSame('12.0 cm', $plan->notation()->text($this->app->make(Plans::class)->design($project->refresh())->parameters->length('door')));
    }

    public function test_the_adviser_knows_it(): void
    {
        $this->post(route('own-structure.store'), self::GATE);
        $key = OwnStructure::query()->sole()->key;
        $asked = ['ask' => '1', 'photos' => '1', 'photo' => '3x4', 'structure' => $key, 'name' => 'For a print'];
        $this->post(route('adviser.begin'), $asked)->assertSessionHasNoErrors()->assertRedirect();
        $this->assertSame($key, Project::query()->sole()->design['structure']);
    }

    public function test_what_cannot_be_read_is_said_and_nothing_is_lost(): void
    {
        $this->post(route('own-structure.store'), ['columns' => '{doors}'] + self::GATE)->assertSessionHasErrors('columns');
        $this->get(route('own-structure'))->assertSee('{doors}')->assertSee('no measure is called “doors”')->assertSee('Two doors that meet');
        $this->post(route('own-structure.store'), ['name' => ''] + self::GATE)->assertSessionHasErrors(['name' => 'A structure has a name.']);
        $this->post(route('own-structure.store'), ['measures' => ['x'], 'skill' => 'x', 'unit' => []] + self::GATE)->assertSessionHasErrors(['skill', 'unit', 'measures']);
        $file = UploadedFile::fake()->createWithContent('x.json', '{"format": "something"}');
        $this->post(route('own-structure.store'), ['file' => $file])->assertSessionHasErrors('file');
        $this->assertSame(0, OwnStructure::query()->count());
    }

    public function test_its_file_goes_out_and_comes_in(): void
    {
        $this->post(route('own-structure.store'), self::GATE);
        $key = OwnStructure::query()->sole()->key;
        $file = (string) $this->get(route('own-structure.file', $key))->assertOk()->assertDownload('gate-card.structure.json')->getContent();
        OwnStructure::query()->delete();
        $upload = UploadedFile::fake()->createWithContent('gate.json', $file);
        $this->post(route('own-structure.store'), ['file' => $upload])->assertSessionHasNoErrors();
        $this->assertSame($key, OwnStructure::query()->sole()->key);
        $this->get('/structures/own-000000000000.json')->assertNotFound();
    }

    /** Against the published schema, by a validator of its own (opis/json-schema). */
    public function test_files_are_as_the_schema_says(): void
    {
        $schema = (string) file_get_contents(base_path('docs/format/structure.schema.json'));
        $files = glob(base_path('docs/structures/*.json')) ?: [];
        $this->assertCount(5, $files);
        foreach ($files as $file) {
            $this->assertTrue((new Validator)->validate(json_decode((string) file_get_contents($file)), $schema)->isValid(), $file);
            $upload = UploadedFile::fake()->createWithContent('x.json', (string) file_get_contents($file));
            $this->post(route('own-structure.store'), ['file' => $upload])->assertSessionHasNoErrors();
        }
        foreach (OwnStructure::query()->get() as $own) {
            $this->assertTrue((new Validator)->validate(json_decode((string) json_encode($own->file)), $schema)->isValid(), $own->name);
        }
    }

    public function test_a_book_takes_its_structure_along(): void
    {
        $this->post(route('own-structure.store'), self::GATE);
        $key = OwnStructure::query()->sole()->key;
        $this->post(route('projects.store'), ['structure' => $key, 'unit' => 'in', 'name' => 'Away']);
        $project = Project::query()->sole();
        $design = (string) $this->get("/projects/{$project->id}/design.json")->assertOk()->getContent();
        $project->forceDelete();
        OwnStructure::query()->delete();
        $this->app->forgetInstance(\App\Planning\OwnStructures::class);
        $this->app->forgetInstance(\Ephemeron\Structure\Catalogue::class);
        $this->post(route('import'), ['file' => UploadedFile::fake()->createWithContent('away.json', $design)])->assertSessionHasNoErrors();
        $this->assertSame($key, Project::query()->sole()->design['structure']);
        $this->assertSame($key, OwnStructure::query()->sole()->key);
    }

    public function test_taken_out_it_still_carries_the_books_that_are_made_of_it(): void
    {
        $this->post(route('own-structure.store'), self::GATE);
        $key = OwnStructure::query()->sole()->key;
        $this->post(route('projects.store'), ['structure' => $key, 'unit' => 'in', 'name' => 'Made']);
        $this->delete(route('own-structure.destroy', $key))->assertRedirect(route('catalogue'));
        $this->get(route('catalogue'))->assertDontSee('Gate card');
        $this->get(route('plan', Project::query()->sole()))->assertOk()->assertSee('Gate card');
        Project::query()->sole()->forceDelete();
        $this->delete(route('own-structure.destroy', $key));
        $this->assertSame(0, OwnStructure::query()->count());
    }

    public function test_a_free_base_is_written_down_from_its_plan(): void
    {
        $this->post(route('projects.store'), ['structure' => 'free-base', 'unit' => 'in', 'name' => 'Drawn']);
        $project = Project::query()->sole();
        $this->get(route('plan', $project))->assertSee(route('own-structure', ['from' => $project->id]), false);
        $this->get(route('own-structure', ['from' => $project->id]))->assertOk()->assertSee('value="Drawn"', false)->assertSee('4 in + 4 in + 4 in');
        $this->get(route('own-structure', ['from' => ['x'], 'like' => ['y']]))->assertOk();
        $this->get(route('own-structure', ['from' => '999', 'like' => 'own-x']))->assertOk();
    }
}
