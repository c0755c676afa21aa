<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Blueprint\Pose;
use Ephemeron\Structure\Catalogue;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A second size and a metric one of each structure, worked out by hand beside the numbers. */
final class OtherSizesTest extends TestCase
{
    use Designs;
    use Pieces;

    /** @return iterable<string, array{string, array<string, mixed>, array<string, list<string>>}> */
    public static function inches(): iterable
    {
        // p = 5, h = 8, d = 1½, 3 pages: blank 10 × 9½, cut at 8; strips 1½ and 3 long; 4 anchors; insert 4¾ × 8, liner 4⅝ × 7⅞.
        yield 'thread hinge' => ['thread-hinge-album', [
            'page-width' => '5',
            'page-height' => '8',
            'pocket-depth' => '1 1/2',
            'pages' => 3,
            'pocket-side' => 'left',
            'inserts' => 'turns',
        ], [
            'Page' => ['3 × 10 × 9½ in: 5 | 8 8'],
            'Short side strip' => ['3 × ¾ × 1½ in: ⅜'],
            'Long side strip' => ['3 × ¾ × 3 in: ⅜'],
            'Page anchor' => ['4 × ¾ × 8½ in: ⅜'],
            'Insert' => ['2 × 4¾ × 8 in'],
            'Double insert' => ['1 × 9⅞ × 4⅞ in: 4⅞ 5'],
            'Insert liner' => ['4 × 4⅝ × 7⅞ in'],
        ]];
        // c = 3, s = ¾: strip 9 + 1½ = 10½ fits a sheet of 12, so no splice: scores 3, 3¾, 6¾, 7½. Two strips of f = 2½: 7½ × 2½, 5
        // panels, 9 faces: 2½ − ½ = 2, 1½.
        yield 'cascade in one piece' => ['cascade-album', ['panel' => '3', 'spine' => '3/4', 'strips' => 2, 'fold' => '2 1/2'], [
            'Cover strip' => ['1 × 10½ × 3 in: 3 3¾ 6¾ 7½'],
            'Concertina strip' => ['2 × 7½ × 2½ in: 2½ 5'],
            'Page mat' => ['4 × 2¾ × 2¾ in', '4 × ½ × 2¾ in', '9 × 2 × 2 in'],
        ]];
        // w = 6, h = 4, corner 3, back 4 − ⅛: 3 + 4 + 3⅞ = 10⅞; ½ + 6 = 6½. Fold-out page ½ + 6 + 4 = 10½. Covers 6 + ¼ + ½ = 6¾, 4¼ tall.
        yield 'corner pockets' => ['corner-pocket-album', [
            'page-width' => '6',
            'page-height' => '4',
            'corner' => '3',
            'flange' => '1/2',
            'fold-out' => '4',
            'pages' => 2,
            'extra-pages' => 2,
        ], [
            'Pocket page' => ['2 × 10⅞ × 6½ in: 3 7 | ½'],
            'Fold-out page' => ['2 × 10½ × 4 in: ½ 6½'],
            'Cover' => ['2 × 6¾ × 4¼ in: ½'],
        ]];
        // w = 7, h = 9: mats 6⅞ × 8⅞; liner 1⅞ × 8½ on a spine of 2; base 7 − ⅝ × 9 − ½; flaps ½ narrower, 8½ − 2½ = 6 long; flap of the
        // pocket 3 + ⅛, liner 6⅜ − ⅛ × 9 − 6 − 1.
        yield 'board folder' => ['board-folder', ['board-width' => '7', 'board-height' => '9', 'spine' => '2', 'pocket-front' => '6'], [
            'Cover mat' => ['2 × 6⅞ × 8⅞ in'],
            'Spine liner, inside' => ['1 × 1⅞ × 8½ in'],
            'Waterfall base' => ['1 × 6⅜ × 8½ in'],
            'Waterfall flap' => ['5 × 5⅞ × 6½ in: | 6'],
            'Pocket flap' => ['1 × 6⅜ × 3⅝ in: | 3⅛'],
            'Liner above the pocket' => ['1 × 6¼ × 2 in'],
        ]];
        // Page 5 × 6, flap 4½, Z 4 broad: half (6 + ¼ + ¼) ÷ 2 = 3¼, blank 7¾ × 4; pocket piece 10 × 6; boards 5½ × 6½; 2 units: 1 and 1½;
        // spine 1¼, wraps 1¼ + 1¼ = 2½.
        yield 'Z pages' => ['z-page-album', [
            'page-width' => '5',
            'page-height' => '6',
            'flap' => '4 1/2',
            'breadth' => '4',
            'units' => 2,
            'spine' => '1 1/4',
            'colours' => 'one',
        ], [
            'Half of a Z' => ['8 × 4 × 7¾ in: | 4½'],
            'Pocket piece' => ['4 × 10 × 6 in: 5'],
            'Cover board' => ['2 × 5½ × 6½ in'],
            'Spine wrap, outside' => ['1 × 2½ × 6½ in'],
            'Binding unit 2' => ['1 × 1½ × 6 in: ⅜ 1⅛'],
        ]];
        // S = 6: third 2, quarter 1½, fold 6 × 5/24 = 1¼, band ½.
        yield 'five pockets' => ['five-pocket-folio', ['sheet' => '6'], [
            'Base' => ['1 × 4 × 4 in: 2 | 2¾'],
            'Front piece' => ['1 × 2 × 4 in: | 2¾'],
            'Inner pocket' => ['1 × 2 × 1½ in'],
            'Angled pocket' => ['1 × 1½ × 4 in: | 2'],
            'Band' => ['1 × 6 × ½ in'],
        ]];
        // S = 10, turn-up 2½: leaf 5 × 7½; boards 5 + ½ + ¾ × 8; spine ⅝ + ½.
        yield 'coil' => ['coil-album', ['sheet' => '10', 'turn-up' => '2 1/2', 'leaves' => 3, 'coil' => '5/8', 'opens' => 'side'], [
            'Leaf' => ['3 × 10 × 10 in: 5 | 7½'],
            'Card leaf' => ['3 × 5 × 7½ in'],
            'Cover board' => ['2 × 6¼ × 8 in'],
            'Spine board' => ['1 × 1⅛ × 8 in'],
        ]];
        // p = 3, h = 6: strip 2 + 3⅛ + 3 + 1 = 9⅛; L 2 × (3 − ⅛) × 6, page 3 × 5¾, pockets 3 × 2⅞; mats 2¾ × 5¾, page 2½ × 5½.
        yield 'tag clutch' => ['tag-clutch', ['panel' => '3', 'height' => '6', 'flap' => '2', 'long-pocket' => '2'], [
            'Strip' => ['1 × 9⅛ × 6 in: 2 5⅛ 8⅛'],
            'L page' => ['1 × 5¾ × 6 in: 2⅞ | 3'],
            'Side-load pocket' => ['1 × 3 × 2⅞ in'],
            'Page mat' => ['2 × 2¾ × 5¾ in', '2 × 2½ × 5½ in'],
            'Pocket mat' => // One over the notch at the head, one over that at the side.
                ['1 × 1¾ × 5½ in', '1 × 2½ × 2¾ in', '1 × 2½ × 2¾ in'],
        ]];
        // c = 6, m = 1½: flanges 1, 1¼, 1, 1: 1 + ½ + 6 + ¼ + 1¼ = 9; fold-outs 6½ × 6; top flap 6 × 3; mats 5¾.
        yield 'four flaps' => ['four-flap-folio', ['centre' => '6', 'margin' => '1 1/2'], [
            'Base' => ['1 × 9 × 9 in: 1 1½ 7½ 7¾ | 1 1½ 7½ 8'],
            'Square with a tab' => ['2 × 6½ × 6 in: 6'],
            'Top flap' => ['1 × 6 × 3 in'],
            'Page mat' => ['1 × 5¾ × 5¾ in', '2 × 5¾ × 5¾ in', '5 × 5¾ × 5¾ in', '2 × 5¾ × 5¾ in'],
        ]];
        // w = 7, panel 5, pocket 2, flap 3: 2 + 5 + 5⅛ + 3 = 15⅛. Flaps: breadth 5⅛ − ⅜, free 7 − 1½ = 5½. Liner 6⅝ × 5 − 2 + ½. Flap
        // liner 6¾ × 2⅞.
        yield 'wallet' => ['waterfall-wallet', ['width' => '7', 'panel' => '5', 'pocket' => '2', 'flap' => '3'], [
            'Wallet' => ['1 × 7 × 15⅛ in: | 2 7 12⅛'],
            'Waterfall flap' => ['4 × 6 × 4¾ in: 5½'],
            'Liner above the pocket' => ['1 × 6⅝ × 3½ in'],
            'Flap liner' => ['1 × 6¾ × 2⅞ in'],
        ]];
        // 5 × 5 leaves, pockets 2½: mats 4 × 4 and 4 × 1½; covers 5 × 8 → 4½ × 7½. Two units: widest channel ¾, spine 1, wraps 1 + ¼ + 1.
        yield 'flip book' => ['pocket-flip-book', ['leaf' => '5', 'pocket' => '2 1/2', 'cover-height' => '8', 'units' => 2], [
            'Leaf pocket' => ['8 × 5 × 2½ in'],
            'Page mat' => ['8 × 4 × 4 in'],
            'Pocket mat' => ['8 × 4 × 1½ in'],
            'Cover mat' => ['2 × 4½ × 7½ in'],
            'Spine board' => ['1 × 1 × 5 in'],
            'Spine wrap, outside' => ['1 × 2¼ × 5 in'],
        ]];
        // 4 × 6 pages: blank 8 × 6; one unit ¾ + ¼ + ¾; spine ¼ + ¼; boards 4¼ × 6¼.
        yield 'mitred tabs' => ['mitred-tab-album', ['page-width' => '4', 'page-height' => '6', 'units' => 1], [
            'Page' => ['2 × 8 × 6 in: 4'],
            'Binding unit 1' => ['1 × 1¾ × 6 in: ¾ 1'],
            'Spine board' => ['1 × ½ × 6¼ in'],
        ]];
        // 4 × 6 folded: boards 4¼ × 6¼; 2 × 5 × 2 leaves of 1⁄64 = 20⁄64, and ⅛: 28⁄64, up to ½. Spine card ½ + ¼ + 1, over both gaps;
        // wraps ½ + ¼ + 1; papers from the spine edge: front 4¼ + ⅝, back 4¼ from joint to joint, 6¼ + 1¼ tall.
        yield 'journal' => ['fold-over-journal', [
            'page-width' => '4',
            'page-height' => '6',
            'signatures' => 2,
            'sheets' => 5,
            'leaf' => '1/64',
            'flap' => '2',
        ], [
            'Cover board' => ['2 × 4¼ × 6¼ in'],
            'Spine board' => ['1 × ½ × 6¼ in'],
            'Spine card' => ['1 × 1¾ × 6¼ in: ¼ ½ ¾ 1 1¼ 1½'],
            'Spine wrap, outside' => ['1 × 1¾ × 6¼ in'],
            'Cover paper' => ['1 × 4⅞ × 7½ in', '1 × 4¼ × 7½ in'],
            'Flap board' => ['1 × 2 × 6¼ in'],
        ]];
    }

