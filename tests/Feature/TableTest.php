<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Project;
use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPUnit\Framework\Attributes\TestWith;
use Smalot\PdfParser\Parser;
use Tests\TestCase;

/** Cut, score, bench and print: what is used at the table. */
final class TableTest extends TestCase
{
    use RefreshDatabase;
    use SeenByPoppler;

    private Project $project;

    protected function setUp(): void
    {
        parent::setUp();
        $this->project = Project::factory()->create();
    }

    public function test_the_cut_screen_draws_each_pattern_and_says_the_bound(): void
    {
        $page = $this->get("/projects/{$this->project->id}/cut?all=1")->assertOk();
        $page->assertSee('4 sheets; fewer is impossible')->assertSee('8 sheets alike')->assertSee('same fence')
            ->assertSee('data-step="3"', false);
        // Sheets further down come when they are looked at, each the same as on the whole page.
        $whole = (string) $page->getContent();
        $short = (string) $this->get("/projects/{$this->project->id}/cut")->assertOk()->getContent();
        $this->assertGreaterThan(0, preg_match_all('/class="pattern is-later" id="([^"]+)"/', $short, $later));
        $text = static fn (string $html): string => (string) preg_replace('/\s+/', ' ', strip_tags($html));
        foreach ($later[1] as $key) {
            $this->assertStringContainsString(
                trim($text((string) $this->get("/projects/{$this->project->id}/cut/{$key}")->assertOk()->getContent())),
                $text($whole),
            );
            $this->assertStringNotContainsString(
                'is-later" id="'.$key,
                (string) $this->get("/projects/{$this->project->id}/cut?at={$key}")->getContent(),
            );
        }
        $this->get("/projects/{$this->project->id}/cut/cut-0123456789ab-1")->assertNotFound();
    }

    public function test_a_batch_of_books_is_a_thing_with_a_name(): void
    {
        $page = "/projects/{$this->project->id}/cut";
        $this->followingRedirects()->post(
            "/projects/{$this->project->id}/batches",
            ['copies' => '10', 'batch-name' => 'For the autumn fair'],
        )
            ->assertOk()->assertSee('of 10 books')->assertSee('For the autumn fair')->assertSee('40 sheets; fewer is impossible');
        $batch = Project::query()->where('batch_of', $this->project->id)->sole();
        $this->get('/')->assertSee('A batch of 10 of '.$this->project->name);
        foreach (['0', '1', '101', 'many', '1.5', ''] as $wrong) {
            $this->post(
                "/projects/{$this->project->id}/batches",
                ['copies' => $wrong],
            )->assertRedirect($page)->assertSessionHasErrors('copies');
        }
        $this->assertNotSame(
            $this->get("/projects/{$batch->id}/cut-plan.csv")->assertOk()->getContent(),
            $this->get("/projects/{$this->project->id}/cut-plan.csv")->getContent(),
        );
        $this->get("/projects/{$batch->id}/cut-plan.json")->assertOk()->assertJsonPath('format', 'ephemeron-cut-plan');
        // Sixteen first mats a book are 160: of 160 g three at once.
        $this->get("/projects/{$batch->id}/cut?all=1")->assertSee('passes of 3');
        $this->get("/projects/{$batch->id}/score")->assertOk()->assertSee('All 40:');
    }

