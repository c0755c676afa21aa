<?php

declare(strict_types=1);

/*
 * The cut planner against general packers and against its own proved bound, on tasks made from seeds and on every structure once and ten
 * times. One line a group; ratios of sheets, times of one core. Exit code 1 when a promise is not kept.
 */

use Bench\CuttingInstances;
use Ephemeron\Cutting\Demand;
use Ephemeron\Cutting\ProvenPlanner;
use Ephemeron\Cutting\Supply;
use Ephemeron\Cutting\Trimmer;
use Ephemeron\Cutting\TrimmerBench;
use Ephemeron\Format\DesignReader;
use Ephemeron\Measure\ToolGrid;
use Ephemeron\Structure\Catalogue;
use Ephemeron\Workshop;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/CuttingInstances.php';

$trimmer = Trimmer::usual(ToolGrid::Sixteenth);
$planner = ProvenPlanner::thorough();
$tasks = [];
for ($seed = 1; $seed <= (int) ($argv[1] ?? 200); $seed++) {
    $tasks["random {$seed}"] = (new CuttingInstances)->number($seed);
}
foreach (Catalogue::ofTheHouse()->keys() as $structure) {
    $plan = Workshop::ofTheHouse()->plan(
        DesignReader::ofTheHouse()->fromArray(
            ['format' => DesignReader::FORMAT, 'version' => DesignReader::VERSION, 'structure' => $structure],
        ),
    );
    foreach ($plan->stocks as $index => $stock) {
        foreach ([1, 10] as $copies) {
            $demands = array_map(
                static fn (Demand $demand): Demand => new Demand(
                    $demand->key,
                    $demand->size,
                    $demand->quantity * $copies,
                    $demand->turnable,
                ),
                $stock->demands,
            );
            $tasks["{$structure} ×{$copies}, paper {$index}"] = [
                $demands,
                [new Supply($stock->stock->name, $stock->stock->sheet, $stock->stock->selvage)],
            ];
        }
    }
}

/** @param list<Demand> $demands */
$expressed = static fn (array $demands, Supply $sheet): string => json_encode([
    'sheet' => [$sheet->sheet->width->ticks, $sheet->sheet->height->ticks],
    'turnable' => $demands[0]->turnable,
    'pieces' => array_map(
        static fn (Demand $demand): array => [$demand->size->width->ticks, $demand->size->height->ticks, $demand->quantity],
        $demands,
    ),
], JSON_THROW_ON_ERROR);

// What the packers can express: one size of sheet without leftovers, all pieces turnable or none.
$comparable = array_filter(
    $tasks,
    static fn (array $task): bool => ! $task[1][0]->isLeftover && count(
        array_unique(array_map(static fn (Demand $demand): bool => $demand->turnable, $task[0])),
    ) === 1,
);
$lines = array_map(static fn (array $task): string => $expressed($task[0], $task[1][0]), $comparable);
$peers = [];
$process = proc_open(['node', 'bench/cutting/peers.mjs'], [['pipe', 'r'], ['pipe', 'w'], STDERR], $pipes, dirname(__DIR__));
fwrite($pipes[0], implode("\n", $lines)."\n");
fclose($pipes[0]);
foreach (array_keys($lines) as $name) {
    $peers[$name] = json_decode((string) fgets($pipes[1]), true);
}
proc_close($process);

// One core's time is counted, not the clock's: what else the machine does must not tell here.
$worked = static function (): float {
    $usage = (array) getrusage();

    return $usage['ru_utime.tv_sec'] + $usage['ru_stime.tv_sec'] + ($usage['ru_utime.tv_usec'] + $usage['ru_stime.tv_usec']) / 1e6;
};
$groups = [];
$failed = false;
foreach ($tasks as $name => [$demands, $supplies]) {
    $group = match (true) {
        str_starts_with($name, 'random') => 'random',
        str_contains($name, '×10,') => 'structures ×10',
        default => 'structures ×1',
    };
    $start = $worked();
    $plan = $planner->plan($demands, $supplies, $trimmer);
    $time = ($worked() - $start) * 1e3;
    (new TrimmerBench($trimmer))->replay($plan, $demands);
    $groups[$group][] = [$plan, $time];
    foreach ($peers[$name] ?? [] as $peer => $sheets) {
        // The packers have only the large sheets; a small one counts as one too.
        if ($sheets !== null && $plan->missing === [] && $plan->sheets() > $sheets) {
            // A packer may lay pieces round a hole in the middle; no cut that goes right across takes such a sheet apart.
            $uncuttable = $plan->isProved();
            echo "{$name}: {$plan->sheets()} sheets, {$peer} needs {$sheets}".($uncuttable
                ? ", and lays them as no trimmer can cut: fewer is proved impossible\n" : "\n");
            $failed = $failed || ! $uncuttable;
        }
        if ($sheets !== null) {
            $groups[$group]['peers'][$peer][] = [$plan->sheets(), $sheets];
        }
    }
}
printf("%-18s %6s %9s %9s %9s  %s\n", 'tasks', 'number', 'at bound', 'median', 'worst', 'their sheets ÷ ours');
foreach ($groups as $group => $results) {
    $against = [];
    foreach ($results['peers'] ?? [] as $peer => $pairs) {
        $against[] = sprintf('%s %.3f', $peer, array_sum(array_column($pairs, 1)) / max(1, array_sum(array_column($pairs, 0))));
    }
    unset($results['peers']);
    $times = array_column($results, 1);
    sort($times);
    $proved = count(array_filter($results, static fn (array $result): bool => $result[0]->isProved()));
    printf(
        "%-18s %6d %8.1f%% %6.0f ms %6.0f ms  %s\n",
        $group,
        count($results),
        100 * $proved / count($results),
        $times[intdiv(count($times), 2)],
        end($times),
        implode(', ', $against),
    );
    $failed = $failed || $proved < 0.97 * count($results) || $times[intdiv(count($times), 2)] > 500 || end($times) > 5000;
}

// Growth: the largest demo design, once, ten and fifty times.
$album = Workshop::ofTheHouse()->plan(
    DesignReader::ofTheHouse()->fromArray(
        ['format' => DesignReader::FORMAT, 'version' => DesignReader::VERSION, 'structure' => 'nested-gusset-album'],
    ),
);
foreach ([1, 10, 50, 100] as $copies) {
    $start = hrtime(true);
    $pieces = 0;
    foreach ($album->stocks as $stock) {
        $demands = array_map(
            static fn (Demand $demand): Demand => new Demand($demand->key, $demand->size, $demand->quantity * $copies, $demand->turnable),
            $stock->demands,
        );
        $pieces += array_sum(array_map(static fn (Demand $demand): int => $demand->quantity, $demands));
        $planner->plan($demands, [new Supply($stock->stock->name, $stock->stock->sheet, $stock->stock->selvage)], $trimmer);
    }
    $seconds = (hrtime(true) - $start) / 1e9;
    printf("%d copies of the album, %d pieces: %.2f s\n", $copies, $pieces, $seconds);
    $failed = $failed || ($copies === 50 && $seconds > 10);
}
printf("at most %.0f MB\n", memory_get_peak_usage() / 1e6);

exit($failed || memory_get_peak_usage() > 256e6 ? 1 : 0);
