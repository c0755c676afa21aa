<?php

declare(strict_types=1);

/*
 * Prints laid out: small books against the exact answer of an integer programme (npm highs), and how long a book of 40 faces takes with 36
 * prints. Exit code 1 when a promise is not kept.
 */

use Ephemeron\Measure\Size;
use Ephemeron\Paper\SheetFormat;
use Ephemeron\Paper\Stock;
use Ephemeron\Papering\Arranger;
use Ephemeron\Papering\Lab;
use Ephemeron\Papering\Look;
use Ephemeron\Papering\Offer;
use Ephemeron\Papering\Puzzle;
use Ephemeron\Papering\Want;
use Ephemeron\Papering\Weights;
use Ephemeron\Papering\Wish;
use Symfony\Component\Process\Process;

require __DIR__.'/../vendor/autoload.php';

/** Some prints are many sheets, some one; some have a right way up. */
$offers = static fn (int $count): array => array_map(static fn (int $number): Offer => new Offer(
    (string) $number,
    Stock::pattern("Print {$number}", SheetFormat::TwelveSquare, 160, mt_rand(0, 2) > 0)->counted(mt_rand(1, 3))
        ->with(directionA: mt_rand(0, 3) === 0),
    Lab::ofHex(sprintf('#%06x', mt_rand(0, 0xFFFFFF))),
    Lab::ofHex(sprintf('#%06x', mt_rand(0, 0xFFFFFF))),
    $number === 1,
    mt_rand(0, 4) === 0,
), range(1, $count));
/** A cover, then facing pages; on some of them a pocket. */
$wants = static function (int $openings): array {
    $sizes = [Size::inches(4.5, 6), Size::inches(5.5, 7.75), Size::inches(3.75, 3.75)];
    $size = $sizes[mt_rand(0, 2)];
    $wants = [new Want('front-cover', 'cover', $size, isCover: true)];
    for ($opening = 1; $opening <= $openings; $opening++) {
        $left = count($wants);
        foreach ([$left + 1, $left] as $side => $facing) {
            $wants[] = new Want("page-{$opening}-{$side}", 'page', $size, opening: $opening, hidden: mt_rand(0, 6) / 10, facing: $facing);
        }
        if (mt_rand(0, 1) === 0) {
            $wants[] = new Want("pocket-{$opening}", 'pocket', Size::inches(4, 3), opening: $opening, isTop: false, on: $left);
        }
    }

    return $wants;
};
$puzzles = [];
for ($seed = 1; $seed <= 50; $seed++) {
    mt_srand($seed);
    $weights = new Weights(
        array_combine(array_column(Wish::cases(), 'value'), array_map(static fn (): int => mt_rand(0, 8), Wish::cases())),
    );
    $puzzles[] = new Puzzle($wants(mt_rand(2, 3)), $offers(mt_rand(4, 6)), $weights);
}
$export = static function (Puzzle $puzzle): array {
    $pairs = [];
    foreach ($puzzle->beside as $one => $others) {
        foreach ($others as [$other, $table]) {
            if ($one < $other) {
                $pairs[] = ['one' => $one, 'other' => $other, 'table' => $puzzle->tables[$table]];
            }
        }
    }

    return [
        'looks' => array_map(static fn (Look $look): int => $look->offer, $puzzle->looks),
        'wants' => array_map(static fn (Want $want, array $allowed, array $alone): array => [
            'opening' => $want->opening, 'allowed' => $allowed, 'alone' => $alone,
        ], $puzzle->wants, $puzzle->allowed, $puzzle->alone),
        'offers' => array_map(static fn (int $offer): array => [
            'there' => $puzzle->there[$offer],
            'sheet' => $puzzle->sheet[$offer],
            'shares' => array_map(
                static fn (array $shares): float => is_infinite($shares[$offer]) ? 1000.0 : $shares[$offer],
                $puzzle->shares,
            ),
        ], array_keys($puzzle->offers)),
        'pairs' => $pairs,
        'back' => $puzzle->return,
    ];
};
$process = new Process(
    ['node', __DIR__.'/papers/exact.mjs'],
    dirname(__DIR__),
    timeout: 600,
    input: json_encode(array_map($export, $puzzles)),
);
$process->mustRun();
$exact = json_decode($process->getOutput(), true);
[$equal, $gaps, $slowest, $compared] = [0, 0.0, 0.0, 0];
foreach ($puzzles as $index => $puzzle) {
    $from = hrtime(true);
    $found = (new Arranger($puzzle))->arrange();
    $slowest = max($slowest, (hrtime(true) - $from) / 1e6);
    if ($exact[$index] === null || count($found->looks) < count($puzzle->wants)) {
        printf("  %d: exact %s, found %d of %d places\n", $index, json_encode($exact[$index]), count($found->looks), count($puzzle->wants));
        continue;
    }
    $compared++;
    $equal += $found->cost === $exact[$index] ? 1 : 0;
    $gaps += ($found->cost - $exact[$index]) / max(1, $exact[$index]);
    if ($found->cost < $exact[$index]) {
        printf("  %d: %d is less than the exact %d\n", $index, $found->cost, $exact[$index]);
    }
}
$share = 100 * $equal / max(1, $compared);
$gap = 100 * $gaps / max(1, $compared);
printf(
    "small books      %d of %d equal (%.0f %%, at least 90), mean gap %.2f %% (at most 2), slowest %.0f ms\n",
    $equal,
    $compared,
    $share,
    $gap,
    $slowest,
);
mt_srand(1);
$large = new Puzzle($wants(16), $offers(36), new Weights);
$from = hrtime(true);
$found = (new Arranger($large))->arrange();
$took = (hrtime(true) - $from) / 1e6;
printf(
    "%d places, 36 prints  %.0f ms (at most 2000), cost %d, %d without a print\n",
    count($large->wants),
    $took,
    $found->cost,
    count($found->empty()),
);
exit($share >= 90 && $gap <= 2 && $took <= 2000 ? 0 : 1);
