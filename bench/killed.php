<?php

declare(strict_types=1);

/*
 * Workers are killed in the midst of ticks that take paper and give it back, and the queue’s worker with them. Whatever was acknowledged is
 * there, the sums of paper are right, and everybody is still signed in.
 *   killed.php prepare
 *   killed.php run ADDRESS PID KILLS
 */

use App\Club\Club;
use App\Models\Maker;
use App\Models\Paper;
use App\Models\PaperMovement;
use App\Models\Project;
use App\Models\Tick;
use App\Planning\Plans;
use App\Planning\ProjectEditor;
use Bench\Hand;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Symfony\Component\Process\Process;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/Hand.php';

const MAKERS = 20;
const SHEETS = 400;

$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

if ($argv[1] === 'prepare') {
    $password = Hash::make(Hand::PHRASE);
    for ($number = 0; $number < MAKERS; $number++) {
        Club::begin(Maker::query()->forceCreate(['name' => "maker {$number}", 'password' => $password]));
        $paper = Paper::query()->create([
            'name' => "Paper of {$number}", 'kind' => 'card', 'width' => 97_536, 'height' => 97_536, 'weight' => '220 g', 'count' => SHEETS,
        ]);
        $card = ['name' => $paper->name, 'sheet' => '12x12', 'weight' => '220 g', 'drawer' => (string) $paper->id, 'count' => SHEETS];
        $app->make(ProjectEditor::class)->create(
            ['structure' => 'nested-gusset-album', 'name' => "Book of {$number}", 'materials' => ['structure-card' => $card]],
        );
    }
    exit;
}

[, , $address, $pid] = $argv;
$kills = (int) $argv[4];
$hands = [];
for ($number = 0; $number < MAKERS; $number++) {
    $hands[$number] = new Hand($address, "maker {$number}");
    $hands[$number]->signIn();
}
$queue = static function (): Process {
    $process = new Process([PHP_BINARY, 'artisan', 'queue:work', '--name=fair', '--quiet', '--sleep=1', '--tries=1', '--timeout=60'], dirname(__DIR__));
    $process->start();

    return $process;
};
$worker = $queue();

$multi = curl_multi_init();
$under = [];
/** @var array<int, bool|null> $known what the last answer said of each; null after one that was killed */
$known = array_fill(0, MAKERS, null);
$killed = 0;
$answered = 0;
$lost = 0;
$next = microtime(true);
while ($killed < $kills || $under !== []) {
    foreach ($hands as $number => $hand) {
        if ($killed < $kills && ! isset($under[spl_object_id($hand->curl)])) {
            $hand->isTicked = ! $hand->isTicked;
            $said = ['_method' => 'PUT', 'step' => $hand->step, 'done' => $hand->isTicked ? '1' : '0'];
            curl_multi_add_handle($multi, $hand->post("{$hand->book}/ticks", $said));
            $under[spl_object_id($hand->curl)] = [$number, $hand];
        }
    }
    curl_multi_exec($multi, $running);
    curl_multi_select($multi, 0.01);
    while (($done = curl_multi_info_read($multi)) !== false) {
        [$number, $hand] = $under[spl_object_id($done['handle'])];
        unset($under[spl_object_id($done['handle'])]);
        $isAnswered = curl_getinfo($done['handle'], CURLINFO_RESPONSE_CODE) === 303;
        $known[$number] = $isAnswered ? $hand->isTicked : null;
        $isAnswered ? $answered++ : $lost++;
        curl_multi_remove_handle($multi, $done['handle']);
    }
    if ($killed < $kills && microtime(true) >= $next) {
        $children = array_filter(explode("\n", (string) shell_exec('pgrep -P '.(int) file_get_contents($pid))));
        if ($children !== []) {
            posix_kill((int) $children[array_rand($children)], SIGKILL);
            $killed++;
        }
        if ($killed % 25 === 0) {
            $worker->signal(SIGKILL);
            $worker = $queue();
        }
        $next = microtime(true) + random_int(20, 160) / 1000;
    }
}
$worker->stop(1);

$wrong = [];
$plans = $app->make(Plans::class);
foreach ($hands as $number => $hand) {
    $isThere = Tick::query()->where('project_id', basename($hand->book))->where('key', $hand->step)->exists();
    if ($known[$number] !== null && $known[$number] !== $isThere) {
        $wrong[] = "{$hand->name}: what was acknowledged is not there";
    }
    $paper = Paper::query()->where('name', "Paper of {$number}")->sole();
    $moved = (int) PaperMovement::query()->where('paper_id', $paper->id)->sum('change');
    $takes = $plans->plan(Project::query()->findOrFail((int) basename($hand->book)))->sheet($hand->step)->count ?? 0;
    if ($paper->count !== SHEETS + $moved || $paper->count !== SHEETS - ($isThere ? $takes : 0)) {
        $wrong[] = "{$hand->name}: {$paper->count} sheets, {$moved} moved, ".($isThere ? "{$takes} taken" : 'none taken');
    }
    if (PaperMovement::query()->where('paper_id', $paper->id)->doesntExist()) {
        $wrong[] = "{$hand->name}: no sheet was ever taken";
    }
    $hand->now($hand->get('/myself'));
    if (! str_contains($hand->body, "You are {$hand->name}")) {
        $wrong[] = "{$hand->name} is not signed in any more";
    }
}
$sound = DB::select('pragma integrity_check')[0]->integrity_check ?? '';
if ($sound !== 'ok') {
    $wrong[] = "the database says: {$sound}";
}
printf("%d workers killed, %d ticks acknowledged, %d cut off; %s\n", $killed, $answered, $lost, $wrong === [] ? 'nothing lost' : implode('; ', $wrong));
exit($wrong === [] ? 0 : 1);
