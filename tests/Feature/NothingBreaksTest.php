<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Project;
use App\Planning\ProjectEditor;
use Ephemeron\Format\InvalidDesign;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\File;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** What broke a page once, or the shelf, and does not any more. */
final class NothingBreaksTest extends TestCase
{
    use RefreshDatabase;

    /** A base of 48 × 48 panels with 370 slits is written longer than it was typed: what cannot be stored is refused, and nothing is lost. */
    public function test_hundreds_of_things_on_a_page_are_listed_some_at_a_time_and_too_many_are_refused_when_they_come(): void
    {
        $design = static fn (int $count): array => ['structure' => 'tab-spine-album', 'unit' => 'in', 'furniture' => array_fill(
            0,
            $count,
            ['on' => 'page-1', 'kind' => 'photo-mat', 'parameters' => ['photo' => '3x4']],
        )];
        $book = app(ProjectEditor::class)->create($design(120));
        $page = (string) $this->get("/projects/{$book->id}/plan?face=page-1")->assertOk()->getContent();
        $this->assertSame(30, substr_count($page, '<details class="thing"'));
        $this->assertLessThan(600_000, strlen($page));
        $last = (string) $this->get("/projects/{$book->id}/plan?face=page-1&from=90")->assertOk()->getContent();
        $this->assertStringContainsString('photo-mat-120', $last);
        try {
            // With what is usually there it is more than what a book may hold.
            app(ProjectEditor::class)->create($design(500));
            $this->fail('It would not have been read again.');
        } catch (InvalidDesign $refusal) {
            $this->assertStringContainsString('more than 500 things', implode(' ', $refusal->errors));
        }
    }

    public function test_limits_hold_for_what_is_stored(): void
    {
        $editor = app(ProjectEditor::class);
        $base = $editor->create(['structure' => 'free-base']);
        $was = $base->refresh()->design;
        $lines = implode(' ', array_fill(0, 47, '1/4'));
        $slits = implode('; ', array_map(
            static fn (int $slit): string => sprintf('%d.%d-%d.%d', $slit % 47 + 1, intdiv($slit, 47) + 1, $slit % 47 + 2, intdiv($slit, 47) + 1),
            range(0, 369),
        ));
        foreach ([['columns', $lines], ['slits', $slits], ['rows', $lines]] as [$parameter, $typed]) {
            $this->patch(route('design', $base), [
                'revision' => $base->refresh()->revision, 'stage' => 'plan', 'set' => ["parameters.{$parameter}" => $typed],
            ]);
            $this->get(route('plan', $base))->assertOk();
            $this->get('/')->assertOk()->assertDontSee('cannot be read');
        }
        $this->patch(route('design', $base), [
            'revision' => $base->refresh()->revision, 'stage' => 'plan', 'set' => ['unit' => 'cm', 'grid' => '1 mm', 'grooves' => '5 mm'],
        ]);
        $this->get('/')->assertOk()->assertDontSee('cannot be read');
        $this->patch(route('projects.update', $base), ['name' => 'Nebula'])->assertSessionHasNoErrors();
        $this->post(route('projects.copy', $base))->assertSessionHasNoErrors();
        $this->assertNotSame([], $was);
    }

    /** A thousand pieces are planned, counted work and not seconds; one more than two thousand is refused, with the number, and nothing is changed. */
    public function test_work_has_a_ceiling(): void
    {
        $editor = app(ProjectEditor::class);
        $base = $editor->create(['structure' => 'free-base']);
        $pieces = static fn (int $kinds, int $each, string $name = 'p'): string => implode(
            "\n",
            array_map(static fn (int $kind): string => "{$name}{$kind}: 1 × {$kind}/4 in; {$each} pieces", range(4, $kinds + 3)),
        );
        $set = fn (string $typed): \Illuminate\Testing\TestResponse => $this->from(route('plan', $base))->patch(route('design', $base), [
            'revision' => $base->refresh()->revision, 'stage' => 'plan', 'set' => ['parameters.pieces' => $typed],
        ]);
        $set($pieces(20, 50))->assertSessionHasNoErrors();
        $this->get(route('plan', $base))->assertOk();
        $was = $base->refresh()->design;
        $this->assertSame(1001, app(\App\Planning\Plans::class)->plan($base)->blueprint->pieces());
        $answer = $set($pieces(40, 50));
        $this->assertStringContainsString('2,001 pieces; more than 2,000', (string) json_encode($answer->getSession()->get('errors')?->all()));
        $this->assertSame($was, $base->refresh()->design);
    }

