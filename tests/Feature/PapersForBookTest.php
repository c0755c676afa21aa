<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Paper;
use App\Models\Project;
use App\Models\Supply;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** Papers proposed and taken for a book, what helps when one runs out, and what is wanted besides paper. */
final class PapersForBookTest extends TestCase
{
    use RefreshDatabase;

    private Project $project;

    protected function setUp(): void
    {
        parent::setUp();
        $this->project = Project::factory()->create();
    }

    public function test_papers_are_proposed_and_taken_at_one_go(): void
    {
        $this->paper('Aurora', 'pattern', 30, 'best');
        $this->paper('Comet', 'pattern', 30);
        $this->paper('Drift', 'pattern', 30);
        $this->paper('Ember card', 'card', 40);

        $page = $this->get($this->at('papers?propose=1&leftovers=1&whole=1&cover=1&facing=1'))->assertOk();
        $page->assertSee('The most prized pattern for the cover')->assertSee('iffers from what faces it')->assertSee('two papers by turns');

        $number = static fn (string $name): int => Paper::query()->where('name', $name)->sole()->id;
        $this->post(
            $this->at('papers/take'),
            [
                'revision' => $this->project->revision,
                'alternate' => 'papers',
                'leftovers' => '1',
                'take' => [
                    'cover-paper' => $number('Aurora'),
                    'mat-top' => $number('Comet'),
                    'mat-other' => $number('Drift'),
                    'structure-card' => '',
                ],
            ],
        )->assertSessionHasNoErrors();
        $design = app(\App\Planning\Plans::class)->design($this->project->refresh());
        $this->assertSame(
            ['Aurora', 'Comet', 'Drift', 'papers'],
            [
                $design->materials['cover-paper']->name,
                $design->materials['mat-top']->name,
                $design->materials['mat-other']->name,
                $design->mats->alternate->value,
            ],
        );
        $this->get($this->at('plan'))->assertOk()->assertSee('Drift');
    }

    public function test_with_one_pattern_its_two_sides_tell_facing_pages_apart(): void
    {
        $this->paper('Aurora', 'pattern', 60);
        $this->paper('Ember card', 'card', 60);
        $this->get($this->at('papers?propose=1&leftovers=1&whole=0&cover=0&facing=1'))->assertOk()->assertSee('side A and side B by turns');
    }

    public function test_an_empty_drawer_says_so_and_a_paper_that_is_gone_too(): void
    {
        $this->get($this->at('papers?propose=1'))->assertOk()->assertSee('No patterned paper in the drawer gives all of these pieces');
        $this->post(
            $this->at('papers/take'),
            ['revision' => $this->project->revision, 'take' => ['mat-top' => 999]],
        )->assertSessionHasErrors('paper');
        $this->post($this->at('papers/take'), ['revision' => $this->project->revision, 'take' => 'all'])->assertSessionHasErrors('take');
        foreach (['search[]=x', 'propose[]=1', 'propose=1&cover[]=1'] as $odd) {
            $this->get($this->at("papers?{$odd}"))->assertOk();
        }
    }

    public function test_the_drawer_is_looked_through(): void
    {
        $this->paper('Aurora', 'pattern', 2);
        $this->paper('Comet', 'pattern', 2);
        $this->get($this->at('papers?search=auro'))->assertSee('Aurora, 2 of')->assertDontSee('Comet, 2 of');
    }

    public function test_a_pattern_that_runs_out_is_mended_by_a_substitute_or_smaller_mats_that_were_tried(): void
    {
        $this->paper('Comet', 'pattern', 30);
        $this->paper('Ember card', 'card', 60);
        $this->patch($this->at('design'), ['revision' => $this->project->revision, 'set' => ['materials.mat-top.count' => '4']]);
        $this->get($this->at('cut'))->assertSee('Another paper, or smaller mats');
        $page = $this->get($this->at('papers'))->assertOk()->assertSee('runs out; left without:')->assertSee('Smaller mats:')
            ->assertSee('Comet for second mats instead');
        preg_match('/name="set\[mats\.school\]" value="([a-z]+)"/', (string) $page->getContent(), $found);

        $this->patch(
            $this->at('design'),
            ['revision' => $this->project->refresh()->revision, 'set' => ['mats.school' => $found[1] ?? '']],
        )->assertSessionHasNoErrors();
        $this->get($this->at('papers'))->assertDontSee('runs out');
    }

    public function test_single_mats_that_run_out_become_smaller_ones_on_a_plain_base(): void
    {
        $this->patch(
            $this->at('design'),
            [
                'revision' => $this->project->revision,
                'set' => [
                    'mats.layers' => '1',
                    'mats.school' => 'hairline',
                    'materials.mat-base.count' => '5',
                    'materials.mat-base.name' => 'Aurora',
                ],
            ],
        );
        $page = $this->get($this->at('papers'))->assertOk();
        foreach (['runs out', 'left without'] as $said) {
            $page->assertSee($said);
        }
    }

