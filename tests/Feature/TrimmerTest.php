<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\LookLonger;
use App\Models\Paper;
use App\Models\PlanSearch;
use App\Models\Project;
use App\Planning\InHand;
use App\Planning\KeptPlans;
use App\Planning\Progress;
use Ephemeron\Cutting\CutPlan;
use Ephemeron\Cutting\CutPlanner;
use Ephemeron\Cutting\Trimmer;
use Ephemeron\Fit\StockPlan;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Queue;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** The Cut screen: the sheet in hand, offcuts, pins, and the longer look. */
final class TrimmerTest extends TestCase
{
    use RefreshDatabase;

    private Project $project;

    /** Eight sheets alike, of which two pieces each come. */
    private string $sheet;

    protected function setUp(): void
    {
        parent::setUp();
        $this->project = Project::factory()->create();
        $this->sheet = $this->sheetKey($this->project, 'mat-base');
    }

    #[TestWith(['blade', '10 in', '10 in'])]
    #[TestWith(['strip', '1/4', '¼ in'])]
    #[TestWith(['blade', '', '12¼ in'])]
    #[TestWith(['blade', '2', null])]
    #[TestWith(['strip', 'thin', null])]
    public function test_cuts_are_planned_for_the_trimmer_of_the_maker(string $tool, string $typed, ?string $shown): void
    {
        $response = $this->from($this->at('cut'))->followingRedirects()->patch(
            $this->at('design'),
            ['revision' => $this->project->revision, 'stage' => 'cut', 'set' => [$tool => $typed]],
        )->assertOk();
        $shown === null
            ? $response->assertSee('field-error', false)->assertSee("value=\"{$typed}\"", false)
            : $response->assertSeeInOrder(['My trimmer', $shown]);
    }

    public function test_a_cut_too_long_for_the_blade_is_made_with_the_knife(): void
    {
        $this->patch(
            $this->at('design'),
            ['revision' => $this->project->revision, 'stage' => 'cut', 'set' => ['blade' => '6']],
        )->assertSessionHasNoErrors();
        $sheet = $this->sheetKey($this->project, 'mat-base');
        $this->get($this->at("cut?sheet={$sheet}"))->assertOk()->assertSee('longer than the blade')->assertSee('Craft knife');
    }

    public function test_cut_by_cut_the_sheet_falls_apart_and_the_step_is_done_with_the_last(): void
    {
        $page = $this->get($this->at('cut?sheet='.$this->sheet))->assertOk();
        $page->assertSee('At the trimmer')->assertSee('cut 1 of')->assertSee('id="cut-made"', false);
        $hand = $this->hand();
        $step = $hand->step;
        foreach (array_keys($step->places) as $number) {
            $this->assertSame($number, $this->hand()->done);
            $this->put(
                $this->at('ticks'),
                ['stage' => 'cut', 'step' => $step->key, 'place' => $number, 'done' => '1'],
            )->assertRedirect($this->at("cut?sheet={$step->key}"));
        }
        $this->assertTrue($this->project->ticks()->where('key', $step->key)->exists());
        $this->assertNotSame($step->key, $this->hand()->step->key, 'Another sheet is in hand.');
    }

