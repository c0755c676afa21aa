<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Project;
use App\Planning\ProjectEditor;
use Ephemeron\Structure\Catalogue;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use PHPUnit\Framework\Attributes\TestWith;
use Smalot\PdfParser\Parser;
use Tests\TestCase;

/** The book folds, its pages are mapped, its mock-up is printed; what does not fold is said. */
final class FoldScreenTest extends TestCase
{
    use RefreshDatabase;

    public function test_every_structure_has_a_fold_screen_for_every_scene(): void
    {
        foreach (app(Catalogue::class)->keys() as $key) {
            $project = $this->project(['structure' => $key]);
            $page = $this->get("/projects/{$project->id}/fold")->assertOk();
            preg_match_all('/<option value="([^"]+)"/', strstr((string) $page->getContent(), 'id="scene"') ?: '', $scenes);
            foreach (array_slice($scenes[1], 0, 12) as $scene) {
                if (preg_match('/^[0-9.]+$/', $scene) !== 1) {
                    $this->get("/projects/{$project->id}/fold?scene=".urlencode($scene))->assertOk();
                }
            }
        }
    }

    public function test_the_meander_is_mapped_page_by_page(): void
    {
        $project = $this->project(['structure' => 'meander-book', 'materials' => ['book-sheet' => ['direction' => 'both']]]);
        $page = $this->get("/projects/{$project->id}/fold")->assertOk();
        $page->assertSee('8 prints do not stand upright')->assertSee('As it lies is as good as any')->assertSee('upside down');
        $page->assertSee('--s2:0', false)->assertSee('rotate3d', false)->assertSee('Closed, cut across');
        $this->get("/projects/{$project->id}/fold?scene[]=x")->assertOk();
        $this->get("/projects/{$project->id}/fold?scene=book-sheet")->assertSee('panel 1 comes over');
    }

    public function test_a_sheet_that_does_not_fold_is_found_in_the_plan(): void
    {
        $project = $this->project(
            ['structure' => 'free-base', 'parameters' => ['columns' => '4 + 4', 'rows' => '3 + 3', 'cut-away' => '', 'pieces' => '']],
        );
        $this->get("/projects/{$project->id}/plan")->assertSee('two more mountains than valleys');
        $this->get("/projects/{$project->id}/fold")->assertSee('two more mountains than valleys');
    }

    public function test_patterns_go_out_as_fold_svg_and_dxf(): void
    {
        $project = $this->project(['structure' => 'meander-book']);
        $this->get("/projects/{$project->id}/patterns/A.fold")->assertOk()->assertJsonPath('frame_unit', 'mm')
            ->assertJsonCount(16, 'faces_vertices')->assertJsonPath('file_frames.0.frame_classes.0', 'foldedForm');
        $this->get("/projects/{$project->id}/patterns/A.svg")->assertOk()->assertHeader('Content-Type', 'image/svg+xml');
        $this->get("/projects/{$project->id}/patterns/A.dxf")->assertOk();
        $this->get("/projects/{$project->id}/patterns/Z.fold")->assertNotFound();
        $this->get("/projects/{$project->id}/patterns/A.pdf")->assertNotFound();
    }

    public function test_a_fold_file_is_brought_in_as_a_free_base(): void
    {
        $project = $this->project(
            [
                'structure' => 'free-base',
                'parameters' => ['columns' => '4 + 4 ^ 4', 'rows' => '6 + 2', 'cut-away' => '1-2, 3-2', 'pieces' => ''],
            ],
        );
        $fold = (string) $this->get("/projects/{$project->id}/patterns/A.fold")->getContent();
        $this->post('/import', ['file' => UploadedFile::fake()->createWithContent('base.fold', $fold)])->assertSessionHasNoErrors();
        $again = Project::query()->latest('id')->firstOrFail();
        $this->assertSame('free-base', $again->design['structure']);
        $editor = app(ProjectEditor::class);
        $this->assertEquals(
            app(\App\Planning\Plans::class)->plan($project)->blueprint->part('base')->creases,
            app(\App\Planning\Plans::class)->plan($again)->blueprint->part('base')->creases,
        );

        $this->post(
            '/import',
            ['file' => UploadedFile::fake()->createWithContent('open.fold', str_replace('"B"', '"F"', $fold))],
        )->assertSessionHasErrors('file');
    }

    public function test_a_meander_comes_in_with_its_slits_and_folds_as_it_did(): void
    {
        $meander = $this->project(['structure' => 'meander-book']);
        $fold = (string) $this->get("/projects/{$meander->id}/patterns/A.fold")->getContent();
        $this->post('/import', ['file' => UploadedFile::fake()->createWithContent('meander.fold', $fold)])->assertSessionHasNoErrors();
        $again = Project::query()->latest('id')->firstOrFail();
        $this->get("/projects/{$again->id}/plan")->assertOk()->assertSee('slit: ');
        $page = $this->get("/projects/{$again->id}/fold")->assertOk()->assertDontSee('No order of straight folds');
        $this->assertSame(
            15,
            substr_count((string) $page->getContent(), 'data-step='),
            'a fold between any two panels that follow each other',
        );
        foreach (['score', 'cut', 'bench', 'patterns/A.dxf', 'print/mock-up.pdf'] as $where) {
            $this->get("/projects/{$again->id}/{$where}")->assertOk();
        }
    }

