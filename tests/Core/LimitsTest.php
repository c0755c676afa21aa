<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Binding\BoardCase;
use Ephemeron\Blueprint\Act\Handling;
use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Band;
use Ephemeron\Blueprint\Bare;
use Ephemeron\Blueprint\Crease;
use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Filling;
use Ephemeron\Blueprint\Fold;
use Ephemeron\Blueprint\GlueZone;
use Ephemeron\Blueprint\Gusset;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Lump;
use Ephemeron\Blueprint\Magnet;
use Ephemeron\Blueprint\Notch;
use Ephemeron\Blueprint\Panel;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Posted;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Blueprint\Slide;
use Ephemeron\Blueprint\Task;
use Ephemeron\Blueprint\Tie;
use Ephemeron\Cutting\SheetState;
use Ephemeron\Fit\Check;
use Ephemeron\Fit\Check\BandGoesRound;
use Ephemeron\Fit\Check\BookCloses;
use Ephemeron\Fit\Check\CardMaySag;
use Ephemeron\Fit\Check\ComesTogether;
use Ephemeron\Fit\Check\EnvelopeHolds;
use Ephemeron\Fit\Check\FoldsMayCrack;
use Ephemeron\Fit\Check\GlueStaysOffScores;
use Ephemeron\Fit\Check\GussetHoldsLoad;
use Ephemeron\Fit\Check\InsertSlides;
use Ephemeron\Fit\Check\LeavesStayOpen;
use Ephemeron\Fit\Check\MagnetsHold;
use Ephemeron\Fit\Check\NotchFitsOpening;
use Ephemeron\Fit\Check\PiecesComeOffCleanly;
use Ephemeron\Fit\Check\PocketOpensOutward;
use Ephemeron\Fit\Check\SlidesThrough;
use Ephemeron\Fit\Check\ThingsFitTheFace;
use Ephemeron\Fit\Check\TiesGoRound;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\FitReport;
use Ephemeron\Fit\Workings;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\ToolGrid;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\Grammage;
use Ephemeron\Paper\SheetFormat;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\Stock;
use Ephemeron\Paper\StockRole;
use Ephemeron\Scoring\ScoringAdvice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Every check at its limit: silent there, and one tick (3.125 µm) or one mark beyond it speaks. The limits are those of the handbook;
 * common practice, no published source, where none is named.
 */
final class LimitsTest extends TestCase
{
    use Designs;

