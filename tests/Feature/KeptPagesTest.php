<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Database\Questions;
use App\Database\ShelfEdition;
use App\Database\Statement;
use App\Drawer\WorthKeeping;
use App\Http\Middleware\KeptPages;
use App\Models\Paper;
use App\Models\Project;
use App\Models\Setting;
use App\Models\StepTime;
use App\Models\Supply;
use App\Planning\Plans;
use App\Planning\ProjectEditor;
use Ephemeron\Measure\Length;
use Ephemeron\WorkPlan;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** A stage that is come back to is there as it was, until anything is written. */
final class KeptPagesTest extends TestCase
{
    use RefreshDatabase;

    #[TestWith(['plan'])]
    #[TestWith(['cut'])]
    #[TestWith(['score'])]
    #[TestWith(['fold'])]
    #[TestWith(['bench'])]
    #[TestWith(['shelf'])]
    public function test_a_stage_asked_for_again_is_the_same_and_asks_nothing(string $stage): void
    {
        $project = $this->book();
        $first = $this->page($project, $stage, $queries);
        $this->assertGreaterThan(0, $queries);
        $again = $this->page($project, $stage, $queries);
        $this->assertSame(0, $queries);
        $this->assertSame($this->withoutOnce($first), $this->withoutOnce($again));
        // What a form is known by is good for one page.
        $this->assertSame(str_contains($first, 'name="once"'), $first !== $again);
        // Another question has another answer.
        $this->get(route($stage, [$project, 'unit' => 'other']))->assertOk();
        $this->page($project, $stage, $queries);
        $this->assertGreaterThan(0, $queries);
    }

    public function test_whatever_is_written_makes_it_anew(): void
    {
        $project = $this->book();
        $writes = [
            fn () => $project->notes()->create(['step' => 'face:page-1', 'text' => 'It curls.']),
            fn () => Supply::query()->create(['kind' => 'magnet', 'name' => 'Small ones', 'count' => 4]),
            fn () => $this->app->make(WorthKeeping::class)->choose(Length::inches(3)),
            fn () => Paper::query()->create(['name' => 'Orbit', 'kind' => 'card', 'width' => 8128, 'height' => 8128, 'weight' => '216 g', 'count' => 1]),
            fn () => Paper::query()->where('name', 'Orbit')->update(['count' => 2]),
            fn () => Paper::query()->where('name', 'Orbit')->delete(),
            fn () => DB::transaction(fn () => $project->update(['name' => 'Otherwise'])),
        ];
        foreach ($writes as $number => $write) {
            $this->page($project, 'plan', $queries);
            $this->page($project, 'plan', $queries);
            $this->assertSame(0, $queries, "before {$number}");
            $write();
            $page = $this->page($project, 'plan', $queries);
            $this->assertGreaterThan(0, $queries, "after {$number}");
        }
        $this->assertStringContainsString('Otherwise', $page ?? '');
    }

    public function test_styles_and_scripts_that_were_built_anew_make_it_anew(): void
    {
        $project = $this->book();
        $public = sys_get_temp_dir().'/public-'.bin2hex(random_bytes(6));
        mkdir("{$public}/build", recursive: true);
        file_put_contents("{$public}/build/manifest.json", (string) file_get_contents(public_path('build/manifest.json')));
        $this->app->usePublicPath($public);
        $this->page($project, 'plan', $queries);
        $this->page($project, 'plan', $queries);
        $this->assertSame(0, $queries);
        file_put_contents("{$public}/build/manifest.json", "\n", FILE_APPEND);
        $this->page($project, 'plan', $queries);
        $this->assertGreaterThan(0, $queries);
        unlink("{$public}/build/manifest.json");
        array_map(rmdir(...), ["{$public}/build", $public]);
    }