    /** What lies on each other is told so many times, then how many more there are: 60 mats on one page are 1 770 pairs. */
    public function test_findings_of_a_kind_are_told_together(): void
    {
        $things = array_fill(0, 60, ['on' => 'page-3', 'kind' => 'photo-mat']);
        $project = app(ProjectEditor::class)->create(['structure' => 'nested-gusset-album', 'furniture' => $things]);
        $report = app(\App\Planning\Plans::class)->plan($project)->report;
        $this->assertLessThan(200, count($report->findings));
        $more = array_filter($report->findings, static fn ($finding): bool => str_contains($finding->text, 'more of this kind'));
        $this->assertNotSame([], $more);
        $this->assertLessThan(1_000_000, strlen((string) $this->get(route('plan', $project))->assertOk()->getContent()));
    }

    /** A form that was refused comes back with what was typed, and that may have been a list. */
    public function test_lists_where_a_text_was_typed_come_back_with_every_page(): void
    {
        $project = app(ProjectEditor::class)->create(['structure' => 'sewn-journal']);
        $names = [];
        foreach ((new \Symfony\Component\Finder\Finder)->files()->in(resource_path('views'))->name('*.blade.php') as $view) {
            preg_match_all('/(?:name="|old\(\')([a-z_-]+)/', $view->getContents(), $found);
            $names = [...$names, ...$found[1]];
        }
        $names = [...array_unique($names), 'thick', 'width', 'height', 'weight', 'count', 'place', 'tags', 'price', 'template', 'heap'];
        $old = array_fill_keys($names, ['x']);
        foreach (['/', '/papers', '/supplies', '/catalogue', '/papers/own', '/together', '/copies', '/tablet'] as $page) {
            $this->assertNot500($this->withSession(['_old_input' => $old])->get($page));
        }
        foreach (['paper', 'plan', 'leaves', 'cut', 'score', 'fold', 'bench', 'print', 'log', 'cost', 'papers', 'going-in', 'motif'] as $page) {
            $this->assertNot500($this->withSession(['_old_input' => $old])->get("/projects/{$project->id}/{$page}"));
        }
    }

    public function test_a_fifth_flap_on_four_others_by_spot(): void
    {
        $project = app(ProjectEditor::class)->create(['structure' => 'mitred-tab-album']);
        for ($flap = 1; $flap <= 7; $flap++) {
            $this->post(route('furniture.store', $project), [
                'revision' => $project->refresh()->revision, 'face' => 'page-3', 'kind' => 'flap', 'spot' => 'middle',
            ]);
            $this->assertNot500($this->get(route('plan', [$project, 'face' => 'page-3'])));
        }
    }

    public function test_odd_things_with_a_spot(): void
    {
        $project = app(ProjectEditor::class)->create(['structure' => 'nested-gusset-album']);
        foreach ([
            ['kind' => 'pocket', 'photo' => '3x4', 'spot' => 'middle'],
            ['kind' => 'pocket', 'photo' => ['x'], 'spot' => 'middle'],
            ['kind' => 'pocket', 'spot' => ['middle']],
            ['kind' => 'photo-mat', 'photo' => '900x900', 'spot' => 'middle'],
            ['kind' => 'flap', 'spot' => 'nowhere'],
        ] as $thing) {
            $this->assertNot500($this->post(
                route('furniture.store', $project),
                ['revision' => $project->refresh()->revision, 'face' => 'page-3', ...$thing],
            ));
        }
        $this->assertNot500($this->put(route('offcuts', $project), ['step' => ['a' => 'x'], 'offcut' => 0, 'keep' => '1']));
    }

