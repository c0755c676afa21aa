<?php

declare(strict_types=1);

/*
 * What the house promises about speed, measured: each line a time, its bound or peer from the same run, and the ratio.
 */

use App\History\History;
use App\History\TickSlice;
use App\Models\Project;
use App\Planning\Plans;
use App\Planning\ProjectEditor;
use Bench\HeavyDesign;
use Bench\Stopwatch;
use Ephemeron\Format\DesignReader;
use Ephemeron\Structure\Catalogue;
use Ephemeron\Workshop;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\Cache;
use Symfony\Component\Process\Process;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/Stopwatch.php';
require __DIR__.'/HeavyDesign.php';

$address = $argv[1] ?? 'http://127.0.0.1:8399';
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

$stopwatch = new Stopwatch;
$workshop = Workshop::ofTheHouse();
$designs = [];
foreach (Project::all() as $project) {
    $designs[$project->id] = DesignReader::ofTheHouse()->fromArray($project->design);
}
$pieces = array_map(static fn ($design): int => $workshop->blueprint($design)->pieces(), $designs);
arsort($pieces);
$largest = array_key_first($pieces);

$bound = 10.0;
$times = $stopwatch->medians([
    'blueprint' => static fn () => $workshop->blueprint($designs[$largest]),
    'plan' => static fn () => $workshop->plan($designs[$largest]),
], 60);
printf("%-52s %8s %8s %7s\n", 'what', 'median', 'against', 'ratio');
printf(
    "%-52s %6.2f ms %5.1f ms %7.2f\n",
    "blueprint of “{$designs[$largest]->name}” ({$pieces[$largest]} pieces)",
    $times['blueprint'],
    $bound,
    $times['blueprint'] / $bound,
);
printf("%-52s %6.2f ms\n", 'the whole plan of it, cuts and steps, nothing cached', $times['plan']);
$failed = $times['blueprint'] > $bound;

$usual = [];
foreach (Catalogue::ofTheHouse()->keys() as $structure) {
    $design = DesignReader::ofTheHouse()->fromArray(
        ['format' => DesignReader::FORMAT, 'version' => DesignReader::VERSION, 'structure' => $structure],
    );
    $usual[$structure] = static fn () => $workshop->blueprint($design);
}
foreach ($stopwatch->medians($usual, 30) as $structure => $time) {
    printf("%-52s %6.2f ms %5.1f ms %7.2f\n", "blueprint of a usual {$structure}", $time, $bound, $time / $bound);
    $failed = $failed || $time > $bound;
}
$heavyFile = (new HeavyDesign)->file();
$heavy = DesignReader::ofTheHouse()->fromArray($heavyFile);
$times = $stopwatch->medians(
    ['blueprint' => static fn () => $workshop->blueprint($heavy), 'plan' => static fn () => $workshop->plan($heavy)],
    20,
);
printf(
    "%-52s %6.2f ms %5.1f ms %7.2f\n",
    'blueprint of forty leaves, something on every page',
    $times['blueprint'],
    50.0,
    $times['blueprint'] / 50.0,
);
printf("%-52s %6.2f ms\n", 'the whole plan of it', $times['plan']);
$failed = $failed || $times['blueprint'] > 50.0;
$heavyId = $app->make(ProjectEditor::class)->create($heavyFile)->id;

