<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Crease;
use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Fold;
use Ephemeron\Blueprint\GlueZone;
use Ephemeron\Blueprint\Part;
use Ephemeron\Fit\Check\GlueStaysOffScores;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Workings;
use Ephemeron\Format\DesignReader;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\StockRole;
use Ephemeron\WorkPlan;
use Ephemeron\Workshop;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The mistakes are those makers tell of; common practice, no published source. */
final class FindingsTest extends TestCase
{
    use Designs;

    #[TestWith(['nested-gusset-album', 'in'])]
    #[TestWith(['nested-gusset-album', 'cm'])]
    #[TestWith(['meander-book', 'in'])]
    #[TestWith(['meander-book', 'cm'])]
    #[TestWith(['four-flap-folio', 'in'])]
    #[TestWith(['four-flap-folio', 'cm'])]
    #[TestWith(['cascade-album', 'cm'])]
    #[TestWith(['tag-clutch', 'in'])]
    #[TestWith(['waterfall-wallet', 'in'])]
    #[TestWith(['board-folder', 'cm'])]
    #[TestWith(['z-page-album', 'in'])]
    #[TestWith(['pocket-flip-book', 'in'])]
    #[TestWith(['five-pocket-folio', 'cm'])]
    #[TestWith(['tab-spine-album', 'in'])]
    #[TestWith(['tab-spine-album', 'cm'])]
    public function test_the_usual_books_have_nothing_to_mend(string $structure, string $unit): void
    {
        $this->assertSame([], $this->kinds($this->plan($structure, ['unit' => $unit])));
    }

