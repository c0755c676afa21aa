<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Note;
use App\Models\Paper;
use App\Models\Project;
use App\Planning\ProjectEditor;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Smalot\PdfParser\Parser;
use Tests\TestCase;

/** What follows from a plan and the papers is made once. */
final class KeptPartsTest extends TestCase
{
    use RefreshDatabase;

    public function test_what_was_printed_is_there_until_something_in_it_is_another(): void
    {
        $project = $this->app->make(ProjectEditor::class)->create(['structure' => 'meander-book', 'name' => 'Kept']);
        $first = $this->pdf($project);
        // A print carries the second in which it was made: only the same one is the same byte for byte.
        sleep(1);
        $this->assertSame($first, $this->pdf($project));
        $this->assertNotSame($first, $letter = $this->pdf($project, ['paper' => 'letter']));
        $this->assertNotSame($letter, $again = $this->pdf($project), 'one of each kind is kept');

        $this->app->make(ProjectEditor::class)->change($project, ['name' => 'Called otherwise'], $project->revision);
        $this->assertStringContainsString('Called otherwise', (new Parser)->parseContent($named = $this->pdf($project->refresh()))->getText());

        $this->post(route('notes.store', $project), ['text' => 'The paper curls.', 'step' => Note::PIECE.'book-sheet', 'stage' => 'cut'])->assertSessionHasNoErrors();
        $noted = $this->pdf($project);
        $this->assertStringContainsString('The paper curls.', (new Parser)->parseContent($noted)->getText());

        Paper::query()->create(['name' => 'Orbit', 'kind' => 'card', 'width' => 12 * 8128, 'height' => 12 * 8128, 'weight' => '216 g', 'count' => 40]);
        sleep(1);
        $this->assertNotSame($noted, $this->pdf($project), 'pictures of papers are printed too');
        $this->assertNotSame($again, $named);
    }

    public function test_what_cannot_be_printed_is_not_kept(): void
    {
        $project = $this->app->make(ProjectEditor::class)->create(['structure' => 'nested-gusset-album']);
        foreach (range(1, 2) as $time) {
            $this->get(route('print.pdf', [$project, 'mock-up', 'scale' => '1']))->assertRedirect()->assertSessionHasErrors('scale');
        }
        $this->get(route('print.pdf', [$project, 'mock-up', 'scale' => '1/4']))->assertOk();
    }

    public function test_how_a_book_folds_follows_its_change(): void
    {
        $editor = $this->app->make(ProjectEditor::class);
        $project = $editor->create(['structure' => 'free-base', 'parameters' => ['columns' => '5 + 7', 'rows' => '6', 'cut-away' => '']]);
        foreach (range(1, 2) as $time) {
            $this->get(route('fold', $project))->assertOk()->assertSeeText('The score at 5');
        }
        $editor->change($project, ['parameters.columns' => '4 + 8'], $project->revision);
        $this->get(route('fold', $project->refresh()))->assertSeeText('The score at 4')->assertDontSeeText('The score at 5');
        // Another machine’s name, another link.
        $this->get('http://elsewhere.test'.route('fold', $project, false))->assertDontSee('http://localhost', false);
        $journal = $editor->create(['structure' => 'sewn-journal']);
        foreach (range(1, 2) as $time) {
            $this->get(route('fold', [$journal, 'scene' => 'sewing']))->assertOk()->assertSee('name="_token"', false);
        }
    }

    /** @param array<string, string> $asked */
    private function pdf(Project $project, array $asked = []): string
    {
        return (string) $this->get(route('print.pdf', [$project, 'cut-list', ...$asked]))->assertOk()->getContent();
    }
}
