<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Assembly\Table;
use Ephemeron\Binding\Sewing;
use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Caution;
use Ephemeron\Blueprint\Flap;
use Ephemeron\Blueprint\Opening;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Blueprint\Stitches;
use Ephemeron\Format\DesignReader;
use Ephemeron\Format\DesignWriter;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Geometry\Segment;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Structure\Gathered;
use Ephemeron\WorkPlan;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Leaves as parts and faces of a book: gathered, pierced, sewn. */
final class SewnJournalTest extends TestCase
{
    use Designs;

    private const HEAP = [
        ['key' => 'tea', 'paper' => ['name' => 'Tea', 'sheet' => '11x8.5', 'weight' => '90'], 'count' => 4, 'hue' => 35],
        [
            'key' => 'ledger',
            'paper' => ['name' => 'Ledger', 'sheet' => 'own', 'width' => '12 in', 'height' => '9 in', 'weight' => '80'],
            'kind' => 'lined',
            'count' => 3,
        ],
        [
            'key' => 'map',
            'paper' => ['name' => 'Map', 'sheet' => 'own', 'width' => '14 in', 'height' => '10 1/2 in', 'weight' => '100'],
            'kind' => 'specialty',
            'count' => 3,
        ],
        [
            'key' => 'bag',
            'paper' => ['name' => 'Bag', 'sheet' => 'own', 'width' => '5 in', 'height' => '7 in', 'weight' => '80'],
            'kind' => 'extra',
            'bag' => 'top',
            'count' => 2,
        ],
    ];

    /** Common practice: letter folded, 5½ × 8½, wants a cover of 5¾ × 8¾; five signatures of three sheets are 60 faces. */
    public function test_a_plain_notebook(): void
    {
        $plan = $this->plan('sewn-journal');
        $this->assertSame([], $this->kinds($plan));
        $this->assertEquals(Length::inches(8, 3, 4), $plan->blueprint->part('cover')->size->height);
        $this->assertEquals(Size::inches(5.75, 8.75), $plan->blueprint->face('front-cover')->size);
        $sheet = $plan->blueprint->part('leaf-leaf');
        $this->assertEquals([15, Size::inches(11, 8.5)], [$sheet->quantity, $sheet->size]);
        $this->assertCount(60, array_filter($plan->blueprint->pages(), static fn ($face): bool => str_starts_with($face->key, 'leaf-')));
        $this->assertCount(31, $plan->blueprint->all(Opening::class));
        $a4 = $this->plan('sewn-journal', ['unit' => 'cm']);
        $this->assertEquals(Length::millimetres(216), $a4->blueprint->part('cover')->size->height, '210 and 6 mm');
    }

    public function test_a_heap_becomes_parts_faces_pockets_and_flaps(): void
    {
        $plan = $this->journal(['signatures' => 1, 'sheets' => 12]);
        $this->assertSame([], array_filter($this->kinds($plan), static fn (string $kind): bool => $kind !== 'score-between-grooves'));
        $parts = $plan->blueprint->parts;
        $quantity = array_map(static fn (Part $part): int => $part->quantity, $parts);
        $this->assertSame([4, 3, 3, 2], [
            $quantity['leaf-tea'],
            $quantity['leaf-ledger'],
            $quantity['leaf-map'],
            $quantity['leaf-bag'],
        ]);
        $this->assertEquals(Size::inches(12, 8.5), $parts['leaf-ledger']->size, 'trimmed to the template, not in breadth');
        $this->assertEquals(Size::inches(14, 10.5), $parts['leaf-map']->size, 'folded, not trimmed');
        $this->assertCount(3 * 2 + 2, $plan->blueprint->all(Pouch::class), 'two halves of each map, and two bags');
        $this->assertCount(3 + 3, $plan->blueprint->all(Flap::class));
        $this->assertSame(2, $quantity['leaf-strip']);
        $block = $plan->blueprint->all(Gathered::class)[0]->block;
        $this->assertSame([12, 22], [$block->sheets(), count($block->leaves())]);
    }

