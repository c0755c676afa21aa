<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Paper;
use App\Models\PaperMovement;
use App\Models\Project;
use App\Planning\CutSoFar;
use App\Planning\LaidBy;
use App\Planning\Plans;
use Ephemeron\Cutting\CutPiece;
use Ephemeron\Cutting\Fate;
use Ephemeron\Cutting\Supply;
use Ephemeron\Fit\StockPlan;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

/** What is cut stays as it was cut; changes that would spoil it are asked about first. */
final class CutStaysTest extends TestCase
{
    use RefreshDatabase;

    private Project $project;

    protected function setUp(): void
    {
        parent::setUp();
        $this->project = Project::factory()->create();
    }

    public function test_the_first_tick_freezes_the_plan_of_that_paper_as_text(): void
    {
        $this->cut('mat-base', 1);
        $kept = $this->project->cutWorks()->sole();
        $data = json_decode($kept->plan, true, flags: JSON_THROW_ON_ERROR);
        $this->assertSame(['ephemeron-cut-work', 'Dew point', ['mat-base']], [$data['format'], $data['name'], $data['roles']]);
        $this->cut('mat-base', 2);
        $this->assertSame(1, $this->project->cutWorks()->count());
        $this->put(
            $this->at('ticks'),
            ['stage' => 'cut', 'step' => $this->sheetKey($this->project, 'mat-base'), 'place' => 1, 'done' => '0'],
        );
        $this->put(
            $this->at('ticks'),
            ['stage' => 'cut', 'step' => $this->sheetKey($this->project, 'mat-base'), 'place' => 0, 'done' => '0'],
        );
        $this->assertSame(0, $this->project->cutWorks()->count(), 'nothing is cut, nothing is kept');
    }

    public function test_the_maker_is_asked_before_cut_pieces_are_trimmed_or_wrong(): void
    {
        $this->cutToTheEnd('structure-card');
        $before = $this->project->refresh()->design;
        $asked = $this->from($this->at('plan'))->followingRedirects()->patch(
            $this->at('design'),
            $this->change(['parameters.leaf-width' => '5 1/2']),
        );
        $asked->assertSee('Something is cut already')->assertSee('1 piece of Kraft dusk is cut already')->assertSee('kept as a leftover')
            ->assertSee('Change it all the same');
        $this->assertSame($before, $this->project->refresh()->design);
        $this->post(
            $this->at('confirm'),
            ['revision' => $this->project->revision, 'changes' => json_encode(['parameters.leaf-width' => '5 1/2'])],
        )->assertSessionHasNoErrors()->assertSessionHas('changed');
        $this->assertSame('5 1/2 in', $this->project->refresh()->design['parameters']['leaf-width']);
        $this->get($this->at('cut'))->assertSee('wrong now');
        // Back again everything is right, and nobody is asked.
        $this->patch($this->at('design'), $this->change(['parameters.leaf-width' => '5']))->assertSessionMissing('ask');
        $this->get($this->at('cut'))->assertDontSee('wrong now');
    }

    public function test_changes_that_leave_cut_pieces_alone_are_not_asked_about(): void
    {
        $this->cutToTheEnd('structure-card');
        $this->patch(
            $this->at('design'),
            $this->change(['mats.school' => 'fine']),
        )->assertSessionMissing('ask')->assertSessionHas('changed');
        $this->from($this->at('plan'))->patch($this->at('design'), $this->change(['parameters.step' => '3/8']))->assertSessionHas('ask');
        $this->post(
            $this->at('confirm'),
            ['revision' => $this->project->refresh()->revision, 'changes' => 'no JSON'],
        )->assertSessionHasErrors('changes');
        $this->post(
            $this->at('confirm'),
            ['revision' => $this->project->revision, 'changes' => '{"parameters.leaf-width": "wide", "format": "x"}'],
        )->assertSessionHasErrors('parameters.leaf-width');
    }

    /** A sheet planned for a leaf of 5 and cut is not one for a leaf of 4½: nothing is ticked that was not done. */
    public function test_a_cut_sheet_keeps_its_fence_and_its_tick(): void
    {
        $this->cutToTheEnd('structure-card');
        $key = $this->project->ticks()->where('key', 'not like', '%#%')->sole()->key;
        $fences = fn (): array => array_map(
            static fn ($cut): int => $cut->fence->ticks,
            app(Plans::class)->plan($this->project->refresh())->sheet($key)?->steps() ?? [],
        );
        $before = $fences();
        $this->post(
            $this->at('confirm'),
            ['revision' => $this->project->refresh()->revision, 'changes' => '{"parameters.leaf-width": "4 1/2"}'],
        );
        $this->assertSame($before, $fences());
        $plan = app(Plans::class)->plan($this->project->refresh());
        $open = array_filter(
            $plan->steps,
            fn ($step): bool => $plan->sheet($step->key) !== null && ! $this->project->ticks()->where('key', $step->key)->exists(),
        );
        $this->assertNotEmpty(
            array_filter($open, static fn ($step): bool => $plan->sheet($step->key)?->supply->isCutBefore() === true),
            'it is to be trimmed, and that is not done yet',
        );
    }