    /** At the trimmer only what is in hand comes back, with the few marks elsewhere that changed; what was foretold is what is there then. */
    public function test_only_what_is_in_hand_comes_back(): void
    {
        $said = static fn (string $html): string => trim((string) preg_replace('/\s+/', ' ', strip_tags($html)));
        $page = (string) $this->get($this->at("cut?sheet={$this->sheet}"))->assertOk()->getContent();
        $keys = [];
        while (($hand = $this->handOrNone()) !== null) {
            $foretold = preg_match('~<template id="after-this-cut">(.*?)</template>~s', $page, $found) === 1 ? $said($found[1]) : '';
            $place = $hand->cut() === null ? [] : ['place' => $hand->done];
            $answer = $this->withHeader('HX-Target', 'trimmer')->put(
                $this->at('ticks'),
                ['stage' => 'cut', 'step' => $hand->step->key, 'done' => '1', ...$place],
            )->assertOk();
            $after = $this->handOrNone();
            if ($after === null) {
                $this->assertSame('', $foretold);
                $this->assertStringContainsString('#stage', (string) $answer->headers->get('HX-Location'));

                break;
            }
            $page = (string) $answer->getContent();
            $this->assertStringNotContainsString('<html', $page);
            foreach (['undoing', 'stages', 'moon-of-book'] as $id) {
                $this->assertMatchesRegularExpression("/id=\"{$id}\"\s+hx-swap-oob=\"true\"/", $page);
            }
            // A sheet that is cut to its end is shown so, wherever it stands on the page.
            $isFinished = $after->step->key !== $hand->step->key;
            $this->assertSame(
                $isFinished ? 1 : 0,
                preg_match("/class=\"pattern\" id=\"{$hand->step->key}\"\s+hx-swap-oob/", $page),
            );
            $keys[$hand->step->key] = true;
            $this->assertNotSame('', $foretold);
            $this->assertStringContainsString($said($this->number($page)), $foretold, $said($this->number($page)));
        }
        $this->assertGreaterThan(3, count($keys));
    }

    private function number(string $page): string
    {
        preg_match('~<div class="hand-number" data-now="number">.*?</div>~s', $page, $found);

        return $found[0] ?? 'no number';
    }

    public function test_what_is_refused_at_the_trimmer_is_said_on_the_whole_page(): void
    {
        $step = $this->hand()->step;
        $this->put($this->at('ticks'), ['stage' => 'cut', 'step' => $step->key, 'place' => 0, 'done' => '1']);
        $this->project->loses($step->key, 'page-1/mat-1', 1);
        $this->withHeader('HX-Target', 'trimmer')
            ->put($this->at('ticks'), ['stage' => 'cut', 'step' => $step->key, 'place' => 0, 'done' => '0'])
            ->assertOk()->assertHeader('HX-Location')->assertSessionHas('refused');
    }

    public function test_a_cut_is_taken_back_and_the_same_sheet_stays_in_hand(): void
    {
        $step = $this->hand()->step;
        foreach ([0, 1] as $place) {
            $this->put($this->at('ticks'), ['stage' => 'cut', 'step' => $step->key, 'place' => $place, 'done' => '1']);
        }
        $this->put(
            $this->at('ticks'),
            ['stage' => 'cut', 'step' => $step->key, 'place' => 1, 'done' => '0'],
        )->assertRedirect($this->at("cut?sheet={$step->key}"));
        $this->assertSame(1, $this->hand()->done);
    }

    public function test_another_sheet_is_taken_to_the_trimmer(): void
    {
        $other = $this->sheetKey($this->project, 'cover-paper');
        $this->get($this->at("cut?sheet={$other}"))->assertSee("name=\"step\" value=\"{$other}\"", false);
        $this->get($this->at('cut?sheet[]=x'))->assertOk();
    }

    public function test_what_falls_is_named_with_its_letter_and_section(): void
    {
        $hand = $this->hand();
        $fates = [];
        foreach ($hand->pattern->leaves() as $leaf) {
            $fates[] = $hand->fate($leaf);
        }
        $this->assertMatchesRegularExpression('/^pages 1 to 14, front cover, back cover · [A-Z]+(·[A-Z]+)*, /', $fates[0]);
        $this->assertContains(
            $hand->then(),
            [
                'Keep the left piece.',
                'Keep the right piece.',
                'Keep the left piece and turn it.',
                'Keep the right piece and turn it.',
                'Keep the upper piece.',
                'Keep the lower piece.',
                'Keep the upper piece and turn it.',
                'Keep the lower piece and turn it.',
                'It is the last cut of this sheet.',
                'It is the last cut of these sheets.',
            ],
        );
    }

