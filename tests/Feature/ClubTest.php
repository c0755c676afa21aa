<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Club\Club;
use App\Club\FairTurns;
use App\Club\PassPhrase;
use App\Jobs\LookLonger;
use App\Models\Circle;
use App\Models\Maker;
use App\Models\Paper;
use App\Models\PlanSearch;
use App\Models\Project;
use App\Models\Supply;
use App\Planning\Plans;
use App\Planning\ProjectEditor;
use Ephemeron\Blueprint\Sundry;
use Illuminate\Contracts\Queue\Job;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Facades\Validator;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** Many makers: each has what is theirs, and sees of the others what is shown on purpose. */
final class ClubTest extends TestCase
{
    use RefreshDatabase;

    private const PHRASE = 'three moons over the fold';

    protected function setUp(): void
    {
        parent::setUp();
        config(['ephemeron.makers' => 'many', 'hashing.argon.memory' => 1024, 'hashing.bcrypt.rounds' => 4]);
    }

    /** OWASP ASVS 4.0.3, 4.2.1 and 4.1.3: nothing of another maker’s is there, and nothing is there for nobody. */
    /** OWASP ASVS 4.0.3, 2.3.1 (a first secret is no lasting one and runs out) and 2.2.3 (being told that it was changed). */
    public function test_a_pass_phrase_that_was_given_is_changed_before_anything_else_and_runs_out(): void
    {
        $ada = (new Maker(['name' => 'Ada']))->takePhrase(self::PHRASE, given: true);
        $this->post('/sign-in', ['name' => 'Ada', 'phrase' => self::PHRASE])->assertRedirect('/');
        $this->get('/')->assertRedirect('/myself')->assertSessionHas('said');
        $this->get('/papers')->assertRedirect('/myself');
        $this->post('/projects', [])->assertRedirect('/myself');
        $this->get('/myself')->assertOk();
        $this->travel(1)->minutes();
        $own = 'a phrase of her own';
        $this->put('/myself/phrase', ['now' => self::PHRASE, 'new' => $own, 'new_confirmation' => $own])->assertSessionHasNoErrors();
        $this->get('/')->assertOk();
        $this->post('/sign-out');
        $this->travel(1)->minutes();
        // She was told that it was changed: it was after she had come.
        $this->post('/sign-in', ['name' => 'Ada', 'phrase' => $own])->assertRedirect('/myself');
        $this->assertStringContainsString('was changed', (string) session('said'));
        $this->post('/sign-out');
        $this->post('/sign-in', ['name' => 'Ada', 'phrase' => $own])->assertRedirect('/');
        $this->post('/sign-out');
        $ada->refresh()->takePhrase(self::PHRASE, given: true);
        $this->travel(Maker::DAYS_GIVEN)->days();
        $this->travel(1)->seconds();
        $this->post('/sign-in', ['name' => 'Ada', 'phrase' => self::PHRASE])->assertSessionHasErrors('phrase');
        $this->assertGuest();
        $this->travel(-2)->seconds();
        $this->post('/sign-in', ['name' => 'Ada', 'phrase' => self::PHRASE])->assertSessionHasNoErrors();
        $this->assertAuthenticated();
    }