    /**
     * @return iterable<string, array{string, string, array<string, mixed>, string}> kind, structure, file, a number the sentence must name
     */
    public static function mistakes(): iterable
    {
        $album = 'nested-gusset-album';
        $meander = 'meander-book';
        yield 'piece larger than its sheet' => ['piece-too-large', $album, ['parameters' => ['leaf-width' => '7']], '15 × 8½ in'];
        yield 'piece that leaves a sliver' => [
            'piece-too-large',
            $meander,
            ['parameters' => ['sheet-side' => '11 15/16']],
            'too narrow to cut off',
        ];
        yield 'pattern runs out' => ['paper-runs-out', $album, ['materials' => ['mat-top' => ['count' => 6]]], '6 sheets'];
        yield 'gusset too small for the photos' => [
            'gusset-too-small',
            $album,
            [
                'parameters' => ['step' => '1/8', 'tape-width' => '1/8', 'sheets' => 6],
                'materials' => ['structure-card' => ['weight' => '300 g']],
            ],
            '¼ in wide',
        ];
        yield 'insert too tight once glue is in' => [
            'insert-too-tight',
            $meander,
            ['parameters' => ['insert-allowance' => '1/8']],
            '2⅞ in',
        ];
        yield 'card stands out of a shallow pocket' => [
            'insert-too-tight',
            $album,
            ['furniture' => [['on' => 'page-1', 'kind' => 'pocket', 'parameters' => ['depth' => '1', 'card' => '4x6']]]],
            '1 in deep',
        ];
        yield 'print upside down after folding' => [
            'print-upside-down',
            $meander,
            ['materials' => ['book-sheet' => ['direction' => 'both']]],
            '8 of 18',
        ];
        yield 'plain back of the paper shows' => [
            'core-shows',
            $meander,
            ['parameters' => ['cover-cards' => false], 'materials' => ['book-sheet' => ['sides' => 'single']]],
            '2 faces',
        ];
        yield 'score between grooves' => ['score-between-grooves', $meander, ['parameters' => ['sheet-side' => '11 1/4']], '2 13/16'];
        yield 'score beyond the board' => [
            'score-beyond-board',
            $album,
            ['parameters' => ['leaf-width' => '12'], 'scoring' => 'absolute'],
            '12',
        ];
        yield 'fold cracks in heavy card' => [
            'folds-may-crack',
            $album,
            ['materials' => ['structure-card' => ['weight' => '300 g']]],
            '300',
        ];
        yield 'selvage strip' => ['selvage-first', $meander, ['materials' => ['book-sheet' => ['selvage' => '1/2']]], '½ in'];
        yield 'ribbon without a mat over it' => ['ribbon-shows', $album, ['mats' => ['layers' => 0]], 'ribbon'];
        yield 'pocket over the edge of the page' => [
            'hangs-over',
            $album,
            ['furniture' => [['on' => 'page-1', 'kind' => 'pocket', 'parameters' => ['width' => '6']]]],
            '6 × 3⅞ in',
        ];
        yield 'pocket glued shut' => [
            'pocket-glued-shut',
            $album,
            ['furniture' => [['on' => 'page-1', 'kind' => 'pocket'],
                ['on' => 'page-1', 'kind' => 'photo-mat', 'parameters' => ['photo' => '3x4']]]],
            'Page 1',
        ];
        yield 'photo mats over each other' => [
            'things-overlap',
            $album,
            ['furniture' => [['on' => 'page-1', 'kind' => 'photo-mat'], ['on' => 'page-1', 'kind' => 'photo-mat']]],
            'Page 1',
        ];
        yield 'pocket opens into the fold' => [
            'pocket-on-wrong-side',
            $album,
            ['furniture' => [['on' => 'page-1', 'kind' => 'pocket', 'parameters' => ['style' => 'side-load', 'opens' => 'right']]]],
            'left',
        ];
        yield 'notch larger than the opening' => [
            'notch-too-large',
            $meander,
            ['parameters' => ['panels-per-side' => '8', 'notch' => '2']],
            '2 in',
        ];
        yield 'border eats the mat' => [
            'mat-too-small',
            $meander,
            ['parameters' => ['sheet-side' => '6', 'panels-per-side' => '6'], 'mats' => ['school' => 'wide', 'layers' => 1]],
            '½ in',
        ];
        yield 'light card sags' => [
            'card-sags',
            $album,
            ['parameters' => ['leaf-width' => '8 1/2'], 'materials' => ['structure-card' => ['weight' => '65 lb cover', 'sheet' => 'a3']]],
            '8½ in',
        ];
        yield 'tape over the score' => ['tape-over-the-score', $album, ['parameters' => ['tape-width' => '1/2']], '½ in'];
        yield 'things on a page that is gone' => [
            'no-such-page',
            $album,
            ['parameters' => ['sheets' => 1], 'furniture' => [['on' => 'page-9', 'kind' => 'pocket']]],
            'page-9',
        ];
        yield 'size between the marks of the fence' => ['between-marks', $album, ['parameters' => ['leaf-height' => '8 17/32']], '8 17/32'];
        $folio = 'four-flap-folio';
        $mitred = 'mitred-tab-album';
        yield 'one magnet on a wide flap' => [
            'one-magnet',
            $folio,
            ['furniture' => [['on' => 'front-cover/top-flap/inside', 'kind' => 'magnets', 'parameters' => ['edge' => 'bottom']]]],
            '8 in',
        ];
        yield 'magnets through too many layers' => [
            'magnets-weak',
            $folio,
            ['furniture' => [['on' => 'page-1', 'kind' => 'magnets', 'parameters' => ['pairs' => 2, 'layers' => 7]]]],
            '7 layers',
        ];
        yield 'magnet that no mat covers' => [
            'closure-in-sight',
            $mitred,
            ['mats' => ['layers' => 0], 'furniture' => [['on' => 'page-1', 'kind' => 'magnets', 'parameters' => ['pairs' => 2]]]],
            'page 1',
        ];
        yield 'band made too short for the filled book' => [
            'band-too-short',
            $mitred,
            ['furniture' => [['on' => 'front-cover', 'kind' => 'loose-band']]],
            '6¼ in',
        ];
        yield 'insert that sticks behind its band' => [
            'does-not-slide',
            $mitred,
            ['furniture' => [['on' => 'page-1', 'kind' => 'belly-band', 'parameters' => ['insert-size' => '8']]]],
            '8 in',
        ];
        yield 'flap that catches the facing page' => [
            'flap-catches',
            $mitred,
            ['furniture' => [['on' => 'page-1', 'kind' => 'flap', 'parameters' => ['edge' => 'left']]]],
            'left',
        ];
        yield 'flap larger than its page' => [
            'flap-stands-out',
            $mitred,
            ['furniture' => [['on' => 'page-1', 'kind' => 'flap', 'parameters' => ['reach' => '7']]]],
            '7 × 7¾ in',
        ];
        yield 'patterned leaves together' => [
            'patterns-together',
            'coil-album',
            ['parameters' => ['cards' => 1, 'vellum' => 0]],
            '6 patterned leaves want 5',
        ];
        yield 'coil too large for the tool' => ['coil-too-large-for-tool', 'coil-album', [], '1 in'];
        yield 'coil too small for the leaves' => ['gusset-too-small', 'coil-album', ['parameters' => ['coil' => '1/2']], '⅜ in wide'];
        yield 'spine too narrow' => [
            'gusset-too-small',
            'z-page-album',
            ['parameters' => ['spine' => '1 1/4'], 'mats' => ['layers' => 2], 'materials' => ['structure-card' => ['weight' => '320 g']]],
            '1¼ in wide',
        ];
        yield 'thing on an opened flap that is gone' => [
            'no-such-page',
            $mitred,
            ['furniture' => [['on' => 'page-1', 'kind' => 'flap', 'children' => [['on' => 'attic', 'kind' => 'pocket']]]]],
            'attic',
        ];
        yield 'sheet longer than the blade' => [
            'longer-than-the-blade',
            $meander,
            [
                'parameters' => ['sheet-side' => '15'],
                'materials' => ['book-sheet' => ['sheet' => 'own', 'width' => '16', 'height' => '16']],
            ],
            '16 in long',
        ];
    }