    public function test_the_maker_says_of_each_offcut_whether_it_is_kept(): void
    {
        $this->post(
            '/papers',
            ['name' => 'Orbit card', 'kind' => 'card', 'count' => '9', 'weight' => '220 g', 'width' => '12', 'height' => '12'],
        );
        $paper = Paper::query()->sole();
        $this->post($this->at('papers/take'), ['take' => ['structure-card' => $paper->id], 'revision' => $this->project->revision]);
        $step = $this->sheetKey($this->project, 'structure-card');
        $offcuts = app(\App\Planning\Plans::class)->plan($this->project->refresh())->stocks[0]->cuts->patterns[0]->offcuts();
        foreach (array_keys($offcuts) as $number) {
            $this->put(
                $this->at('offcuts'),
                ['step' => $step, 'offcut' => $number, 'keep' => '0'],
            )->assertRedirect($this->at("cut?at={$step}"))->assertSessionHasNoErrors();
        }
        $this->put($this->at('ticks'), ['step' => $step, 'done' => '1']);
        $this->assertSame(1, Paper::query()->count(), 'All of them were binned.');
        $this->put($this->at('offcuts'), ['step' => $step, 'offcut' => 0, 'keep' => '1'])->assertSessionHasErrors('offcut');
        $this->put($this->at('ticks'), ['step' => $step, 'done' => '0']);
        $this->put($this->at('offcuts'), ['step' => $step, 'offcut' => 0, 'keep' => '1'])->assertSessionHasNoErrors();
        $this->put($this->at('ticks'), ['step' => $step, 'done' => '1']);
        $this->assertSame(1, Paper::query()->where('kind', 'leftover')->count());
        $this->put($this->at('offcuts'), ['step' => 'fold-1', 'offcut' => 0, 'keep' => '1'])->assertSessionHasErrors('step');
    }

    public function test_why_fewer_is_impossible_is_said(): void
    {
        $this->get($this->at('cut'))->assertSee('Why not fewer?')->assertSee('so no other can be better');
    }

    public function test_a_piece_is_pinned_and_let_go(): void
    {
        $this->pin(['left' => '1/2', 'top' => '1'])->assertSessionHasNoErrors();
        $this->assertSame('1/2 in', $this->pins()[0]['left']);
        $page = $this->get($this->at('cut?all=1'))->assertSee('Let it go');
        $page->assertSee('data-pin-sheet="1"', false)->assertSee('data-pin-sheet="2"', false);
        $this->delete($this->at('pins/0'), ['revision' => $this->project->refresh()->revision])->assertSessionHasNoErrors();
        $this->assertSame([], $this->pins());
    }

    #[TestWith(['left', 'there'])]
    #[TestWith(['top', '-1'])]
    #[TestWith(['sheet', 'one'])]
    #[TestWith(['top', ''])]
    public function test_a_pin_that_cannot_be_read_is_answered_beside_its_field(string $field, string $typed): void
    {
        $this->pin([$field => $typed])->assertSessionHasErrors($field);
        $this->assertSame([], $this->pins());
        $this->get($this->at('cut'))->assertOk();
    }

    public function test_a_longer_look_is_begun_watched_and_called_off(): void
    {
        Queue::fake();
        $this->post($this->at('searches?key='.$this->task()))->assertOk()->assertSee('is about to begin')->assertSee('Call it off');
        Queue::assertPushed(LookLonger::class, 1);
        $this->post($this->at('searches?key='.$this->task()))->assertOk();
        Queue::assertPushed(LookLonger::class, 1);
        $search = PlanSearch::query()->sole();
        $search->update(['state' => PlanSearch::RUNNING, 'share' => 42]);
        $this->get($this->at("searches/{$search->id}"))->assertSee('value="42"', false);
        $this->delete($this->at("searches/{$search->id}"))->assertSee('called off');
        $this->assertSame(PlanSearch::CANCELLED, $search->refresh()->state);
        $this->post($this->at('searches?key='.$this->task()))->assertSee('is about to begin');
        $this->post($this->at('searches?key=none'))->assertNotFound();
        $this->get('/projects/'.Project::factory()->create()->id."/searches/{$search->id}")->assertNotFound();
    }

    public function test_a_longer_look_that_finds_nothing_better_says_so(): void
    {
        $this->post($this->at('searches?key='.$this->task()))->assertOk()->assertSee('found nothing better: fewer is impossible');
        $this->assertSame(
            [PlanSearch::DONE, 100, null],
            [PlanSearch::query()->sole()->state, PlanSearch::query()->sole()->share, PlanSearch::query()->sole()->plan],
        );
    }

