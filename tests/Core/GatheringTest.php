<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Gathering\Broken;
use Ephemeron\Gathering\Gatherer;
use Ephemeron\Gathering\HeightWay;
use Ephemeron\Gathering\Hue;
use Ephemeron\Gathering\LeafKind;
use Ephemeron\Gathering\LeafPaper;
use Ephemeron\Gathering\Meeting;
use Ephemeron\Gathering\MeetingSchool;
use Ephemeron\Gathering\Mix;
use Ephemeron\Gathering\NoSuchSheet;
use Ephemeron\Gathering\OrderCost;
use Ephemeron\Gathering\Ordering;
use Ephemeron\Gathering\Proposal;
use Ephemeron\Gathering\Seat;
use Ephemeron\Gathering\Sheet;
use Ephemeron\Gathering\Signature;
use Ephemeron\Gathering\SignatureSize;
use Ephemeron\Gathering\Template;
use Ephemeron\Gathering\TextBlock;
use Ephemeron\Gathering\TooSmallCover;
use Ephemeron\Gathering\WidthWay;
use Ephemeron\Gathering\Wishes;
use Ephemeron\Gathering\WritingSpace;
use Ephemeron\Geometry\Edge;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\SheetFormat;
use Ephemeron\Paper\Stock;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The leaves of a journal: gathered, folded, ordered. */
final class GatheringTest extends TestCase
{
    /** Common practice: letter folded, 5½ × 8½, wants a cover of 5¾ × 8¾; A4 folded 6 mm more each way. */
    public function test_template_from_the_cover_and_cover_from_the_leaves(): void
    {
        $quarter = Length::inches(0, 1, 4);
        $letter = Template::ofLeaf(Size::inches(5.5, 8.5));
        $this->assertEquals(Size::inches(5.75, 8.75), $letter->cover($quarter, Length::zero()));
        $this->assertEquals(Size::inches(11, 8.5), $letter->open());
        $this->assertEquals($letter, Template::fromCover(Size::inches(5.75, 8.75), $quarter, Length::zero()));
        $this->assertEquals(
            Size::inches(5.25, 8.5),
            Template::fromCover(Size::inches(5.75, 8.75), $quarter, $quarter)->leaf,
            'room for tabs',
        );
        $a4 = Template::ofLeaf(new Size(Length::micrometres(148_500), Length::millimetres(210)));
        $this->assertEquals(
            new Size(Length::micrometres(154_500), Length::millimetres(216)),
            $a4->cover(Length::millimetres(6), Length::zero()),
        );
        try {
            Template::fromCover(Size::inches(0.25, 3), $quarter, Length::zero());
            $this->fail('nothing is left');
        } catch (TooSmallCover $error) {
            $this->assertEquals(Size::inches(0.25, 3), $error->cover);
        }
    }

    /** Just as tall fits; 1 in too tall is folded, a hair less is trimmed. */
    public function test_a_sheet_against_the_template_by_height(): void
    {
        $this->assertSame(HeightWay::Fits, $this->meeting(11, 8.5)->height);
        $this->assertSame(HeightWay::Trimmed, $this->meeting(11, 8.5 + 1 / 64)->height);
        $this->assertEquals(Size::inches(11, 8.5), $this->meeting(11, 9.25)->blank);
        $this->assertSame(HeightWay::Trimmed, $this->meeting(11, 9.5 - 1 / 64)->height);
        $folded = $this->meeting(11, 9.5);
        $this->assertSame(HeightWay::FoldedUp, $folded->height);
        $this->assertFalse($folded->isCut());
        $this->assertEquals(Length::inches(1, 1, 16), $folded->turned, 'a hair less than the template');
        $this->assertEquals(Size::inches(11, 8.5 - 1 / 16), $folded->open);
        $this->assertSame(Edge::Top, $folded->opening());
        $this->assertSame(HeightWay::FoldedDown, $this->meeting(11, 9.5, HeightWay::FoldedDown)->height);
        $this->assertSame(Edge::Bottom, $this->meeting(11, 9.5, HeightWay::FoldedDown)->opening());
        $this->assertSame(HeightWay::Trimmed, $this->meeting(11, 9.5, HeightWay::Trimmed)->height);
        $this->assertSame(HeightWay::Trimmed, $this->meeting(11, 17)->height, 'folded it would reach beyond the head');
    }