    /**
     * @return iterable<string, array{Check, string, \Closure(Draft, bool): void}> the check, what it calls it, and a draft at
     *     its limit or one tick beyond it
     */
    public static function limits(): iterable
    {
        $tick = static fn (bool $beyond): Length => Length::ofTicks($beyond ? 1 : 0);
        // §5.3: an album in an envelope leaves ¼ in in both directions.
        yield 'envelope' => [
            new EnvelopeHolds,
            'envelope-too-small',
            static fn (Draft $draft, bool $beyond) => $draft->add(
                new Posted(new Size(Length::inches(5)->plus($tick($beyond)), Length::inches(7)), 'C', Size::inches(5.25, 7.25), null),
            ),
        ];
        yield 'envelope, the other side' => [
            new EnvelopeHolds,
            'envelope-too-small',
            static fn (Draft $draft, bool $beyond) => $draft->add(
                new Posted(new Size(Length::inches(5), Length::inches(7)->plus($tick($beyond))), 'C', Size::inches(5.25, 7.25), null),
            ),
        ];
        // §5.3: ¼ in less than the band’s free height.
        yield 'slide' => [
            new SlidesThrough,
            'does-not-slide',
            static fn (Draft $draft, bool $beyond) => $draft->add(
                new Slide(
                    'An insert',
                    'the band',
                    Length::inches(7, 3, 4)->plus($tick($beyond)),
                    Length::inches(8),
                    Length::inches(0, 1, 4),
                    'page-1',
                ),
            ),
        ];
        // §10: two when the flap is wider than about 6 in; three layers a pair.
        yield 'one magnet' => [
            new MagnetsHold,
            'one-magnet',
            static fn (Draft $draft, bool $beyond) => $draft->add(
                new Magnet(
                    'The flap',
                    'page-1',
                    1,
                    Length::inches(6)->plus($tick($beyond)),
                    Length::millimetres(1),
                    Length::millimetres(1),
                    'parameters.pairs',
                ),
            ),
        ];
        yield 'layers between magnets' => [
            new MagnetsHold,
            'magnets-weak',
            static fn (Draft $draft, bool $beyond) => $draft->add(
                new Magnet(
                    'The flap',
                    'page-1',
                    1,
                    Length::inches(4),
                    Length::millimetres($beyond ? 4 : 3),
                    Length::millimetres(1),
                    'parameters.pairs',
                ),
            ),
        ];
        yield 'layers between two pairs' => [
            new MagnetsHold,
            'magnets-weak',
            static fn (Draft $draft, bool $beyond) => $draft->add(
                new Magnet(
                    'The flap',
                    'page-1',
                    2,
                    Length::inches(4),
                    Length::millimetres($beyond ? 7 : 6),
                    Length::millimetres(1),
                    'parameters.pairs',
                ),
            ),
        ];
        // §5.5: a gusset is at least as wide as what lies between its panels.
        yield 'gusset' => [
            new GussetHoldsLoad,
            'gusset-too-small',
            static fn (Draft $draft, bool $beyond) => $draft->add(
                new Gusset('the spine', Length::millimetres(10), Length::millimetres(10)->plus($tick($beyond)), [], 'sheet-side', 1),
            ),
        ];
        // §5.3: a pocket 5 wide glued at both sides is 4¾ between the glue; a card of 4½ has its ¼ of play, 4⅝ slides snugly, more does
        // not.
        yield 'insert that slides freely' => [
            new InsertSlides,
            'insert-snug',
            static fn (Draft $draft, bool $beyond) => self::filled(
                $draft,
                new Size(Length::inches(4, 1, 2)->plus($tick($beyond)), Length::inches(5)),
            ),
        ];
        yield 'insert that slides snugly' => [
            new InsertSlides,
            'insert-too-tight',
            static fn (Draft $draft, bool $beyond) => self::filled(
                $draft,
                new Size(Length::inches(4, 5, 8)->plus($tick($beyond)), Length::inches(5)),
            ),
        ];
        yield 'insert that stands out of the page' => [
            new InsertSlides,
            'insert-too-tight',
            static fn (Draft $draft, bool $beyond) => self::filled(
                $draft,
                new Size(Length::inches(4), Length::inches(6)->plus($tick($beyond))),
            ),
        ];
        // Half of a card must be held: a pocket 2½ deep holds one of 5.
        yield 'insert held over half its length' => [
            new InsertSlides,
            'insert-too-tight',
            static fn (Draft $draft, bool $beyond) => self::filled(
                $draft,
                new Size(Length::inches(4), Length::inches(5)->plus($tick($beyond))),
                Length::inches(2, 1, 2),
            ),
        ];
        yield 'notch and mouth' => [
            new NotchFitsOpening,
            'notch-too-large',
            static fn (Draft $draft, bool $beyond) => self::notched(
                $draft,
                new Size(Length::inches(1)->plus($tick(! $beyond)), Length::inches(4)),
            ),
        ];
        // Three fifths of the mouth, of which no source is published: 1 in on 1⅔.
        yield 'a notch that leaves little' => [
            new NotchFitsOpening,
            'notch-large',
            static fn (Draft $draft, bool $beyond) => self::notched(
                $draft,
                new Size(Length::inches(5)->portion(1, 3)->plus(Length::ofTicks($beyond ? -2 : 2)), Length::inches(4)),
            ),
        ];
        yield 'notch and depth' => [
            new NotchFitsOpening,
            'notch-too-large',
            static fn (Draft $draft, bool $beyond) => self::notched(
                $draft,
                new Size(Length::inches(4), Length::inches(1)->plus($tick(! $beyond))),
            ),
        ];
        // §3: nothing thinner than about ⅛ in comes off cleanly.
        yield 'strip' => [
            new PiecesComeOffCleanly,
            'too-narrow-to-cut',
            static fn (Draft $draft, bool $beyond) => $draft->part(
                new Part(
                    'strip',
                    'Strip',
                    'Test',
                    new Size(Length::inches(0, 1, 8)->minus($tick($beyond)), Length::inches(4)),
                    StockRole::StructureCard,
                ),
            ),
        ];
        yield 'marks of the fence' => [
            new PiecesComeOffCleanly,
            'between-marks',
            static fn (Draft $draft, bool $beyond) => $draft->part(
                new Part(
                    'strip',
                    'Strip',
                    'Test',
                    new Size(Length::inches(3, 1, 16)->plus($tick($beyond)), Length::inches(4)),
                    StockRole::StructureCard,
                ),
            ),
        ];
        // §5.4: glue goes up to, never over, a score.
        yield 'glue and score' => [new GlueStaysOffScores, 'glue-over-score',
            static function (Draft $draft, bool $beyond) use ($tick): void {
                $size = Size::inches(6, 4);
                $zone = Rectangle::whole($size)->strip(Edge::Left, Length::inches(2)->plus($tick($beyond)));
                $draft->part(
                    new Part(
                        'glued',
                        'Glued',
                        'Test',
                        $size,
                        StockRole::StructureCard,
                        creases: [Crease::across($size, Axis::Width, Length::inches(2), Fold::Valley)],
                        glueZones: [new GlueZone($zone, Side::B, Adhesive::WetGlue)],
                    ),
                );
            }];
        yield 'edge of the page' => [
            new ThingsFitTheFace,
            'hangs-over',
            static fn (Draft $draft, bool $beyond) => self::glued(
                $draft,
                [Rectangle::at($tick($beyond), Length::zero(), Size::inches(5, 4))],
            ),
        ];
        yield 'things beside each other' => [
            new ThingsFitTheFace,
            'pocket-glued-shut',
            static fn (Draft $draft, bool $beyond) => self::glued(
                $draft,
                [
                    Rectangle::at(Length::zero(), Length::zero(), new Size(Length::inches(2)->plus($tick($beyond)), Length::inches(4))),
                    Rectangle::at(Length::inches(2), Length::zero(), Size::inches(2, 4)),
                ],
            ),
        ];
        yield 'mouth of a pocket' => [
            new PocketOpensOutward,
            'pocket-on-wrong-side',
            static fn (Draft $draft, bool $beyond) => $draft->add(
                new Pouch(
                    'p',
                    'The pocket',
                    'page-1',
                    Size::inches(4, 4),
                    [Edge::Top, Edge::Bottom],
                    $beyond ? Edge::Left : Edge::Right,
                    Length::inches(4),
                ),
            ),
        ];
        yield 'a pocket glued where it opens' => [
            new LeavesStayOpen,
            'pocket-sealed',
            static fn (Draft $draft, bool $beyond) => $draft->add(
                new Pouch(
                    'p',
                    'The pocket',
                    'page-1',
                    Size::inches(4, 4),
                    [Edge::Left, Edge::Bottom, $beyond ? Edge::Top : Edge::Right],
                    Edge::Top,
                    Length::inches(4),
                ),
            ),
        ];
    }