    /** What is on a leaf comes before it is bound; holes before thread; every sheet lies in some signature. */
    #[TestWith([1, 12])]
    #[TestWith([3, 4])]
    public function test_it_comes_together(int $signatures, int $sheets): void
    {
        foreach (['in', 'cm'] as $unit) {
            $plan = $this->journal(['signatures' => $signatures, 'sheets' => $sheets, 'stations' => '5'], ['unit' => $unit]);
            $this->assertSame([], Table::rehearse($plan->blueprint, $plan->workings->jobs));
            $keys = array_map(static fn ($step): string => $step->key, $plan->steps);
            $places = array_map(
                static fn (string $key): int => (int) array_search($key, $keys, true),
                ['leaf-strips', 'leaf-pockets', 'nest-signatures', 'prick-signatures', 'prick-spine', 'sew'],
            );
            $sorted = $places;
            sort($sorted);
            $this->assertSame($sorted, $places);
            $nest = implode(' ', $plan->linesOf($plan->steps[$places[2]]));
            $this->assertSame($signatures, substr_count($nest, 'from the outermost sheet in'));
        }
    }

    /** Heaps drawn by lot: whatever is on them, it folds, comes together, and nothing is cut from a sheet that is too small. */
    public function test_any_heap_comes_together(): void
    {
        for ($seed = 1; $seed <= 120; $seed++) {
            mt_srand($seed);
            $isMetric = mt_rand(0, 1) === 1;
            $heap = [];
            for ($number = 1; $number <= mt_rand(1, 9); $number++) {
                $kind = ['plain', 'lined', 'specialty', 'book', 'extra'][mt_rand(0, 4)];
                $heap[] = [
                    'key' => "p{$number}",
                    'paper' => [
                        'name' => "Paper {$number}",
                        'sheet' => 'own',
                        'width' => $isMetric ? mt_rand(10, 60).' cm' : (mt_rand(16, 96) / 4).' in',
                        'height' => $isMetric ? mt_rand(10, 50).' cm' : (mt_rand(16, 80) / 4).' in',
                        'weight' => '90',
                    ],
                    'kind' => $kind,
                    'count' => mt_rand(1, 6),
                    'text' => $kind === 'book',
                    ...($kind === 'extra' && mt_rand(0, 1) === 1 ? ['bag' => 'top'] : []),
                ];
            }
            $ways = [
                'p1' => [
                    'height' => [null, 'folded-down', 'trimmed'][mt_rand(0, 2)],
                    'width' => [null, 'pocket', 'trimmed'][mt_rand(0, 2)],
                ],
            ];
            $plan = $this->plan(mt_rand(0, 1) === 1 ? 'sewn-journal' : 'fold-over-journal', [
                'unit' => $isMetric ? 'cm' : 'in',
                'parameters' => ['signatures' => mt_rand(1, 4), 'sheets' => mt_rand(1, 8)],
                'leaves' => ['heap' => $heap, 'ways' => $ways],
            ]);
            $this->assertSame([], array_map(
                static fn ($complaint): string => $complaint->sentence,
                Table::rehearse($plan->blueprint, $plan->workings->jobs),
            ), "seed {$seed}");
            $this->assertNotContains('does-not-fold', $this->kinds($plan), "seed {$seed}");
            foreach ($plan->report->of('piece-too-large') as $finding) {
                $this->assertStringNotContainsString('Paper ', $finding->text, "seed {$seed}");
            }
        }
    }