    /** Whatever is written, by whomever: what is kept is the page that would be made. */
    #[DataProvider('writes')]
    public function test_what_is_kept_is_what_would_be_made(\Closure $write): void
    {
        $project = $this->book();
        $other = $this->book();
        $stages = ['plan', 'cut', 'score', 'fold', 'bench', 'shelf'];
        foreach ($stages as $stage) {
            $this->page($project, $stage, $queries);
        }
        $write($project, $other, $this->app->make(Plans::class)->plan($project));
        foreach ($stages as $stage) {
            $kept = $this->page($project->refresh(), $stage, $queries);
            Cache::flush();
            $this->assertSame($this->withoutOnce($this->page($project, $stage, $queries)), $this->withoutOnce($kept), $stage);
        }
    }

    /** @return iterable<string, array{\Closure(Project, Project, WorkPlan): mixed}> */
    public static function writes(): iterable
    {
        yield 'a note' => [static fn (Project $book) => $book->notes()->create(['step' => 'face:page-1', 'text' => 'It curls.'])];
        yield 'a note elsewhere' => [static fn (Project $book, Project $other) => $other->notes()->create(['step' => 'face:page-1', 'text' => 'No.'])];
        yield 'a supply' => [static fn () => Supply::query()->create(['kind' => 'magnet', 'name' => 'Small ones', 'count' => 4])];
        yield 'what is worth keeping' => [static fn () => app(WorthKeeping::class)->choose(Length::inches(3))];
        yield 'a tick' => [static fn (Project $book, Project $other, WorkPlan $plan) => $book->ticks()->create(['key' => $plan->steps[0]->key])];
        yield 'a tick elsewhere' => [static fn (Project $book, Project $other, WorkPlan $plan) => $other->ticks()->create(['key' => $plan->steps[0]->key])];
        yield 'a time' => [static fn (Project $book, Project $other, WorkPlan $plan) => StepTime::query()->create(
            ['project_id' => $book->id, 'step' => $plan->steps[0]->key, 'seconds' => 90],
        )];
        yield 'a name' => [static fn (Project $book) => $book->update(['name' => 'Otherwise'])];
        yield 'a name elsewhere' => [static fn (Project $book, Project $other) => $other->update(['name' => 'Otherwise'])];
        yield 'a guest' => [static fn (Project $book, Project $other) => $other->update(['cut_with' => $book->id])];
        yield 'many books' => [static fn (Project $book) => $book->update(['copies' => 3])];
        yield 'a longer look' => [static fn (Project $book, Project $other, WorkPlan $plan) => $book->searches()->create(
            ['key' => $plan->stocks[0]->cuts->patterns[0]->key, 'state' => 'running', 'share' => 40],
        )];
        yield 'a change' => [static fn (Project $book) => app(ProjectEditor::class)->change($book, ['parameters.leaf-width' => '4 7/8'], $book->revision)];
        yield 'a change elsewhere' => [
            static fn (Project $book, Project $other) => app(ProjectEditor::class)->change($other, ['parameters.leaf-width' => '4 7/8'], $other->revision),
        ];
    }

    public function test_it_stands_as_long_as_nothing_it_was_made_from_is_another(): void
    {
        $made = 0;
        Route::middleware(['web', KeptPages::class])->get('counted', static function () use (&$made): string {
            return sprintf('Made %d of %d', ++$made, Paper::query()->where('name', 'Orbit')->count());
        });
        $orbit = fn (): Paper => Paper::query()->create(
            ['name' => 'Orbit', 'kind' => 'card', 'width' => 8128, 'height' => 8128, 'weight' => '216 g', 'count' => 1],
        );
        $this->get('counted')->assertSeeText('Made 1 of 0');
        $this->book();
        $this->get('counted')->assertSeeText('Made 1 of 0');
        $paper = $orbit();
        $this->get('counted')->assertSeeText('Made 2 of 1');
        $paper->delete();
        $orbit();
        // Another one, and the same answer.
        $this->get('counted')->assertSeeText('Made 2 of 1');
        $orbit();
        $this->get('counted')->assertSeeText('Made 3 of 2');
    }

    public function test_however_often_it_is_made_anew_no_more_is_asked_to_see_whether_it_stands(): void
    {
        $project = $this->book();
        $other = $this->book();
        $asked = [];
        foreach (range(1, 7) as $round) {
            $project->ticks()->create(['key' => "a place of round {$round}"]);
            $this->page($project, 'plan', $queries);
            $other->ticks()->create(['key' => "a place of round {$round}"]);
            $this->page($project, 'plan', $asked[]);
        }
        // The first page of a process looks some things up that the others know.
        $this->assertCount(1, array_unique(array_slice($asked, 1)), implode(', ', $asked));
        $this->assertLessThan($queries, $asked[6]);
    }

