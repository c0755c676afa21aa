<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Note;
use App\Models\Paper;
use App\Models\Project;
use App\Planning\KeptPart;
use App\Planning\KeptParts;
use App\Planning\ProjectEditor;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Sleep;
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

    public function test_what_is_begun_when_one_reaches_for_it_is_there_when_it_is_pressed(): void
    {
        $project = $this->app->make(ProjectEditor::class)->create(['structure' => 'meander-book']);
        $answer = $this->call('HEAD', route('print.pdf', [$project, 'cut-list', 'paper' => 'letter']))->assertOk();
        $kept = Cache::get("part:{$project->id}:print-cut-list");
        $this->assertInstanceOf(KeptPart::class, $kept);
        $this->assertSame('', $answer->baseResponse->getContent());
        $this->assertSame($kept->made, $this->pdf($project, ['paper' => 'letter']));
        // Reached for with something that cannot be: that is said when it is pressed, and not on whatever page comes next.
        foreach (['1', 'large'] as $scale) {
            $asked = route('print.pdf', [$project, 'mock-up', 'scale' => $scale]);
            $this->call('HEAD', $asked, server: ['HTTP_ACCEPT' => 'application/json'])->assertUnprocessable();
            $this->assertFalse(session()->has('errors'));
            $this->get($asked)->assertRedirect(route('print', $project))->assertSessionHasErrors('scale')->assertSessionHasInput('scale', $scale);
            session()->flush();
        }
    }

    public function test_it_is_not_made_twice_at_the_same_time(): void
    {
        $project = $this->app->make(ProjectEditor::class)->create(['structure' => 'meander-book']);
        $parts = $this->app->make(KeptParts::class);
        $making = "making:part:{$project->id}:x";
        $mark = '';
        $parts->of($project, 'x', [], function () use (&$mark, $making): ?string {
            $mark = Cache::get($making);

            return null;
        });
        $this->assertIsString($mark);
        $this->assertNull(Cache::get($making), 'nobody waits for what could not be made');

        // Somebody else is at it: after a third look it is there.
        Sleep::fake();
        $looks = 0;
        Sleep::whenFakingSleep(function () use (&$looks, $mark, $making, $project): void {
            if (++$looks === 3) {
                Cache::put("part:{$project->id}:x", new KeptPart($mark, 'made by somebody else'));
                Cache::forget($making);
            }
        });
        $unwanted = function (): never {
            $this->fail('It is there.');
        };
        Cache::put($making, $mark);
        $this->assertSame('made by somebody else', $parts->of($project, 'x', [], $unwanted));
        $this->assertSame(3, $looks);

        // At something else, or gone while they were at it.
        Cache::put($making, 'of another book');
        $this->assertSame('other', $parts->of($project, 'x', ['other'], static fn (): string => 'other'));
        $this->assertSame(3, $looks, 'that is not waited for');
        Cache::put($making, $mark);
        $this->assertSame('anew', $parts->of($project, 'x', [], static fn (): string => 'anew'));
        $this->assertSame(503, $looks, 'ten seconds are');
    }

    public function test_what_fails_is_not_waited_for(): void
    {
        $project = $this->app->make(ProjectEditor::class)->create(['structure' => 'meander-book']);
        $parts = $this->app->make(KeptParts::class);
        try {
            $parts->of($project, 'x', [], static fn (): string => throw new \RuntimeException('No room.'));
            $this->fail('It was said.');
        } catch (\RuntimeException) {
            $this->assertNull(Cache::get("making:part:{$project->id}:x"));
        }
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