    /** @param \Closure(Draft, bool): void $draw */
    #[DataProvider('limits')]
    public function test_at_the_limit_it_is_silent_and_one_tick_beyond_it_speaks(Check $check, string $kind, \Closure $draw): void
    {
        $this->assertNotContains($kind, $this->found($check, static fn (Draft $draft) => $draw($draft, false)), 'at the limit');
        $this->assertContains($kind, $this->found($check, static fn (Draft $draft) => $draw($draft, true)), 'beyond it');
    }

    /** Twice the breadth and the thickness of the filled book; elastic gives half as much again. */
    public function test_a_ribbon_goes_round(): void
    {
        $tie = static fn (Length $length, int $stretch): \Closure => static fn (Draft $draft) => $draft->add(
            new Tie('ribbon', $length, Length::inches(5), $stretch, 'front-cover', 'parameters.ribbon-length'),
        );
        $thick = $this->workings($tie(Length::inches(5), 100))->profile->thickest(true);
        $round = Length::inches(5)->plus($thick)->times(2);
        $this->assertSame([], $this->found(new TiesGoRound, $tie($round, 100)));
        $this->assertSame(['tie-too-short'], $this->found(new TiesGoRound, $tie($round->minus(Length::ofTicks(1)), 100)));
        $this->assertSame([], $this->found(new TiesGoRound, $tie($round->portion(2, 3)->plus(Length::ofTicks(1)), 150)));
    }