    public function test_a_sheet_against_the_template_by_width(): void
    {
        $this->assertSame(WidthWay::Fits, $this->meeting(11, 8.5)->width);
        $this->assertSame(WidthWay::Trimmed, $this->meeting(11.9, 8.5)->width);
        $flap = $this->meeting(12, 8.5);
        $this->assertSame([WidthWay::Flap, false], [$flap->width, $flap->hasPocket()]);
        $this->assertEquals(Length::inches(1, 1, 8), $flap->inward, 'a touch extra');
        $this->assertEquals(Size::inches(11 - 1 / 8, 8.5), $flap->open);
        $pocket = $this->meeting(12, 8.5, null, WidthWay::Pocket);
        $this->assertSame([WidthWay::Pocket, true], [$pocket->width, $pocket->hasPocket()]);
        $this->assertSame(WidthWay::Trimmed, $this->meeting(16.5, 8.5)->width, 'it would reach the fold');
        $this->assertSame(WidthWay::Fits, $this->meeting(5.5 + 1 / 64, 8.5)->width, 'folded in its own middle');
        $strip = $this->meeting(5.5, 8.5);
        $this->assertSame(WidthWay::Strip, $strip->width);
        $this->assertEquals(Length::inches(1), $strip->strip);
        $this->assertEquals([Length::zero(), Length::inches(1), Length::inches(2)], [
            $this->meeting(11, 6.5, null, null, Seat::Head)->top,
            $this->meeting(11, 6.5)->top,
            $this->meeting(11, 6.5, null, null, Seat::Foot)->top,
        ]);
    }

    /** Written out by hand: which numbers lie on which side of which sheet, from the outermost in (2 sheets: 1 8, 2 7, 3 6, 4 5). */
    #[TestWith([1, [[1, 4, 2, 3]]])]
    #[TestWith([2, [[1, 8, 2, 7], [3, 6, 4, 5]]])]
    #[TestWith([4, [[1, 16, 2, 15], [3, 14, 4, 13], [5, 12, 6, 11], [7, 10, 8, 9]]])]
    public function test_imposition(int $sheets, array $expected): void
    {
        $signature = $this->signature($sheets);
        $found = [];
        foreach ($signature->leaves() as $number => $leaf) {
            $sheet = array_search($leaf->sheet, $signature->sheets, true);
            $found[$sheet][$leaf->recto->value][] = 2 * $number + 1;
            $found[$sheet][$leaf->verso()->value][] = 2 * $number + 2;
        }
        $this->assertSame($expected, array_map(static fn (array $sides): array => [...$sides['A'], ...$sides['B']], $found));
    }

    /** A property of every nesting: the two face numbers on one side of a sheet add up to the same, 4n + 1. */
    public function test_numbers_on_a_side_add_to_a_constant(): void
    {
        for ($sheets = 1; $sheets <= 24; $sheets++) {
            $signature = $this->signature($sheets);
            $sums = [];
            foreach ($signature->leaves() as $number => $leaf) {
                $sheet = (int) array_search($leaf->sheet, $signature->sheets, true);
                foreach ([$leaf->recto->value => 2 * $number + 1, $leaf->verso()->value => 2 * $number + 2] as $side => $face) {
                    $sums["{$sheet} {$side}"] = ($sums["{$sheet} {$side}"] ?? 0) + $face;
                }
            }
            $this->assertSame([4 * $sheets + 1], array_values(array_unique($sums)));
            $this->assertCount(2 * $sheets - 1, $signature->openings());
        }
    }

