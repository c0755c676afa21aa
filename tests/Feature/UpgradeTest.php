<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\History\History;
use App\Models\Project;
use App\Planning\CutSoFar;
use App\Planning\Plans;
use Ephemeron\Blueprint\Thing;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** A database of an earlier day is brought to what holds now; migrations that have landed stay as they were. */
#[Group('sqlite')]
final class UpgradeTest extends TestCase
{
    private string $file = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->file = tempnam(sys_get_temp_dir(), 'ephemeron').'.sqlite';
        copy(__DIR__.'/../fixtures/databases/2026-11-25.sqlite', $this->file);
        config(['database.connections.sqlite.database' => $this->file]);
        DB::purge('sqlite');
    }

    protected function tearDown(): void
    {
        DB::purge('sqlite');
        foreach (['', '-wal', '-shm'] as $end) {
            @unlink($this->file.$end);
        }
        parent::tearDown();
    }

    public function test_begun_books_keep_their_plans_and_their_ticks(): void
    {
        $this->artisan('migrate', ['--force' => true])->assertSuccessful();
        $album = Project::query()->where('name', 'Begun album')->sole();
        $this->assertSame(0, $album->ticks()->where('key', 'like', 'cut-mat-%')->count(), 'no sheet goes by its position any more');
        $this->assertSame(3, $album->cutWorks()->count(), 'structure card, first and second mats');
        $cut = CutSoFar::of($album);
        $plan = app(Plans::class)->plan($album);
        $begun = array_map(static fn (string $key): string => $plan->sheet($key)->supply->name ?? '', array_keys($cut->begun()));
        sort($begun);
        $this->assertSame(['Dew point', 'First quarter', 'Kraft dusk'], $begun);
        $mats = array_values(
            array_filter(
                $plan->steps,
                fn ($step): bool => $plan->sheet($step->key)?->supply->name === 'Dew point'
                    && (new \App\Planning\Progress($album, $plan))->isDone($step),
            ),
        );
        $this->assertCount(1, $mats);
        $this->assertSame('came to 4 13/16', $album->notes()->where('step', $mats[0]->key)->sole()->text);
        $this->assertTrue($album->offcutChoices()->where('step', $mats[0]->key)->exists());
        // Taking the tick back brings the sheets back: the drawer knew them by their position.
        $paper = \App\Models\Paper::query()->where('name', 'Dew point')->sole();
        $before = $paper->count;
        $this->put("/projects/{$album->id}/ticks", ['step' => $mats[0]->key, 'done' => '0'])->assertSessionMissing('refused');
        $this->assertSame($before + ($plan->sheet($mats[0]->key)->count ?? 0), $paper->refresh()->count);
    }

    public function test_prices_are_what_they_were(): void
    {
        DB::table('papers')->where('name', 'Dew point')->update(['cents' => 85]);
        $before = DB::table('papers')->orderBy('id')->pluck('cents', 'id')->all();
        $this->assertSame(85, max($before));
        $this->artisan('migrate', ['--force' => true])->assertSuccessful();
        $after = DB::table('papers')->orderBy('id')->pluck('mills', 'id')->all();
        $this->assertSame(array_map(static fn (mixed $cents): int => 10 * (is_numeric($cents) ? (int) $cents : 0), $before), $after);
    }

    public function test_a_plan_that_a_longer_look_had_found_is_kept(): void
    {
        $this->artisan('migrate', ['--force' => true]);
        $book = Project::query()->where('name', 'Looked longer')->sole();
        $kept = json_decode($book->cutWorks()->sole()->plan, true, flags: JSON_THROW_ON_ERROR);
        $this->assertSame('ephemeron-cut-work', $kept['format']);
        $this->assertStringStartsWith('{"atLeast"', (string) $book->searches()->sole()->plan);
        $this->assertNotNull($book->searches()->sole()->cutPlan());
        $this->get("/projects/{$book->id}/cut")->assertOk();
    }

    public function test_stored_books_follow_their_measures_again(): void
    {
        $this->artisan('migrate', ['--force' => true]);
        $wallet = Project::query()->where('name', 'Stored wallet')->sole();
        $this->patch(
            "/projects/{$wallet->id}/design",
            ['revision' => $wallet->revision, 'set' => ['parameters.closing' => 'magnets']],
        )->assertSessionHasNoErrors();
        $this->assertSame(['magnets'], app(Plans::class)->plan($wallet->refresh())->blueprint->closings());
        $folder = Project::query()->where('name', 'Stored folder')->sole();
        $pocket = app(Plans::class)->plan($folder)->blueprint->get(Thing::class, 'page-1/expanding-pocket-1');
        $this->assertSame(100.0, $pocket->area->height()->inMillimetres(), 'what was changed stays changed');
    }

    public function test_what_could_be_undone_can_be_undone(): void
    {
        $this->artisan('migrate', ['--force' => true]);
        $album = Project::query()->where('name', 'Begun album')->sole();
        $last = app(History::class)->lastDone($album);
        $this->assertSame('ribbon yes → no', $last?->sentence);
        $this->post("/projects/{$album->id}/undo", ['event' => $last->id])->assertSessionHas('changed');
        $this->assertTrue(app(Plans::class)->design($album->refresh())->parameters->flag('ribbon'));
    }

    public function test_every_page_of_every_book_comes(): void
    {
        $this->artisan('migrate', ['--force' => true]);
        $this->get('/')->assertOk()->assertDontSee('cannot be read');
        foreach (Project::query()->get() as $project) {
            foreach (['plan', 'cut', 'score', 'fold', 'bench', 'print', 'design.json', 'cut-plan.json'] as $page) {
                $this->get("/projects/{$project->id}/{$page}")->assertOk();
            }
        }
    }

    /** The whole demo shelf as it was before there were many makers: begun, sold, priced. */
    public function test_a_shelf_of_the_day_after(): void
    {
        DB::purge('sqlite');
        $old = gzdecode((string) file_get_contents(__DIR__.'/../fixtures/databases/2026-11-26.sqlite.gz'));
        file_put_contents($this->file, (string) $old);
        $ticks = DB::table('ticks')->count();
        $cents = (int) DB::table('papers')->sum('cents');
        $this->artisan('migrate', ['--force' => true])->assertSuccessful();
        $this->assertSame($ticks, DB::table('ticks')->count());
        $this->assertSame(10 * $cents, (int) DB::table('papers')->sum('mills'));
        $this->assertSame(9_500, (int) DB::table('departures')->sum('mills'));
        $this->get('/projects/4/cost')->assertOk()->assertSee('CHF');
        $this->get('/projects/4/log')->assertOk()->assertSee('for 9.50');
        foreach (['/', '/papers', '/supplies', '/logbook', '/taken-off', '/together'] as $page) {
            $this->get($page)->assertOk()->assertDontSee('cannot be read');
        }
        foreach (Project::query()->get() as $project) {
            foreach (['plan', 'cut', 'score', 'fold', 'bench', 'print', 'log', 'design.json'] as $page) {
                $this->get("/projects/{$project->id}/{$page}")->assertOk();
            }
        }
    }

    /** @return iterable<string, array{string}> the demo shelf as each set of migrations that has landed left it */
    public static function earlierStates(): iterable
    {
        foreach (glob(__DIR__.'/../fixtures/databases/*.sqlite.gz') ?: [] as $file) {
            yield basename($file, '.sqlite.gz') => [$file];
        }
    }

    #[DataProvider('earlierStates')]
    public function test_a_shelf_of_every_earlier_state_is_brought_to_what_holds_now(string $file): void
    {
        DB::purge('sqlite');
        file_put_contents($this->file, (string) gzdecode((string) file_get_contents($file)));
        [$books, $ticks] = [DB::table('projects')->count(), DB::table('ticks')->count()];
        $this->artisan('migrate', ['--force' => true])->assertSuccessful();
        $this->assertSame([$books, $ticks], [DB::table('projects')->count(), DB::table('ticks')->count()]);
        foreach (['/', '/papers', '/supplies', '/logbook', '/taken-off'] as $page) {
            $this->get($page)->assertOk()->assertDontSee('cannot be read');
        }
        foreach (Project::query()->get() as $project) {
            foreach (['plan', 'cut', 'bench', 'log'] as $page) {
                $this->get("/projects/{$project->id}/{$page}")->assertOk();
            }
        }
    }

    /** A database of the migration's first form lacks these. */
    #[TestWith([['cut_left', 'cut_top', 'thickness', 'swatch_b']])]
    #[TestWith([['thickness', 'swatch_b']])]
    #[TestWith([[]])]
    public function test_papers_get_the_columns_that_an_early_form_lacked(array $missing): void
    {
        foreach ($missing as $column) {
            Schema::table('papers', static fn ($table) => $table->dropColumn($column));
        }
        $this->artisan('migrate', ['--force' => true])->assertSuccessful();
        $this->assertSame(
            [],
            array_values(
                array_filter(
                    ['cut_left', 'cut_top', 'thickness', 'swatch_b'],
                    static fn (string $column): bool => ! Schema::hasColumn('papers', $column),
                ),
            ),
        );
        $this->get('/papers')->assertOk();
    }

    public function test_migrations_that_have_landed_are_never_edited(): void
    {
        $landed = json_decode((string) file_get_contents(__DIR__.'/../fixtures/migrations.json'), true, flags: JSON_THROW_ON_ERROR);
        foreach ($landed as $file => $hash) {
            $this->assertSame(
                $hash,
                hash_file('sha256', database_path("migrations/{$file}")),
                "{$file} was edited: write a new migration instead",
            );
        }
        $files = array_map(basename(...), glob(database_path('migrations/*.php')) ?: []);
        $this->assertSame(
            [],
            array_values(array_diff($files, array_keys($landed))),
            'a new migration: add its hash to tests/fixtures/migrations.json when it is right',
        );
    }
}
