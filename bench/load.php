<?php

declare(strict_types=1);

/*
 * Fifty makers at once, and one whose shelf is long. Each maker reads and saves, thinks as long as people do, and what they wait is set against
 * an empty page of the same application that is asked for alone.
 *   load.php prepare             makers, books and papers
 *   load.php run ADDRESS NAME [SECONDS]
 */

use App\Club\Club;
use App\Models\Maker;
use App\Models\Paper;
use App\Models\Project;
use App\Planning\ProjectEditor;
use Bench\Hand;
use Ephemeron\Structure\Catalogue;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/Hand.php';

const MAKERS = 50;
const BOOKS = 1_000;
const PAPERS = 5_000;
const THINKS = 3.0;
const AT_MOST = 10.0;
const LONG_AT_MOST = 8.0;

if ($argv[1] === 'prepare') {
    $app = require __DIR__.'/../bootstrap/app.php';
    $app->make(Kernel::class)->bootstrap();
    $structures = Catalogue::ofTheHouse()->keys();
    $password = Hash::make(Hand::PHRASE);
    $editor = $app->make(ProjectEditor::class);
    for ($number = 0; $number <= MAKERS; $number++) {
        $maker = Maker::query()->forceCreate(['name' => "maker {$number}", 'password' => $password]);
        Club::begin($maker);
        $editor->create(['structure' => $structures[$number % count($structures)], 'name' => "Book of {$number}"]);
    }
    // The last one has the long shelf.
    DB::transaction(static function () use ($structures, $editor): void {
        $books = [];
        foreach ($structures as $structure) {
            $books[] = $editor->create(['structure' => $structure, 'name' => "A {$structure}"])->design;
        }
        for ($book = count($books) + 1; $book < BOOKS; $book++) {
            Project::put(['name' => "Book {$book}"] + $books[$book % count($books)]);
        }
        for ($paper = 0; $paper < PAPERS; $paper++) {
            Paper::query()->create([
                'name' => "Paper {$paper}", 'kind' => $paper % 3 === 0 ? 'card' : 'pattern', 'pad' => 'Pad '.intdiv($paper, 24), 'width' => 97_536,
                'height' => 97_536, 'weight' => '160 g', 'count' => $paper % 9,
            ]);
        }
    });
    printf("%d makers; one with %d books and %d papers\n", MAKERS + 1, Project::query()->count(), Paper::query()->count());
    exit;
}

[, , $address, $name] = $argv;
$seconds = (float) ($argv[4] ?? 60);
$middle = static function (array $times): float {
    sort($times);

    return $times[intdiv(count($times), 2)];
};

$alone = new Hand($address, 'maker 0');
$alone->signIn();
$empty = [];
for ($round = 0; $round < 60; $round++) {
    $empty[] = $alone->now($alone->get('/empty-page'));
}
$empty = $middle($empty);

$hands = [];
for ($number = 0; $number < MAKERS; $number++) {
    $hands[$number] = new Hand($address, "maker {$number}");
    $hands[$number]->signIn();
}
foreach ($hands as $hand) {
    $hand->at = microtime(true) + THINKS * random_int(0, 1000) / 1000;
}
$multi = curl_multi_init();
$under = [];
$waited = ['GET' => [], 'POST' => []];
$errors = 0;
$end = microtime(true) + $seconds;
while (microtime(true) < $end || $under !== []) {
    $now = microtime(true);
    foreach ($hands as $hand) {
        if ($now < $end && ! isset($under[spl_object_id($hand->curl)]) && $now >= $hand->at) {
            curl_multi_add_handle($multi, $hand->next());
            $hand->began = $now;
            $under[spl_object_id($hand->curl)] = $hand;
        }
    }
    curl_multi_exec($multi, $running);
    curl_multi_select($multi, 0.01);
    while (($done = curl_multi_info_read($multi)) !== false) {
        $hand = $under[spl_object_id($done['handle'])];
        unset($under[spl_object_id($done['handle'])]);
        $now = microtime(true);
        $waited[strstr($hand->what, ' ', true)][] = ($now - $hand->began) * 1000;
        $status = curl_getinfo($done['handle'], CURLINFO_RESPONSE_CODE);
        if ($status >= 400 || $status === 0) {
            $errors++;
            fwrite(STDERR, "{$hand->what} answered {$status}\n");
        }
        $hand->took((string) curl_multi_getcontent($done['handle']));
        curl_multi_remove_handle($multi, $done['handle']);
        // As long as somebody looks at a page before the next press (assumed), from half of it to half as much again.
        $hand->at = $now + THINKS * random_int(500, 1500) / 1000;
    }
}
$all = [...$waited['GET'], ...$waited['POST']];
sort($all);
$p95 = $all[(int) (count($all) * 0.95)];
$failed = $errors > 0 || $p95 / $empty > AT_MOST;
printf("\n%s: %d makers, %d s, %d asked, %d saved, %d errors\n", $name, MAKERS, $seconds, count($waited['GET']), count($waited['POST']), $errors);
printf("%-48s %8.1f ms\n", 'an empty page, alone', $empty);
printf("%-48s %8.1f ms %6.2f\n", 'half of them waited no longer than', $middle($all), $middle($all) / $empty);
printf("%-48s %8.1f ms %6.2f  (at most %d)\n", '95 of 100 waited no longer than', $p95, $p95 / $empty, AT_MOST);

foreach ($waited as $kind => $times) {
    sort($times);
    printf("%-48s %8.1f ms %6.2f\n", "  of these, {$kind}: 95 of 100", $times[(int) (count($times) * 0.95)] ?? 0, ($times[(int) (count($times) * 0.95)] ?? 0) / $empty);
}

$long = new Hand($address, 'maker '.MAKERS);
$long->signIn();
foreach (['/', '/?order=name', '/papers', '/supplies', '/logbook', '/taken-off', '/together', '/catalogue', "{$long->book}/plan", "{$long->book}/cut", "{$long->book}/papers"] as $page) {
    $long->now($long->get($page));
    $times = [];
    $against = [];
    for ($round = 0; $round < 7; $round++) {
        $against[] = $long->now($long->get('/empty-page'));
        $times[] = $long->now($long->get($page));
    }
    $ratio = $middle($times) / $middle($against);
    $failed = $failed || $ratio > LONG_AT_MOST;
    $said = preg_replace('~/projects/\d+~', 'a book', $page);
    printf("%-48s %8.1f ms %6.2f  (at most %d)\n", 'a long shelf: '.$said, $middle($times), $ratio, LONG_AT_MOST);
}
exit($failed ? 1 : 0);