// A book of which a hundred places are ticked, read again and again, against the same book with nothing ticked.
$plans = $app->make(Plans::class);
$editor = $app->make(ProjectEditor::class);
$history = $app->make(History::class);
$begun = $editor->create(['structure' => 'nested-gusset-album', 'parameters' => ['sheets' => 4]]);
$fresh = $editor->create(['structure' => 'nested-gusset-album', 'parameters' => ['sheets' => 4]]);
foreach ($plans->plan($begun)->steps as $step) {
    $keys = [$step->key, ...array_map(static fn (int $place): string => "{$step->key}#{$place}", array_keys($step->places))];
    if ($begun->ticks()->count() < 100) {
        $history->do(
            $begun->refresh(),
            TickSlice::KIND,
            $step->title,
            ['step' => $step->key, 'keys' => []],
            ['step' => $step->key, 'keys' => $keys],
        );
    }
}
$times = $stopwatch->medians([
    'begun' => static fn () => $plans->plan($begun->refresh()),
    'fresh' => static fn () => $plans->plan($fresh->refresh()),
], 40);
$adds = $times['begun'] - $times['fresh'];
printf(
    "%-52s %6.2f ms %5.1f ms %7.2f  (a begun book, %d ticks)\n",
    'what reading the ticks adds',
    $adds,
    5.0,
    $adds / 5.0,
    $begun->ticks()->count(),
);
$failed = $failed || $adds > 5.0;
$times = $stopwatch->medians([
    'change' => static fn () => $editor->change($fresh->refresh(), ['parameters.leaf-width' => '4 7/8'], $fresh->revision),
    'undo' => static fn () => $history->undo($fresh->refresh(), $history->lastDone($fresh)->id ?? 0),
], 40);
$ratio = $times['undo'] / $times['change'];
printf("%-52s %6.2f ms %5.1f ms %7.2f  (at most 2)\n", 'undo, against a change', $times['undo'], $times['change'], $ratio);
$failed = $failed || $ratio > 2.0;

// As a browser asks: in one session, packed.
$handle = curl_init();
curl_setopt_array($handle, [CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 20, CURLOPT_COOKIEFILE => '', CURLOPT_ENCODING => 'gzip']);
$get = static function (string $path, string ...$headers) use ($handle, $address): void {
    curl_setopt_array($handle, [CURLOPT_URL => $address.$path, CURLOPT_HTTPHEADER => $headers]);
    curl_exec($handle);
    $status = curl_getinfo($handle, CURLINFO_RESPONSE_CODE);
    if ($status !== 200) {
        fwrite(STDERR, "{$address}{$path} answered {$status}\n");
        exit(1);
    }
};
$screens = [
    'plan' => ['Plan screen', 3.0, 5.0], 'cut' => ['Cut screen', 3.0, 5.0],
    'score' => ['Score screen', 2.5, 4.0], 'bench' => ['Bench screen', 2.5, 4.0], 'fold' => ['Fold screen', 3.0, 6.0],
    // What was printed once is there; the first time is told below.
    'print/cut-list.pdf' => ['Cut list', 5.0, 10.0], 'print/openings.pdf' => ['Openings', 5.0, 10.0],
    'print/templates.pdf' => ['Templates', 5.0, 10.0], 'print/mock-up.pdf' => ['Mock-up', 5.0, 10.0],
];
// The first time, on one paper after the other because one of each print is kept; alone, and begun when one reached for it half a second
// before, as pages do. The cut list, the longest, is begun when one comes to Print: a second before, of the forty leaves two.
$reached = static function (string $print) use ($address): mixed {
    $line = stream_socket_client(str_replace('http', 'tcp', $address));
    fwrite($line, "HEAD {$print} HTTP/1.1\r\nHost: 127.0.0.1\r\nAccept: application/json\r\nConnection: close\r\n\r\n");

    return $line;
};
$middle = static function (array $times): float {
    sort($times);

    return $times[intdiv(count($times), 2)];
};
foreach (['cut-list', 'openings', 'templates', 'mock-up', 'labels', 'page-map'] as $print) {
    foreach ([[$largest, 'of it', 5.0, 1_000], [$heavyId, 'of the forty leaves', 10.0, 2_000]] as [$book, $of, $most, $coming]) {
        $wait = $print === 'cut-list' ? $coming : 500;
        $alone = $pressed = $empty = [];
        for ($round = 0; $round < 7; $round++) {
            $began = hrtime(true);
            $get("/projects/{$book}/print/{$print}.pdf?paper=letter");
            $alone[] = (hrtime(true) - $began) / 1e6;
            $line = $reached("/projects/{$book}/print/{$print}.pdf?paper=a4");
            usleep(1_000 * $wait);
            // The first one wakes whoever answers.
            $get('/empty-page');
            $began = hrtime(true);
            $get('/empty-page');
            $empty[] = (hrtime(true) - $began) / 1e6;
            $began = hrtime(true);
            $get("/projects/{$book}/print/{$print}.pdf?paper=a4");
            $pressed[] = (hrtime(true) - $began) / 1e6;
            fclose($line);
        }
        $ratio = $middle($pressed) / $middle($empty);
        $what = ucfirst(str_replace('-', ' ', $print))." {$of}, the first time";
        printf("%-52s %6.0f ms %5.1f ms %7.2f\n", $what, $middle($alone), $middle($empty), $middle($alone) / $middle($empty));
        printf("%-52s %6.2f ms %5.1f ms %7.2f  (at most %.1f)\n", "  begun {$wait} ms before", $middle($pressed), $middle($empty), $ratio, $most);
        $failed = $failed || $ratio > $most;
    }
}
$pages = ['empty' => static fn () => $get('/empty-page')];
foreach (array_keys($screens) as $screen) {
    $pages[$screen] = static fn () => $get("/projects/{$largest}/{$screen}");
    $pages["{$screen} heavy"] = static fn () => $get("/projects/{$heavyId}/{$screen}");
}
$times = $stopwatch->medians($pages, 40);
foreach ($screens as $screen => [$name, $most, $mostHeavy]) {
    foreach ([[$screen, 'of it', $most], ["{$screen} heavy", 'of the forty leaves', $mostHeavy]] as [$key, $of, $limit]) {
        $ratio = $times[$key] / $times['empty'];
        printf(
            "%-52s %6.2f ms %5.1f ms %7.2f  (at most %.1f)\n",
            "{$name} {$of}, against an empty page",
            $times[$key],
            $times['empty'],
            $ratio,
            $limit,
        );
        $failed = $failed || $ratio > $limit;
    }
}