    /** What is done at the bench, and papers it is not cut from, are not asked about again and again: a plan goes on from sheets. */
    public function test_a_plan_is_made_anew_for_what_it_is_made_from_and_for_nothing_else(): void
    {
        $this->patch($this->at('design'), $this->change(['parameters.leaf-width' => '5 1/2']));
        $of = fn (): string => app(Plans::class)->mark($this->project->refresh());
        $this->post(
            '/papers',
            ['name' => 'Orbit card', 'kind' => 'card', 'count' => '9', 'weight' => '220 g', 'width' => '12', 'height' => '12'],
        );
        $paper = Paper::query()->sole();
        $take = ['take' => ['structure-card' => $paper->id], 'revision' => $this->project->refresh()->revision];
        $this->post($this->at('papers/take'), $take)->assertSessionHasNoErrors();
        $planned = $of();
        $key = $this->cutToTheEnd('structure-card');
        $begun = $of();
        $this->assertNotSame($planned, $begun);
        $ticks = $this->project->ticks()->count();
        $step = collect(app(Plans::class)->plan($this->project)->steps)->last(static fn ($step): bool => $step->places === []);
        $this->put($this->at('ticks'), ['step' => $step?->key, 'done' => '1']);
        $this->assertSame($ticks + 1, $this->project->ticks()->count());
        $this->assertSame($begun, $of(), 'done at the bench');
        $this->post('/papers', ['name' => 'Haze', 'kind' => 'card', 'count' => '7', 'weight' => '220 g', 'width' => '12', 'height' => '12']);
        $this->assertSame($begun, $of(), 'a paper it is not cut from');

        $leftover = Paper::query()->where('kind', 'leftover')->firstOrFail();
        $leftover->increment('count');
        $this->assertNotSame($begun, $of(), 'one leftover more, with which it may be gone on');
        $leftover->decrement('count');
        $this->assertSame($begun, $of());
        $this->project->ticks()->where('key', 'like', "{$key}#%")->firstOrFail()->delete();
        $this->assertNotSame($begun, $of(), 'a cut of a sheet');
    }

    public function test_a_begun_book_keeps_its_plan_when_the_code_is_another(): void
    {
        $this->cut('mat-base', 1);
        $frozen = app(Plans::class)->plan($this->project->refresh());
        // An edition of the planner that turns everything round.
        $quick = app(\Ephemeron\Cutting\CutPlanner::class);
        $this->app->instance(\Ephemeron\Cutting\CutPlanner::class, new class ($quick) implements \Ephemeron\Cutting\CutPlanner {
            public function __construct(private readonly \Ephemeron\Cutting\CutPlanner $quick)
            {
            }

            public function plan(array $demands, array $supplies, \Ephemeron\Cutting\Trimmer $trimmer): \Ephemeron\Cutting\CutPlan
            {
                $plan = $this->quick->plan($demands, $supplies, $trimmer);

                return $plan->withPatterns(array_reverse($plan->patterns));
            }
        });
        $after = app(Plans::class)->plan($this->project->refresh());
        $this->assertEquals($this->paper($frozen->stocks, 'mat-base')->cuts, $this->paper($after->stocks, 'mat-base')->cuts, 'begun');
        $this->assertNotEquals(
            $this->paper($frozen->stocks, 'structure-card')->cuts,
            $this->paper($after->stocks, 'structure-card')->cuts,
            'not begun: planned anew',
        );
    }

    public function test_a_touched_file_changes_no_edition_and_another_text_does(): void
    {
        $file = base_path('storage/framework/cache/edition-test/Some.php');
        @mkdir(dirname($file), recursive: true);
        file_put_contents($file, '<?php // one');
        $edition = static fn (): string => \App\Planning\CodeEdition::of('storage/framework/cache/edition-test');
        $one = $edition();
        touch($file, time() + 100);
        clearstatcache();
        $this->assertSame($one, $edition());
        file_put_contents($file, '<?php // two');
        touch($file, time() + 200);
        clearstatcache();
        $this->assertNotSame($one, $edition());
        unlink($file);
    }