    public function test_every_route_as_another_maker_and_as_nobody(): void
    {
        [$book, $paper, $supply] = $this->shelfOf($this->maker('Ada'));
        $berta = $this->maker('Berta');
        $before = $this->state();
        $walked = 0;
        foreach (['nobody' => null, 'another' => $berta] as $who => $maker) {
            foreach ($this->routes() as $route) {
                $uri = strtr($route->uri(), [
                    '{project}' => $book->id, '{paper}' => $paper->id, '{lent}' => $paper->id, '{supply}' => $supply->id,
                    '{note}' => (int) $book->notes()->value('id'), '{departure}' => (int) $book->departures()->value('id'),
                    '{share}' => (int) $book->shares()->value('id'), '{search}' => (int) $book->searches()->value('id'),
                    '{kind}' => 'book', '{id}' => $book->id, '{number}' => $book->id, '{pin}' => 0,
                    '{type}' => explode('|', trim($route->wheres['type'] ?? '', '()'))[0],
                    '{letter}' => 'A', '{document}' => 'cut-list', '{token}' => str_repeat('a', 40), '{session}' => str_repeat('0', 16),
                    '{key}' => match (substr($route->wheres['key'] ?? '', 0, 4)) {
                        'cut-' => 'cut-0123456789ab-1',
                        'own-' => 'own-0123456789ab',
                        default => 'a',
                    },
                    '{circle}' => 1, '{maker}' => 1, '{device}' => 1, '{name}' => 'daily.zip',
                ]);
                $this->assertStringNotContainsString('{', $uri);
                foreach (array_diff($route->methods(), ['HEAD']) as $method) {
                    $maker === null ? Auth::logout() : Auth::login($maker);
                    $answer = $this->call($method, "/{$uri}");
                    $walked++;
                    $this->assertStringNotContainsString('Secret nebula', (string) $answer->getContent(), "{$who}: {$method} {$uri}");
                    $names = $route->parameterNames();
                    $isTheirs = array_intersect($names, ['project', 'paper', 'lent', 'supply']) !== [];
                    $led = (string) $answer->headers->get('Location');
                    match (true) {
                        $maker === null && ! $route->named('sign-in', 'sign-in.*', 'shown', 'tablet', 'tablet.*')
                            => $this->assertSame(route('sign-in'), $led, "{$method} {$uri}: {$answer->getStatusCode()}"),
                        $maker !== null && $isTheirs => $this->assertSame(404, $answer->getStatusCode(), "{$method} {$uri}"),
                        default => $this->assertLessThan(500, $answer->getStatusCode(), "{$who}: {$method} {$uri}"),
                    };
                }
            }
        }
        $this->assertGreaterThan(200, $walked);
        $this->assertSame($before, $this->state(), 'nothing of hers was changed');
    }

    /** Lists, sums and what is looked for by what it is, too. */
    public function test_each_finds_their_own(): void
    {
        [$ada, $berta] = [$this->maker('Ada'), $this->maker('Berta')];
        $this->shelfOf($ada);
        Auth::login($berta);
        foreach (['/', '/papers', '/papers.csv', '/supplies', '/logbook', '/logbook.csv', '/taken-off', '/together', '/papers/makes', '/board'] as $page) {
            $this->get($page)->assertOk()->assertDontSee('Secret nebula');
        }
        $this->post('/projects', ['structure' => 'tag-clutch', 'unit' => 'in', 'name' => 'Of Berta'])->assertRedirect();
        $this->assertSame($berta->id, Project::query()->sole()->maker_id);
        $this->get('/')->assertSee('Of Berta');
        $this->put('/papers/kept', ['narrowest' => '2']);
        Auth::login($ada);
        $this->get('/')->assertSee('Secret nebula')->assertDontSee('Of Berta');
        $this->get('/copies')->assertNotFound();
    }

    public function test_signing_in_and_out(): void
    {
        $maker = $this->maker('Ada');
        $this->get('/logbook')->assertRedirectToRoute('sign-in');
        $this->post('/sign-in', ['name' => 'Ada', 'phrase' => 'something else'])->assertSessionHasErrors('phrase');
        $this->post('/sign-in', ['name' => '', 'phrase' => ''])->assertSessionHasErrors(['name', 'phrase']);
        $id = session()->getId();
        $this->post('/sign-in', ['name' => 'Ada', 'phrase' => self::PHRASE])->assertRedirect('/logbook');
        $this->assertNotSame($id, session()->getId(), 'another session than before (ASVS 3.2.1)');
        $this->get('/')->assertOk()->assertSee('Ada')->assertHeader('Cache-Control', 'no-store, private');
        $this->post('/sign-out')->assertRedirectToRoute('sign-in');
        $this->get('/')->assertRedirectToRoute('sign-in');
        $maker->update(['left_at' => now()]);
        $this->post('/sign-in', ['name' => 'Ada', 'phrase' => self::PHRASE])->assertSessionHasErrors('phrase');
    }