    /**
     * @param array<string, mixed> $parameters
     * @param array<string, list<string>> $expected
     */
    #[DataProvider('inches')]
    public function test_another_size(string $structure, array $parameters, array $expected): void
    {
        $this->assertPieces($expected, $this->plan($structure, ['parameters' => $parameters]));
    }

    /** @return iterable<string, array{string, array<string, list<string>>}> */
    public static function centimetres(): iterable
    {
        // 15 × 25, pocket 5: blank 30 × 30; strips 2 broad; boards + 1.2; insert 15 − 0.7; double 2 × 14.65 + 0.35.
        yield 'thread hinge' => [
            'thread-hinge-album',
            [
                'Page' => ['5 × 30.0 × 30.0 cm: 15.0 | 25.0 25.0'],
                'Cover board' => ['2 × 16.2 × 26.2 cm'],
                'Insert' => ['5 × 14.3 × 25.0 cm'],
            ],
        ];
        // 11 and 2.5: 3 × 11 + 5 = 38, spliced by 0.6: (38 + 0.6) ÷ 2 = 19.3, (11 + 0.6) ÷ 2 = 5.8 of the middle.
        yield 'cascade' => [
            'cascade-album',
            [
                'Cover strip, left half' => ['1 × 19.3 × 11.0 cm: 11.0 13.5'],
                'Cover strip, right half' => ['1 × 19.3 × 11.0 cm: 5.8 8.3'],
                'Concertina strip' => ['3 × 30.0 × 10.0 cm: 10.0 20.0'],
            ],
        ];
        // 8.4 + 11 + 10.7 = 30.1; 2 + 17 = 19; the rest 30.5 − 19 = 11.5 gives 2 + 17 + 11 = 30 × 11.
        yield 'corner pockets' => [
            'corner-pocket-album',
            ['Pocket page' => ['4 × 30.1 × 19.0 cm: 8.4 19.4 | 2.0'], 'Fold-out page' => ['4 × 30.0 × 11.0 cm: 2.0 19.0']],
        ];
        // 14 × 20, spine 3.8: mats 13.7 × 19.7; liner 3.5 × 18.8; base 12.4 × 18.8.
        yield 'board folder' => [
            'board-folder',
            [
                'Cover mat' => ['2 × 13.7 × 19.7 cm'],
                'Spine liner, inside' => ['1 × 3.5 × 18.8 cm'],
                'Waterfall base' => ['1 × 12.4 × 18.8 cm'],
            ],
        ];
        // half (16.5 + 0.6 + 0.7) ÷ 2 = 8.9, blank 12.5 + 8.9; wraps 4.5 + 3.2; boards 15.2 × 17.7.
        yield 'Z pages' => [
            'z-page-album',
            [
                'Half of a Z' => ['6 × 11.5 × 21.4 cm: | 12.5', '6 × 11.5 × 21.4 cm: | 12.5'],
                'Spine wrap, outside' => ['1 × 7.7 × 17.7 cm'],
                'Cover board' => ['2 × 15.2 × 17.7 cm'],
            ],
        ];
        // 28.8: third 9.6, fold 6, quarter 7.2, band 2.4.
        yield 'five pockets' => [
            'five-pocket-folio',
            ['Base' => ['1 × 19.2 × 19.2 cm: 9.6 | 13.2'], 'Inner pocket' => ['1 × 9.6 × 7.2 cm'], 'Band' => ['1 × 28.8 × 2.4 cm']],
        ];
        // 20 cm pad, turn-up 5: leaf 10 × 15; boards 10 + 1.2 + 1.9 × 16.2; spine 2.5 + 1.
        yield 'coil' => [
            'coil-album',
            [
                'Leaf' => ['6 × 20.0 × 20.0 cm: 10.0 | 15.0'],
                'Cover board' => ['2 × 13.1 × 16.2 cm'],
                'Spine board' => ['1 × 3.5 × 16.2 cm'],
            ],
        ];
        // 7 + 10.3 + 10 + 2.5 = 29.8; L 2 × (10 − 0.3) = 19.4, 20 tall.
        yield 'tag clutch' => [
            'tag-clutch',
            [
                'Strip' => ['1 × 29.8 × 20.0 cm: 7.0 17.3 27.3'],
                'L page' => ['1 × 19.4 × 20.0 cm: 9.7 | 10.0'],
                'Page mat' => ['2 × 9.4 × 19.4 cm', '2 × 8.8 × 18.8 cm'],
            ],
        ];
        // 5 + 20 + 5 = 30: flanges 3.8, gusset 1.2 left; 0.6 and 4.4 right.
        yield 'four flaps' => [
            'four-flap-folio',
            [
                'Base' => ['1 × 30.0 × 30.0 cm: 3.8 5.0 25.0 25.6 | 3.8 5.0 25.0 26.2'],
                'Square with a tab' => ['2 × 21.2 × 20.0 cm: 20.0'],
                'Page mat' => ['1 × 19.4 × 19.4 cm', '2 × 19.4 × 19.4 cm', '5 × 19.4 × 19.4 cm', '2 × 19.4 × 19.4 cm'],
            ],
        ];
        // 4 + 10 + 10.3 + 5.8 = 30.1; flaps 16.5 − 3 = 13.5 and a tab of 1, 10.3 − 1 broad.
        yield 'wallet' => [
            'waterfall-wallet',
            ['Wallet' => ['1 × 16.5 × 30.1 cm: | 4.0 14.0 24.3'], 'Waterfall flap' => ['4 × 14.5 × 9.3 cm: 13.5']],
        ];
        // 15 cm leaves, pockets 7.5: mats 12.6 and 12.6 × 5.1; covers 15 × 22.5 → 13.8 × 21.3.
        yield 'flip book' => [
            'pocket-flip-book',
            ['Page mat' => ['12 × 12.6 × 12.6 cm'], 'Pocket mat' => ['12 × 12.6 × 5.1 cm'], 'Cover mat' => ['2 × 13.8 × 21.3 cm']],
        ];
        yield 'mitred tabs' => ['mitred-tab-album', ['Page' => ['6 × 30.0 × 20.0 cm: 15.0'], 'Cover board' => ['2 × 15.6 × 20.6 cm']]];
        // ISO 216: A4 is 210 × 297 mm, folded 148.5 × 210; and ¼ in, here 6 mm.
        yield 'journal' => ['fold-over-journal', ['End paper' => ['2 × ≈14.9 × 21.0 cm'], 'Flap board' => ['1 × 6.5 × 21.6 cm']]];
    }

    /** @param array<string, list<string>> $expected */
    #[DataProvider('centimetres')]
    public function test_in_centimetres(string $structure, array $expected): void
    {
        $this->assertPieces($expected, $this->plan($structure, ['unit' => 'cm']));
    }

    public function test_no_usual_size_is_stopped_by_anything(): void
    {
        foreach (Catalogue::ofTheHouse()->keys() as $structure) {
            foreach (['in', 'cm'] as $unit) {
                $plan = $this->plan($structure, ['unit' => $unit]);
                $this->assertFalse($plan->report->stops(), "{$structure} in {$unit}: ".($plan->report->findings[0]->text ?? ''));
                $this->assertNotSame([], $plan->blueprint->all(Pose::class), $structure);
            }
        }
    }
}