    /** A piece that nobody uses, and one that is joined by no step. */
    public function test_what_does_not_come_together_is_found(): void
    {
        $piece = static fn (string $key): Part => new Part($key, ucfirst($key), 'Test', Size::inches(4, 4), StockRole::StructureCard);
        $draw = static fn (bool $isUsed): \Closure => static function (Draft $draft) use ($piece, $isUsed): void {
            $draft->part($piece('spare'));
            $draft->task(new Task('use', Phase::Fill, 'Use it', 'Use it.', 'Test', acts: $isUsed ? [Handling::setAside('spare')] : []));
        };
        $kinds = fn (bool $isUsed): array => array_filter(
            $this->found(new ComesTogether, $draw($isUsed)),
            static fn (string $kind): bool => $kind === 'does-not-come-together',
        );
        $this->assertCount(count($kinds(true)) + 1, $kinds(false));
    }

    /** 8 mm more in the middle than at the spine is felt as a wedge. */
    public function test_a_book_that_gapes(): void
    {
        $lump = static fn (int $ticks): \Closure => static fn (Draft $draft)
            => $draft->add(new Lump('A bow', 'page-1', Length::ofTicks($ticks)));
        $gape = fn (int $ticks): int => $this->workings($lump($ticks))->profile->gape(true)->ticks;
        $eight = Length::millimetres(8)->ticks;
        $base = $gape($eight) - $eight;
        $this->assertSame($eight, $gape($eight - $base), 'every tick of a lump is one of the gape');
        $this->assertSame([], $this->found(new BookCloses, $lump($eight - $base - 1)));
        $this->assertSame(['book-gapes'], $this->found(new BookCloses, $lump($eight - $base)));
    }

    public function test_as_thick_as_the_post_allows(): void
    {
        $thick = $this->workings(static fn (Draft $draft) => $draft->add(new Bare(Length::millimetres(9))))->profile->thickest(true);
        $posted = static fn (Length $limit): \Closure => static function (Draft $draft) use ($limit): void {
            $draft->add(new Bare(Length::millimetres(9)));
            $draft->add(new Posted(Size::inches(5, 7), 'C', Size::inches(6, 8), $limit));
        };
        $this->assertSame([], $this->found(new EnvelopeHolds, $posted($thick)));
        $this->assertSame(['too-thick-for-the-post'], $this->found(new EnvelopeHolds, $posted($thick->minus(Length::ofTicks(1)))));
    }

    /** §16: once round the filled book and the overlap, to the mark of the ruler above. */
    public function test_a_band_that_just_goes_round(): void
    {
        $thick = $this->workings(static fn (Draft $draft) => $draft->add(new Bare(Length::inches(0, 1, 2))))->profile->thickest(true);
        $needed = ToolGrid::Sixteenth->up(Length::inches(6)->plus($thick)->times(2)->plus(Length::inches(0, 1, 2)));
        $band = static fn (Length $long): \Closure => static function (Draft $draft) use ($long): void {
            $draft->add(new Bare(Length::inches(0, 1, 2)));
            $draft->add(new Band('card', $long, Length::inches(6), Length::inches(0, 1, 2), 'page-1'));
        };
        $this->assertSame([], $this->found(new BandGoesRound, $band($needed)));
        $this->assertSame(['band-too-short'], $this->found(new BandGoesRound, $band($needed->minus(Length::ofTicks(1)))));
    }

    /** The loose band of the house wants ½ in and more to overlap, the board case laps ½ in over its boards (§8, §16). */
    public function test_overlaps(): void
    {
        $band = $this->plan(
            'mitred-tab-album',
            ['furniture' => [['on' => 'front-cover', 'kind' => 'loose-band']]],
        )->blueprint->all(Band::class)[0];
        $this->assertTrue($band->overlap->equals(Length::inches(0, 1, 2)));
        $case = new BoardCase(Size::inches(6, 9), Length::inches(1), Length::inches(0, 1, 8), Size::inches(2.25, 9), null, '', '');
        $this->assertTrue($case->overlap(Length::inches(2, 1, 4))->equals(Length::inches(0, 1, 2)));
    }

    public function test_a_pin_that_no_straight_cut_frees_is_found(): void
    {
        $pin = static fn (string $left, string $top): array => ['part' => 'page-1/mat-1', 'sheet' => 1, 'left' => $left, 'top' => $top];
        // Sheets of 12, mats of 4⅞ × 8⅜: at 7⅛ it ends at the edge, a mark further it lies beyond.
        $this->assertNotContains('pin-cannot-be-cut', $this->kinds($this->plan('nested-gusset-album', ['pins' => [$pin('7 1/8', '0')]])));
        $this->assertContains('pin-cannot-be-cut', $this->kinds($this->plan('nested-gusset-album', ['pins' => [$pin('7 3/16', '0')]])));
    }