    public function test_what_is_written_before_it_is_kept_makes_it_anew(): void
    {
        $made = 0;
        $page = static function () use (&$made): Response {
            return new Response(sprintf('Made %d of %d', ++$made, Supply::query()->count()));
        };
        $kept = $this->app->make(KeptPages::class);
        $ask = function (\Closure $before) use ($kept, $page): string {
            $request = Request::create('/counted');
            $request->setLaravelSession($this->app->make('session')->driver());
            $this->app->make(Questions::class)->forget();
            $answer = $kept->handle($request, $page);
            $before();
            $kept->terminate($request);

            return (string) $answer->getContent();
        };
        $this->assertSame('Made 1 of 0', $ask(fn () => Supply::query()->create(['kind' => 'magnet', 'name' => 'Small ones', 'count' => 4])));
        $this->assertSame('Made 2 of 1', $ask(static fn () => null));
        $this->assertSame('Made 2 of 1', $ask(static fn () => null));
    }

    public function test_a_page_that_asks_too_much_is_made_anew(): void
    {
        $questions = new Questions;
        $ask = fn (string $sql) => $questions->heard(new QueryExecuted($sql, [1], 0.1, DB::connection()));
        foreach (range(1, 80) as $number) {
            $ask("select {$number} from \"ticks\" where \"id\" = ?");
        }
        $ask('select * from "sessions" where "id" = ?');
        $this->assertCount(80, $questions->soFar() ?? []);
        $this->assertFalse(Statement::isOfLooking('select * from "makers" where exists (select * from "sessions" where "id" = ?)'));
        $ask('select 81 from "ticks" where "id" = ?');
        $this->assertNull($questions->soFar());
        $questions->forget();
        $this->assertSame([], $questions->soFar());
        $ask('update "ticks" set "key" = ?');
        $this->assertNull($questions->soFar());
    }

    public function test_what_is_said_once_is_said_once(): void
    {
        $project = $this->book();
        $this->patch(route('design', $project), ['revision' => $project->revision, 'set' => ['parameters.leaf-width' => '4 7/8']]);
        $this->get(route('plan', $project))->assertSeeText('Changed:');
        $this->get(route('plan', $project))->assertDontSeeText('Changed:')->assertSee('4 7/8');
        $this->patch(route('design', $project), ['revision' => $project->refresh()->revision, 'set' => ['parameters.leaf-width' => 'broad']])
            ->assertSessionHasErrors();
        $this->get(route('plan', $project))->assertSee('is-invalid', false);
        $this->get(route('plan', $project))->assertDontSee('is-invalid', false);
    }

    public function test_a_clock_that_runs_is_not_kept(): void
    {
        $project = $this->book();
        $step = $this->app->make(Plans::class)->plan($project)->steps[0]->key;
        $this->put(route('clock', $project), ['step' => $step, 'run' => true])->assertSuccessful();
        $this->page($project, 'bench', $queries);
        $this->page($project, 'bench', $queries);
        $this->assertGreaterThan(0, $queries);
    }

    public function test_another_session_has_a_page_of_its_own(): void
    {
        $project = $this->book();
        $one = $this->page($project, 'plan', $queries);
        $this->app->make('session')->driver()->regenerateToken();
        $other = $this->page($project, 'plan', $queries);
        $this->assertGreaterThan(0, $queries);
        $this->assertStringContainsString((string) csrf_token(), $other);
        $this->assertStringNotContainsString((string) csrf_token(), $one);
    }