    /** @param array<string, mixed> $file */
    #[DataProvider('mistakes')]
    public function test_a_mistake_is_found_and_said_with_its_numbers(string $kind, string $structure, array $file, string $number): void
    {
        $found = $this->plan($structure, $file)->report->of($kind);
        $this->assertNotSame([], $found);
        $this->assertStringContainsString($number, implode(' ', array_map(static fn (Finding $finding): string => $finding->text, $found)));
    }

    /** @param array<string, mixed> $file */
    #[DataProvider('mistakes')]
    public function test_a_mend_mends(string $kind, string $structure, array $file): void
    {
        $plan = $this->plan($structure, $file);
        $before = $plan->report->of($kind);
        $mend = $before[0]->mend ?? null;
        if ($mend === null) {
            $this->expectNotToPerformAssertions();

            return;
        }
        $after = Workshop::ofTheHouse()->plan(DesignReader::ofTheHouse()->changed($plan->design, $mend->changes));
        $this->assertLessThan(count($before), count($after->report->of($kind)));
    }

    public function test_the_worst_comes_first(): void
    {
        $plan = $this->plan('nested-gusset-album', [
            'parameters' => ['leaf-width' => '7'],
            'mats' => ['layers' => 0],
            'materials' => ['structure-card' => ['weight' => '300 g', 'sides' => 'single']],
        ]);
        $ranks = array_map(static fn (Finding $finding): int => $finding->severity->rank(), $plan->report->findings);
        $sorted = $ranks;
        sort($sorted);
        $this->assertSame($sorted, $ranks);
        $this->assertTrue($plan->report->stops());
    }

    /** Worked by hand: 8 leaves of 220 g card at bulk 1.3 (0.286 mm) make a bare book of 2.288 mm. */
    public function test_thickness_adds_every_layer(): void
    {
        $bare = $this->plan('nested-gusset-album', ['mats' => ['layers' => 0], 'furniture' => []]);
        $this->assertEqualsWithDelta(8 * 0.286, $bare->thickness(false)->inMillimetres(), 0.02);
        // 32 mats of 160 g paper or card, 0.208 mm each
        $matted = $this->plan('nested-gusset-album', ['furniture' => []]);
        $this->assertEqualsWithDelta(8 * 0.286 + 32 * 0.208, $matted->thickness(false)->inMillimetres(), 0.1);
        $this->assertTrue($matted->thickness(true)->isMoreThan($matted->thickness(false)));
    }