    public function test_a_spoiled_piece_is_cut_again_and_what_it_costs_is_said(): void
    {
        $this->cutToTheEnd('structure-card');
        $cut = CutSoFar::of($this->project->refresh());
        $piece = array_values($cut->begun())[0][1]->demand(
            (string) array_key_first(array_values($cut->begun())[0][0]->pattern->gives),
        )?->piece;
        $this->assertNotNull($piece);
        $this->put($this->at('ticks'), ['step' => "score-{$piece}", 'done' => '1']);
        $sheets = $this->sheets();
        $this->followingRedirects()->post(
            $this->at('spoiled'),
            ['piece' => $piece, 'stage' => 'bench', 'step' => "score-{$piece}"],
        )->assertOk()->assertSee('1 new sheet of Kraft dusk')->assertDontSee('Not done yet');
        $this->assertSame($sheets + 1, $this->sheets());
        $this->post($this->at('spoiled'), ['piece' => $piece])->assertSessionHasErrors('piece');
        $this->post($this->at('undo'), $this->lastEvent($this->project));
        $this->assertSame($sheets, $this->sheets());
        $this->assertTrue($this->project->ticks()->where('key', "score-{$piece}")->exists(), 'what was done to it is done again');
        $this->post($this->at('spoiled'), ['piece' => 'page-1/mat-1'])->assertSessionHasErrors(
            ['piece' => 'None of these is cut yet: there is nothing to spoil.'],
        );
    }

    public function test_a_spoiled_piece_comes_from_a_leftover_where_one_is_large_enough(): void
    {
        $this->post(
            '/papers',
            ['name' => 'Orbit card', 'kind' => 'card', 'count' => '9', 'weight' => '220 g', 'width' => '24', 'height' => '24'],
        );
        $paper = Paper::query()->sole();
        $this->post($this->at('papers/take'), ['take' => ['structure-card' => $paper->id], 'revision' => $this->project->revision]);
        $key = $this->cutToTheEnd('structure-card');
        $count = $paper->refresh()->count;
        $gives = app(Plans::class)->plan($this->project->refresh())->sheet($key)?->gives ?? [];
        $part = array_column(app(Plans::class)->plan($this->project)->blueprint->parts, null, 'letter')[(string) array_key_first($gives)];
        $leftover = Paper::query()->where('kind', 'leftover')->orderByDesc('width')->firstOrFail();
        $leftover->update(
            ['width' => \Ephemeron\Measure\Length::inches(12)->ticks, 'height' => \Ephemeron\Measure\Length::inches(12)->ticks],
        );
        $this->followingRedirects()->post(
            $this->at('spoiled'),
            ['piece' => $part->key, 'stage' => 'cut'],
        )->assertSee('that costs no sheet');
        $plan = app(Plans::class)->plan($this->project->refresh());
        $open = array_values(
            array_filter(
                $this->paper($plan->stocks, 'structure-card')->cuts->patterns,
                static fn ($sheet): bool => $sheet->supply->key === (string) $leftover->id,
            ),
        );
        $there = $leftover->refresh()->count;
        $this->put($this->at('ticks'), ['step' => $open[0]->key, 'done' => '1']);
        $this->assertSame([$count, $there - 1], [$paper->refresh()->count, $leftover->refresh()->count]);
    }

    public function test_a_paper_that_was_given_up_still_shows_what_was_cut_of_it(): void
    {
        $this->cutToTheEnd('mat-top');
        $this->post(
            $this->at('confirm'),
            ['revision' => $this->project->refresh()->revision, 'changes' => '{"materials.mat-top.name": "Red torch"}'],
        )->assertSessionHasNoErrors();
        $this->get($this->at('cut'))->assertOk()->assertSee('Red torch')->assertSee('First quarter')->assertSee('wrong now');
        foreach (['plan', 'bench', 'score', 'print/cut-list.pdf', 'cut-plan.json', 'cut-plan.csv'] as $page) {
            $this->get($this->at($page))->assertOk();
        }
    }