    /** Common practice: text paper is folded by hand, card is scored first; what is turned over at an edge comes before the middle. */
    public function test_light_sheets_are_folded_without_a_score(): void
    {
        $plan = $this->journal(['signatures' => 1, 'sheets' => 12]);
        $steps = array_column($plan->steps, null, 'key');
        $this->assertArrayNotHasKey('score-leaf-map', $steps);
        $this->assertArrayNotHasKey('leaf-map', $plan->scores);
        $told = $plan->linesOf($steps['fold-leaf-map']);
        $this->assertSame(['2 1⁄16 in from the foot', '3⅛ in from the left edge', '5½ in from the right edge'], array_map(
            static fn (string $line): string => (string) preg_replace('~\p{Z}+~u', ' ', explode(', ', explode(': ', $line)[1])[0]),
            $told,
        ));
        $weight = static fn (string $grams): array => ['materials' => ['leaf' => ['name' => 'Log', 'weight' => $grams]]];
        $this->assertArrayNotHasKey('leaf-leaf', $this->plan('sewn-journal', $weight('149 g'))->scores);
        $this->assertArrayHasKey('leaf-leaf', $this->plan('sewn-journal', $weight('150 g'))->scores);
    }

    /** Papers of a heap that are folded alike make one step of which each is ticked; one that is folded otherwise stays by itself. */
    public function test_sheets_that_are_folded_alike_are_folded_together(): void
    {
        $paper = static fn (string $name): array => [
            'key' => $name,
            'paper' => ['name' => $name, 'sheet' => '11x8.5', 'weight' => '90'],
            'count' => 2,
        ];
        $heap = [$paper('dusk'), $paper('moss'), self::HEAP[2], $paper('dew')];
        $plan = $this->journal(['signatures' => 1, 'sheets' => 9], ['leaves' => ['heap' => $heap]]);
        $folded = array_column(array_filter($plan->steps, static fn ($step): bool => $step->phase === Phase::Fold), null, 'key');
        $this->assertSame(
            ['fold-cover', 'fold-alike-leaf-dusk', 'fold-leaf-map', 'fold-leaf-dew', 'fold-template'],
            array_keys($folded),
        );
        $together = $folded['fold-alike-leaf-dusk'];
        $this->assertSame(['leaf-dusk', 'leaf-moss'], $together->parts);
        $this->assertCount(2, $together->places);
        $this->assertSame($plan->linesOf($folded['fold-leaf-dew']), $plan->linesOf($together));
        $needing = array_filter($plan->steps, static fn ($step): bool => in_array($together->key, $step->needs, true));
        $this->assertNotSame([], $needing, 'sheets are nested when they are folded');
        $inHand = array_merge(...array_column($folded, 'parts'));
        $jobs = array_filter($plan->workings->jobs, static fn ($job): bool => str_starts_with($job->key, 'fold-'));
        $this->assertCount(count($inHand), $jobs);
    }

    /** Common practice: what is glued or sewn onto a leaf comes before its sheet is nested. */
    public function test_leaves_are_furnished_before_they_are_nested(): void
    {
        $plan = $this->journal(['signatures' => 1, 'sheets' => 12, 'leaf-pockets' => 'sewn'], ['things' => [
            'leaf-1-front/pocket-1' => ['on' => 'leaf-1-front', 'kind' => 'pocket'],
            'leaf-3-back/flap-1' => ['on' => 'leaf-3-back', 'kind' => 'flap'],
        ]]);
        $steps = array_column($plan->steps, null, 'key');
        foreach (['pockets-top', 'hinge-flaps', 'leaf-pockets'] as $before) {
            $this->assertLessThan($steps['nest-signatures']->number, $steps[$before]->number, $before);
        }
        $this->assertSame([Adhesive::Thread, Caution::Needle], [$steps['leaf-pockets']->adhesive, $steps['leaf-pockets']->caution]);
        $this->assertStringContainsString(
            'Stitches along the edge away from the spine',
            implode(' ', $plan->linesOf($steps['leaf-pockets'])),
        );
        $this->assertStringNotContainsString('glue', implode(' ', $plan->linesOf($steps['leaf-pockets'])));
        $this->assertSame([], Table::rehearse($plan->blueprint, $plan->workings->jobs));
    }

