<?php

declare(strict_types=1);

/*
 * What a maker waits for in a browser that is slowed four times, on the demo shelf and with forty leaves, on a laptop and on a phone.
 *   browser.php prepare
 *   browser.php run ADDRESS
 */

use App\Models\Project;
use App\Planning\ProjectEditor;
use Bench\HeavyDesign;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Illuminate\Contracts\Console\Kernel;
use Symfony\Component\Process\Process;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/HeavyDesign.php';

const SLOWED = 4;

if ($argv[1] === 'prepare') {
    $app = require __DIR__.'/../bootstrap/app.php';
    $app->make(Kernel::class)->bootstrap();
    $app->make(ProjectEditor::class)->create((new HeavyDesign)->file());
    exit;
}

$address = $argv[2];
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
$heavy = Project::query()->where('name', 'Forty leaves')->value('id');
$demo = Project::query()->where('name', 'Zenith sampler')->value('id');
$driverPort = random_int(20_000, 40_000);
$chromedriver = new Process(['chromedriver', "--port={$driverPort}", '--silent']);
$chromedriver->start();
usleep(900_000);

$open = static function (int $width, int $height) use ($driverPort): RemoteWebDriver {
    $options = new ChromeOptions;
    $options->addArguments([
        '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-background-networking', '--disable-component-update', '--disable-sync',
        '--no-first-run', '--hide-scrollbars', "--window-size={$width},{$height}", '--user-data-dir='.sys_get_temp_dir().'/bench-'.bin2hex(random_bytes(6)),
    ]);
    if ($width < 500) {
        $options->setExperimentalOption('mobileEmulation', ['deviceMetrics' => ['width' => $width, 'height' => $height, 'pixelRatio' => 1.0]]);
    }
    $chrome = DesiredCapabilities::chrome();
    $chrome->setCapability(ChromeOptions::CAPABILITY, $options);
    $driver = RemoteWebDriver::create("http://127.0.0.1:{$driverPort}", $chrome, 20_000, 60_000);
    $driver->manage()->timeouts()->setScriptTimeout(30);
    $driver->executeCustomCommand(
        '/session/:sessionId/chromium/send_command',
        'POST',
        ['cmd' => 'Emulation.setCPUThrottlingRate', 'params' => ['rate' => SLOWED]],
    );

    return $driver;
};
$middle = static function (array $values): float {
    sort($values);

    return (float) $values[intdiv(count($values), 2)];
};

const TICKED = <<<'JS'
    const done = arguments[arguments.length - 1];
    const number = () => document.querySelector('#trimmer')?.innerText;
    const was = number();
    const began = performance.now();
    const look = () => number() !== was
        ? requestAnimationFrame(() => setTimeout(() => done(performance.now() - began)))
        : (performance.now() - began > 8000 ? done(8000) : requestAnimationFrame(look));
    document.querySelector('#cut-made').click();
    requestAnimationFrame(look);
    JS;
const WIDTH = <<<'JS'
    const [wanted, done] = [arguments[0], arguments[arguments.length - 1]];
    const field = document.querySelector('[name="set[parameters.leaf-width]"]');
    const drawing = () => document.querySelector('.drawn svg')?.outerHTML;
    const was = drawing();
    const began = performance.now();
    const giveUp = setTimeout(() => done(12000), 12000);
    // What is changed in a task is painted in the frame after it; what waits for that frame comes before all timers.
    const seen = new MutationObserver(() => {
        if (drawing() !== was) {
            seen.disconnect();
            clearTimeout(giveUp);
            requestAnimationFrame(() => scheduler.postTask(() => done(performance.now() - began), { priority: 'user-blocking' }));
        }
    });
    seen.observe(document.body, { childList: true, subtree: true });
    field.value = wanted;
    field.dispatchEvent(new Event('input', { bubbles: true }));
    field.dispatchEvent(new Event('change', { bubbles: true }));
    JS;