    public function test_a_line_that_cannot_be_read_is_answered_beside_its_field_and_kept(): void
    {
        $project = $this->project(
            [
                'structure' => 'free-base',
                'parameters' => ['columns' => '4 + 4', 'rows' => '6', 'cut-away' => '', 'lines' => 'slit: 1 × 1 to 2 × 1'],
            ],
        );
        $typed = "slit: 1 × 1 to 2 × 1\nslit: 9 × 9 to 2 × 2";
        $this->from("/projects/{$project->id}/plan")->patch(
            "/projects/{$project->id}/design",
            ['revision' => $project->revision, 'set' => ['parameters.lines' => $typed]],
        )->assertSessionHasErrors();
        $this->get("/projects/{$project->id}/plan")->assertOk()->assertSee('leaves the blank, which is 8 × 6 in')
            ->assertSee('slit: 9 × 9 to 2 × 2');
        $this->assertSame('slit: 1 in × 1 in to 2 in × 1 in', $project->refresh()->design['parameters']['lines']);
        $this->patch(
            "/projects/{$project->id}/design",
            ['revision' => $project->revision, 'set' => ['parameters.lines' => 'valley: 0 × 3 to 8 × 3']],
        )->assertSessionHasNoErrors();
        $this->get("/projects/{$project->id}/score")->assertOk()->assertSee('4, quarter turn, 3');
    }

    public function test_a_slanted_score_is_told_at_the_board_and_at_the_bench(): void
    {
        $project = $this->project(
            [
                'structure' => 'free-base',
                'parameters' => ['columns' => '4 + 4', 'rows' => '6', 'cut-away' => '', 'lines' => 'mountain: 6 × 0 to 8 × 2'],
            ],
        );
        $sentence = 'By hand, along a ruler, mountain';
        $this->get("/projects/{$project->id}/score")->assertOk()->assertSee('4, by hand')->assertSee($sentence)
            ->assertSee('The piece as it lies flat');
        $this->get("/projects/{$project->id}/bench?step=score-base")->assertOk()->assertSeeText($sentence);
    }

    public function test_a_print_without_a_head_is_mapped_as_one_with_it_would_lie(): void
    {
        $project = $this->project(['structure' => 'meander-book', 'materials' => ['book-sheet' => ['direction' => 'none']]]);
        $this->get("/projects/{$project->id}/fold")->assertOk()->assertSee('may lie any way')->assertSee('upside down')
            ->assertSee('<td>upright</td>', false)->assertDontSee('<td>any way</td>', false);
    }

    public function test_the_mock_up_has_every_piece_with_its_pages(): void
    {
        $project = $this->project(['structure' => 'meander-book']);
        $text = (new Parser)->parseContent(
            (string) $this->get("/projects/{$project->id}/print/mock-up.pdf?scale=1/4")->assertOk()->getContent(),
        )->getText();
        foreach (['¼ of its size', '16', 'front', 'opens top'] as $said) {
            $this->assertStringContainsString($said, $text);
        }
        $this->get("/projects/{$project->id}/print/page-map.pdf")->assertOk();
        $this->get("/projects/{$project->id}/print/mock-up.pdf?scale=0.9")->assertRedirect("/projects/{$project->id}/print")
            ->assertSessionHasErrors('scale');
    }

    #[TestWith(['small'])]
    #[TestWith(['0'])]
    #[TestWith(['1/0'])]
    #[TestWith(['3'])]
    #[TestWith(['1%'])]
    public function test_a_scale_that_cannot_be_read_is_answered_beside_its_field(string $scale): void
    {
        $project = $this->project(['structure' => 'meander-book']);
        $this->get(
            "/projects/{$project->id}/print/mock-up.pdf?".http_build_query(['scale' => $scale]),
        )->assertRedirect("/projects/{$project->id}/print")->assertSessionHasErrors('scale');
        $this->get("/projects/{$project->id}/print")->assertOk()->assertSee('A scale is written like', false);
    }

    public function test_scored_pieces_are_ticked_at_the_board(): void
    {
        $project = $this->project(['structure' => 'nested-gusset-album']);
        $this->get("/projects/{$project->id}/score")->assertOk()->assertSee('All four:')->assertSee('5, turn, 5')->assertSee('stay equal');
        $this->tickScore($project, 'sheet-2', '1')->assertRedirect("/projects/{$project->id}/score#score-sheet-2");
        $this->get("/projects/{$project->id}/score")->assertSee('✓ B', false);
        $this->tickScore($project, 'sheet-2', '0');
        $this->get("/projects/{$project->id}/score")->assertDontSee('✓ B', false);
    }

    #[TestWith(['6 1/2', true])]
    #[TestWith(['', true])]
    #[TestWith(['2', false])]
    #[TestWith(['long', false])]
    public function test_the_length_of_the_board_is_taken_or_answered(string $board, bool $taken): void
    {
        $project = $this->project(['structure' => 'nested-gusset-album']);
        $response = $this->patch(
            "/projects/{$project->id}/design",
            ['revision' => $project->revision, 'stage' => 'score', 'set' => ['board' => $board]],
        );
        $taken ? $response->assertSessionHasNoErrors() : $response->assertSessionHasErrors('board');
        $this->get("/projects/{$project->id}/score")->assertOk();
    }

    /** @param array<string, mixed> $design */
    private function project(array $design): Project
    {
        return app(ProjectEditor::class)->create(['unit' => 'in', ...$design]);
    }

    private function tickScore(Project $project, string $part, string $done): \Illuminate\Testing\TestResponse
    {
        return $this->put("/projects/{$project->id}/ticks", ['stage' => 'score', 'step' => "score-{$part}", 'done' => $done]);
    }
}