    /** What is done to pieces is done for all of them, what is assembled copy by copy. */
    public function test_a_batch_is_ticked_together_and_copy_by_copy(): void
    {
        $this->post("/projects/{$this->project->id}/batches", ['copies' => '3']);
        $batch = Project::query()->where('batch_of', $this->project->id)->sole();
        $at = "/projects/{$batch->id}/bench";
        $this->followingRedirects()->put(
            "/projects/{$batch->id}/ticks",
            ['step' => 'score-sheet-1', 'done' => 1],
        )->assertSee('For all 3 books together')->assertSee('Not done yet');
        $this->followingRedirects()->put(
            "/projects/{$batch->id}/ticks",
            ['step' => 'mat-covers', 'copy' => 2, 'done' => 1],
        )->assertSee('Copy 2 of 3')->assertSee('Not done yet');
        $this->get("{$at}?step=mat-covers")->assertSee('Copy 1 of 3')->assertDontSee('Not done yet');
        $this->assertSame(['mat-covers@2', 'score-sheet-1'], $batch->ticks()->orderBy('key')->pluck('key')->all());
        $this->put("/projects/{$batch->id}/ticks", ['step' => 'mat-covers', 'copy' => 99, 'done' => 1]);
        $this->assertTrue($batch->ticks()->where('key', 'mat-covers@3')->exists(), 'no copy that is not there');
        $labels = (string) $this->get("/projects/{$batch->id}/print/labels.pdf")->assertOk()->getContent();
        $this->assertGreaterThan(
            strlen((string) $this->get("/projects/{$this->project->id}/print/labels.pdf")->getContent()),
            strlen($labels),
        );
    }

    public function test_the_score_screen_shows_both_schools(): void
    {
        $this->get("/projects/{$this->project->id}/score")->assertOk()->assertSee('Turn it end for end');
        $this->followingRedirects()->patch(
            "/projects/{$this->project->id}/design",
            ['revision' => $this->project->revision, 'stage' => 'score', 'set' => ['scoring' => 'absolute']],
        )
            ->assertOk()->assertDontSee('Turn it end for end')->assertSee('All from the left');
    }

    public function test_steps_are_ticked_kept_and_taken_back(): void
    {
        $this->get("/projects/{$this->project->id}/bench")->assertOk()->assertSee('Step 1 of 35');
        $sheet = $this->sheetKey($this->project, 'structure-card');
        $this->tick(['step' => $sheet, 'done' => 1, 'next' => 1])->assertSee('Step 2 of 35');
        $this->get("/projects/{$this->project->id}/bench")->assertSee('Step 2 of 35')->assertSee('1 of 35');
        $this->tick(['step' => $sheet, 'done' => 0])->assertSee('Step 1 of 35')->assertDontSee('Not done yet');
    }

    public function test_places_are_ticked_one_by_one_and_complete_the_step(): void
    {
        $this->tick(['step' => 'mat-covers', 'place' => 0, 'done' => 1])->assertSee('✓ Front cover')->assertSee('○ Back cover');
        $this->tick(['step' => 'mat-covers', 'place' => 1, 'done' => 1])->assertSee('Not done yet');
        $this->tick(['step' => 'mat-covers', 'place' => 1, 'done' => 0])->assertSee('✓ Front cover')->assertSee('○ Back cover')
            ->assertDontSee('Not done yet');
    }

    /** What was scored for a leaf of 5 is not scored for one of 4½; what lies where it lay stays done. */
    public function test_nothing_is_ticked_that_was_not_done(): void
    {
        $this->tick(['step' => 'score-sheet-2', 'done' => 1]);
        $this->tick(['step' => 'sort', 'done' => 1]);
        $at = "/projects/{$this->project->id}";
        $this->from("{$at}/plan")->patch(
            "{$at}/design",
            ['revision' => $this->project->refresh()->revision, 'set' => ['parameters.ribbon' => 'false']],
        )->assertSessionMissing('ask');
        $this->from("{$at}/plan")->followingRedirects()->patch(
            "{$at}/design",
            ['revision' => $this->project->refresh()->revision, 'set' => ['parameters.leaf-width' => '4 1/2']],
        )
            ->assertSee('To be done again, because the lines lie elsewhere: score B, sheet 2.');
        $this->post(
            "{$at}/confirm",
            ['revision' => $this->project->refresh()->revision, 'changes' => '{"parameters.leaf-width": "4 1/2"}'],
        );
        $this->assertSame(['sort'], $this->project->ticks()->pluck('key')->all());
        $this->post("{$at}/undo", $this->lastEvent($this->project));
        $this->assertSame(['score-sheet-2', 'sort'], $this->project->ticks()->orderBy('key')->pluck('key')->all());
        $this->post("{$at}/redo", $this->lastEvent($this->project, undone: true));
        $this->assertSame(['sort'], $this->project->ticks()->pluck('key')->all());
    }