    /** Common practice: 20 sheets folded once are 40 leaves, 80 faces. */
    public function test_what_a_block_adds_up_to(): void
    {
        $block = new TextBlock([$this->signature(20)]);
        $this->assertSame([20, 40, 80], [$block->sheets(), count($block->leaves()), $block->faces()]);
        $this->assertEquals(Length::millimetres(4), $block->pressed(), '40 × 0.1 mm');
        $this->assertEquals(Length::millimetres(5), $block->sewn(), 'a quarter more');
        $this->assertEquals(Length::millimetres(8), $block->filled(Length::micrometres(200)), 'forty leaves');
        $this->assertEquals($block->sewn(), $block->filled(Length::micrometres(100)), 'never less than sewn');
        $this->assertEqualsWithDelta(20 * 0.2794 * 0.2159 * 80, $block->weight(), 0.01);
        $this->assertSame([80.0, 100], [$block->writing(), $block->writingInPercent()]);
        $poem = $this->paper('poem', LeafKind::Book, front: WritingSpace::Half, back: WritingSpace::None);
        $half = new TextBlock([new Signature([$this->sheet($poem), $this->sheet()])]);
        $this->assertSame([5.0, 63], [$half->writing(), $half->writingInPercent()], 'a poem counts half: 2 × ½ and 4 of 8');
    }

    public function test_a_sheet_bought_upright_is_laid_across(): void
    {
        $template = Template::ofLeaf(Size::inches(5.5, 8.5));
        $upright = new LeafPaper('p', Stock::card('Letter', SheetFormat::Letter, 80));
        $this->assertEquals(Size::inches(11, 8.5), $upright->lying($template)->stock->sheet);
        $this->assertEquals(Size::inches(11, 8.5), $upright->lying($template)->lying($template)->stock->sheet);
    }

    /** Common practice: about twice the thickness of the sheets around it. */
    public function test_creep(): void
    {
        $signature = $this->signature(20);
        $this->assertTrue($signature->creep(0)->isZero());
        $this->assertEquals(Length::micrometres(19 * 200), $signature->creep(19));
    }

    /** Common practice: one signature 15 to 20 sheets, two 10 to 15 each, three to five about 10; text paper 3 to 5. */
    public function test_sizes_of_signatures(): void
    {
        $this->assertEquals(new SignatureSize(15, 20), SignatureSize::usual(1));
        $this->assertEquals(new SignatureSize(10, 15), SignatureSize::usual(2));
        $this->assertTrue(SignatureSize::usual(4)->holds(10));
        $this->assertSame([false, true, true, false], array_map(SignatureSize::usual(5, true)->holds(...), [2, 3, 5, 6]));
    }

    /** Common practice: 5 plain, 3–4 lined, 6 specialty, 3 book, 1–3 extras of 20. */
    public function test_the_usual_mix(): void
    {
        $counts = static fn (Mix $mix): array => array_map($mix->count(...), LeafKind::cases());
        $this->assertSame([5, 4, 6, 3, 2], $counts(Mix::usual(20)));
        for ($sheets = 1; $sheets <= 60; $sheets++) {
            $mix = Mix::usual($sheets);
            $this->assertSame($sheets, $mix->total());
            foreach (LeafKind::cases() as $kind) {
                [$least, $most] = Mix::range($kind, $sheets);
                $this->assertTrue($mix->count($kind) >= $least && $mix->count($kind) <= $most, "{$kind->value} of {$sheets}");
            }
        }
        $heap = [
            $this->paper('plain', LeafKind::Plain, 2),
            $this->paper('lined', LeafKind::Lined, 30),
            $this->paper('novel', LeafKind::Book, 30),
        ];
        $this->assertSame([2, 15, 0, 3, 0], $counts(Mix::from($heap, 20)), 'made up from what one can write on');
        $this->assertSame(5, Mix::from([$this->paper('lined', LeafKind::Lined, 5)], 20)->total(), 'there is no more');
    }