    /** A print is 0.25 mm, a mounted one with its 200 g card 0.51 mm (common practice, no published source). */
    public function test_prints_are_counted_in_pockets_and_on_what_sits_on_them(): void
    {
        $pocket = ['on' => 'page-1', 'kind' => 'pocket', 'parameters' => ['depth' => '5']];
        $mat = ['kind' => 'photo-mat', 'parameters' => ['photo' => '2x3']];
        $prints = fn (array $thing): float => (static fn ($bulk): float => $bulk->filled('page-1')->minus($bulk->built('page-1'))
            ->inMillimetres())(
                $this->plan('nested-gusset-album', ['furniture' => $thing === [] ? [] : [$thing]])->workings->bulk,
            );
        $this->assertEqualsWithDelta(0.51, $prints([]), 0.01, 'one mounted print on the bare page');
        $this->assertEqualsWithDelta(0.51, $prints($pocket), 0.01, 'one mounted print in the pocket');
        $this->assertEqualsWithDelta(0.51 + 0.25, $prints($pocket + ['children' => [$mat]]), 0.01, 'and one on the mat on the pocket');
        $double = ['on' => 'page-1', 'kind' => 'pocket', 'parameters' => ['style' => 'double']];
        $this->assertEqualsWithDelta(2 * 0.51, $prints($double), 0.01, 'one in each pocket of a double one');
    }

    public function test_photos_are_counted_by_page_and_pocket(): void
    {
        $this->assertSame(
            ['4x6' => 14, '3x4' => 28, '4x4' => 14, '3x3' => 28, '2x3' => 46],
            $this->photos($this->plan('nested-gusset-album')),
        );
        // 14 pages with a top mat of 4⅝ × 8⅛: one 4¼ × 6¼, one 4¼ × 4¼, two 3¼ × 4¼ sideways, four 2¼ × 3¼ each.
        $this->assertSame(
            ['4x6' => 14, '3x4' => 28, '4x4' => 14, '3x3' => 28, '2x3' => 56],
            $this->photos($this->plan('nested-gusset-album', ['furniture' => []])),
        );
        $this->assertSame(['9x13cm' => 1, '10x15cm' => 0], $this->photos($this->plan('nested-gusset-album', [
            'unit' => 'cm',
            'parameters' => ['sheets' => 1, 'leaf-height' => '14', 'leaf-width' => '10'],
            'mats' => ['layers' => 0],
            'furniture' => [
                ['on' => 'page-1', 'kind' => 'photo-mat'],
                ['on' => 'page-2', 'kind' => 'pocket', 'parameters' => ['width' => '5']],
            ],
        ])));
    }

    /** @return array<string, int> */
    private function photos(WorkPlan $plan): array
    {
        $photos = [];
        foreach ($plan->photos as $count) {
            $photos[$count->photo->value] = $count->total();
        }

        return $photos;
    }

    /** Tape on the splice of a strip may not lie over a score either: the same rule, tried on a piece that breaks it. */
    public function test_glue_over_a_score_is_found(): void
    {
        $draft = new Draft;
        $size = Size::inches(6, 4);
        $over = Rectangle::whole($size)->strip(Edge::Left, Length::inches(3));
        foreach (['across' => [Axis::Width, true], 'beside' => [Axis::Width, false]] as $key => [$along, $crosses]) {
            $at = $crosses ? Length::inches(2) : Length::inches(3);
            $draft->part(
                new Part(
                    $key,
                    ucfirst($key),
                    'Test',
                    $size,
                    StockRole::StructureCard,
                    creases: [Crease::across($size, $along, $at, Fold::Valley)],
                    glueZones: [new GlueZone($over, Side::B, Adhesive::Tape)],
                ),
            );
        }
        $findings = iterator_to_array(
            (new GlueStaysOffScores)->examine(new Workings($this->design('meander-book'), $draft->finish(), [], [])),
            false,
        );
        $this->assertCount(1, $findings);
        $this->assertStringContainsString('over the score at 2 in', $findings[0]->text);
    }
}