    public function test_the_five_hundred_and_first_thing(): void
    {
        $things = array_map(
            static fn (int $number): array => ['on' => 'page-'.(3 + $number % 10), 'kind' => 'photo-mat'],
            range(1, 500),
        );
        // As many as go in beside what is usually there.
        for ($project = null; $project === null; array_pop($things)) {
            try {
                $project = app(ProjectEditor::class)->create(['structure' => 'nested-gusset-album', 'furniture' => $things]);
            } catch (InvalidDesign) {
                $this->assertGreaterThan(400, count($things));
            }
        }
        $answer = $this->post(
            route('furniture.store', $project),
            ['revision' => $project->revision, 'face' => 'page-3', 'kind' => 'photo-mat', 'spot' => 'middle'],
        );
        $this->assertNot500($answer);
        $this->assertNot500($this->get(route('plan', $project)));
    }

    #[TestWith(["\xff\xfe"])]
    #[TestWith(["Moth \xc3("])]
    #[TestWith(["a\0b"])]
    public function test_bytes_that_are_no_text(string $bytes): void
    {
        $project = app(ProjectEditor::class)->create(['structure' => 'nested-gusset-album']);
        $this->assertNot500($this->post(route('projects.store'), ['structure' => 'meander-book', 'unit' => 'in', 'name' => $bytes]));
        $this->assertNot500($this->patch(route('projects.update', $project), ['name' => $bytes]));
        foreach (['name', 'materials.structure-card.name', "things.{$bytes}.kind", "made.{$bytes}.width", 'parameters.leaf-width'] as $place) {
            $this->assertNot500($this->patch(route('design', $project), [
                'revision' => $project->refresh()->revision, 'stage' => 'plan', 'set' => [$place => $bytes],
            ]));
        }
        $this->assertNot500($this->post(
            route('pins.store', $project),
            ['revision' => $project->refresh()->revision, 'part' => $bytes, 'sheet' => '1', 'left' => '1', 'top' => '1'],
        ));
        $this->assertNot500($this->post('/papers', ['name' => $bytes, 'kind' => 'card', 'count' => '9', 'weight' => '220 g']));
        $this->assertNot500($this->post(route('notes.store', $project), ['step' => 'sort', 'text' => $bytes]));
        $this->assertNot500($this->post(route('import'), ['file' => UploadedFile::fake()->createWithContent('d.json', "{\"name\": \"{$bytes}\"}")]));
        foreach (['/', route('plan', $project), route('logbook'), '/papers'] as $page) {
            $this->assertNot500($this->get($page));
            $this->assertNot500($this->get($page.'?search='.urlencode($bytes).'&face='.urlencode($bytes)));
        }
    }

    /** Sent twice, put in once, and what was said is said; sent anew it is another one. */
    public function test_a_form_sent_twice_does_its_work_once(): void
    {
        $page = (string) $this->get('/papers')->assertOk()->getContent();
        $this->assertSame(1, preg_match('~action="[^"]*/papers"[^>]*>\s*<input[^>]*_token[^>]*>\s*<input type="hidden" name="once" value="(\w{26})"~', $page, $once));
        $paper = ['name' => 'Orbit card', 'kind' => 'card', 'count' => '9', 'weight' => '220 g', 'once' => $once[1]];
        $this->from('/papers')->post('/papers', $paper)->assertRedirect();
        $this->from('/papers')->post('/papers', $paper)->assertRedirect('/papers')->assertSessionHas('said');
        $this->assertSame(1, \App\Models\Paper::query()->count());
        $this->post('/papers', [...$paper, 'name' => 'Orbit card 2']);
        \App\Models\Paper::query()->where('name', 'Orbit card 2')->sole()->forceDelete();
        $this->post('/papers', [...$paper, 'once' => (string) \Illuminate\Support\Str::ulid()]);
        $this->assertSame(2, \App\Models\Paper::query()->count());
        $this->post('/papers', [...$paper, 'once' => 'x'])->assertRedirect();
    }