    /** Scores that cross are no flat fold; beside each other they are. */
    public function test_a_sheet_that_does_not_fold_is_found(): void
    {
        $base = ['columns' => '4 + 4', 'rows' => '4 + 4', 'lines' => '', 'cut-away' => '', 'pieces' => ''];
        $this->assertContains('does-not-fold', $this->kinds($this->plan('free-base', ['parameters' => $base])));
        $this->assertNotContains('does-not-fold', $this->kinds($this->plan('free-base', ['parameters' => ['rows' => '8'] + $base])));
    }

    /** Of two fences the one that stands already is cut first, whatever is larger. */
    public function test_the_fence_stays_as_long_as_it_can(): void
    {
        foreach (['nested-gusset-album', 'pocket-flip-book', 'tag-clutch'] as $structure) {
            foreach ($this->plan($structure)->stocks as $stock) {
                foreach ($stock->cuts->patterns as $sheet) {
                    $steps = $sheet->steps();
                    foreach ($steps as $index => $step) {
                        $next = $steps[$index + 1] ?? null;
                        // If a later cut at this fence could have been next, it is.
                        foreach ($next === null || $next->sameFence ? [] : array_slice($steps, $index + 1) as $later) {
                            $couldBe = $later->along === $step->along && $later->fence->equals($step->fence)
                                && SheetState::after($sheet, $index + 1)->has($later->cut);
                            $this->assertFalse($couldBe, "{$structure}: cut {$later->number} could follow {$step->number}");
                        }
                    }
                }
            }
        }
    }

    /** §11: decorate first or bind first moves the binding, and nothing else. */
    public function test_bind_first_binds_before_the_mats_and_decorate_first_after(): void
    {
        foreach (['mitred-tab-album', 'nested-gusset-album'] as $structure) {
            $binding = array_keys(array_filter($this->plan($structure)->blueprint->tasks, static fn ($task): bool => $task->binds));
            $this->assertNotSame([], $binding);
            foreach (['decorate-first' => true, 'bind-first' => false] as $school => $matsFirst) {
                $keys = array_map(
                    static fn ($step): string => $step->key,
                    $this->plan($structure, ['schools' => ['decorating' => $school]])->steps,
                );
                $mats = array_search('mat-pages', $keys, true);
                $bound = max(array_map(static fn ($key) => array_search($key, $keys, true), $binding));
                $this->assertSame($matsFirst, $mats < $bound, "{$structure}, {$school}");
            }
        }
    }

    /** Heavy card cracks: above 240 g/m². */
    public function test_heavy_card_cracks(): void
    {
        foreach (['240 g' => [], '240.1 g' => ['folds-may-crack']] as $weight => $kinds) {
            $plan = $this->plan('nested-gusset-album', ['materials' => ['structure-card' => ['weight' => $weight]]]);
            $this->assertSame(
                $kinds,
                array_values(
                    array_unique(
                        array_map(
                            static fn (Finding $finding): string => $finding->kind,
                            iterator_to_array((new FoldsMayCrack)->examine($plan->workings), false),
                        ),
                    ),
                ),
                $weight,
            );
        }
    }

    /** Light card sags on pages 8 in and wider: under 200 g/m². */
    public function test_light_card_sags_on_wide_pages(): void
    {
        foreach ([['8', '199.9 g', true], ['8', '200 g', false], ['7 15/16', '199.9 g', false]] as [$width, $weight, $sags]) {
            $plan = $this->plan(
                'nested-gusset-album',
                ['parameters' => ['leaf-width' => $width], 'materials' => ['structure-card' => ['weight' => $weight, 'sheet' => 'a3']]],
            );
            $this->assertCount($sags ? 1 : 0, iterator_to_array((new CardMaySag)->examine($plan->workings), false), "{$width}, {$weight}");
        }
    }

