<?php

declare(strict_types=1);

/*
 * Leaves put in order: 20 sheets in one signature and five signatures of 20, for heaps drawn by lot; how often the answer is proven. The
 * bound is what a screen may take. Exit code 1 when a promise is not kept.
 */

use Ephemeron\Gathering\Gatherer;
use Ephemeron\Gathering\LeafKind;
use Ephemeron\Gathering\LeafPaper;
use Ephemeron\Gathering\MeetingSchool;
use Ephemeron\Gathering\Proposal;
use Ephemeron\Gathering\Template;
use Ephemeron\Gathering\WritingSpace;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\SheetFormat;
use Ephemeron\Paper\Stock;

require __DIR__.'/../vendor/autoload.php';

$heap = static function (int $seed): array {
    mt_srand($seed);
    $papers = [];
    foreach ([
        [LeafKind::Plain, 6],
        [LeafKind::Lined, 4],
        [LeafKind::Specialty, 7],
        [LeafKind::Book, 4],
        [LeafKind::Extra, 3],
    ] as [$kind, $many]) {
        for ($number = 0; $number < $many; $number++) {
            $papers[] = new LeafPaper(
                "{$kind->value}-{$number}",
                Stock::card('Leaf', SheetFormat::LetterWide, 90)->with(sheet: Size::inches(11, mt_rand(0, 3) === 0 ? 10 : 8.5)),
                $kind,
                mt_rand(2, 6),
                $kind === LeafKind::Book,
                WritingSpace::cases()[mt_rand(0, 2)],
                WritingSpace::cases()[mt_rand(0, 2)],
                mt_rand(0, 1) === 0 ? null : mt_rand(0, 359),
            );
        }
    }

    return $papers;
};
$gatherer = new Gatherer(Template::ofLeaf(Size::inches(5.5, 8.5)), MeetingSchool::usual(Unit::Inch));
$kept = true;
foreach ([[1, 1000.0], [5, 5000.0]] as [$signatures, $most]) {
    [$slowest, $all, $proven, $broken] = [0.0, 0, 0, 0];
    for ($seed = 1; $seed <= 25; $seed++) {
        $papers = $heap($seed);
        $from = hrtime(true);
        $proposals = $gatherer->gather($papers, $signatures, 20);
        $slowest = max($slowest, (hrtime(true) - $from) / 1e6);
        $all += count($proposals);
        $proven += count(array_filter($proposals, static fn (Proposal $proposal): bool => $proposal->isProven));
        $broken += array_sum(array_map(static fn (Proposal $proposal): int => count($proposal->broken), $proposals));
    }
    $kept = $kept && $slowest <= $most;
    printf(
        "%d × 20 sheets: slowest of 25 heaps %7.1f ms, at most %.0f: %.2f; %d of %d signatures proven, %d rules not kept in all\n",
        $signatures,
        $slowest,
        $most,
        $slowest / $most,
        $proven,
        $all,
        $broken,
    );
}

exit($kept ? 0 : 1);