    public function test_supplies_are_put_in_changed_and_held_against_what_a_book_wants(): void
    {
        $this->get($this->at('plan'))->assertSee('Besides paper')->assertSee('Ribbon')->assertSee('– not enough');
        $this->post(
            '/supplies',
            ['name' => 'Satin', 'kind' => 'ribbon', 'amount' => '5 m', 'price' => '0,90', 'unit' => 'in'],
        )->assertSessionHasNoErrors();
        $this->post('/supplies', ['name' => 'Discs', 'kind' => 'magnet', 'amount' => '12', 'unit' => 'in'])->assertSessionHasNoErrors();
        $this->post('/supplies', ['name' => 'Film', 'kind' => 'tape', 'amount' => '2000', 'unit' => 'cm'])->assertSessionHasNoErrors();
        $this->assertSame(
            [5 * 320_000, 900, null, 12],
            [
                Supply::query()->where('name', 'Satin')->sole()->length,
                Supply::query()->where('name', 'Satin')->sole()->mills,
                Supply::query()->where('name', 'Discs')->sole()->length,
                Supply::query()->where('name', 'Discs')->sole()->count,
            ],
        );
        $this->get($this->at('plan'))->assertDontSee('– not enough');

        $supply = Supply::query()->where('name', 'Satin')->sole();
        $this->patch("/supplies/{$supply->id}", ['name' => 'Satin', 'kind' => 'ribbon', 'amount' => '1', 'unit' => 'cm'])->assertRedirect();
        $this->get($this->at('plan'))->assertSee('– not enough');
        $this->get("/supplies?supply={$supply->id}&unit=cm")->assertOk()->assertSee('value="1 cm"', false);
        $this->delete("/supplies/{$supply->id}")->assertRedirect();
        $this->assertSame(2, Supply::query()->count());
    }

    #[TestWith(['name', ''])]
    #[TestWith(['kind', 'glitter'])]
    #[TestWith(['amount', 'some'])]
    #[TestWith(['amount', ''])]
    #[TestWith(['amount', '-2'])]
    #[TestWith(['price', 'dear'])]
    public function test_a_supply_that_cannot_be_read_is_answered_beside_its_field(string $field, string $typed): void
    {
        $this->from('/supplies')->post(
            '/supplies',
            ['adding' => '1', 'name' => 'Satin', 'kind' => 'ribbon', 'amount' => '5', $field => $typed],
        )->assertSessionHasErrors($field);
        $this->get('/supplies')->assertOk()->assertSee($field === 'name' ? 'value="5"' : 'value="Satin"', false);
        $this->assertSame(0, Supply::query()->count());
    }

    public function test_an_svg_becomes_a_picture_in_pixels_and_side_b_has_one_of_its_own(): void
    {
        Storage::fake('local');
        $this->paper('Aurora', 'pattern', 2);
        $paper = Paper::query()->sole();
        $svg = '<?xml version="1.0"?><svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 20 10">'
            .'<rect width="20" height="10" fill="#336"/><image href="/etc/passwd" width="5" height="5"/></svg>';
        $this->upload($paper, $svg, 'B')->assertSessionHasNoErrors();
        $this->assertNull($paper->refresh()->picture);
        $picture = getimagesizefromstring((string) $this->get("/papers/{$paper->id}/picture?side=B")->assertOk()->getContent());
        $this->assertIsArray($picture);
        $this->assertSame([1200, 600, IMAGETYPE_JPEG], [$picture[0], $picture[1], $picture[2]]);
        $this->get("/papers/{$paper->id}/picture")->assertNotFound();

        $this->upload($paper, '<svg><rect', 'A')->assertSessionHasErrors('picture');
        $this->upload(
            $paper,
            '<!DOCTYPE svg [<!ENTITY a "b">]><svg xmlns="http://www.w3.org/2000/svg">&a;</svg>',
            'A',
        )->assertSessionHasErrors('picture');
        $this->upload($paper, '<html><svg></svg></html>', 'A')->assertSessionHasErrors('picture');
    }

    public function test_prized_papers_are_kept_for_covers(): void
    {
        $this->paper('Aurora', 'pattern', 60, 'best');
        $this->paper('Ember card', 'card', 60);
        $all = (string) $this->get('/papers/makes')->assertOk()->getContent();
        $kept = (string) $this->get('/papers/makes?keep=yes')->assertOk()->getContent();
        $this->assertNotSame($all, $kept);
        $this->assertStringContainsString('of patterned paper', $kept, 'The pages have no pattern left.');
    }

    private function upload(Paper $paper, string $contents, string $side): \Illuminate\Testing\TestResponse
    {
        return $this->post(
            "/papers/{$paper->id}/picture",
            ['side' => $side, 'picture' => UploadedFile::fake()->createWithContent('chart.svg', $contents)],
        );
    }

    private function paper(string $name, string $kind, int $count, string $tags = ''): void
    {
        $this->post(
            '/papers',
            [
                'name' => $name,
                'kind' => $kind,
                'count' => (string) $count,
                'tags' => $tags,
                'width' => '12',
                'height' => '12',
                'weight' => $kind === 'card' ? '220 g' : '160 g',
            ],
        )->assertSessionHasNoErrors();
    }

    private function at(string $path): string
    {
        return "/projects/{$this->project->id}/{$path}";
    }
}
