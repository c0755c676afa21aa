<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Drawer\TakenOff;
use App\Models\Paper;
use App\Models\Project;
use App\Models\Supply;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Tests\TestCase;

/** Books, papers and supplies that were taken away can be brought back for thirty days. */
final class TakenOffTest extends TestCase
{
    use RefreshDatabase;

    public function test_all_three_are_listed_and_come_back(): void
    {
        $project = Project::factory()->create();
        $this->post(
            '/papers',
            ['name' => 'Moth', 'kind' => 'pattern', 'width' => '12', 'height' => '12', 'weight' => '160 g', 'count' => '4'],
        );
        $this->post(
            '/supplies',
            ['name' => 'Indigo ribbon', 'kind' => 'ribbon', 'amount' => '100', 'unit' => 'in'],
        )->assertSessionHasNoErrors();
        $paper = Paper::query()->sole();
        $supply = Supply::query()->sole();
        $this->delete("/projects/{$project->id}");
        $this->delete("/papers/{$paper->id}");
        $this->delete("/supplies/{$supply->id}");
        $this->get('/')->assertDontSee("Copy {$project->name}");
        // A reload loses nothing.
        $this->get('/taken-off')->assertSee($project->name)->assertSee('Moth')->assertSee('Indigo ribbon');
        foreach (["book/{$project->id}", "paper/{$paper->id}", "supply/{$supply->id}"] as $thing) {
            $this->post("/taken-off/{$thing}")->assertRedirect('/taken-off');
            $this->post("/taken-off/{$thing}")->assertNotFound();
        }
        $this->assertSame([4, 1, 1], [$paper->refresh()->count, Project::query()->count(), Supply::query()->count()]);
        $this->get('/taken-off')->assertSee('Nothing lies here');
        $this->post('/taken-off/sofa/1')->assertNotFound();
    }

    public function test_after_thirty_days_they_go_pictures_too_and_not_a_day_sooner(): void
    {
        Storage::fake('local');
        $this->post(
            '/papers',
            ['name' => 'Moth', 'kind' => 'pattern', 'width' => '12', 'height' => '12', 'weight' => '160 g', 'count' => '4'],
        );
        $paper = Paper::query()->sole();
        $this->post("/papers/{$paper->id}/picture", ['picture' => UploadedFile::fake()->image('moth.png', 30, 30)]);
        $picture = "papers/{$paper->refresh()->picture}";
        Storage::disk('local')->assertExists($picture);
        $this->delete("/papers/{$paper->id}");
        $this->travel(29)->days();
        app(TakenOff::class)->clear();
        $this->assertSame(1, Paper::query()->withoutGlobalScopes()->count());
        $this->travel(2)->days();
        app(TakenOff::class)->clear();
        $this->assertSame(0, Paper::query()->withoutGlobalScopes()->count());
        Storage::disk('local')->assertMissing($picture);
    }

    public function test_a_picture_that_a_leftover_still_shows_stays(): void
    {
        Storage::fake('local');
        $this->post(
            '/papers',
            ['name' => 'Moth', 'kind' => 'pattern', 'width' => '12', 'height' => '12', 'weight' => '160 g', 'count' => '4'],
        );
        $paper = Paper::query()->sole();
        $this->post("/papers/{$paper->id}/picture", ['picture' => UploadedFile::fake()->image('moth.png', 30, 30)]);
        $paper->refresh()->leftovers()->create([...$paper->only(['name', 'weight', 'width', 'height', 'picture']), 'kind' => 'leftover']);
        $paper->delete();
        $this->travel(31)->days();
        app(TakenOff::class)->clear();
        Storage::disk('local')->assertExists("papers/{$paper->picture}");
    }

    public function test_sheets_cut_of_a_paper_that_is_out_of_the_drawer_come_back_to_it(): void
    {
        $this->post(
            '/papers',
            ['name' => 'Orbit card', 'kind' => 'card', 'count' => '9', 'weight' => '220 g', 'width' => '12', 'height' => '12'],
        );
        $paper = Paper::query()->sole();
        $project = Project::factory()->create();
        $this->post("/projects/{$project->id}/papers/take", ['take' => ['structure-card' => $paper->id], 'revision' => $project->revision]);
        $sheet = $this->sheetKey($project, 'structure-card');
        $this->put("/projects/{$project->id}/ticks", ['step' => $sheet, 'done' => '1']);
        $this->delete("/papers/{$paper->id}");
        $this->put("/projects/{$project->id}/ticks", ['step' => $sheet, 'done' => '0']);
        $this->post("/taken-off/paper/{$paper->id}");
        $this->assertSame(9, $paper->refresh()->count);
    }

    /** A book that cannot be read does not take the shelf with it. */
    public function test_the_shelf_shows_what_it_cannot_read(): void
    {
        $good = Project::factory()->create();
        $bad = Project::factory()->create();
        $this->patch("/projects/{$bad->id}/design", ['revision' => $bad->revision, 'set' => ['parameters.leaf-width' => '6']]);
        $bad->refresh()->update(['design' => [...$bad->design, 'parameters' => ['leaf-width' => 'broad']], 'name' => 'Broken book']);
        $this->get('/')->assertOk()->assertSee($good->name)->assertSee('Broken book')->assertSee('This book cannot be read')
            ->assertSee('Undo: leaf width');
        $this->get("/projects/{$bad->id}/plan")->assertRedirect('/');
        $this->get("/projects/{$bad->id}/stored.json")->assertOk()->assertSee('broad');
        $this->patch("/projects/{$bad->id}", ['name' => 'Mended soon'])->assertSessionHasNoErrors();
        $this->get('/')->assertSee('Mended soon');
        $this->get('/papers/makes')->assertOk();
        $this->post("/projects/{$bad->id}/undo", $this->lastEvent($bad))->assertRedirect();
        $this->get("/projects/{$bad->id}/plan")->assertOk();
        $bad->refresh()->update(['design' => ['name' => 'Nothing']]);
        $this->delete("/projects/{$bad->id}")->assertRedirect('/');
        $this->get('/')->assertOk()->assertDontSee('This book cannot be read');
    }

    /** What is typed in 6 849 characters and written back in more than is read is refused at once. */
    public function test_limits_hold_for_what_is_stored(): void
    {
        $project = Project::factory()->of(['structure' => 'free-base'])->create();
        $panels = implode(' + ', array_fill(0, 48, '1/4'));
        $slits = implode(
            "\n",
            array_map(static fn (int $n): string => 'slit: '.($n % 47 / 4 + 0.25).' × 0 to '.($n % 47 / 4 + 0.25).' × 1/8', range(1, 370)),
        );
        $this->patch(
            "/projects/{$project->id}/design",
            [
                'revision' => $project->revision,
                'set' => ['parameters.columns' => $panels, 'parameters.rows' => $panels, 'parameters.lines' => $slits],
            ],
        );
        $this->get('/')->assertOk()->assertDontSee('This book cannot be read');
        $this->get("/projects/{$project->id}/plan")->assertOk();
    }
}
