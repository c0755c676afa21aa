<?php

declare(strict_types=1);

/*
 * The table: every structure of the catalogue is put in order and rehearsed, then ever more leaves with something on every page; the still
 * of a step; and how many of the words of all steps follow from acts and how many a structure adds. Exit code 1 when a promise is not kept.
 */

use App\Drawing\StepDrawing;
use Bench\HeavyDesign;
use Bench\Stopwatch;
use Ephemeron\Assembly\Order;
use Ephemeron\Assembly\Table;
use Ephemeron\Format\DesignReader;
use Ephemeron\Structure\Catalogue;
use Ephemeron\Workshop;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/Stopwatch.php';
require __DIR__.'/HeavyDesign.php';

$workshop = Workshop::ofTheHouse();
$reader = DesignReader::ofTheHouse();
$stopwatch = new Stopwatch;
$kept = true;
$line = static function (string $what, float $took, float $most) use (&$kept): void {
    $kept = $kept && $took <= $most;
    printf("%-52s %7.2f ms %7.1f ms %6.2f\n", $what, $took, $most, $took / $most);
};
$rehearse = static function ($blueprint): callable {
    return static fn () => Table::rehearse($blueprint, (new Order($blueprint))->jobs());
};
$words = static fn (string $text): int => count(preg_split('/\s+/u', trim($text), flags: PREG_SPLIT_NO_EMPTY) ?: []);

printf("%-52s %10s %10s %6s\n", 'order and replay', 'took', 'at most', 'ratio');
$acts = 0;
$structures = 0;
$slowest = 0.0;
foreach (Catalogue::ofTheHouse()->keys() as $key) {
    $design = $reader->fromArray(['format' => DesignReader::FORMAT, 'version' => DesignReader::VERSION, 'structure' => $key]);
    $blueprint = $workshop->blueprint($design);
    $line($key, $stopwatch->medians(['it' => $rehearse($blueprint)], 15)['it'], 15.0);
    $plan = $workshop->plan($design);
    $drawing = new StepDrawing($plan);
    foreach ($plan->steps as $step) {
        // Cutting, scoring and shaping are told from the sheets and parts alone.
        $isTask = $step->acts !== [] && isset($plan->blueprint->tasks[explode('~', $step->key)[0]]);
        $own = $isTask ? $words($step->text) : 0;
        $structures += $own;
        $acts += $words($step->title) + $words($step->text) - $own + array_sum(array_map($words, $plan->linesOf($step)));
        $slowest = max($slowest, $stopwatch->medians(['it' => static fn () => $drawing->of($step)?->inline()], 3)['it']);
    }
}
$line('slowest still of a step', $slowest, 20.0);
$heavy = $workshop->blueprint($reader->fromArray((new HeavyDesign)->file()));
$line('forty leaves, something on every page', $stopwatch->medians(['it' => $rehearse($heavy)], 7)['it'], 150.0);

echo "\ngrowth\n";
$before = null;
foreach ([5, 10, 20] as $sheets) {
    $blueprint = $workshop->blueprint(
        $reader->fromArray(
            [
                'format' => DesignReader::FORMAT,
                'version' => DesignReader::VERSION,
                'structure' => 'nested-gusset-album',
                'parameters' => ['sheets' => $sheets],
            ],
        ),
    );
    $took = $stopwatch->medians(['it' => $rehearse($blueprint)], 11)['it'];
    printf("%3d sheets %7.2f ms%s\n", $sheets, $took, $before === null ? '' : sprintf('   × %.2f', $took / $before));
    $before = $took;
}
printf(
    "\nwords: %d from acts and geometry, %d from structures: %.0f %% derived\n",
    $acts,
    $structures,
    100 * $acts / ($acts + $structures),
);

exit($kept ? 0 : 1);