    public function test_unknown_steps_are_refused(): void
    {
        $this->put("/projects/{$this->project->id}/ticks", ['step' => 'fly', 'done' => 1])->assertNotFound();
        $this->put(
            "/projects/{$this->project->id}/ticks",
            ['step' => str_repeat('x', 10_000), 'done' => 1],
        )->assertSessionHasErrors('step');
        $this->get("/projects/{$this->project->id}/bench?step=fly")->assertOk()->assertSee('Step 1 of 35');
    }

    public function test_notes_belong_to_a_step_and_a_project(): void
    {
        $this->followingRedirects()->post("/projects/{$this->project->id}/notes", ['step' => 'sort', 'text' => 'came to 10 <b>3/16</b>'])
            ->assertSee('came to 10 <b>3/16</b>')->assertDontSee('<b>3/16</b>', false);
        $note = $this->project->notes()->firstOrFail();
        $other = Project::factory()->create();
        $this->delete("/projects/{$other->id}/notes/{$note->id}")->assertNotFound();
        $this->delete("/projects/{$this->project->id}/notes/{$note->id}")->assertRedirect();
        $this->assertSame(0, $this->project->notes()->count());
        $this->followingRedirects()->post(
            "/projects/{$this->project->id}/notes",
            ['step' => 'sort', 'text' => ''],
        )->assertSee('There is nothing to note yet');
    }

    public function test_files_go_out(): void
    {
        $this->get("/projects/{$this->project->id}/cut-list.csv")->assertOk()->assertHeader('Content-Type', 'text/csv; charset=utf-8')
            ->assertSee('Sheet 4, outermost');
        $this->get(
            "/projects/{$this->project->id}/sheets/{$this->sheetKey($this->project, 'mat-base')}.svg",
        )->assertOk()->assertHeader('Content-Type', 'image/svg+xml');
        $this->get("/projects/{$this->project->id}/sheets/cut-000000000000-1.svg")->assertNotFound();
    }

    #[TestWith(['a4', 595.3, 841.9])]
    #[TestWith(['letter', 612.0, 792.0])]
    public function test_the_cut_list_prints_with_every_piece(string $paper, float $width, float $height): void
    {
        $pdf = (new Parser)->parseContent(
            (string) $this->get("/projects/{$this->project->id}/print/cut-list.pdf?paper={$paper}")->assertOk()->getContent(),
        );
        $box = $pdf->getPages()[0]->getDetails()['MediaBox'];
        $this->assertEqualsWithDelta($width, (float) $box[2], 0.5);
        $this->assertEqualsWithDelta($height, (float) $box[3], 0.5);
        $text = $pdf->getText();
        foreach ([
            'Album sheets',
            'Page mats',
            'Sheet 4, outermost',
            '11 × 8½',
            '14 ×',
            'Scores along the width at 5, 6',
            '1 in',
            '3 cm',
        ] as $expected) {
            $this->assertStringContainsString($expected, $text);
        }
    }

    /** Whatever is printed, with the stills of the steps and the narrowest pieces; a font is set by `/F1 6.000000 Tf` (ISO 32000-1, 9.3.1). */
    #[TestWith(['cut-list'])]
    #[TestWith(['labels'])]
    #[TestWith(['templates'])]
    #[TestWith(['mock-up'])]
    #[TestWith(['openings'])]
    public function test_nothing_is_printed_in_less_than_six_points(string $document): void
    {
        $pdf = (string) $this->get("/projects/{$this->project->id}/print/{$document}.pdf")->assertOk()->getContent();
        preg_match_all('/stream\r?\n(.*?)\r?\nendstream/s', $pdf, $streams);
        $sizes = [];
        foreach ($streams[1] as $stream) {
            preg_match_all('~/F\d+ ([\d.]+) Tf~', (string) @gzuncompress($stream), $set);
            array_push($sizes, ...array_map(floatval(...), $set[1]));
        }
        // One point is the unseen mark that the PDF writer leaves in every file.
        $sizes = array_filter($sizes, static fn (float $size): bool => $size !== 1.0);
        $this->assertNotSame([], $sizes);
        $this->assertGreaterThanOrEqual(5.99, min($sizes));
    }

