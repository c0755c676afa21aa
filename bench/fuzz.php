<?php

declare(strict_types=1);

/*
 * Ten thousand odd requests over all routes and five thousand odd files: none may fail, take over five seconds or leave a warning in the log.
 *   php bench/fuzz.php [first seed] [requests] [files]
 */

use App\Models\Project;
use App\Planning\ProjectEditor;
use Ephemeron\Ceiling;
use Ephemeron\Format\DesignReader;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Workshop;
use Illuminate\Contracts\Console\Kernel as Console;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Log\Events\MessageLogged;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use Tests\Fuzz\OddRequests;

require __DIR__.'/../vendor/autoload.php';

foreach (['APP_ENV' => 'testing', 'DB_DATABASE' => ':memory:', 'CACHE_STORE' => 'array', 'SESSION_DRIVER' => 'array'] as $name => $value) {
    putenv("{$name}={$value}");
    $_ENV[$name] = $_SERVER[$name] = $value;
}
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Console::class)->bootstrap();
Artisan::call('migrate', ['--force' => true]);
Storage::fake('local');
Queue::fake();
$logged = [];
Event::listen(MessageLogged::class, static function (MessageLogged $message) use (&$logged): void {
    in_array($message->level, ['debug', 'info', 'notice'], true) ?: $logged[] = $message->message;
});

[$seed, $requests, $files] = [(int) ($argv[1] ?? 1), (int) ($argv[2] ?? 10_000), (int) ($argv[3] ?? 5_000)];
$editor = $app->make(ProjectEditor::class);
foreach ([['structure' => 'nested-gusset-album', 'mats' => ['layers' => 1]], ['structure' => 'meander-book', 'unit' => 'cm'],
    ['structure' => 'free-base'], ['structure' => 'mitred-tab-album']] as $design) {
    $editor->create($design);
}
$failed = 0;
$slowest = 0.0;
$statuses = [];
for ($number = 0; $number < $requests; $number++) {
    if ($number % 250 === 0) {
        $odd = new OddRequests($seed + intdiv($number, 250));
        $projects = Project::query()->latest('id')->limit(12)->pluck('id')->all();
    }
    $request = $odd->next($projects === [] ? [1] : $projects);
    $begun = microtime(true);
    $answer = $app->make(Kernel::class)->handle($request);
    $took = microtime(true) - $begun;
    $slowest = max($slowest, $took);
    $statuses[$answer->getStatusCode()] = ($statuses[$answer->getStatusCode()] ?? 0) + 1;
    if ($answer->getStatusCode() >= 500 || $took > 5.0 || $logged !== []) {
        $failed++;
        printf("%d in %.1f s: %s\n  %s\n", $answer->getStatusCode(), $took, mb_strimwidth($odd->told($request), 0, 600), $logged[0] ?? '');
    }
    $logged = [];
    $app->forgetScopedInstances();
}
ksort($statuses);
printf("%d requests, %d failed, the slowest %.2f s; answers %s\n", $requests, $failed, $slowest, json_encode($statuses));

$workshop = Workshop::ofTheHouse();
$read = 0;
for ($number = 0; $number < $files; $number++) {
    if ($number % 250 === 0) {
        $odd = new OddRequests($seed + intdiv($number, 250));
    }
    $design = $odd->design();
    try {
        Ceiling::check($workshop->blueprint(DesignReader::ofTheHouse()->fromArray($design)));
        $read++;
    } catch (InvalidDesign) {
        continue;
    } catch (Throwable $error) {
        $failed++;
        printf("%s: %s\n  %s\n", $error::class, $error->getMessage(), json_encode($design, JSON_PARTIAL_OUTPUT_ON_ERROR));
    }
}
printf("%d files, %d read, the others refused\n", $files, $read);

exit($failed === 0 ? 0 : 1);