    /** Under 130 g/m² it makes no difference which side is scored; above 240 both are. */
    public function test_the_weights_of_the_scoring_advice(): void
    {
        $size = Size::inches(4, 4);
        $part = new Part(
            'p',
            'P',
            'Test',
            $size,
            StockRole::StructureCard,
            creases: [Crease::across($size, Axis::Width, Length::inches(2), Fold::Mountain)],
        );
        $advice = static fn (float $grams): string => implode(
            ' ',
            (new ScoringAdvice(
                $part,
                Stock::card('Card', SheetFormat::TwelveSquare, 200)->with(grammage: Grammage::grams($grams)),
            ))->sentences(),
        );
        $this->assertStringContainsString('whichever side', $advice(129.9));
        $this->assertStringNotContainsString('whichever side', $advice(130));
        $this->assertStringNotContainsString('is heavy', $advice(240));
        $this->assertStringContainsString('is heavy', $advice(240.1));
    }

    public function test_paper_suffices_to_the_last_sheet(): void
    {
        $needed = array_values(
            array_filter($this->plan('nested-gusset-album')->stocks, static fn ($stock): bool => $stock->roles === ['mat-base']),
        )[0]->cuts->sheets();
        $kinds = fn (int $count): array => $this->kinds(
            $this->plan('nested-gusset-album', ['materials' => ['mat-base' => ['count' => $count]]]),
        );
        $this->assertNotContains('paper-runs-out', $kinds($needed));
        $this->assertContains('paper-runs-out', $kinds($needed - 1));
    }

    /**
     * A meander book of 12 in takes a 12 in sheet whole, of 12⅛ it does not; of 11⅞ it leaves a strip that comes off, of 11 15⁄16 one
     * that does not.
     */
    public function test_pieces_fit_their_sheet_to_the_last_mark(): void
    {
        foreach (['12' => false, '12 1/16' => true, '11 7/8' => false, '11 15/16' => true] as $side => $tooLarge) {
            $this->assertSame(
                $tooLarge,
                in_array(
                    'piece-too-large',
                    $this->kinds($this->plan('meander-book', ['parameters' => ['sheet-side' => (string) $side]])),
                    true,
                ),
                (string) $side,
            );
        }
    }

    /** A flap as large as its face stays in it; a mark more stands out. */
    public function test_a_flap_stays_inside_its_face(): void
    {
        foreach (['6' => false, '6 1/16' => true] as $reach => $standsOut) {
            $kinds = $this->kinds(
                $this->plan(
                    'mitred-tab-album',
                    ['furniture' => [['on' => 'page-1', 'kind' => 'flap',
                        'parameters' => ['edge' => 'right', 'reach' => (string) $reach, 'inset' => '0']]]],
                ),
            );
            $this->assertSame($standsOut, in_array('flap-stands-out', $kinds, true), (string) $reach);
        }
    }

    /** Tape as wide as the gusset fits; a mark wider would lie over its scores. */
    public function test_tape_as_wide_as_the_gusset(): void
    {
        foreach (['1/4' => false, '5/16' => true] as $tape => $over) {
            $this->assertSame(
                $over,
                in_array(
                    'tape-over-the-score',
                    $this->kinds($this->plan('nested-gusset-album', ['parameters' => ['tape-width' => (string) $tape]])),
                    true,
                ),
                (string) $tape,
            );
        }
    }

    /** A score at the end of the board can be made, one beyond it not. */
    public function test_scores_up_to_the_end_of_the_board(): void
    {
        foreach (['5' => false, '4 7/8' => true] as $board => $beyond) {
            $kinds = $this->kinds(
                $this->plan('nested-gusset-album', ['scoring' => 'turn', 'board' => (string) $board, 'parameters' => ['sheets' => 1]]),
            );
            $this->assertSame($beyond, in_array('score-beyond-board', $kinds, true), (string) $board);
        }
    }

    /** A mat of ¼ in is one, less is none. */
    public function test_borders_leave_a_mat_of_a_quarter_of_an_inch(): void
    {
        $kinds = fn (string $leaf): array => $this->kinds(
            $this->plan(
                'nested-gusset-album',
                ['mats' => ['school' => 'wide', 'layers' => 1], 'furniture' => [], 'parameters' => ['leaf-width' => $leaf]],
            ),
        );
        // The narrowest leaf there is leaves more; the rule itself is asked.
        $this->assertNotContains('mat-too-small', $kinds('2'));
        $rule = new \Ephemeron\Design\MatRule(\Ephemeron\Design\MatSchool::Wide, 1);
        $this->assertCount(1, $rule->matsFor('page-1', new Size(Length::inches(1, 1, 4), Length::inches(5)), Unit::Inch));
        $this->assertCount(
            0,
            $rule->matsFor('page-1', new Size(Length::inches(1, 1, 4)->minus(Length::ofTicks(1)), Length::inches(5)), Unit::Inch),
        );
    }

