<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Project;
use Ephemeron\Structure\Catalogue;
use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

final class CatalogueTest extends TestCase
{
    use RefreshDatabase;

    /** With nothing remembered a page is there soon and fills; each time at least one thing more. */
    public function test_what_is_not_worked_out_yet_comes_by_and_by(): void
    {
        config(['ephemeron.patience' => 0.0]);
        foreach (['/catalogue' => 'structures', '/papers/makes' => 'books and structures'] as $page => $of) {
            $shown = [];
            do {
                $html = (string) $this->get($page)->assertOk()->getContent();
                preg_match("~(\d+) of (\d+) {$of} are worked out~", $html, $said);
                $shown[] = (int) ($said[1] ?? 0);
            } while ($said !== [] && count($shown) < 50);
            $all = count(Catalogue::ofTheHouse()->keys());
            $this->assertSame([...range(1, $all - 1), 0], $shown, $page);
            $this->assertStringNotContainsString('hx-trigger="load"', $html);
        }
        $this->get('/catalogue')->assertSee("all {$all} structures");
        $this->get('/catalogue?unit=cm')->assertSee("1 of {$all} structures are worked out")->assertDontSee("all {$all} structures");
    }

    public function test_every_structure_is_shown_closed_and_opened(): void
    {
        $page = $this->get('/catalogue')->assertOk()->assertSee('all '.count(Catalogue::ofTheHouse()->keys()).' structures');
        $html = (string) $page->getContent();
        $this->assertSame(
            count(Catalogue::ofTheHouse()->keys()),
            substr_count($html, '<figcaption>closed</figcaption>') + substr_count($html, '<figcaption>flat, back</figcaption>'),
        );
        $this->assertGreaterThanOrEqual(count(Catalogue::ofTheHouse()->keys()) - 1, substr_count($html, '<figcaption>opened'));
        foreach (Catalogue::ofTheHouse()->all() as $structure) {
            $page->assertSee($structure->about()->name)->assertSeeText($structure->about()->summary);
        }
    }

    #[TestWith(['one-sheet', 'Five-pocket folio', 'Z-page album'])]
    #[TestWith(['holds-photos', 'Four-flap folio', 'Cascade album'])]
    #[TestWith(['hard-cover', 'Board folder', 'Meander book'])]
    #[TestWith(['first-book', 'Waterfall wallet', 'Thread-hinge album'])]
    #[TestWith(['no-sewing', 'Tag clutch', 'Coil-bound pad album'])]
    #[TestWith(['card-only', 'Four-flap folio', 'Meander book'])]
    public function test_it_is_sieved(string $only, string $in, string $out): void
    {
        $this->get("/catalogue?only[]={$only}")->assertOk()->assertSee('Begin a '.lcfirst($in))->assertDontSee('Begin a '.lcfirst($out));
    }

    public function test_sieves_add_up_and_odd_ones_are_left_out(): void
    {
        $this->get('/catalogue?only[]=one-sheet&only[]=hard-cover')->assertOk()->assertSee('Nothing is all of that at once');
        $this->get('/catalogue?only[]=nonsense&only[]=&unit[]=x')->assertOk()
            ->assertSee('all '.count(Catalogue::ofTheHouse()->keys()).' structures');
        $this->get('/catalogue?unit=cm')->assertOk()->assertSee('cm');
    }

    public function test_every_structure_is_begun_from_it_and_its_plan_comes(): void
    {
        foreach (Catalogue::ofTheHouse()->keys() as $structure) {
            foreach (['in', 'cm'] as $unit) {
                $this->followingRedirects()->post('/projects', ['structure' => $structure, 'unit' => $unit])->assertOk()->assertSee('On ');
                $project = Project::query()->latest('id')->firstOrFail();
                foreach ([
                    'plan',
                    'cut',
                    'score',
                    'bench',
                    'print',
                    'design.json',
                    'cut-list.csv',
                    'print/cut-list.pdf',
                    'print/templates.pdf',
                ] as $page) {
                    $this->get("/projects/{$project->id}/{$page}")->assertOk();
                }
            }
        }
    }
}
