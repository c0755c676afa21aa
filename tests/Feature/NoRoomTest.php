<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Database\ImmediateSqliteConnector;
use App\Models\Project;
use App\Safekeeping\CacheInFiles;
use App\Safekeeping\CannotBeKept;
use App\Safekeeping\SessionsInFiles;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\Group;
use Tests\TestCase;

/** The disk is full or read-only: what is there is read, what cannot be kept is not half done, and the page says so. */
final class NoRoomTest extends TestCase
{
    use RefreshDatabase;

    private string $folder = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/no-room-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        (new Filesystem)->deleteDirectory($this->folder);
        parent::tearDown();
    }

    #[Group('sqlite')]
    public function test_what_cannot_be_written_is_not_done_and_said(): void
    {
        $project = Project::factory()->create();
        DB::statement('pragma query_only = 1');
        try {
            foreach (['plan', 'cut', 'bench', 'log'] as $page) {
                $this->get("/projects/{$project->id}/{$page}")->assertOk();
            }
            $this->get('/')->assertOk();
            $key = $this->sheetKey($project, 'structure-card');
            $answer = $this->put("/projects/{$project->id}/ticks", ['step' => $key, 'done' => '1'])->assertStatus(507);
            $answer->assertSee('nothing was changed')->assertHeader('X-Why');
            $this->post("/projects/{$project->id}/copy")->assertStatus(507);
        } finally {
            DB::statement('pragma query_only = 0');
        }
        $this->assertSame(0, $project->ticks()->count());
        $this->put("/projects/{$project->id}/ticks", ['step' => $key, 'done' => '1'])->assertRedirect();
    }

    /** WAL wants an index beside the file; where there is no room for one the file is read as it is, if that is all there is. */
    #[Group('sqlite')]
    public function test_a_database_beside_which_nothing_can_be_written_is_read(): void
    {
        $file = "{$this->folder}/of a shelf?.sqlite";
        copy(__DIR__.'/../fixtures/databases/2026-11-25.sqlite', $file);
        mkdir("{$file}-shm");
        $config = ['database' => $file, 'journal_mode' => 'WAL', 'busy_timeout' => 100];
        $pdo = (new ImmediateSqliteConnector)->connect($config);
        $this->assertGreaterThan(0, $pdo->query('select count(*) from projects')->fetchColumn());
        try {
            $pdo->exec("update projects set name = 'x'");
            $this->fail('It was written.');
        } catch (\PDOException $trouble) {
            $this->assertStringContainsString('readonly', $trouble->getMessage());
        }
        // With something that is only in the WAL it would not be all.
        $this->assertTrue(ImmediateSqliteConnector::isAllThereIs($file));
        file_put_contents("{$file}-wal", 'x');
        $this->assertFalse(ImmediateSqliteConnector::isAllThereIs($file));
    }

    public function test_a_session_that_cannot_be_written_is_what_it_was(): void
    {
        $files = new class () extends Filesystem {
            public bool $isFull = false;

            public function replace($path, $content, $mode = null): void
            {
                $this->isFull ? throw new \ErrorException('No space left on device') : parent::replace($path, $content, $mode);
            }
        };
        $sessions = new SessionsInFiles($files, $this->folder, 60);
        $this->assertTrue($sessions->write('abc', 'first'));
        $files->isFull = true;
        $this->assertTrue($sessions->write('abc', 'second'));
        $this->assertSame('first', $sessions->read('abc'));
        $this->assertSame(['abc'], array_values(array_diff(scandir($this->folder) ?: [], ['.', '..'])));
        $this->assertTrue($sessions->destroy('abc'));
        $this->assertSame('', $sessions->read('abc'));
    }

    public function test_a_cache_that_cannot_be_written_remembers_nothing(): void
    {
        touch("{$this->folder}/file");
        $cache = new CacheInFiles(new Filesystem, "{$this->folder}/file");
        $this->assertFalse($cache->put('a', 1, 60));
        $this->assertFalse($cache->add('a', 1, 60));
        $this->assertNull($cache->get('a'));
        $cache = new CacheInFiles(new Filesystem, $this->folder);
        $cache->put('price', new \Ephemeron\Paper\Price(85), 60);
        $path = $cache->path('price');
        file_put_contents($path, str_replace('mills', 'cents', (string) file_get_contents($path)));
        $this->assertNull($cache->get('price'), 'what other code has remembered');
        $cache->put('price', new \Ephemeron\Paper\Price(85), 60);
        $this->assertEquals(new \Ephemeron\Paper\Price(85), $cache->get('price'));
        file_put_contents($path, str_replace('mills', 'mi', (string) file_get_contents($path)));
        $this->assertNull($cache->get('price'), 'damaged');
        $this->assertTrue($cache->put('a', 1, 60));
        $this->assertFalse($cache->add('a', 2, 60));
        $this->assertSame(1, $cache->get('a'));
    }

    public function test_a_picture_that_cannot_be_kept_is_not_noted(): void
    {
        Storage::shouldReceive('disk')->andReturnSelf();
        Storage::shouldReceive('put')->andReturn(false);
        $this->expectException(CannotBeKept::class);
        CannotBeKept::put('notes/a.jpg', 'x');
    }
}
