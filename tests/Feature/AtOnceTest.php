<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Project;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** Several hands at one book: they wait for each other, nobody is told that the database is locked. */
final class AtOnceTest extends TestCase
{
    public function test_four_processes_tick_and_change_at_once(): void
    {
        $file = tempnam(sys_get_temp_dir(), 'ephemeron').'.sqlite';
        touch($file);
        config(['database.connections.sqlite.database' => $file]);
        DB::purge('sqlite');
        $this->artisan('migrate', ['--force' => true]);
        $project = Project::factory()->create();
        $hand = <<<'PHP'
            require $argv[1].'/vendor/autoload.php';
            $app = require $argv[1].'/bootstrap/app.php';
            $app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
            $project = App\Models\Project::query()->findOrFail((int) $argv[2]);
            $history = app(App\History\History::class);
            foreach (range(1, 12) as $round) {
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
            }
            PHP;
        $processes = [];
        foreach (range(1, 4) as $number) {
            $processes[] = $process = new Process(
                [PHP_BINARY, '-r', $hand, base_path(), (string) $project->id, (string) $number],
                base_path(),
                ['DB_DATABASE' => $file, 'APP_ENV' => 'testing'],
            );
            $process->setTimeout(120);
            $process->start();
        }
        foreach ($processes as $process) {
            $process->wait();
            $this->assertSame(0, $process->getExitCode(), $process->getErrorOutput().$process->getOutput());
        }
        $this->assertSame(48, $project->events()->count());
        $this->assertSame(range(1, 48), $project->events()->orderBy('number')->pluck('number')->all());
        DB::purge('sqlite');
        foreach (['', '-wal', '-shm'] as $end) {
            @unlink($file.$end);
        }
    }
}