const LOADED = <<<'JS'
    const done = arguments[arguments.length - 1];
    const seen = { task: 0, shift: 0, paint: 0 };
    new PerformanceObserver((list) => list.getEntries().forEach((each) => { seen.task = Math.max(seen.task, each.duration); })).observe({ type: 'longtask', buffered: true });
    new PerformanceObserver((list) => list.getEntries().forEach((each) => { seen.shift += each.hadRecentInput ? 0 : each.value; })).observe({ type: 'layout-shift', buffered: true });
    new PerformanceObserver((list) => list.getEntries().forEach((each) => { seen.paint = each.startTime; })).observe({ type: 'largest-contentful-paint', buffered: true });
    setTimeout(() => {
        const page = performance.getEntriesByType('navigation')[0];
        const all = performance.getEntriesByType('resource').reduce((sum, each) => sum + each.transferSize, page.transferSize);
        done({ ...seen, nodes: document.getElementsByTagName('*').length, bytes: page.encodedBodySize, all });
    }, 2500);
    JS;

// Each number of five visits: this machine is noisy, and any visit may be held up by anything.
$loaded = static function (RemoteWebDriver $driver, \Closure $visit) use ($middle): array {
    $seen = [];
    for ($time = 0; $time < 5; $time++) {
        $visit();
        $seen[] = $driver->executeAsyncScript(LOADED);
    }

    return array_map(static fn (string $what): float => $middle(array_column($seen, $what)), array_combine(array_keys($seen[0]), array_keys($seen[0])));
};

$failed = false;
$say = static function (string $what, float $is, float $most, string $unit) use (&$failed): void {
    printf("  %-52s %9s %-3s %6.2f  (at most %s)\n", $what, number_format($is, $unit === '' ? 3 : 0), $unit, $most > 0 ? $is / $most : 0, number_format($most, $unit === '' ? 2 : 0));
    $failed = $failed || $is > $most;
};

foreach ([[1280, 800], [390, 844]] as [$width, $height]) {
    printf("%d × %d, slowed %d times\n", $width, $height, SLOWED);
    $driver = $open($width, $height);
    foreach ([['of a demo book', $demo, 200.0, 350.0], ['of the forty leaves', $heavy, 300.0, 600.0]] as [$of, $book, $ticked, $changed]) {
        $driver->get("{$address}/projects/{$book}/plan");
        usleep(2_500_000);
        $times = [];
        foreach (['4 3/4', '4 5/8', '4 1/2', '4 3/8', '4 1/4'] as $wanted) {
            $times[] = $driver->executeAsyncScript(WIDTH, [$wanted]);
            usleep(1_500_000);
        }
        $say("a new width {$of} → its drawing painted", $middle($times), $changed, 'ms');
        $driver->get("{$address}/projects/{$book}/cut");
        usleep(2_500_000);
        $times = [];
        for ($cut = 0; $cut < 5; $cut++) {
            $times[] = $driver->executeAsyncScript(TICKED);
            usleep(1_200_000);
        }
        $say("a cut {$of} ticked → the next cut painted", $middle($times), $ticked, 'ms');
        // Nothing is cut then, and widths can be changed again.
        Project::query()->findOrFail($book)->ticks()->delete();
        Project::query()->findOrFail($book)->cutWorks()->delete();
    }
    $seen = $loaded($driver, static fn () => $driver->get("{$address}/projects/{$heavy}/cut"));
    $say('longest task, Cut of the forty leaves', $seen['task'], 200, 'ms');
    $say('nodes of it', $seen['nodes'], 2_000, '#');
    $say('bytes of it, as they come', $seen['bytes'] / 1024, 120, 'KB');
    $driver->get("{$address}/projects/2/plan");
    usleep(1_500_000);
    $seen = $loaded($driver, static fn () => $driver->navigate()->refresh());
    $say('reload of Plan, all that comes', $seen['all'] / 1024, 25, 'KB');
    $seen = $loaded($driver, static fn () => $driver->get("{$address}/projects/{$heavy}/bench"));
    $say('layout shift, Bench of the forty leaves', $seen['shift'], 0.005, '');
    $seen = $loaded($driver, static fn () => $driver->get("{$address}/projects/{$heavy}/fold"));
    $say('Fold of the forty leaves, as it comes', $seen['bytes'] / 1024, 200, 'KB');
    $say('largest paint of it', $seen['paint'], 800, 'ms');
    $say('longest task of it', $seen['task'], 200, 'ms');
    $driver->quit();
}
$chromedriver->stop(1);
exit($failed ? 1 : 0);
