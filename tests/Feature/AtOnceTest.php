<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Project;
use App\Safekeeping\ShelfCopy;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\Group;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** Several hands at one book: they wait for each other, nobody is told that the database is locked. */
#[Group('sqlite')]
final class AtOnceTest extends TestCase
{
    /** Ticks a step and takes it back, so many times, and says each time that it is done. */
    private const HAND = <<<'PHP'
        require $argv[1].'/vendor/autoload.php';
        $app = require $argv[1].'/bootstrap/app.php';
        $app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
        $project = App\Models\Project::query()->findOrFail((int) $argv[2]);
        $history = app(App\History\History::class);
        foreach (range(1, (int) $argv[4]) as $round) {
            $step = "score-sheet-{$argv[3]}";
            $ticking = app(App\Planning\Ticking::class);
            $was = $ticking->ticked($project, $step);
            $history->do(
                $project->refresh(),
                'tick',
                "hand {$argv[3]}, {$round}",
                ['step' => $step, 'keys' => $was],
                ['step' => $step, 'keys' => $was === [] ? [$step] : []],
            );
            echo "done\n";
        }
        PHP;

    private string $file;

    private Project $project;

    protected function setUp(): void
    {
        parent::setUp();
        $this->file = tempnam(sys_get_temp_dir(), 'ephemeron').'.sqlite';
        touch($this->file);
        config(['database.connections.sqlite.database' => $this->file]);
        DB::purge('sqlite');
        $this->artisan('migrate', ['--force' => true]);
        $this->project = Project::factory()->create();
    }

    protected function tearDown(): void
    {
        DB::purge('sqlite');
        array_map(unlink(...), glob("{$this->file}*") ?: []);
        parent::tearDown();
    }

    public function test_four_processes_tick_and_change_at_once(): void
    {
        $processes = array_map(fn (int $number): Process => $this->hand($number, 12), range(1, 4));
        foreach ($processes as $process) {
            $process->wait();
            $this->assertSame(0, $process->getExitCode(), $process->getErrorOutput().$process->getOutput());
        }
        $this->assertSame(48, $this->project->events()->count());
        $this->assertSame(range(1, 48), $this->project->events()->orderBy('number')->pluck('number')->all());
    }

    /**
     * Ten hands write, half of them are killed in the midst of it, and copies are made meanwhile: whatever was acknowledged is there, and every
     * copy is of one moment.
     */
    public function test_killed_hands_lose_nothing_and_copies_are_of_one_moment(): void
    {
        Storage::fake('local');
        mt_srand(15);
        $hands = array_map(fn (int $number): Process => $this->hand($number, 45), range(1, 10));
        $copies = [];
        $killed = 0;
        do {
            $alive = array_values(array_filter($hands, static fn (Process $hand): bool => $hand->isRunning()));
            usleep(40_000);
            if ($killed < 5 && $alive !== [] && $this->project->events()->count() > 20 * $killed) {
                $alive[mt_rand(0, count($alive) - 1)]->signal(9);
                $killed++;
            }
            if (count($copies) < 6 && $this->project->events()->count() > 15 * count($copies)) {
                $copies[] = ShelfCopy::write("{$this->file}-".count($copies).'.zip');
            }
        } while ($alive !== []);
        $acknowledged = array_sum(array_map(static fn (Process $hand): int => substr_count($hand->getOutput(), 'done'), $hands));
        $numbers = $this->project->events()->orderBy('number')->pluck('number')->all();
        $this->assertGreaterThanOrEqual($acknowledged, count($numbers));
        // One that was killed may have done one more than it could say.
        $this->assertLessThanOrEqual($acknowledged + $killed, count($numbers));
        $this->assertGreaterThan(100, $acknowledged);
        $this->assertSame($numbers === [] ? [] : range(1, count($numbers)), array_values($numbers));
        $this->assertGreaterThan(1, $killed);
        $this->assertGreaterThan(1, count($copies));
        foreach ($copies as $copy) {
            $database = new \PDO('sqlite:'.($file = $copy->database()));
            $this->assertSame('ok', $database->query('PRAGMA integrity_check')->fetchColumn());
            $count = (int) $database->query('select count(*) from events')->fetchColumn();
            $this->assertSame($count, (int) $database->query('select coalesce(max(number), 0) from events')->fetchColumn());
            // Of each hand's step there is a tick after an odd number of its events, and none after an even one.
            $odd = (int) $database->query(
                "select count(*) from (select json_extract(\"after\", '$.step') from events group by 1 having count(*) % 2 = 1)",
            )->fetchColumn();
            $this->assertSame($odd, (int) $database->query('select count(*) from ticks')->fetchColumn());
            unlink($file);
        }
    }

    private function hand(int $number, int $rounds): Process
    {
        $process = new Process(
            [PHP_BINARY, '-r', self::HAND, base_path(), (string) $this->project->id, (string) $number, (string) $rounds],
            base_path(),
            ['DB_DATABASE' => $this->file, 'APP_ENV' => 'testing'],
        );
        $process->setTimeout(120);
        $process->start();

        return $process;
    }
}