    public function test_pieces_that_are_wrong_now_go_into_the_drawer_and_come_back(): void
    {
        $this->post(
            '/papers',
            ['name' => 'Orbit card', 'kind' => 'card', 'count' => '9', 'weight' => '220 g', 'width' => '12', 'height' => '12'],
        );
        $paper = Paper::query()->sole();
        $this->post($this->at('papers/take'), ['take' => ['structure-card' => $paper->id], 'revision' => $this->project->revision]);
        $key = $this->cutToTheEnd('structure-card');
        $leftovers = static fn (): array => Paper::query()->where('kind', 'leftover')->orderBy('id')->get()->map(
            static fn (Paper $paper): string => "{$paper->width}x{$paper->height}:{$paper->count}",
        )->all();
        $before = $leftovers();
        $this->post(
            $this->at('confirm'),
            ['revision' => $this->project->refresh()->revision, 'changes' => json_encode(['parameters.leaf-width' => '5 1/2'])],
        )->assertSessionHasNoErrors();
        $stock = $this->paper(app(Plans::class)->plan($this->project->refresh())->stocks, 'structure-card');
        $piece = app(LaidBy::class)->pieces($stock, $this->project)[0];
        $which = ['sheet' => $piece->sheet, 'piece' => $piece->piece];
        $this->get($this->at('cut'))->assertSee('into the drawer')->assertSee('Gave nothing that is wanted now');

        $this->followingRedirects()->post($this->at('laid-by'), $which)->assertSee('Undo: 1 of '.$piece->was)->assertDontSee('wrong now');
        $this->assertSame([...$before, "{$piece->size->width->ticks}x{$piece->size->height->ticks}:1"], $leftovers());
        $known = CutSoFar::of($this->project->refresh())->leftovers($stock->stock->identity());
        $alike = array_filter($known, static fn (Supply $supply): bool => $supply->sheet->equals($piece->size));
        $this->assertCount(1, $alike, 'this book, too, may begin it like any leftover');
        $this->followingRedirects()->post($this->at('laid-by'), $which)->assertSee('do not lie there any more');
        $this->followingRedirects()->put(
            $this->at('ticks'),
            ['stage' => 'cut', 'step' => $key, 'done' => '0'],
        )->assertSee('Take that back first');
        $this->assertTrue($this->project->ticks()->where('key', $key)->exists());

        $this->post($this->at('undo'), $this->lastEvent($this->project));
        $this->assertSame($before, $leftovers());
        $this->get($this->at('cut'))->assertSee('wrong now');
        $this->post($this->at('redo'), ['event' => $this->project->events()->latest('number')->first()->id ?? 0]);
        $this->assertCount(count($before) + 1, $leftovers());

        // Another book has used it: it cannot come back.
        Paper::query()->where(['kind' => 'leftover', 'width' => $piece->size->width->ticks])->update(['count' => 0]);
        $this->followingRedirects()->post($this->at('undo'), $this->lastEvent($this->project))->assertSee('has been used since');
    }

    public function test_all_pieces_of_a_kind_go_into_the_drawer_together(): void
    {
        $this->post(
            '/papers',
            ['name' => 'Orbit paper', 'kind' => 'pattern', 'count' => '40', 'weight' => '160 g', 'width' => '12', 'height' => '12'],
        );
        $this->post(
            $this->at('papers/take'),
            ['take' => ['mat-base' => Paper::query()->sole()->id], 'revision' => $this->project->revision],
        );
        $this->cutToTheEnd('mat-base');
        $changes = json_encode(['parameters.leaf-width' => '5 1/2']);
        $this->post($this->at('confirm'), ['revision' => $this->project->refresh()->revision, 'changes' => $changes]);
        $stock = $this->paper(app(Plans::class)->plan($this->project->refresh())->stocks, 'mat-base');
        $pieces = app(LaidBy::class)->pieces($stock, $this->project);
        $wrong = array_filter($stock->pieces, static fn (CutPiece $piece): bool => $piece->fate === Fate::Wrong);
        $all = array_sum(array_map(static fn (CutPiece $piece): int => $piece->count, $wrong));
        $this->assertGreaterThan(1, $pieces[0]->count);
        foreach ($pieces as $piece) {
            $this->post($this->at('laid-by'), ['sheet' => $piece->sheet, 'piece' => $piece->piece]);
        }
        $came = PaperMovement::query()->where('why', 'like', 'Wanted no more%')->get();
        $this->assertSame($all, $came->sum(static fn (PaperMovement $movement): int => $movement->change));
        $this->get($this->at('cut'))->assertDontSee('into the drawer</button>', false);
    }

    private function sheets(): int
    {
        return $this->paper(app(Plans::class)->plan($this->project->refresh())->stocks, 'structure-card')->cuts->sheets();
    }

    /** @param list<StockPlan> $stocks */
    private function paper(array $stocks, string $role): StockPlan
    {
        return array_values(array_filter($stocks, static fn (StockPlan $stock): bool => in_array($role, $stock->roles, true)))[0];
    }

    private function cut(string $role, int $number): void
    {
        $this->put(
            $this->at('ticks'),
            ['stage' => 'cut', 'step' => $this->sheetKey($this->project, $role), 'place' => $number - 1, 'done' => '1'],
        )->assertSessionHasNoErrors();
    }

    private function cutToTheEnd(string $role): string
    {
        $key = $this->sheetKey($this->project, $role);
        foreach (array_keys(app(Plans::class)->plan($this->project)->sheet($key)?->steps() ?? []) as $place) {
            $this->put($this->at('ticks'), ['stage' => 'cut', 'step' => $key, 'place' => $place, 'done' => '1']);
        }
        $this->put($this->at('ticks'), ['stage' => 'cut', 'step' => $key, 'done' => '1']);

        return $key;
    }

    /**
     * @param array<string, string> $set
     * @return array<string, mixed>
     */
    private function change(array $set): array
    {
        return ['revision' => $this->project->refresh()->revision, 'set' => $set];
    }

    private function at(string $path): string
    {
        return "/projects/{$this->project->id}/{$path}";
    }
}
