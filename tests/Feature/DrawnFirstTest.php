<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Controllers\PlanController;
use App\Models\Paper;
use App\Models\Project;
use App\Planning\Blueprints;
use App\Planning\Plans;
use App\Planning\ProjectEditor;
use Ephemeron\Structure\Catalogue;
use Ephemeron\Workshop;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** After a change the drawing comes first, before the cuts are planned; the page that follows shows the same one. */
final class DrawnFirstTest extends TestCase
{
    use RefreshDatabase;

    /** @return iterable<string, array{string}> */
    public static function structures(): iterable
    {
        foreach (Catalogue::ofTheHouse()->keys() as $structure) {
            yield $structure => [$structure];
        }
    }

    #[DataProvider('structures')]
    public function test_it_is_the_drawing_of_the_page_that_follows(string $structure): void
    {
        $project = $this->book($structure);
        $this->change($project, ['name' => 'Another name']);
        $first = $this->askForDrawing($project);
        $first->assertOk()->assertHeader(PlanController::DRAWN_FIRST, '1')->assertDontSee('id="stage"', false);
        $whole = $this->get("/projects/{$project->id}/plan");
        $whole->assertOk()->assertHeaderMissing(PlanController::DRAWN_FIRST)->assertSee('id="stage"', false);
        $this->assertStringContainsString(self::drawing($first), (string) $whole->getContent());
    }

    #[TestWith([false])]
    #[TestWith([true])]
    public function test_papers_show_their_colours_before_it_is_known_where_pieces_are_cut_from(bool $fromTheDrawer): void
    {
        $paper = ['colour' => '#aa3311', 'colour-behind' => '#1133aa'];
        if ($fromTheDrawer) {
            $there = Paper::query()->create([
                ...['kind' => 'pattern', 'name' => 'Plume', 'width' => 97_536, 'height' => 97_536, 'count' => 60, 'weight' => '160 g'],
                ...['swatch' => '#aa3311', 'swatch_b' => '#1133aa'],
            ]);
            $paper = ['name' => 'Plume', 'drawer' => (string) $there->id, 'count' => 60];
        }
        $seen = '';
        foreach (['meander-book', 'nested-gusset-album', 'four-flap-folio'] as $structure) {
            $roles = array_keys(app(Plans::class)->design($this->book($structure))->materials);
            // Every other page shows the other side of its mat; one is chosen to.
            $project = $this->book($structure, [
                'materials' => array_fill_keys($roles, $paper), 'mats' => ['alternate' => 'sides'],
                'choices' => $structure === 'nested-gusset-album' ? ['page-3' => ['side' => 'B'], 'page-4' => ['side' => 'A']] : [],
            ]);
            $faces = array_keys(app(Plans::class)->layout($project)->blueprint->faces);
            $drawn = array_map(fn (string $face): string => self::drawing($this->askForDrawing($project, $face)
                ->assertHeader(PlanController::DRAWN_FIRST, '1')), $faces);
            foreach ($faces as $index => $face) {
                $whole = (string) $this->get("/projects/{$project->id}/plan?face={$face}")->getContent();
                $this->assertStringContainsString($drawn[$index], $whole, $face);
            }
            $seen .= implode($drawn);
        }
        $this->assertStringContainsString('#aa3311', $seen);
        $this->assertStringContainsString('#1133aa', $seen);
    }

    public function test_what_was_changed_is_said_on_the_page_that_follows(): void
    {
        $project = $this->book('nested-gusset-album');
        $this->get("/projects/{$project->id}/plan")->assertOk();
        $this->change($project, ['parameters.leaf-width' => '4 7/8']);
        $this->askForDrawing($project)->assertDontSee('Changed:');
        $this->follow($project)->assertSee('Changed: leaf width')->assertSee('Sheet 1');
        $this->get("/projects/{$project->id}/plan")->assertDontSee('Changed:');
    }