    /** Five wrong ones, and then even the right one waits (ASVS 2.2.1). */
    public function test_whoever_tries_and_tries_waits(): void
    {
        $this->maker('Ada');
        for ($try = 0; $try < 5; $try++) {
            $this->post('/sign-in', ['name' => 'Ada', 'phrase' => "wrong {$try}"]);
        }
        $this->post('/sign-in', ['name' => 'ADA', 'phrase' => self::PHRASE])->assertSessionHasErrors(['phrase' => 'Too many were tried. Wait five minutes.']);
        $this->travel(301)->seconds();
        $this->post('/sign-in', ['name' => 'Ada', 'phrase' => self::PHRASE])->assertSessionHasNoErrors();
    }

    #[TestWith(['eleven char', false])]
    #[TestWith(['twelve chars', true])]
    #[TestWith(['aaaaaaaaaaaaaa', false])]
    #[TestWith(['121212121212', false])]
    #[TestWith(['123456789012', false])]
    #[TestWith(['PasswordPassword', false])]
    #[TestWith(['margarethe 12', false])]
    #[TestWith(['ночь над папкой', true])]
    public function test_what_is_no_pass_phrase(string $phrase, bool $isGood): void
    {
        $this->assertSame($isGood, Validator::make(['p' => $phrase], ['p' => [new PassPhrase('Margarethe')]])->passes());
        $this->assertFalse(Validator::make(['p' => str_repeat('abcdefg ', 17)], ['p' => [new PassPhrase]])->passes(), '136 characters');
    }

    public function test_sessions_are_listed_and_ended_and_a_new_phrase_ends_the_others(): void
    {
        [$ada, $berta] = [$this->maker('Ada'), $this->maker('Berta')];
        foreach ([$ada->id => 'phone', $berta->id => 'other'] as $user => $id) {
            DB::table('sessions')->insert(['id' => $id, 'user_id' => $user, 'ip_address' => '192.0.2.7', 'user_agent' => 'Mobile', 'payload' => '',
                'last_activity' => time()]);
        }
        Auth::login($ada);
        $this->get('/myself')->assertOk()->assertSee('a phone')->assertSee('192.0.2.7')->assertDontSee('>phone<', false);
        $mark = static fn (string $id): string => substr(hash('sha256', $id), 0, 16);
        $this->delete('/myself/sessions/'.$mark('other'));
        $left = static fn (): array => DB::table('sessions')->whereIn('id', ['phone', 'other'])->orderBy('id')->pluck('id')->all();
        $this->assertSame(['other', 'phone'], $left(), 'of another maker nothing is ended');
        $this->delete('/myself/sessions/'.$mark('phone'));
        $this->assertSame(['other'], $left());
        $new = ['now' => self::PHRASE, 'new' => 'a kettle of paper', 'new_confirmation' => 'a kettle of paper'];
        $this->put('/myself/phrase', [...$new, 'now' => 'wrong'])->assertSessionHasErrors('now');
        $this->put('/myself/phrase', [...$new, 'new_confirmation' => 'other'])->assertSessionHasErrors('new');
        $this->put('/myself/phrase', $new)->assertSessionHasNoErrors();
        $this->assertTrue(Hash::check('a kettle of paper', $ada->refresh()->password));
    }

    public function test_the_keeper_lets_in_gives_new_phrases_and_turns_away(): void
    {
        $keeper = $this->maker('Keeper', true);
        Auth::login($keeper);
        $this->post('/club/makers', ['name' => 'Cleo', 'phrase' => 'short'])->assertSessionHasErrors('phrase');
        $this->post('/club/makers', ['name' => 'Cleo', 'phrase' => self::PHRASE])->assertSessionHasNoErrors();
        $this->post('/club/makers', ['name' => 'Cleo', 'phrase' => self::PHRASE])->assertSessionHasErrors('name');
        $this->post('/club/makers', ['name' => 'Dora', 'phrase' => 'finalfantasy'])->assertSessionHasErrors('phrase');
        $cleo = Maker::query()->where('name', 'Cleo')->sole();
        $this->put("/club/makers/{$cleo->id}/phrase", ['phrase' => 'lost and found again'])->assertSessionHasNoErrors();
        $this->assertTrue(Hash::check('lost and found again', $cleo->refresh()->password));
        $this->put("/club/makers/{$cleo->id}", ['left' => '1']);
        $this->assertNotNull($cleo->refresh()->left_at);
        $this->put("/club/makers/{$keeper->id}", ['left' => '1']);
        $this->assertNull($keeper->refresh()->left_at);
        $this->get('/club')->assertOk()->assertSee('has left');
        $this->get('/copies')->assertOk();
    }