    /** A file of another machine names papers of another drawer: nothing is taken here by its numbers. */
    public function test_a_file_takes_no_paper_by_the_numbers_of_another_drawer(): void
    {
        $this->post('/papers', ['name' => 'Orbit card', 'kind' => 'card', 'count' => '9', 'weight' => '220 g', 'width' => '12', 'height' => '12']);
        $mine = \App\Models\Paper::query()->sole();
        $file = json_encode([
            'format' => 'ephemeron-design', 'version' => 2, 'structure' => 'nested-gusset-album', 'materials' => [
                'structure-card' => ['name' => 'Orbit card', 'sheet' => '12x12', 'weight' => '220 g', 'drawer' => (string) $mine->id, 'count' => 3],
                'mat-base' => ['name' => 'Moth', 'sheet' => '12x12', 'weight' => '160 g', 'drawer' => (string) $mine->id],
            ],
        ], JSON_THROW_ON_ERROR);
        $this->post(route('import'), ['file' => UploadedFile::fake()->createWithContent('d.json', $file)])
            ->assertSessionHasNoErrors()->assertSessionHas('there', ['Orbit card']);
        $book = Project::query()->sole();
        $this->get(route('plan', $book))->assertOk()->assertSee('Nothing is taken of it yet');
        $plan = app(\App\Planning\Plans::class)->plan($book);
        $this->assertSame([], array_filter(array_map(static fn ($stock): ?string => $stock->stock->drawer, $plan->stocks)));
        $this->put(route('ticks.update', $book), ['step' => $this->sheetKey($book, 'mat-base'), 'done' => '1']);
        $this->assertSame(9, $mine->refresh()->count);
    }

    /** A step that has gone with a change of the book takes no tick with it for good. */
    public function test_a_tick_can_be_taken_back_when_its_step_is_gone(): void
    {
        $book = app(ProjectEditor::class)->create(['structure' => 'nested-gusset-album', 'mats' => ['layers' => 1]]);
        $book->ticks()->create(['key' => 'a-step-that-was']);
        $book->ticks()->create(['key' => 'a-step-that-was#1']);
        $this->put(route('ticks.update', $book), ['step' => 'a-step-that-was', 'done' => '1'])->assertNotFound();
        $this->put(route('ticks.update', $book), ['step' => 'a-step-that-was', 'done' => '0'])->assertRedirect(route('bench', $book));
        $this->assertSame(0, $book->ticks()->count());
        $this->post(route('undo', $book), ['event' => $book->events()->latest('number')->firstOrFail()->id]);
        $this->assertSame(2, $book->ticks()->count());
        $this->put(route('ticks.update', $book), ['step' => 'never', 'done' => '0'])->assertNotFound();
    }

    /** A search whose worker died says that it runs; the next worker begins it again. */
    public function test_a_search_of_a_dead_worker_is_begun_again(): void
    {
        $book = app(ProjectEditor::class)->create(['structure' => 'nested-gusset-album']);
        $search = $book->searches()->create(['key' => 'gone', 'state' => \App\Models\PlanSearch::RUNNING, 'share' => 40]);
        $again = static function (int $attempt) use ($search): string {
            $job = new \App\Jobs\LookLonger($search->id);
            $queued = \Mockery::mock(\Illuminate\Contracts\Queue\Job::class);
            $queued->allows('attempts')->andReturn($attempt);
            $job->setJob($queued);
            app()->call([$job, 'handle']);

            return $search->refresh()->state;
        };
        $this->assertSame(\App\Models\PlanSearch::RUNNING, $again(1), 'another worker may be at it');
        $this->assertSame(\App\Models\PlanSearch::CANCELLED, $again(2), 'begun, and there is no such paper any more');
        $this->assertGreaterThan(180, config('queue.connections.database.retry_after'), 'above the time a job may take');
    }

    /** Sent from elsewhere, nobody is led there; from a page of one's own one is led back to it. */
    public function test_nobody_is_led_to_a_foreign_page(): void
    {
        $project = app(ProjectEditor::class)->create(['structure' => 'nested-gusset-album']);
        $wrong = fn (string $from): string => (string) $this->withHeader('Referer', $from)->patch(route('design', $project), [
            'revision' => $project->revision, 'stage' => 'plan', 'set' => ['parameters.leaf-width' => 'x'],
        ])->headers->get('Location');
        foreach (['https://elsewhere.test/a', 'http://127.0.0.1.elsewhere.test/', 'javascript:alert(1)', '//elsewhere.test'] as $foreign) {
            $this->assertStringStartsWith(rtrim((string) config('app.url'), '/'), $wrong($foreign));
        }
    }