// The same when something else was written, and made anew when something of the book was; and Plan after a width that no plan is
// remembered for, in its two parts.
$anew = ['empty' => static fn () => $get('/empty-page')];
foreach (['plan', 'cut', 'score', 'bench', 'fold'] as $screen) {
    foreach ([$largest, $heavyId] as $book) {
        $anew["{$screen} {$book}"] = static fn () => $get("/projects/{$book}/{$screen}");
    }
}
// What the server still does after an answer is over before the next question, and nobody has just woken up.
$asked = static function (Closure $ask) use ($get): float {
    $get('/empty-page');
    $began = hrtime(true);
    $ask();

    return (hrtime(true) - $began) / 1e6;
};
$growing = $editor->create($heavyFile)->id;
$elsewhere = $editor->create(['structure' => 'meander-book'])->id;
$samples = [];
for ($round = 0; $round < 14; $round++) {
    foreach ($anew as $what => $ask) {
        foreach (['else', 'own'] as $written) {
            $book = (int) explode(' ', "{$what} {$largest}")[1];
            $asked($ask);
            $get('/empty-page');
            // A place that no step has: all that counts ticks is to be counted again, and comes out the same.
            $ticks = Project::query()->findOrFail($written === 'else' ? $elsewhere : $book)->ticks();
            $ticks->where('key', 'bench')->delete() > 0 || $ticks->create(['key' => 'bench']);
            $samples["{$written} {$what}"][] = $asked($ask);
        }
    }
    // A book that is begun would ask first.
    foreach ([$fresh->id, $growing] as $book) {
        $project = Project::query()->findOrFail($book);
        // One that no run before has planned.
        $editor->change($project, ['parameters.leaf-width' => random_int(3 * 64, 5 * 64).'/64'], $project->revision);
        // As a page asks that changes: its drawing first, then all that follows from it.
        foreach (['changed' => ['X-Drawn-First: 1'], 'followed' => []] as $part => $headers) {
            $samples["{$part} {$book}"][] = $asked(static fn () => $get("/projects/{$book}/plan", ...$headers));
        }
    }
}
$medians = array_map(static function (array $times): float {
    sort($times);

    return $times[intdiv(count($times), 2)];
}, $samples);
$parts = ['changed' => 'Plan after a change: drawn', 'followed' => 'Plan after a change: what follows, with the cuts planned'];
foreach (['plan', 'cut', 'score', 'bench', 'fold'] as $screen) {
    $parts["else {$screen}"] = "{$screens[$screen][0]} after something else was written";
    $parts["own {$screen}"] = "{$screens[$screen][0]} made anew";
}
foreach ($parts as $screen => $name) {
    foreach ([[$largest, 'of it'], [$fresh->id, 'of an album'], [$heavyId, 'of the forty leaves'], [$growing, 'of the forty leaves']] as [$book, $of]) {
        if (isset($medians["{$screen} {$book}"])) {
            $time = $medians["{$screen} {$book}"];
            printf("%-52s %6.2f ms %5.1f ms %7.2f\n", "{$name} {$of}", $time, $medians['own empty'], $time / $medians['own empty']);
        }
    }
}