    public function test_a_book_is_shown_by_a_link_until_it_is_taken_back(): void
    {
        $ada = $this->maker('Ada');
        [$book] = $this->shelfOf($ada);
        Auth::login($ada);
        $link = $this->post("/projects/{$book->id}/shares")->assertRedirect()->getSession()->get('link');
        $this->assertIsString($link);
        Auth::logout();
        $page = $this->get($link)->assertOk();
        $page->assertSee('Secret nebula')->assertDontSee('Hidden shelf')->assertDontSee('Orbit of Ada');
        $share = $book->shares()->latest('id')->firstOrFail();
        $this->assertStringNotContainsString(substr($link, -40), $share->token, 'what is kept opens nothing');
        Auth::login($ada);
        $this->delete("/projects/{$book->id}/shares/{$share->id}")->assertRedirect();
        Auth::logout();
        $this->get($link)->assertNotFound();
    }

    public function test_a_pattern_hangs_on_the_board(): void
    {
        [$ada, $berta] = [$this->maker('Ada'), $this->maker('Berta')];
        [$book] = $this->shelfOf($ada);
        Auth::login($berta);
        $this->get("/board/{$book->id}")->assertNotFound();
        Auth::login($ada);
        $this->put("/projects/{$book->id}/board", ['hang' => '1'])->assertRedirect();
        Auth::login($berta);
        $this->get('/board')->assertSee('Secret nebula')->assertSee('by Ada');
        $page = (string) $this->get("/board/{$book->id}")->assertOk()->getContent();
        $this->get("/projects/{$book->id}/plan")->assertNotFound();
        $this->post('/import', ['file' => UploadedFile::fake()->createWithContent('p.html', $page)])->assertRedirect();
        $this->assertSame($berta->id, Project::query()->sole()->maker_id);
        Auth::login($ada);
        $this->put("/projects/{$book->id}/board", ['hang' => '0']);
        Auth::login($berta);
        $this->get("/board/{$book->id}")->assertNotFound();
    }

    public function test_a_drawer_that_is_lent_is_cut_from_and_not_changed(): void
    {
        [$ada, $berta, $cleo] = [$this->maker('Ada'), $this->maker('Berta'), $this->maker('Cleo')];
        [, $paper] = $this->shelfOf($ada);
        $circle = Circle::query()->create(['name' => 'Tuesday']);
        $circle->makers()->attach([$ada->id, $berta->id]);
        Auth::login($cleo);
        $this->put("/myself/circles/{$circle->id}", ['lend' => '1'])->assertNotFound();
        Auth::login($ada);
        $this->put("/myself/circles/{$circle->id}", ['lend' => '1'])->assertRedirect();

        Auth::login($berta);
        $this->get('/papers')->assertOk()->assertSee('Orbit of Ada');
        $this->get("/papers?paper={$paper->id}")->assertOk()->assertSee('lent by Ada')->assertDontSee('Take it out of the drawer')
            ->assertDontSee('What took and gave');
        $this->get("/papers/{$paper->id}/picture")->assertNotFound();
        $this->delete("/papers/{$paper->id}")->assertNotFound();
        $this->put("/papers/{$paper->id}", ['name' => 'Mine'])->assertNotFound();
        $book = $this->as($berta, static fn (): Project => app(ProjectEditor::class)->create(['structure' => 'nested-gusset-album']));
        $this->post("/projects/{$book->id}/papers/take", ['take' => ['structure-card' => $paper->id], 'revision' => 1])->assertSessionHasNoErrors();
        $sheet = $this->as($berta, static fn () => app(Plans::class)->plan($book->refresh())->stocks[0]->cuts->patterns[0]);
        $this->put("/projects/{$book->id}/ticks", ['step' => $sheet->key, 'done' => '1'])->assertRedirect();
        $this->assertSame(40 - $sheet->count, $paper->refresh()->count);
        $leftovers = Paper::query()->withoutGlobalScopes()->where('kind', 'leftover')->pluck('maker_id')->unique()->all();
        $this->assertSame([$ada->id], $leftovers, 'what is left over of it is hers');
        Auth::login($cleo);
        $this->get('/papers')->assertDontSee('Orbit of Ada');
        Auth::login($ada);
        $this->put("/myself/circles/{$circle->id}", ['lend' => '0']);
        Auth::login($berta);
        $this->get('/papers')->assertDontSee('Orbit of Ada');
    }