    public function test_the_thread_follows_the_walk(): void
    {
        $sewing = $this->plan('sewn-journal', ['parameters' => ['signatures' => 1, 'sheets' => 5]])->blueprint->all(Sewing::class)[0];
        $this->assertEquals(Length::inches(8, 1, 2), $sewing->walk->along());
        $this->assertTrue($sewing->thread->isMoreThan(Length::inches(15, 1, 2)) && $sewing->thread->isLessThan(Length::inches(16)));
        $long = $this->plan('sewn-journal', ['parameters' => ['stitch' => 'long']])->blueprint->all(Sewing::class)[0];
        $this->assertSame(1, $long->times);
        $this->assertCount(5, $long->rows->rows);
        $words = $this->plan('sewn-journal', ['parameters' => ['signatures' => 1]]);
        $sew = array_values(array_filter($words->steps, static fn ($step): bool => $step->key === 'sew'))[0];
        $this->assertStringContainsString('out through 2, in through 1, out through 3, in through 2', implode(' ', $words->linesOf($sew)));
        $this->assertStringEndsWith('The tails on either side of the long stitch, a knot.', implode(' ', $words->linesOf($sew)));
    }

    /** A thread through all signatures is followed line by line, in and out through the four holes to either side of the middle. */
    public function test_a_long_thread_is_told_signature_by_signature(): void
    {
        $plan = $this->plan('sewn-journal', ['parameters' => ['stitch' => 'long', 'signatures' => 3, 'stations' => '5']]);
        $sew = array_values(array_filter($plan->steps, static fn ($step): bool => $step->key === 'sew'))[0];
        $lines = $plan->linesOf($sew);
        $this->assertCount(4, $lines);
        $this->assertMatchesRegularExpression('/ in of thread\. Signature 1: in through 1, out through 2, in through 3, out through 4\.$/', $lines[0]);
        $this->assertSame('Over to signature 2: in through 4, out through 3, in through 2, out through 1.', $lines[1]);
        $this->assertSame('Over to signature 3: in through 1, out through 2, in through 3, out through 4.', $lines[2]);
        $this->assertStringContainsString('knotted to their first stitches', $lines[3]);
    }

    /** Common practice: twenty sheets of 0.1 mm stand out about 3.8 mm, and are trimmed before they are sewn, with a knife. */
    public function test_the_fore_edge_is_trimmed_where_that_is_wished(): void
    {
        $file = [
            'parameters' => ['signatures' => 1, 'sheets' => 20],
            'materials' => ['leaf' => ['name' => 'Log', 'thickness' => '0.1 mm']],
        ];
        $this->assertSame(
            [],
            array_filter($this->plan('sewn-journal', $file)->steps, static fn ($step): bool => $step->key === 'trim-fore-edge'),
        );
        $file['parameters']['fore-edge'] = 'trimmed';
        $steps = array_column($this->plan('sewn-journal', $file)->steps, null, 'key');
        $this->assertSame(Caution::Knife, $steps['trim-fore-edge']->caution);
        $this->assertStringContainsString('about 3⁄16 in', $steps['trim-fore-edge']->text);
        $this->assertTrue(
            $steps['nest-signatures']->number < $steps['trim-fore-edge']->number
                && $steps['trim-fore-edge']->number < $steps['sew']->number,
        );
    }

    public function test_the_order_that_was_said_is_kept(): void
    {
        $order = [['sheets' => 'map tea ledger bag tea']];
        $plan = $this->journal(['signatures' => 1, 'sheets' => 5], ['leaves' => ['heap' => self::HEAP, 'order' => $order]]);
        $keys = array_map(
            static fn ($sheet): string => $sheet->meeting->paper->key,
            $plan->blueprint->all(Gathered::class)[0]->block->signatures[0]->sheets,
        );
        $this->assertSame(['map', 'tea', 'ledger', 'bag', 'tea'], $keys);
        $written = DesignWriter::ofTheHouse()->toArray($plan->design);
        $this->assertEquals($plan->design, DesignReader::ofTheHouse()->fromArray($written), 'read again it is the same');
        $other = $this->journal(['signatures' => 1, 'sheets' => 6], ['leaves' => ['heap' => self::HEAP, 'order' => $order]]);
        $this->assertSame(6, $other->blueprint->all(Gathered::class)[0]->block->sheets(), 'an order for other numbers waits');
    }

