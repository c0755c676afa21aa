<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\KeepDailyCopy;
use App\Models\Paper;
use App\Models\Project;
use App\Safekeeping\Copies;
use App\Safekeeping\ShelfCopy;
use App\Safekeeping\Sweeping;
use App\Safekeeping\UnusableCopy;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** The whole shelf in one file, and back. A snapshot cannot be taken within a transaction: each test has a database of its own. */
#[Group('sqlite')]
final class SafekeepingTest extends TestCase
{
    private string $file;

    private string $database;

    protected function setUp(): void
    {
        parent::setUp();
        $this->database = (string) tempnam(sys_get_temp_dir(), 'shelf');
        config(['database.connections.sqlite.database' => $this->database]);
        DB::purge('sqlite');
        Artisan::call('migrate', ['--force' => true]);
        Storage::fake('local');
        $this->file = tempnam(sys_get_temp_dir(), 'copy').'.zip';
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), [...(glob("{$this->database}*") ?: []), ...(glob(substr($this->file, 0, -4).'*') ?: [])]);
        parent::tearDown();
    }

    public function test_a_shelf_is_what_it_was_again(): void
    {
        $book = Project::factory()->create(['name' => 'Comet']);
        $sheet = $this->sheetKey($book, 'mat-base');
        $this->put(route('ticks.update', $book), ['step' => $sheet, 'done' => '1']);
        $this->post('/papers', ['name' => 'Orbit card', 'kind' => 'card', 'count' => '9', 'weight' => '220 g']);
        Storage::disk('local')->put('notes/one.jpg', 'a picture');
        $was = $this->everything();
        $this->artisan('ephemeron:backup', ['file' => $this->file])->expectsOutputToContain('1 book, 1 paper, 1 picture')->assertSuccessful();

        $book->delete();
        Paper::query()->update(['count' => 2]);
        Project::factory()->create(['name' => 'Nebula']);
        Storage::disk('local')->delete('notes/one.jpg');
        $this->artisan('ephemeron:restore', ['file' => $this->file])->expectsConfirmation(
            'What is on the shelf now makes room for it. Go on?',
        )->assertFailed();
        $this->assertSame(1, Project::query()->where('name', 'Nebula')->count(), 'not meant: nothing changed');

        $this->artisan('ephemeron:restore', ['file' => $this->file, '--yes' => true])->assertSuccessful();
        foreach ($this->everything() as $table => $rows) {
            $this->assertEquals($was[$table], $rows, $table);
        }
        $this->assertSame('a picture', Storage::disk('local')->get('notes/one.jpg'));
        $this->get(route('bench', $book->id))->assertOk();
        // And how it was in between is kept aside, and comes back too.
        $aside = app(Copies::class)->all('before');
        $this->assertCount(1, $aside);
        $this->post(route('copies.restore'), ['kept' => $aside[0], 'meant' => '1'])->assertSessionHasNoErrors()->assertSessionHas('said');
        $this->assertSame(['Nebula'], Project::query()->pluck('name')->all());
    }

    /** One byte of any entry that is another is found. */
    #[TestWith(['shelf.sqlite'])]
    #[TestWith(['notes/one.jpg'])]
    public function test_a_damaged_copy_is_refused_and_nothing_changes(string $entry): void
    {
        Project::factory()->create(['name' => 'Comet']);
        Storage::disk('local')->put('notes/one.jpg', 'a picture');
        ShelfCopy::write($this->file);
        $zip = new \ZipArchive;
        $zip->open($this->file);
        $contents = (string) $zip->getFromName($entry);
        $contents[5] = chr(ord($contents[5]) ^ 1);
        $zip->addFromString($entry, $contents);
        $zip->close();
        $was = $this->everything();
        $this->post(route('copies.restore'), [
            'copy' => new UploadedFile($this->file, 'copy.zip', test: true), 'meant' => '1',
        ])->assertSessionHasErrors('copy');
        $this->assertEquals($was, $this->everything());
        $this->expectExceptionMessage("{$entry} is not as it was written");
        ShelfCopy::read($this->file);
    }

    /** @param array<string, mixed> $manifest */
    #[TestWith([['format' => 'ephemeron-shelf', 'version' => 2], 'newer'])]
    #[TestWith([['format' => 'something', 'version' => 1], 'no copy'])]
    #[TestWith([[], 'no copy'])]
    public function test_what_is_no_copy_or_a_newer_one_is_refused(array $manifest, string $said): void
    {
        $zip = new \ZipArchive;
        $zip->open($this->file, \ZipArchive::CREATE);
        $zip->addFromString('manifest.json', json_encode($manifest, JSON_THROW_ON_ERROR));
        $zip->close();
        $this->expectException(UnusableCopy::class);
        $this->expectExceptionMessage($said);
        ShelfCopy::read($this->file);
    }

    /** A shelf of an earlier edition is copied as it is, and brought back into this one with all its books readable. */
    public function test_a_copy_of_an_earlier_edition_comes_back(): void
    {
        foreach (glob(base_path('tests/fixtures/databases/*.sqlite')) ?: [] as $old) {
            copy($old, "{$this->database}-old");
            config(['database.connections.sqlite.database' => "{$this->database}-old"]);
            DB::purge('sqlite');
            $books = DB::table('projects')->count();
            ShelfCopy::write($this->file);
            config(['database.connections.sqlite.database' => $this->database]);
            DB::purge('sqlite');
            app(Copies::class)->restore(ShelfCopy::read($this->file));
            $this->assertSame($books, Project::query()->count());
            $this->assertGreaterThan(0, $books);
            $this->get('/')->assertOk()->assertDontSee('cannot be read');
        }
    }

    public function test_a_copy_of_a_later_edition_is_refused_whole(): void
    {
        Project::factory()->create(['name' => 'Comet']);
        DB::table('migrations')->insert(['migration' => '2099_01_01_000000_what_is_to_come', 'batch' => 9]);
        ShelfCopy::write($this->file);
        DB::table('migrations')->where('batch', 9)->delete();
        Project::query()->update(['name' => 'Nebula']);
        $this->post(route('copies.restore'), ['copy' => new UploadedFile($this->file, 'copy.zip', test: true), 'meant' => '1'])
            ->assertSessionHasErrors('copy');
        $this->assertSame(['Nebula'], Project::query()->pluck('name')->all());
    }

    public function test_it_is_asked_whether_it_is_meant(): void
    {
        ShelfCopy::write($this->file);
        $this->post(route('copies.restore'), ['copy' => new UploadedFile($this->file, 'copy.zip', test: true)])
            ->assertSessionHasErrors('meant');
        $this->post(route('copies.restore'), ['meant' => '1'])->assertSessionHasErrors('copy');
        $this->post(route('copies.restore'), ['meant' => '1', 'kept' => '../../.env'])->assertSessionHasErrors('copy');
        $this->get('/copies/daily-2026-01-01-000000.zip')->assertNotFound();
        $this->post(route('copies.make'))->assertOk()->assertDownload();
    }

    /** One a day, the last seven. */
    public function test_daily_copies(): void
    {
        $copies = app(Copies::class);
        for ($day = 0; $day < 9; $day++) {
            $this->travel(1)->days();
            $this->get('/')->assertOk();
            $this->get('/')->assertOk();
            Queue::assertPushed(KeepDailyCopy::class, $day + 1);
            app()->call([new KeepDailyCopy, 'handle']);
            app()->call([new KeepDailyCopy, 'handle']);
        }
        $this->assertCount(7, $copies->all('daily'));
        $this->assertStringContainsString(now()->format('Y-m-d'), $copies->all('daily')[0]);
        $this->get(route('copies'))->assertOk()->assertSee('Of the day');
        $this->get(route('copies.take', $copies->all()[0]))->assertOk()->assertDownload();
    }

    /** A second past its time a file of the cache goes, at its time it stays. */
    public function test_what_is_remembered_too_long_is_swept(): void
    {
        $folder = "{$this->database}-cache";
        mkdir("{$folder}/ab", recursive: true);
        $now = now();
        file_put_contents("{$folder}/ab/over", ($now->getTimestamp() - 1).serialize('x'));
        file_put_contents("{$folder}/ab/holds", $now->getTimestamp().serialize('x'));
        file_put_contents("{$folder}/ab/other", 'no file of a cache');
        $this->assertSame(1, Sweeping::cache($folder, $now));
        $this->assertSame(['holds', 'other'], array_map(basename(...), glob("{$folder}/ab/*") ?: []));
        array_map(unlink(...), glob("{$folder}/ab/*") ?: []);
        rmdir("{$folder}/ab");
        rmdir($folder);
    }

    public function test_up_says_whether_what_is_done_can_be_kept(): void
    {
        $this->get('/up')->assertOk();
        config(['database.connections.sqlite.database' => '/nowhere/shelf.sqlite']);
        DB::purge('sqlite');
        $this->get('/up')->assertStatus(500);
        config(['database.connections.sqlite.database' => $this->database]);
        DB::purge('sqlite');
    }

    /** @return array<string, list<mixed>> every row of every table of the shelf */
    private function everything(): array
    {
        $rows = [];
        foreach (['projects', 'versions', 'ticks', 'papers', 'paper_movements', 'events', 'cut_works', 'choices', 'notes'] as $table) {
            $rows[$table] = DB::table($table)->orderBy('rowid')->get()->map(static fn (object $row): array => (array) $row)->all();
        }

        return $rows;
    }
}
