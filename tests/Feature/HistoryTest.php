<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\History\History;
use App\Models\Paper;
use App\Models\Project;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** One line of time for everything a maker does to a book. */
final class HistoryTest extends TestCase
{
    use RefreshDatabase;

    private Project $project;

    protected function setUp(): void
    {
        parent::setUp();
        $this->project = Project::factory()->create();
    }

    public function test_everything_is_taken_back_in_the_order_it_was_done_and_done_again(): void
    {
        $states = [$this->state()];
        $mats = $this->sheetKey($this->project, 'mat-base');
        $acts = [
            'leaf width 5 in → 4 7/8 in' => fn () => $this->set(['parameters.leaf-width' => '4 7/8']),
            'noted: a hair wide' => fn () => $this->post($this->at('notes'), ['step' => 'sort', 'text' => 'a hair wide']),
            'an offcut binned' => fn () => $this->put(
                $this->at('offcuts'),
                ['step' => $this->sheetKey($this->project, 'mat-base'), 'offcut' => 0, 'keep' => '0'],
            ),
            'cut 1 of Dew point' => fn () => $this->put(
                $this->at('ticks'),
                ['stage' => 'cut', 'step' => $this->sheetKey($this->project, 'mat-base'), 'place' => 0, 'done' => '1'],
            ),
            'cut 2 of Dew point' => fn () => $this->put(
                $this->at('ticks'),
                ['stage' => 'cut', 'step' => $this->sheetKey($this->project, 'mat-base'), 'place' => 1, 'done' => '1'],
            ),
            'score A, sheet 1, innermost' => fn () => $this->put($this->at('ticks'), ['step' => 'score-sheet-1', 'done' => '1']),
            'not done: score A, sheet 1, innermost' => fn () => $this->put($this->at('ticks'), ['step' => 'score-sheet-1', 'done' => '0']),
            'note struck: a hair wide' => fn () => $this->delete($this->at("notes/{$this->project->notes()->sole()->id}")),
        ];
        foreach ($acts as $sentence => $act) {
            $act();
            $named = app(History::class)->lastDone($this->project)?->getAttributes() ?? [];
            $this->assertSame($sentence, $named['sentence'] ?? null);
            $this->assertArrayNotHasKey('before', $named, 'a design is not read to name a button');
            $states[] = $this->state();
        }
        $last = count($states) - 1;
        for ($back = $last - 1; $back >= 0; $back--) {
            $this->undo()->assertSessionHas('changed')->assertSessionMissing('refused');
            $this->assertSame($states[$back], $this->state(), "after {$back}");
        }
        $this->undo()->assertSessionHasErrors('event');
        for ($on = 1; $on <= $last; $on++) {
            $this->redo();
            $this->assertSame($states[$on], $this->state(), "again {$on}");
        }
        $this->assertNotSame($mats, $this->sheetKey($this->project, 'mat-base'));
    }

    public function test_the_button_names_what_it_takes_back_on_every_stage(): void
    {
        $this->put(
            $this->at('ticks'),
            ['stage' => 'cut', 'step' => $this->sheetKey($this->project, 'mat-base'), 'place' => 0, 'done' => '1'],
        );
        foreach (['plan', 'cut', 'score', 'fold', 'bench', 'print'] as $stage) {
            $this->get($this->at($stage))->assertSee('Undo: cut 1 of Dew point');
        }
        $this->followingRedirects()->post(
            $this->at('undo'),
            [...$this->lastEvent($this->project), 'stage' => 'cut'],
        )->assertSee('Do again: cut 1 of Dew point');
    }

    public function test_what_another_window_did_is_not_taken_back_by_mistake(): void
    {
        $this->set(['parameters.ribbon' => 'false']);
        $seen = $this->lastEvent($this->project);
        $this->put($this->at('ticks'), ['step' => 'score-sheet-1', 'done' => '1']);
        $this->from($this->at('plan'))->followingRedirects()->post($this->at('undo'), $seen)->assertSee('changed in another window');
        $this->assertTrue($this->project->ticks()->exists());
    }