    public function test_pictures_take_no_more_than_they_may(): void
    {
        Storage::fake('local');
        config(['ephemeron.space' => 1]);
        $ada = $this->maker('Ada');
        [$book] = $this->shelfOf($ada);
        Auth::login($ada);
        $picture = UploadedFile::fake()->image('a.jpg', 60, 40);
        $this->post("/projects/{$book->id}/notes", ['step' => 'x', 'stage' => 'bench', 'photo' => $picture])->assertSessionHasNoErrors();
        $this->post("/projects/{$book->id}/notes", ['step' => 'x', 'stage' => 'bench', 'photo' => UploadedFile::fake()->image('b.jpg')->size(1100)])
            ->assertSessionHasErrors('photo');
        $this->get('/myself')->assertOk()->assertSee('of 1 MB');
        $ada->update(['keeper' => true]);
        $this->post('/copies/restore', ['meant' => '1', 'copy' => UploadedFile::fake()->create('shelf.zip', 1100)])
            ->assertSessionHasErrors(['copy' => 'This is no copy of a shelf. Nothing was changed.']);
    }

    public function test_whoever_was_served_longest_ago_is_next_and_nobody_queues_without_end(): void
    {
        $jobs = ['maker-1' => 3, 'maker-2' => 1, 'default' => 1];
        foreach ($jobs as $queue => $count) {
            for ($job = 0; $job < $count; $job++) {
                DB::table('jobs')->insert(['queue' => $queue, 'payload' => '', 'attempts' => 0, 'available_at' => 0, 'created_at' => 0]);
            }
        }
        $served = [];
        $pop = function (string $queue) use (&$served): ?Job {
            $id = DB::table('jobs')->where('queue', $queue)->value('id');
            DB::table('jobs')->where('id', $id)->delete();
            $served[] = $queue;

            return $id === null ? null : $this->createStub(Job::class);
        };
        while (app(FairTurns::class)->next($pop) !== null) {
            usleep(1000);
        }
        $this->assertCount(5, $served);
        $first = array_slice($served, 0, 3);
        sort($first);
        $this->assertSame(['default', 'maker-1', 'maker-2'], $first);

        foreach (['maker-1-looks', 'maker-2', 'maker-1'] as $queue) {
            DB::table('jobs')->insert(['queue' => $queue, 'payload' => '', 'attempts' => 0, 'available_at' => 0, 'created_at' => 0]);
        }
        $served = [];
        while (app(FairTurns::class)->next($pop, looks: false) !== null) {
            usleep(1000);
        }
        $this->assertEqualsCanonicalizing(['maker-1', 'maker-2'], $served, 'a brisk worker takes no long looks');
        DB::table('jobs')->insert(['queue' => 'maker-2', 'payload' => '', 'attempts' => 0, 'available_at' => 0, 'created_at' => 0]);
        DB::table('jobs')->insert(['queue' => 'maker-3-looks', 'payload' => '', 'attempts' => 0, 'available_at' => 0, 'created_at' => 0]);
        $served = [];
        app(FairTurns::class)->next($pop);
        $this->assertSame(['maker-3-looks'], $served, 'of a maker who was not served yet');
        while (app(FairTurns::class)->next($pop) !== null) {
            usleep(1000);
        }
        $this->assertCount(3, $served);

        Queue::fake();
        config(['ephemeron.waiting' => 1]);
        $ada = $this->maker('Ada');
        [$book] = $this->shelfOf($ada);
        PlanSearch::query()->where('project_id', $book->id)->update(['state' => PlanSearch::WAITING]);
        Auth::login($ada);
        $this->post("/projects/{$book->id}/searches?key=x")->assertStatus(404);
        $this->as($ada, fn () => $this->assertFalse(Club::mayQueue()));
        $this->as($this->maker('Berta'), fn () => $this->assertTrue(Club::mayQueue()));
        Queue::assertNotPushed(LookLonger::class);
    }