    public function test_the_maker_changes_the_mix(): void
    {
        $counts = static fn (Mix $mix): array => array_map($mix->count(...), LeafKind::cases());
        $heap = array_map(fn (LeafKind $kind): LeafPaper => $this->paper($kind->value, $kind, 30), LeafKind::cases());
        $this->assertSame([5, 4, 6, 3, 2], $counts(Mix::from($heap, 20)));
        $this->assertSame(8, Mix::from($heap, 20, ['book' => 8])->count(LeafKind::Book));
        for ($wanted = 0; $wanted <= 25; $wanted++) {
            $mix = Mix::from($heap, 20, ['lined' => $wanted]);
            $this->assertSame([20, min(20, $wanted)], [$mix->total(), $mix->count(LeafKind::Lined)]);
        }
        $this->assertSame(0, Mix::from($heap, 20, ['extra' => 0, 'book' => 0])->count(LeafKind::Extra));
        $this->assertSame(30, Mix::from($heap, 60, ['plain' => 99])->count(LeafKind::Plain), 'as many as there are');
    }

    public function test_of_dictionaries_one_a_signature(): void
    {
        $heap = [$this->paper('words', LeafKind::Book, 30, isReference: true), $this->paper('plain', LeafKind::Plain, 30)];
        $picked = Mix::of(['book' => 6, 'plain' => 4])->pick($heap, 2);
        $this->assertCount(2, array_filter($picked, static fn (LeafPaper $paper): bool => $paper->isReference));
        $block = new TextBlock([new Signature([$this->sheet($heap[0]), $this->sheet($heap[0])])]);
        $this->assertSame([1], $block->tooManyReferences());
    }

    public function test_chosen_leaves_stay_where_they_were_chosen_for(): void
    {
        $papers = array_map(fn (int $number): LeafPaper => $this->paper("p{$number}", LeafKind::cases()[$number % 5]), range(0, 11));
        $proposal = (new Ordering)->propose(array_map($this->sheet(...), $papers), new Wishes('p7', 'p2', 'p5'));
        $keys = array_map(static fn (Sheet $sheet): string => $sheet->meeting->paper->key, $proposal->signature->sheets);
        $this->assertSame(['p7', 'p2', 'p5'], [$keys[0], $keys[1], $keys[11]]);
        sort($keys);
        $this->assertSame(['p0', 'p1', 'p10', 'p11', 'p2', 'p3', 'p4', 'p5', 'p6', 'p7', 'p8', 'p9'], $keys);
    }

    /** Against trying every order: what is said to be proven is the least there is. */
    public function test_the_proposal_is_the_best_of_all_orders(): void
    {
        $costs = new OrderCost;
        for ($seed = 1; $seed <= 60; $seed++) {
            mt_srand($seed);
            $sheets = array_map(fn (): Sheet => $this->sheet($this->anyPaper()), range(1, mt_rand(2, 6)));
            $proposal = (new Ordering)->propose($sheets);
            $this->assertTrue($proposal->isProven);
            $least = min(array_map(static fn (array $order): int => $costs->of(new Signature($order)), $this->orders($sheets)));
            $this->assertSame($least, $proposal->cost, "seed {$seed}");
            $this->assertSame($least, $costs->of($proposal->signature));
        }
    }

    public function test_patience_that_runs_out_is_said(): void
    {
        mt_srand(5);
        $sheets = array_map(fn (): Sheet => $this->sheet($this->anyPaper()), range(1, 20));
        $proposal = (new Ordering(30))->propose($sheets);
        $this->assertFalse($proposal->isProven);
        $this->assertCount(20, $proposal->signature->sheets);
    }