    public function test_a_look_that_was_called_off_before_it_began_does_nothing(): void
    {
        $search = PlanSearch::query()->create(
            ['project_id' => $this->project->id, 'key' => $this->task(), 'state' => PlanSearch::CANCELLED],
        );
        $this->look($search);
        $this->assertNull($search->refresh()->sheets);
    }

    public function test_a_look_at_a_book_that_was_changed_meanwhile_is_called_off(): void
    {
        $search = PlanSearch::query()->create(['project_id' => $this->project->id, 'key' => 'of another plan']);
        $this->look($search);
        $this->assertSame([PlanSearch::CANCELLED, null], [$search->refresh()->state, $search->plan]);
    }

    public function test_a_better_plan_is_taken_unless_the_paper_is_begun(): void
    {
        // A planner that is worse than it need be: one more sheet of the same kind.
        $quick = app(CutPlanner::class);
        $this->app->instance(CutPlanner::class, new class ($quick) implements CutPlanner {
            public function __construct(private readonly CutPlanner $quick)
            {
            }

            public function plan(array $demands, array $supplies, Trimmer $trimmer): CutPlan
            {
                $plan = $this->quick->plan($demands, $supplies, $trimmer);

                return new CutPlan([...$plan->patterns, $plan->patterns[0]], 0);
            }
        });
        $stock = $this->card();
        $search = PlanSearch::query()->create(['project_id' => $this->project->id, 'key' => $this->task()]);
        $this->look($search);
        $this->assertTrue($search->refresh()->taken);
        $this->assertSame($stock->cuts->sheets() - 1, $search->cutPlan()?->sheets());
        $this->assertStringStartsWith('{"atLeast"', (string) $search->plan, 'readable, no object of the code');
        $this->get($this->at("searches/{$search->id}?sheets={$stock->cuts->sheets()}"))->assertSee('found a plan with');
        $this->assertSame($stock->cuts->sheets() - 1, $this->card()->cuts->sheets(), 'the book is cut by it');
        $sheet = $this->card()->cuts->patterns[0];
        $this->put($this->at('ticks'), ['stage' => 'cut', 'step' => $sheet->key, 'done' => '1']);
        PlanSearch::query()->delete();
        $this->assertSame($stock->cuts->sheets() - 1, $this->card()->cuts->sheets(), 'begun, it keeps its plan');
    }

    private function card(): StockPlan
    {
        return app(\App\Planning\Plans::class)->plan($this->project->refresh())->stocks[0];
    }

    /** What the longer look for the first paper is called. */
    private function task(): string
    {
        $plan = app(\App\Planning\Plans::class)->plan($this->project->refresh());

        return KeptPlans::key($plan->stocks[0]->demands, $plan->stocks[0]->supplies, $plan->trimmer());
    }

    private function look(PlanSearch $search): void
    {
        app()->call([new LookLonger($search->id), 'handle']);
    }

    private function hand(): InHand
    {
        $hand = $this->handOrNone();
        $this->assertNotNull($hand);

        return $hand;
    }

    private function handOrNone(): ?InHand
    {
        $plan = app(\App\Planning\Plans::class)->plan($this->project->refresh());

        return InHand::of($plan, new Progress($this->project->load('ticks'), $plan), $this->sheet);
    }

    /** @param array<string, string> $typed */
    private function pin(array $typed): \Illuminate\Testing\TestResponse
    {
        return $this->from($this->at('cut'))->post(
            $this->at('pins'),
            [
                'revision' => $this->project->refresh()->revision,
                'part' => 'page-1/mat-1',
                'sheet' => '1',
                'left' => '0',
                'top' => '0',
                ...$typed,
            ],
        );
    }

    /** @return list<array<string, mixed>> */
    private function pins(): array
    {
        return $this->project->refresh()->design['pins'] ?? [];
    }

    private function at(string $path): string
    {
        return "/projects/{$this->project->id}/{$path}";
    }
}