    public function test_there_is_a_label_for_every_piece(): void
    {
        $uri = "/projects/{$this->project->id}/print/labels.pdf";
        $text = (new Parser)->parseContent((string) $this->get("{$uri}?paper=a4")->assertOk()->getContent())->getText();
        $plan = $this->app->make(\App\Planning\Plans::class)->plan($this->project);
        foreach ($plan->blueprint->parts as $part) {
            $this->assertStringContainsString($part->quantity > 1 ? "{$part->quantity} of {$part->quantity}" : $part->name, $text);
        }
        $one = (new Parser)->parseContent((string) $this->get("{$uri}?paper=letter&letters[]=A")->getContent());
        $this->assertCount(1, $one->getPages());
    }

    public function test_templates_print_at_true_size_over_as_many_pages_as_it_takes(): void
    {
        // 11 × 8½ in lying on A4 (18.6 cm of room): two columns each for four sheets; the two pockets fit a page each.
        $pdf = (new Parser)->parseContent((string) $this->get("/projects/{$this->project->id}/print/templates.pdf?paper=a4")->getContent());
        $this->assertCount(4 * 2 + 2, $pdf->getPages());
        $one = (new Parser)->parseContent(
            (string) $this->get("/projects/{$this->project->id}/print/templates.pdf?paper=a4&letters[]=J")->getContent(),
        );
        $this->assertCount(1, $one->getPages());
        $this->assertStringContainsString('4⅞ × 3⅞ in', $one->getText());
        $this->get("/projects/{$this->project->id}/print/templates.pdf?paper=napkin")->assertRedirect();
        $this->get("/projects/{$this->project->id}/print/poster.pdf")->assertNotFound();
    }

    /**
     * Rendered by poppler at ten dots to the millimetre and measured: a piece of 4⅞ × 3⅞ in, the inch and the three centimetres of the
     * check marks.
     */
    public function test_a_template_measures_what_it_says(): void
    {
        $print = $this->get("/projects/{$this->project->id}/print/templates.pdf?paper=letter&letters[]=J");
        $page = $this->rendered((string) $print->assertOk()->getContent());
        // A line of dots across the middle of the piece meets nothing but its two sides; so does one down, left of the notch.
        $this->assertEqualsWithDelta(1238.25, $this->span($page, row: 700), 3.0);
        $this->assertEqualsWithDelta(984.25, $this->span($page, column: 420, from: 200, to: 1400), 3.0);
        // The check marks stand 10 mm above the foot of the page, from 12 mm and from 50 mm.
        $foot = imagesy($page) - 100;
        $this->assertEqualsWithDelta(254, $this->span($page, row: $foot, from: 100, to: 440), 3.0);
        $this->assertEqualsWithDelta(300, $this->span($page, row: $foot, from: 470, to: 860), 3.0);
    }

    /** Between the middles of the first and the last dark dots along a row or a column. */
    private function span(\GdImage $page, ?int $row = null, ?int $column = null, int $from = 0, ?int $to = null): float
    {
        $dark = [];
        for ($i = $from; $i < ($to ?? ($row === null ? imagesy($page) : imagesx($page))); $i++) {
            $colour = imagecolorsforindex($page, (int) imagecolorat($page, $column ?? $i, $row ?? $i));
            if ($colour['red'] < 128) {
                $dark[] = $i;
            }
        }
        $this->assertNotSame([], $dark);

        return (float) (max($dark) - min($dark));
    }

    /**
     * @param array<string, int|string> $data
     * @return \Illuminate\Testing\TestResponse<\Illuminate\Http\Response>
     */
    private function tick(array $data): \Illuminate\Testing\TestResponse
    {
        return $this->followingRedirects()->put("/projects/{$this->project->id}/ticks", $data);
    }
}