    /** Three sheets of 0.11 mm: the innermost stands out 4 × 0.11 mm; ¼ in for the cover and ⅛ in for tabs. */
    public function test_tabs_of_inner_sheets_end_inside_the_cover(): void
    {
        $found = fn (string $leaf, string $out, string $foreEdge = 'as-it-is'): array => $this->plan('sewn-journal', [
            'parameters' => ['signatures' => 1, 'sheets' => 3, 'tabs' => '1/8', 'fore-edge' => $foreEdge],
            'things' => [
                "leaf-{$leaf}-front/edge-tab-1" => ['on' => "leaf-{$leaf}-front", 'kind' => 'edge-tab', 'parameters' => ['proud' => $out]],
            ],
        ])->report->of('tab-stands-out');
        $this->assertSame([], $found('1', '3/8'), 'the outermost leaf');
        $this->assertCount(1, $found('1', '13/32'));
        $this->assertSame([], $found('3', '11/32'));
        $inner = $found('3', '3/8');
        $this->assertCount(1, $inner, 'the innermost stands out itself');
        $this->assertSame(['things.leaf-3-front/edge-tab-1.parameters.proud' => '5/16 in'], $inner[0]->mend?->changes);
        $this->assertSame([], $found('3', '3/8', 'trimmed'));
    }

    /** What is sewn in as it is: a folio as tall as the leaf is silent, 1⁄64 in more is found. */
    public function test_what_is_made_already_stays_inside(): void
    {
        $found = fn (string $height): array => $this->plan('sewn-journal', ['leaves' => ['heap' => [[
            'key' => 'folio',
            'paper' => ['name' => 'Folio', 'sheet' => 'own', 'width' => '11 in', 'height' => $height, 'weight' => '200'],
            'made' => true,
        ]]], 'parameters' => ['signatures' => 1, 'sheets' => 1]])->report->of('stands-out');
        $this->assertSame([], $found('8 1/2 in'));
        $this->assertCount(1, $found('8 33/64 in'));
    }

    /** A sheet 1½ in too wide is folded in at the usual inch, and trimmed where two are asked for. */
    public function test_from_how_much_sheets_are_folded_over(): void
    {
        $width = fn (string $from): Size => $this->plan('sewn-journal', [
            'parameters' => ['signatures' => 1, 'sheets' => 1, 'fold-from' => $from],
            'leaves' => ['heap' => [['key' => 'map', 'paper' => [
                'name' => 'Map', 'sheet' => 'own', 'width' => '12 1/2 in', 'height' => '8 1/2 in', 'weight' => '100',
            ]]]],
        ])->blueprint->part('leaf-map')->size;
        $this->assertEquals(Size::inches(12.5, 8.5), $width('1'));
        $this->assertEquals(Size::inches(12.5, 8.5), $width('1 1/2'));
        $this->assertEquals(Size::inches(11, 8.5), $width('1 9/16'));
    }

    /** Sewn while it is single: before it is nested; the thread two and a half times the line. */
    public function test_a_line_is_sewn_on_a_leaf_before_it_is_bound(): void
    {
        $plan = $this->plan('sewn-journal', ['things' => [
            'leaf-2-front/sewn-line-1' => [
                'on' => 'leaf-2-front',
                'kind' => 'sewn-line',
                'parameters' => ['edge' => 'round', 'inset' => '1/2'],
            ],
        ]]);
        $stitches = $plan->blueprint->get(Stitches::class, 'leaf-2-front/sewn-line-1');
        $this->assertSame([4.5, 4.5, 7.5, 7.5], array_map(
            static fn (Segment $line): float => $line->length()->inMillimetres() / 25.4,
            [$stitches->lines[0], $stitches->lines[2], $stitches->lines[1], $stitches->lines[3]],
        ));
        $steps = array_column($plan->steps, null, 'key');
        $this->assertLessThan($steps['nest-signatures']->number, $steps['sewn-lines']->number);
        $this->assertStringContainsString('60 in of thread', implode(' ', $steps['sewn-lines']->places));
        $this->assertSame([], Table::rehearse($plan->blueprint, $plan->workings->jobs));
    }

