<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Note;
use App\Models\Project;
use App\Planning\Plans;
use App\Planning\ProjectEditor;
use App\Planning\StepClock;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

/** What became of a book, and of all. */
final class LogTest extends TestCase
{
    use RefreshDatabase;

    public function test_a_book_from_its_first_cut_to_the_next_one(): void
    {
        $project = app(ProjectEditor::class)->create([
            'structure' => 'meander-book', 'name' => 'Moth book', 'unit' => 'in', 'made' => ['cover' => ['width' => '3']],
        ]);
        $this->get(route('log', $project))->assertOk()->assertSee('Nothing is cut yet');
        $plan = app(Plans::class)->plan($project);
        (new StepClock($project))->start($plan->steps[0]->key);
        $this->travel(20)->minutes();
        foreach ($plan->steps as $step) {
            $this->put(route('ticks.update', $project), ['step' => $step->key, 'done' => '1']);
        }
        (new StepClock($project))->stop();
        $this->patch(route('design', $project), [
            'revision' => $project->refresh()->revision, 'set' => ['parameters.notch' => '3/4'],
        ]);
        $this->get(route('log', $project))->assertOk()->assertSee('Full moon: finished')->assertSee('20 min')->assertSee('notch');
        $this->put(route('log.lesson', $project), ['lesson' => 'Cut the cards ⅛ less.'])->assertRedirect(route('log', $project));
        $this->put(route('log.lesson', $project), ['lesson' => str_repeat('x', 2001)])->assertSessionHasErrors('lesson');
        $this->get(route('logbook', ['search' => 'cards 100%']))->assertOk()->assertSee('No book of that');
        $this->get(route('logbook', ['search' => 'moth cards']))->assertOk()->assertSee('Moth book')->assertSee('20 min');
        $csv = (string) $this->get(route('logbook.csv'))->assertOk()->getContent();
        $this->assertStringContainsString("\r\nMoth book,Meander book,", $csv);
        $this->assertStringContainsString('Cut the cards ⅛ less.', $csv);
        // Again: the same design as planned, with what was learnt beside it.
        $answer = $this->post(route('log.again', $project))->assertRedirect();
        $next = Project::query()->latest('id')->firstOrFail();
        $this->assertSame(['Moth book, again', 'Cut the cards ⅛ less.'], [$next->name, $next->lesson]);
        $this->assertArrayNotHasKey('made', $next->design);
        $this->get((string) $answer->headers->get('Location'))->assertSee('One piece that was cut otherwise is as planned again.')
            ->assertSee('You meant to do differently: Cut the cards');
        $this->assertSame(0, $next->ticks()->count());
    }

    public function test_where_a_book_went(): void
    {
        $project = app(ProjectEditor::class)->create(['structure' => 'meander-book', 'name' => 'Moth book']);
        $send = fn (array $said) => $this->post(route('departures.store', $project), [
            'kind' => 'sold', 'copies' => '2', 'amount' => '19,00', 'on' => '2026-05-04', ...$said,
        ]);
        $send([])->assertSessionHasNoErrors()->assertSessionHas('said', '2 sold on 4 May 2026 for 19.00.');
        $this->assertStringContainsString('19.00', (string) $this->get(route('logbook.csv'))->getContent());
        foreach (['kind' => 'lost', 'copies' => '0', 'amount' => 'much', 'on' => '2199-01-01'] as $field => $value) {
            $send([$field => $value])->assertSessionHasErrors($field);
        }
        $this->get(route('log', $project))->assertOk()->assertSee('2 sold on 4 May 2026');
        $this->delete(route('departures.destroy', [$project, $project->departures()->sole()]))->assertRedirect();
        $this->assertSame(0, $project->departures()->count());
    }

    public function test_a_habit_is_told_with_its_figures(): void
    {
        $project = app(ProjectEditor::class)->create(['structure' => 'tab-spine-album']);
        $this->get(route('logbook'))->assertDontSee('more than chance');
        foreach (range(1, 8) as $number) {
            $project->notes()->create([
                'mark' => "m{$number}", 'step' => 'sort', 'text' => 'C came to …', 'part' => 'cover', 'axis' => 'width',
                'planned' => 8128, 'came' => 8128 - 254 - 20 * ($number % 3),
            ]);
        }
        $this->get(route('logbook'))->assertSee('smaller than planned')->assertSee('8 measurements')->assertSee('more than chance');
        // Taken for an allowance, Cut says where to set the fence: 274 ticks are 0.86 mm, a hair over 1⁄32 in.
        $this->put(route('logbook.allow'), ['take' => '1'])->assertRedirect();
        $this->get(route('logbook'))->assertSee('Reckon with it no more');
        $this->get(route('cut', $project))->assertOk()->assertSee('With your own allowance');
        $this->put(route('logbook.allow'), ['take' => '0']);
        $this->get(route('cut', $project))->assertDontSee('With your own allowance');
        Note::query()->update(['came' => 8128]);
        $this->get(route('logbook'))->assertDontSee('more than chance');
    }

    /** Inserts that were tight at dry fits: ⅛ in more play than ¼ is offered, and holds for new books only. */
    public function test_what_the_hand_wants_of_inserts_is_told_apart_from_the_trimmer(): void
    {
        $album = ['structure' => 'nested-gusset-album', 'furniture' => [
            ['on' => 'page-3', 'kind' => 'pocket', 'parameters' => ['width' => '4 3/4', 'notched' => 'no', 'card' => '4x4']],
        ]];
        $project = app(ProjectEditor::class)->create($album);
        foreach (range(1, 6) as $number) {
            $this->post(route('came', $project), [
                'step' => 'sort', 'measure' => 'width|page-3/pocket-1/card|whole', 'verdict' => 'tight',
                'came' => $number % 2 === 0 ? '1/8' : '7/64',
            ])->assertSessionHasNoErrors();
        }
        $this->get(route('logbook'))->assertOk()->assertSee('What goes into pockets was tight')->assertSee('6 dry fits')
            ->assertDontSee('smaller than planned')->assertDontSee('larger than planned');
        $this->put(route('logbook.allow'), ['take' => '1', 'what' => 'inserts'])->assertRedirect();
        $this->get(route('logbook'))->assertSee('As usual again');
        $again = app(ProjectEditor::class)->create($album);
        $this->assertSame('3/8 in', $again->design['insert-play'] ?? null);
        $kinds = fn (Project $of): array => array_map(
            static fn ($finding): string => $finding->kind,
            app(\App\Planning\Plans::class)->plan($of)->report->of('insert-snug', 'insert-too-tight'),
        );
        $this->assertSame([], $kinds($project->refresh()), '4¾ less ¼ for glue less a mat of 4¼: ¼ of play');
        $this->assertSame(['insert-snug'], $kinds($again), '⅜ was wanted, there is ¼');
        $this->put(route('logbook.allow'), ['take' => '0', 'what' => 'inserts']);
        $this->assertArrayNotHasKey('insert-play', app(ProjectEditor::class)->create(['structure' => 'meander-book'])->design);
    }
}
