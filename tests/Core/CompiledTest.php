<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;

/**
 * PHP's compiler (8.2) mixes registers up where a signal comes in the midst of a loop, unless it is told to keep nothing in them from one
 * statement to the next (docs/decisions/compiled-by-function.md). Found by trying, no published source.
 */
final class CompiledTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';

    /** Folds a sheet to and fro; a worker that is told to end when its job is done is interrupted so. */
    private const WORK = <<<'PHP'
        require 'vendor/autoload.php';
        use Ephemeron\Geometry\Isometry;
        use Ephemeron\Geometry\Point;
        use Ephemeron\Geometry\Segment;
        use Ephemeron\Measure\Length;
        set_error_handler(static function (int $level, string $message): void { echo $message; exit(1); });
        pcntl_async_signals(true);
        final class Heard { public static int $times = 0; }
        pcntl_signal(SIGUSR1, static function (): void { Heard::$times++; });
        $at = static fn (int $x, int $y): Point => new Point(Length::ofTicks($x), Length::ofTicks($y));
        $folds = array_map(static fn (int $k): Isometry => Isometry::about(new Segment($at($k, 0), $at($k, 9)), $k % 4), range(1, 40));
        $fold = static function () use ($folds): string {
            $all = '';
            foreach ($folds as $one) {
                foreach ($folds as $other) {
                    $all = md5($all.serialize($one->after($other)));
                }
            }
            return $all;
        };
        $first = $fold();
        echo 'ready', PHP_EOL;
        for ($until = microtime(true) + 1.5; microtime(true) < $until;) {
            if ($fold() !== $first) { echo 'another result'; exit(1); }
        }
        echo Heard::$times > 100 ? 'the same' : 'not heard';
        PHP;

    public function test_what_is_compiled_bears_being_interrupted(): void
    {
        $said = ['opcache.enable_cli=1', "opcache.jit={$this->compiler()}", 'opcache.jit_buffer_size=64M'];
        $command = [PHP_BINARY, ...array_merge(...array_map(static fn (string $each): array => ['-d', $each], $said)), '-r', self::WORK];
        $process = proc_open($command, [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes, self::ROOT);
        $this->assertIsResource($process);
        $this->assertSame('ready', trim((string) fgets($pipes[1])));
        $number = proc_get_status($process)['pid'];
        while (proc_get_status($process)['running']) {
            posix_kill($number, SIGUSR1);
            usleep(500);
        }
        $this->assertSame('the same', trim((string) stream_get_contents($pipes[1])));
    }

    public function test_all_that_starts_php_says_the_same(): void
    {
        $this->assertSame($this->compiler(), $this->said('deploy/ephemeron.ini', '/^opcache\.jit = (\S+)$/m'));
        $this->assertSame($this->compiler(), $this->said('deploy/ephemeron-queue@.service', '/opcache\.jit=(\S+)/'));
    }

    private function compiler(): string
    {
        return $this->said('bin/lib/setup.sh', '/opcache\.jit=(\S+)/');
    }

    private function said(string $file, string $pattern): string
    {
        $this->assertSame(1, preg_match($pattern, (string) file_get_contents(self::ROOT."/{$file}"), $found), $file);

        return $found[1] ?? '';
    }
}