    public function test_the_first_one_takes_over_what_is_there(): void
    {
        config(['ephemeron.makers' => 'one']);
        Project::factory()->create();
        $this->put('/papers/kept', ['narrowest' => '2']);
        config(['ephemeron.makers' => 'many']);
        $this->artisan('ephemeron:maker', ['name' => 'Ada', '--phrase' => 'short'])->assertFailed();
        $this->artisan('ephemeron:maker', ['name' => 'Ada', '--phrase' => self::PHRASE])->assertSuccessful();
        $ada = Maker::query()->sole();
        $this->assertTrue($ada->keeper);
        $this->assertSame($ada->id, Project::query()->sole()->maker_id);
        $this->artisan('ephemeron:maker', ['name' => 'Berta', '--phrase' => self::PHRASE])->assertSuccessful();
        $this->assertFalse(Maker::query()->where('name', 'Berta')->sole()->keeper);
    }

    public function test_alone_there_is_none_of_it(): void
    {
        config(['ephemeron.makers' => 'one']);
        foreach (['/sign-in', '/myself', '/club', '/board', '/shown/'.str_repeat('a', 40)] as $page) {
            $this->get($page)->assertNotFound();
        }
        $this->get('/')->assertOk()->assertDontSee('Board');
    }

    /** @return list<Route> */
    private function routes(): array
    {
        return array_values(array_filter(
            app('router')->getRoutes()->getRoutes(),
            static fn (Route $route): bool => in_array('web', $route->gatherMiddleware(), true) && ! str_starts_with($route->uri(), 'storage'),
        ));
    }

    private function maker(string $name, bool $keeper = false): Maker
    {
        return Maker::query()->create(['name' => $name, 'password' => self::PHRASE, 'keeper' => $keeper]);
    }

    /**
     * @template T
     *
     * @param \Closure(): T $do
     * @return T
     */
    private function as(Maker $maker, \Closure $do): mixed
    {
        Club::begin($maker);

        return $do();
    }

    /** @return array{Project, Paper, Supply} with something of everything */
    private function shelfOf(Maker $maker): array
    {
        return $this->as($maker, static function (): array {
            $book = app(ProjectEditor::class)->create(['structure' => 'tag-clutch', 'name' => 'Secret nebula']);
            $book->notes()->create(['mark' => 'm', 'step' => 'x', 'text' => 'Secret nebula note']);
            $book->departures()->create(['kind' => 'sold', 'copies' => 1, 'mills' => 1000, 'on' => '2026-05-04']);
            $book->searches()->create(['key' => 'k', 'state' => PlanSearch::DONE, 'share' => 0]);
            $book->shares()->create(['token' => hash('sha256', 'x')]);
            $paper = Paper::query()->create(['name' => 'Orbit of Ada', 'kind' => 'card', 'width' => 12 * 8128, 'height' => 12 * 8128, 'weight' => '216',
                'count' => 40, 'place' => 'Hidden shelf', 'tags' => 'Secret nebula']);
            $supply = Supply::query()->create(['name' => 'Secret nebula discs', 'kind' => Sundry::Magnet, 'count' => 4]);

            return [$book, $paper, $supply];
        });
    }

    /** @return list<mixed> */
    private function state(): array
    {
        return array_map(
            static fn (string $table): string => (string) json_encode(DB::table($table)->orderBy('id')->get()),
            ['projects', 'papers', 'supplies', 'notes', 'departures', 'shares', 'plan_searches', 'circles', 'makers'],
        );
    }
}