    public function test_what_a_session_lost_is_said_all_the_same(): void
    {
        $project = $this->book('nested-gusset-album');
        $this->change($project, ['parameters.leaf-width' => '4 7/8']);
        $this->app->make('session')->driver()->flush();
        $this->askForDrawing($project)->assertHeader(PlanController::DRAWN_FIRST, '1');
        $this->follow($project)->assertSee('Changed: leaf width');
    }

    public function test_what_is_refused_is_said_at_once_with_the_whole_page(): void
    {
        $project = $this->book('nested-gusset-album');
        $this->change($project, ['parameters.leaf-width' => 'broad']);
        $this->askForDrawing($project)->assertHeaderMissing(PlanController::DRAWN_FIRST)->assertSee('broad')->assertSee('is-invalid', false);
        $stale = ['revision' => $project->refresh()->revision + 7, 'set' => ['parameters.leaf-width' => '4 3/4'], 'stage' => 'plan'];
        $this->patch("/projects/{$project->id}/design", $stale)->assertRedirect();
        $this->askForDrawing($project)->assertHeaderMissing(PlanController::DRAWN_FIRST)->assertSee('changed in another window');
    }

    public function test_where_the_plan_is_there_the_page_comes_at_once(): void
    {
        $project = $this->book('nested-gusset-album');
        $this->get("/projects/{$project->id}/plan")->assertOk();
        $this->askForDrawing($project)->assertHeaderMissing(PlanController::DRAWN_FIRST)->assertSee('id="stage"', false);
    }

    public function test_nobody_who_did_not_ask_for_it_gets_a_drawing_alone(): void
    {
        $project = $this->book('nested-gusset-album');
        $this->askForDrawing($project);
        $this->get("/projects/{$project->id}/plan")->assertSee('id="stage"', false);
        $this->change($project, ['parameters.leaf-width' => '4 7/8']);
        $this->get("/projects/{$project->id}/plan")->assertSee('id="stage"', false);
    }

    public function test_a_book_is_laid_out_once_for_a_change(): void
    {
        $project = $this->book('nested-gusset-album');
        $this->change($project, ['parameters.leaf-width' => '4 7/8']);
        $design = app(Plans::class)->design($project->refresh());
        $blueprints = app(Blueprints::class);
        // If it were laid out anew it would not be the one that lies there.
        $other = Workshop::ofTheHouse()->blueprint(app(Plans::class)->design($this->book('meander-book')));
        $this->assertEquals(Workshop::ofTheHouse()->blueprint($design), $blueprints->of($design, $project->design));
        $blueprints->keep($other, $project->design);
        $this->assertEquals($other, $blueprints->of($design, $project->design));
        $this->assertEquals($other, app(Plans::class)->layout($project)->blueprint);
        $this->assertEquals($other, app(Plans::class)->plan($project)->blueprint);
    }

    /** @param array<string, mixed> $more */
    private function book(string $structure, array $more = []): Project
    {
        return app(ProjectEditor::class)->create(['structure' => $structure, ...$more]);
    }

    /** @param array<string, string> $set */
    private function change(Project $project, array $set): void
    {
        $this->patch("/projects/{$project->id}/design", ['revision' => $project->refresh()->revision, 'set' => $set, 'stage' => 'plan'])
            ->assertStatus(303);
    }

    /** @return TestResponse<Response> */
    private function askForDrawing(Project $project, string $face = 'page-1'): TestResponse
    {
        return $this->get("/projects/{$project->id}/plan?face={$face}", [PlanController::DRAWN_FIRST => '1']);
    }

    /** @return TestResponse<Response> the page that follows a drawing */
    private function follow(Project $project): TestResponse
    {
        return $this->get("/projects/{$project->id}/plan", [PlanController::FOLLOWS => (string) $project->refresh()->revision]);
    }

    /** @param TestResponse<Response> $answer */
    private static function drawing(TestResponse $answer): string
    {
        self::assertSame(1, preg_match('~<!--first-->.*<!--/first-->~s', (string) $answer->getContent(), $found));

        return $found[0];
    }
}