    public function test_the_drawer_follows(): void
    {
        [$paper, $sheet] = $this->drawn();
        $this->put($this->at('ticks'), ['step' => $sheet, 'done' => '1']);
        $after = [$paper->refresh()->count, Paper::query()->where('kind', 'leftover')->sum('count')];
        $this->assertNotSame([9, 0], $after);
        $this->undo();
        $this->assertSame([9, 0], [$paper->refresh()->count, (int) Paper::query()->where('kind', 'leftover')->sum('count')]);
        $this->redo();
        $this->assertEquals($after, [$paper->refresh()->count, Paper::query()->where('kind', 'leftover')->sum('count')]);
    }

    public function test_what_cannot_be_taken_back_says_so_and_nothing_moves(): void
    {
        [$paper, $sheet] = $this->drawn();
        $this->put($this->at('ticks'), ['step' => $sheet, 'done' => '1']);
        $leftover = Paper::query()->where('kind', 'leftover')->firstOrFail();
        $leftover->move(-$leftover->count, 'Cut for another book');
        $before = [$paper->refresh()->count, $this->state()];
        $this->undo()->assertSessionHas('refused');
        $this->get($this->at('cut'))->assertSee('has been used since');
        $this->assertSame($before, [$paper->refresh()->count, $this->state()]);
        $this->put($this->at('ticks'), ['step' => $sheet, 'done' => '0'])->assertSessionHas('refused');
        $this->assertSame($before, [$paper->refresh()->count, $this->state()]);
    }

    public function test_what_is_done_after_taking_back_is_the_new_line(): void
    {
        $this->set(['parameters.leaf-width' => '6']);
        $this->undo();
        $this->put($this->at('ticks'), ['step' => 'score-sheet-1', 'done' => '1']);
        $this->assertNull(app(History::class)->lastUndone($this->project));
        $this->set(['parameters.leaf-height' => '8']);
        $this->undo();
        $this->undo();
        $this->assertFalse($this->project->ticks()->exists());
        $this->assertSame(
            '5 in',
            app(\App\Planning\Plans::class)->design($this->project->refresh())->notation()->exact(
                app(\App\Planning\Plans::class)->design($this->project)->parameters->length('leaf-width'),
            ),
        );
    }

    /** @return array{Paper, string} a paper of the drawer for the sheets of the album, and the key of the first to cut */
    private function drawn(): array
    {
        $this->post(
            '/papers',
            ['name' => 'Orbit card', 'kind' => 'card', 'count' => '9', 'weight' => '220 g', 'width' => '12', 'height' => '12'],
        );
        $paper = Paper::query()->sole();
        $this->post($this->at('papers/take'), ['take' => ['structure-card' => $paper->id], 'revision' => $this->project->revision]);

        return [$paper, $this->sheetKey($this->project, 'structure-card')];
    }

    /** @return array<string, mixed> all that is known about the book */
    private function state(): array
    {
        $project = $this->project->refresh();

        return [
            'design' => $project->design,
            'ticks' => $project->ticks()->orderBy('key')->pluck('key')->all(),
            'notes' => $project->notes()->pluck('text')->all(),
            'offcuts' => $project->offcutChoices()->pluck('keep', 'step')->all(),
            'begun' => $project->cutWorks()->count(),
        ];
    }

    /** @param array<string, string> $changes */
    private function set(array $changes): void
    {
        $this->patch(
            $this->at('design'),
            ['revision' => $this->project->refresh()->revision, 'set' => $changes],
        )->assertSessionHasNoErrors();
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function undo(): TestResponse
    {
        return $this->post($this->at('undo'), $this->lastEvent($this->project));
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function redo(): TestResponse
    {
        return $this->post($this->at('redo'), $this->lastEvent($this->project, undone: true));
    }

    private function at(string $path): string
    {
        return "/projects/{$this->project->id}/{$path}";
    }
}