    public function test_each_rule_names_its_opening(): void
    {
        $rules = fn (LeafPaper ...$papers): array => array_map(
            static fn (Broken $broken): string => "{$broken->rule->value} {$broken->face}",
            (new TextBlock([new Signature(array_map($this->sheet(...), array_values($papers)))]))->broken(),
        );
        $novel = fn (string $key): LeafPaper => $this->paper($key, LeafKind::Book, hasText: true);
        $this->assertSame(
            ['texts-facing 2', 'kinds-alike 2', 'texts-facing 6', 'kinds-alike 6'],
            $rules($novel('one'), $novel('two')),
        );
        $this->assertSame([], $rules($novel('one'), $this->paper('plain', LeafKind::Plain)), 'two halves of one sheet may face each other');
        $silent = fn (string $key, LeafKind $kind): LeafPaper => $this->paper(
            $key,
            $kind,
            front: WritingSpace::None,
            back: WritingSpace::None,
        );
        $this->assertSame(
            ['silent-in-a-row 2', 'silent-in-a-row 6'],
            $rules($silent('map', LeafKind::Specialty), $silent('doily', LeafKind::Extra)),
        );
        $this->assertSame(['hues-alike 2', 'hues-alike 6'], $rules(
            $this->paper('tea', LeafKind::Plain, hue: 350),
            $this->paper('rose', LeafKind::Lined, hue: 19),
        ));
        $this->assertSame([], $rules($this->paper('tea', LeafKind::Plain, hue: 350), $this->paper('rose', LeafKind::Lined, hue: 20)));
        $bag = fn (string $key, LeafKind $kind): LeafPaper => $this->paper($key, $kind, bag: Edge::Top);
        $this->assertContains('pockets-facing 2', $rules($bag('one', LeafKind::Extra), $bag('two', LeafKind::Specialty)));
        $this->assertSame(
            ['pockets-close 2', 'pockets-close 8'],
            $rules($bag('one', LeafKind::Extra), $this->paper('plain', LeafKind::Plain), $bag('two', LeafKind::Specialty)),
        );
    }

    public function test_a_sheet_is_moved(): void
    {
        $signature = $this->signature(4);
        $moved = $signature->moved(0, 2);
        $this->assertSame(
            [1, 2, 0, 3],
            array_map(static fn (Sheet $sheet): int|false => array_search($sheet, $signature->sheets, true), $moved->sheets),
        );
        $this->expectException(NoSuchSheet::class);
        $signature->moved(0, 4);
    }

    /** HSV by hand: red 0, yellow 60, green 120, cyan 180, blue 240, magenta 300; white, grey and black have none. */
    public function test_the_hue_of_a_swatch(): void
    {
        $this->assertSame(
            [0, 60, 120, 180, 240, 300, 30],
            array_map(Hue::of(...), ['#ff0000', '#ffff00', '#00ff00', '#00ffff', '#0000ff', '#ff00ff', '#FF8000']),
        );
        $this->assertSame([null, null, null, null, null], array_map(Hue::of(...), ['#ffffff', '#000000', '#808080', '#fffbf0', 'blue']));
    }

    /** 1 000 heaps: nothing stands out of the cover, no sheet is lost, what is broken is what is told. */
    public function test_any_heap(): void
    {
        $ordering = new Ordering(150);
        for ($seed = 1; $seed <= 1000; $seed++) {
            mt_srand($seed);
            $heap = array_map(fn (): LeafPaper => $this->anyPaper(), range(1, mt_rand(1, 12)));
            $template = Template::ofLeaf(Size::inches(mt_rand(3, 7), mt_rand(4, 10)));
            $unit = mt_rand(0, 1) === 0 ? Unit::Inch : Unit::Centimetre;
            [$signatures, $sheets] = [mt_rand(1, 4), mt_rand(1, 14)];
            $proposals = (new Gatherer($template, MeetingSchool::usual($unit), $ordering))->gather($heap, $signatures, $sheets);
            $there = array_sum(array_map(static fn (LeafPaper $paper): int => $paper->count, $heap));
            $used = [];
            foreach ($proposals as $proposal) {
                $this->within($proposal, $template, "seed {$seed}");
                foreach ($proposal->signature->sheets as $sheet) {
                    $used[$sheet->meeting->paper->key] = ($used[$sheet->meeting->paper->key] ?? 0) + 1;
                }
            }
            $hasReferences = array_filter($heap, static fn (LeafPaper $paper): bool => $paper->isReference) !== [];
            $this->assertTrue($hasReferences || array_sum($used) === min($there, $signatures * $sheets), "seed {$seed}: no sheet is lost");
            foreach ($heap as $paper) {
                $this->assertLessThanOrEqual($paper->count, $used[$paper->key] ?? 0, "seed {$seed}");
            }
        }
    }