    public function test_a_page_that_writes_or_says_something_for_the_next_is_not_kept(): void
    {
        $made = 0;
        $page = static function (string $path, \Closure $besides) use (&$made): void {
            Route::middleware(['web', KeptPages::class])->get($path, static function () use (&$made, $besides): string {
                $besides();

                return 'Made '.++$made;
            });
        };
        $page('quiet', static fn () => null);
        $page('writes', static fn () => Setting::query()->updateOrCreate(['key' => 'looked'], ['value' => (string) hrtime(true)]));
        $page('says', static fn () => session()->flash('said', 'Once.'));
        $page('fails', static fn () => abort(503));
        $this->get('quiet')->assertSeeText('Made 1');
        $this->get('quiet')->assertSeeText('Made 1');
        $this->get('writes')->assertSeeText('Made 2');
        $this->get('writes')->assertSeeText('Made 3');
        $this->get('says')->assertSeeText('Made 4');
        $this->get('quiet')->assertSeeText('Made 5');
        $this->get('says')->assertSeeText('Made 6');
        $this->get('fails')->assertServiceUnavailable();
    }

    public function test_a_page_that_is_not_there_is_not_kept(): void
    {
        $this->get('/projects/4711/plan')->assertNotFound();
        $project = $this->book();
        $this->page($project, 'plan', $queries);
        $project->delete();
        $this->get(route('plan', $project))->assertNotFound();
    }

    #[TestWith(['select * from "projects"', false])]
    #[TestWith(['insert into "sessions" ("id") values (?)', false])]
    #[TestWith(['update "jobs" set "attempts" = ?', false])]
    #[TestWith(['delete from "cache" where "key" = ?', false])]
    #[TestWith(['update "projects" set "name" = ?', true])]
    #[TestWith(['insert or ignore into "ticks" ("key") values (?)', true])]
    #[TestWith(['delete from "jobs_of_a_day"', true])]
    #[TestWith(['INSERT INTO main."ticks" ("key") SELECT "key" FROM restored."ticks"', true])]
    #[TestWith(['with "old" as (select 1) update "papers" set "count" = 0', true])]
    public function test_the_edition_is_another_after_what_is_written(string $sql, bool $turns): void
    {
        $edition = $this->app->make(ShelfEdition::class);
        $before = $edition->now();
        $this->assertSame($before, $edition->now());
        $edition->heard(new QueryExecuted($sql, [], 0.1, DB::connection()));
        $this->assertSame($turns, $edition->now() !== $before);
        $written = $edition->now();
        // Others see it when it is committed.
        $edition->committed();
        $this->assertSame($turns, $edition->now() !== $written);
    }

    public function test_where_the_new_edition_has_no_room_the_old_one_goes(): void
    {
        $cache = $this->createMock(Repository::class);
        $cache->expects($this->once())->method('forever')->willReturn(false);
        $cache->expects($this->once())->method('forget');
        (new ShelfEdition($cache))->heard(new QueryExecuted('delete from "ticks"', [], 0.1, DB::connection()));
    }

    private function book(): Project
    {
        return $this->app->make(ProjectEditor::class)->create(['structure' => 'nested-gusset-album', 'name' => 'Kept']);
    }

    private function page(Project $project, string $stage, ?int &$queries): string
    {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $page = (string) $this->get(route($stage, $project))->assertOk()->getContent();
        // Sessions and what is kept may lie in the database too.
        $queries = count(array_filter(DB::getQueryLog(), static fn (array $query): bool => ! Statement::isOfLooking($query['query'])));

        return $page;
    }

    private function withoutOnce(string $page): string
    {
        return (string) preg_replace('/name="once" value="[^"]*"/', '', $page);
    }

    /** The table in which it is kept may be among those that are built: nothing is kept before all are there. */
    public function test_nothing_is_kept_while_tables_are_built(): void
    {
        $cache = Cache::store('array');
        $edition = new ShelfEdition($cache);
        $heard = static fn (string $sql) => $edition->heard(new QueryExecuted($sql, [], 0.1, DB::connection()));
        $heard('create table "ticks" ("id" integer)');
        $heard('drop table "ticks"');
        $edition->rest();
        $heard('update "projects" set "copies" = 1');
        $this->assertNull($cache->get('shelf-edition'));
        $edition->goOn();
        $built = $cache->get('shelf-edition');
        $this->assertIsString($built);
        $heard('update "projects" set "copies" = 1');
        $this->assertNotSame($built, $cache->get('shelf-edition'));
    }
}