    public function test_holes_where_the_maker_says(): void
    {
        $own = fn (string $holes, string $stitch, string $unit = 'in'): array => array_map(
            static fn (Length $place): float => round($place->inMillimetres(), 2),
            $this->plan('sewn-journal', [
                'unit' => $unit,
                'parameters' => ['stations' => 'own', 'own-holes' => $holes, 'stitch' => $stitch],
            ])->blueprint->all(Sewing::class)[0]->stations->places,
        );
        $this->assertCount(3, $own('', 'pamphlet'), 'as usual where nothing is said');
        $this->assertSame([19.05, 107.95, 200.03], $own('3/4; 4 1/4; 7 7/8', 'pamphlet'));
        $this->assertSame([20.0, 100.0, 120.0, 190.0], $own('12; 2 cm; 190 mm; 10', 'long', 'cm'), 'in any order, in any unit');
    }

    /** Eight rows want nine times 1⁄16 in: a spine of ⅝ in has that, one of ½ in has not. */
    public function test_rows_that_are_too_near(): void
    {
        $file = static fn (string $room): array => [
            'parameters' => ['signatures' => 8, 'sheets' => 1, 'leaf' => '0.1 mm', 'room' => $room],
        ];
        $near = $this->plan('sewn-journal', $file('1/4'));
        $found = $near->report->of('rows-too-near');
        $this->assertCount(1, $found);
        $this->assertStringContainsString('8 rows of holes want a spine of 9⁄16 in at least', $found[0]->text);
        $mended = DesignReader::ofTheHouse()->changed($near->design, $found[0]->mend->changes ?? []);
        $this->assertSame([], \Ephemeron\Workshop::ofTheHouse()->plan($mended)->report->of('rows-too-near'));
        $this->assertNotContains('rows-too-near', $this->kinds($this->plan('sewn-journal', $file('1/2'))));
    }

    public function test_what_cannot_be_sewn_is_said_beside_its_field(): void
    {
        foreach ([
            ['parameters' => ['page-height' => '3 in', 'stations' => '7'], 'parameters.stations'],
            ['parameters' => ['cover' => 'fold'], 'parameters.cover'],
            ['parameters' => ['stations' => 'own', 'own-holes' => '2'], 'parameters.own-holes'],
            ['parameters' => ['stations' => 'own', 'own-holes' => '1; 2; 4; 5'], 'parameters.own-holes'],
            ['parameters' => ['stations' => 'own', 'own-holes' => '1; 1 1/4; 4'], 'parameters.own-holes'],
            ['parameters' => ['stations' => 'own', 'own-holes' => '1; x; 4'], 'parameters.own-holes'],
            ['leaves' => ['heap' => [['key' => 'a b']]], 'leaves.heap.0.key'],
            ['leaves' => ['heap' => [['key' => 'a', 'hue' => 400]]], 'leaves.heap.0.hue'],
            ['leaves' => ['order' => 'a b'], 'leaves.order'],
        ] as $wrong) {
            try {
                $this->design('sewn-journal', array_filter($wrong, is_string(...), ARRAY_FILTER_USE_KEY));
                $this->fail($wrong[0].' is taken');
            } catch (InvalidDesign $error) {
                $this->assertSame([$wrong[0]], array_keys($error->errors));
            }
        }
    }

    /**
     * @param array<string, mixed> $parameters
     * @param array<string, mixed> $file
     */
    private function journal(array $parameters, array $file = []): WorkPlan
    {
        return $this->plan('sewn-journal', ['parameters' => $parameters, 'leaves' => ['heap' => self::HEAP], ...$file]);
    }
}