    /** No page may load from elsewhere or run text as code; what stands in an expression stays a value, whatever signs are in it. */
    public function test_nothing_is_evaluated(): void
    {
        $policy = (string) $this->get('/')->headers->get('Content-Security-Policy');
        $this->assertStringContainsString("script-src 'self';", $policy);
        $this->assertStringNotContainsString('unsafe-eval', $policy);
        $this->assertSame(
            "{ step: 'it\\'s \\\\ \"so\"\\n', seconds: 90, running: true, kind: null }",
            \App\View\Expression::of(['step' => "it's \\ \"so\"\n", 'seconds' => 90, 'running' => true, 'kind' => null]),
        );
    }

    public function test_only_names_of_ones_own_are_answered(): void
    {
        config(['ephemeron.hosts' => 'studio.test, tablet.test']);
        $known = app(\Illuminate\Http\Middleware\TrustHosts::class)->hosts();
        $is = static fn (string $host): bool => array_filter(
            $known,
            static fn (?string $pattern): bool => preg_match('{'.$pattern.'}i', $host) === 1,
        ) !== [];
        foreach (['127.0.0.1', 'localhost', 'studio.test', 'tablet.test'] as $own) {
            $this->assertTrue($is($own), $own);
        }
        foreach (['elsewhere.test', 'studio.test.elsewhere.test', '127x0x0x1', ''] as $foreign) {
            $this->assertFalse($is($foreign), $foreign);
        }
    }

    /** Packed for who can read it, as it is for who cannot. */
    public function test_pages_are_packed(): void
    {
        $project = app(ProjectEditor::class)->create(['structure' => 'nested-gusset-album']);
        $plain = (string) $this->get(route('score', $project))->assertHeaderMissing('Content-Encoding')->getContent();
        $packed = $this->withHeader('Accept-Encoding', 'gzip, br')->get(route('score', $project))->assertHeader('Content-Encoding', 'gzip');
        $this->assertLessThan(strlen($plain) / 3, strlen((string) $packed->getContent()));
        $this->assertStringContainsString('</html>', (string) gzdecode((string) $packed->getContent()));
    }

    #[TestWith(['/projects/12345678901234567890/plan'])]
    #[TestWith(['/projects/99999999999999999999999/cut'])]
    #[TestWith(['/papers/12345678901234567890/picture'])]
    #[TestWith(['/projects/-1/plan'])]
    public function test_numbers_beyond_all_numbers(string $path): void
    {
        $this->get($path)->assertNotFound();
    }

    public function test_a_crease_pattern_of_one_point(): void
    {
        foreach ([[[0, 0], [0, 0], [0, 0], [0, 0]], [[1e308, 1e308], [0, 0], [1, 1], [1, 0]]] as $vertices) {
            $fold = json_encode([
                'file_spec' => 1.1, 'vertices_coords' => $vertices, 'edges_vertices' => [[0, 1], [1, 2], [2, 3], [3, 0]],
                'edges_assignment' => ['B', 'B', 'B', 'B'], 'faces_vertices' => [[0, 1, 2, 3]],
            ], JSON_THROW_ON_ERROR);
            $this->assertNot500($this->post(route('import'), ['file' => UploadedFile::fake()->createWithContent('d.fold', $fold)]));
        }
        $this->assertSame(0, Project::query()->count());
    }

    /** @param \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> $answer */
    private function assertNot500(\Illuminate\Testing\TestResponse $answer): void
    {
        $this->assertLessThan(500, $answer->getStatusCode(), (string) $answer->exception?->getMessage().' '.$answer->exception?->getTraceAsString());
    }

    /** A directive that follows a letter at once is none, and stands on the page as it is written: “turn it@if ($hasFlaps)”. */
    public function test_no_directive_is_left_on_a_page(): void
    {
        $blade = Blade::getFacadeRoot();
        $own = implode('|', array_map(preg_quote(...), array_keys($blade->getCustomDirectives())));
        $views = File::allFiles(resource_path('views'));
        $this->assertNotEmpty($views);
        foreach ($views as $view) {
            $page = (string) preg_replace('~<\?php.*?\?>~s', '', $blade->compileString($view->getContents()));
            preg_match_all("~@(?:(?:end|else)?(?:if|foreach|for|unless|isset|empty|error|php|case|switch)|else|include\\w*|csrf|method|{$own})\\b~", $page, $left);
            $this->assertSame([], $left[0], $view->getRelativePathname());
        }
    }
}
