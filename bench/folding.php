<?php

declare(strict_types=1);

/*
 * Folding: states and page map of every structure, growth with panels, and the frames of the Fold screen in headless Chromium.
 */

use Bench\HeavyDesign;
use Bench\Stopwatch;
use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Design\Design;
use Ephemeron\Folding\PageMap;
use Ephemeron\Folding\Profile;
use Ephemeron\Folding\SceneBuilder;
use Ephemeron\Format\DesignReader;
use Ephemeron\Structure\Catalogue;
use Ephemeron\Workshop;
use Tests\Browser\Chromium;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/Stopwatch.php';
require __DIR__.'/HeavyDesign.php';

$stopwatch = new Stopwatch;
$workshop = Workshop::ofTheHouse();
$reader = DesignReader::ofTheHouse();
$failed = false;

$read = static fn (array $file): Design => $reader->fromArray(
    ['format' => DesignReader::FORMAT, 'version' => DesignReader::VERSION, ...$file],
);
$work = static function (Design $design, Blueprint $blueprint): void {
    $scenes = new SceneBuilder($blueprint, $design->notation());
    foreach ($blueprint->parts as $part) {
        if ($part->creases !== []) {
            $scenes->foldedSheet($part);
        }
    }
    PageMap::of($blueprint, $design->materials, $scenes->foldedSheet(...));
    Profile::of($blueprint, $design->materials);
    $scenes->scene('book');
};
$line = static function (string $what, float $time, float $bound) use (&$failed): void {
    printf("%-66s %7.2f ms %6.0f ms %6.2f\n", $what, $time, $bound, $time / $bound);
    $failed = $failed || $time > $bound;
};

printf("%-66s %10s %9s %6s\n", 'fold states of every part, page map, thickness, scene of the book', 'median', 'against', 'ratio');
$contestants = [];
foreach (Catalogue::ofTheHouse()->keys() as $structure) {
    $design = $read(['structure' => $structure]);
    $blueprint = $workshop->blueprint($design);
    $contestants[$structure] = static fn () => $work($design, $blueprint);
}
foreach ($stopwatch->medians($contestants, 15) as $structure => $time) {
    $line($structure, $time, 30.0);
}
$meanders = [];
foreach (['4', '6', '8'] as $perSide) {
    $design = $read(['structure' => 'meander-book', 'parameters' => ['panels-per-side' => $perSide]]);
    $blueprint = $workshop->blueprint($design);
    $meanders[$perSide] = static fn () => $work($design, $blueprint);
}
$times = $stopwatch->medians($meanders, 15);
foreach ($times as $perSide => $time) {
    $line("meander of {$perSide} × {$perSide} panels", $time, 100.0);
}
printf("%-66s %6.1f × the panels take %.1f × the time\n", 'growth', 4.0, $times['8'] / $times['4']);
$heavy = $reader->fromArray((new HeavyDesign)->file());
$blueprint = $workshop->blueprint($heavy);
$line(
    'forty leaves, something on every page',
    $stopwatch->medians(['heavy' => static fn () => $work($heavy, $blueprint)], 10)['heavy'],
    200.0,
);

if (in_array('--no-browser', $argv, true)) {
    exit($failed ? 1 : 0);
}

// Sixty frames a second: 16.7 ms each. Headless Chromium without a graphics card draws on the processor; the same page at rest is its peer.
$chromium = new Chromium;
$driver = $chromium->driver;
$frames = static function (string $path, bool $folding) use ($driver, $chromium): array {
    $driver->get($chromium->address.$path);
    usleep(700_000);

    return $driver->executeAsyncScript(<<<'JS'
        const [folding, done] = arguments;
        const play = document.querySelector('#fold-play');
        if (folding && play) { play.click(); }
        const times = [];
        const frame = (now) => { times.push(now); times.length < 150 ? requestAnimationFrame(frame) : done(times); };
        requestAnimationFrame(frame);
        JS, [$folding]);
};
$median = static function (array $times): array {
    $gaps = [];
    for ($k = 20; $k < count($times); $k++) {
        $gaps[] = $times[$k] - $times[$k - 1];
    }
    sort($gaps);

    return [$gaps[intdiv(count($gaps), 2)], $gaps[(int) (count($gaps) * 0.95)]];
};
printf("\n%-46s %10s %10s %12s\n", 'Fold screen, frames', 'median', '95 in 100', 'page at rest');
$driver->manage()->timeouts()->setScriptTimeout(60);
$driver->get($chromium->address.'/');
preg_match_all('~/projects/(\d+)/plan~', $driver->getPageSource(), $found);
foreach (array_unique($found[1]) as $project) {
    [$rest] = $median($frames("/projects/{$project}/fold", false));
    [$middle, $slow] = $median($frames("/projects/{$project}/fold", true));
    printf("%-46s %7.1f ms %7.1f ms %9.1f ms\n", mb_substr($driver->getTitle(), 0, 44), $middle, $slow, $rest);
    $failed = $failed || $middle > 17.5;
}
$chromium->close();
exit($failed ? 1 : 0);