    private function within(Proposal $proposal, Template $template, string $where): void
    {
        $open = $template->open();
        foreach ($proposal->signature->sheets as $sheet) {
            $meeting = $sheet->meeting;
            $this->assertTrue($open->width->isAtLeast($meeting->open->width), $where);
            $this->assertTrue($open->height->isAtLeast($meeting->open->height->plus($meeting->top)), $where);
            $this->assertTrue($template->leaf->width->isAtLeast($meeting->inward), "{$where}: a flap stays on its leaf");
            $this->assertTrue($open->height->isAtLeast($meeting->turned), "{$where}: what is folded over stays on its leaf");
        }
        $expected = array_sum(
            array_map(static fn (Broken $broken): int => $broken->rule->weight(), (new OrderCost)->broken($proposal->signature)),
        );
        $this->assertSame((new OrderCost)->of($proposal->signature), $expected, $where);
    }

    private function meeting(
        float $width,
        float $height,
        ?HeightWay $tall = null,
        ?WidthWay $wide = null,
        Seat $seat = Seat::Middle,
    ): Meeting {
        $paper = new LeafPaper('p', $this->stock(Size::inches($width, $height), 100));

        return Meeting::of($paper, Template::ofLeaf(Size::inches(5.5, 8.5)), MeetingSchool::usual(Unit::Inch), $tall, $wide, $seat);
    }

    private function signature(int $sheets): Signature
    {
        return new Signature(array_map(fn (): Sheet => $this->sheet(), range(1, $sheets)));
    }

    private function sheet(?LeafPaper $paper = null): Sheet
    {
        return new Sheet(Meeting::of(
            $paper ?? $this->paper('letter', LeafKind::Plain),
            Template::ofLeaf(Size::inches(5.5, 8.5)),
            MeetingSchool::usual(Unit::Inch),
        ));
    }

    private function paper(
        string $key,
        LeafKind $kind,
        int $count = 1,
        bool $hasText = false,
        WritingSpace $front = WritingSpace::All,
        WritingSpace $back = WritingSpace::All,
        ?int $hue = null,
        bool $isReference = false,
        ?Edge $bag = null,
    ): LeafPaper {
        return new LeafPaper(
            $key,
            $this->stock(Size::inches(11, 8.5), 100),
            $kind,
            $count,
            $hasText,
            $front,
            $back,
            $hue,
            $isReference,
            $bag,
        );
    }

    private function stock(Size $sheet, int $micrometres): Stock
    {
        return Stock::card('Paper', SheetFormat::LetterWide, 80)->with(sheet: $sheet, caliper: Length::micrometres($micrometres));
    }

    private function anyPaper(): LeafPaper
    {
        $kind = LeafKind::cases()[mt_rand(0, 4)];

        return new LeafPaper(
            'paper-'.mt_rand(),
            $this->stock(Size::inches(mt_rand(2, 60) / 4, mt_rand(2, 60) / 4), mt_rand(50, 300)),
            $kind,
            mt_rand(1, 9),
            $kind === LeafKind::Book && mt_rand(0, 2) > 0,
            WritingSpace::cases()[mt_rand(0, 2)],
            WritingSpace::cases()[mt_rand(0, 2)],
            mt_rand(0, 2) === 0 ? null : mt_rand(0, 359),
            $kind === LeafKind::Book && mt_rand(0, 4) === 0,
            $kind === LeafKind::Extra && mt_rand(0, 1) === 0 ? Edge::Top : null,
        );
    }

    /**
     * @param list<Sheet> $sheets
     * @return list<list<Sheet>>
     */
    private function orders(array $sheets): array
    {
        if (count($sheets) < 2) {
            return [$sheets];
        }
        $orders = [];
        foreach ($sheets as $index => $first) {
            $rest = $sheets;
            array_splice($rest, $index, 1);
            foreach ($this->orders($rest) as $order) {
                $orders[] = [$first, ...$order];
            }
        }

        return $orders;
    }
}