    /** A finding of every check is asked for by some test: a check taken out of the report is missed. */
    public function test_every_check_of_the_report_is_among_those_that_some_test_names(): void
    {
        $tests = implode(
            "\n",
            array_map(static fn (string $file): string => (string) file_get_contents($file), glob(__DIR__.'/*Test.php') ?: []),
        );
        $kinds = [];
        foreach (glob(__DIR__.'/../../core/Fit/Check/*.php') ?: [] as $file) {
            preg_match_all(
                "~(?:Severity::\w+,|\? Severity::\w+ : Severity::\w+,)\s+(?:\\\$shut \? )?'([a-z-]+)'(?: : '([a-z-]+)')?~",
                (string) file_get_contents($file),
                $found,
            );
            array_push($kinds, ...array_filter([...$found[1], ...$found[2]]));
        }
        $this->assertGreaterThan(30, count($kinds));
        $this->assertSame(
            [],
            array_values(array_filter(array_unique($kinds), static fn (string $kind): bool => ! str_contains($tests, "'{$kind}'"))),
        );
    }

    public function test_the_report_makes_every_check_there_is(): void
    {
        $report = (string) file_get_contents((string) (new \ReflectionClass(FitReport::class))->getFileName());
        foreach (glob(__DIR__.'/../../core/Fit/Check/*.php') ?: [] as $file) {
            $this->assertStringContainsString('new '.basename($file, '.php').',', $report);
        }
    }

    /**
     * @param \Closure(Draft): void $draw
     * @return list<string>
     */
    private function found(Check $check, \Closure $draw): array
    {
        return array_map(
            static fn (Finding $finding): string => $finding->kind,
            iterator_to_array($check->examine($this->workings($draw)), false),
        );
    }

    /** @param \Closure(Draft): void $draw */
    private function workings(\Closure $draw): Workings
    {
        $draft = new Draft;
        $size = Size::inches(5, 6);
        $draft->part(new Part('card', 'Card', 'Test', $size, StockRole::StructureCard));
        $draft->face(new Face('page-1', 'Page 1', $size, new PanelRef('card', 'whole', Side::A), 1, hinge: Edge::Left));
        $draw($draft);

        return new Workings($this->design('meander-book'), $draft->finish(), [], []);
    }

    private static function filled(Draft $draft, Size $card, ?Length $deep = null): void
    {
        $depth = $deep ?? Length::inches(4);
        $draft->part(new Part('insert-card', 'Insert card', 'Test', $card, StockRole::InsertCard));
        $draft->add(
            new Pouch(
                'p',
                'The pocket',
                'page-1',
                new Size(Length::inches(5), $depth),
                [Edge::Left, Edge::Right, Edge::Bottom],
                Edge::Top,
                Length::inches(6),
            ),
        );
        $draft->add(new Filling('insert-card', 'p'));
    }

    private static function notched(Draft $draft, Size $panel): void
    {
        $whole = Rectangle::whole($panel);
        $draft->part(
            new Part(
                'notched',
                'Notched',
                'Test',
                $panel,
                StockRole::StructureCard,
                notches: [new Notch($whole->middleOf(Edge::Top), Edge::Top, Length::inches(1))],
                panels: [new Panel('whole', 'Whole', $whole)],
            ),
        );
    }

    /** @param list<Rectangle> $areas */
    private static function glued(Draft $draft, array $areas): void
    {
        foreach ($areas as $index => $area) {
            $draft->part(new Part("pocket-{$index}", "Pocket {$index}", 'Test', $area->size(), StockRole::StructureCard));
            $draft->task(new \Ephemeron\Blueprint\Task("glue-{$index}", \Ephemeron\Blueprint\Phase::Pocket, 'Glue', 'Glue it.', 'Test'));
            $draft->add(
                new Joint(
                    new PanelRef("pocket-{$index}", 'whole', Side::B),
                    new PanelRef('card', 'whole', Side::A),
                    $area,
                    Adhesive::WetGlue,
                    Layer::Pocket,
                    "glue-{$index}",
                    'page-1',
                ),
            );
        }
    }
}