// With nothing remembered (a demo beside it forgets too, and works out again): the first page of what has much to work out, the rest of
// which comes when the page asks again.
$cold = [];
for ($round = 0; $round < 7; $round++) {
    foreach (['/papers/makes' => 300.0, '/catalogue' => 100.0] as $path => $most) {
        Cache::clear();
        $cold[$path]['most'] = $most;
        $cold[$path]['times'][] = $asked(static fn () => $get($path));
    }
}
foreach ($cold as $path => ['most' => $most, 'times' => $times]) {
    sort($times);
    $time = $times[intdiv(count($times), 2)];
    printf("%-52s %6.0f ms %5.0f ms %7.2f\n", "{$path} with nothing remembered", $time, $most, $time / $most);
    $failed = $failed || $time > $most;
}

// The shelf, the more books stand on it (a thousand: bin/bench load), against the empty page of the same minute.
$structures = Catalogue::ofTheHouse()->keys();
foreach ([20 => 3.0, 200 => 4.0] as $books => $most) {
    while (Project::query()->count() < $books) {
        $editor->create(['structure' => $structures[Project::query()->count() % count($structures)]]);
    }
    $get('/');
    $times = $stopwatch->medians(['empty' => static fn () => $get('/empty-page'), 'shelf' => static fn () => $get('/')], 30);
    $ratio = $times['shelf'] / $times['empty'];
    printf("%-52s %6.2f ms %5.1f ms %7.2f  (at most %.1f)\n", "the shelf with {$books} books", $times['shelf'], $times['empty'], $ratio, $most);
    $failed = $failed || $ratio > $most;
}

// Many designs in one run of the command line, against one.
$folder = sys_get_temp_dir().'/designs-'.bin2hex(random_bytes(6));
mkdir($folder);
foreach (Project::query()->where('name', '!=', $heavy->name)->limit(100)->get() as $number => $book) {
    file_put_contents("{$folder}/{$number}.json", json_encode($book->design, JSON_THROW_ON_ERROR));
}
$planned = static function (string ...$files): float {
    $began = hrtime(true);
    (new Process([PHP_BINARY, 'artisan', 'ephemeron:plan', '--json', ...$files], dirname(__DIR__), timeout: 300))->mustRun();

    return (hrtime(true) - $began) / 1e6;
};
$each = ($planned($folder) - $planned("{$folder}/0.json")) / 99;
printf("%-52s %6.2f ms %5.1f ms %7.2f\n", 'ephemeron:plan, each of a hundred usual designs', $each, 15.0, $each / 15.0);
$failed = $failed || $each > 15.0;
array_map(unlink(...), glob("{$folder}/*.json") ?: []);
rmdir($folder);

exit($failed ? 1 : 0);
