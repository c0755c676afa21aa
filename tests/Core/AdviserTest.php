<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Advice\Hand;
use Ephemeron\Advice\Shutting;
use Ephemeron\Advice\Wish;
use Ephemeron\Advised;
use Ephemeron\Adviser;
use Ephemeron\Bench\PhotoCount;
use Ephemeron\Cutting\TrimmerBench;
use Ephemeron\Design\Design;
use Ephemeron\Drawer\Sheets;
use Ephemeron\Format\DesignReader;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\PaperKind;
use Ephemeron\Paper\PhotoSize;
use Ephemeron\Resizer;
use Ephemeron\Structure\Catalogue;
use Ephemeron\Structure\Skill;
use Ephemeron\Workshop;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class AdviserTest extends TestCase
{
    private Adviser $adviser;

    protected function setUp(): void
    {
        $this->adviser = new Adviser(Catalogue::ofTheHouse(), Workshop::ofTheHouse());
    }

    /** Twenty-four prints of 4 × 6 and a pad of 36 sheets: five books at least, each cut from that pad before our eyes. */
    public function test_twenty_four_prints_and_a_pad(): void
    {
        $wish = new Wish(PhotoSize::FourBySix, 24, hand: $this->pad(36));
        $full = [];
        foreach (['mitred-tab-album', 'sewn-journal', 'coil-album', 'z-page-album', 'pocket-flip-book'] as $structure) {
            $advised = $this->adviser->best($this->usual($structure), $wish);
            $this->assertSame([], $advised->lacks, $structure);
            $this->assertGreaterThanOrEqual(24, PhotoCount::of(PhotoSize::FourBySix, $advised->plan->blueprint)->total());
            $this->assertLessThanOrEqual(36, $advised->sheets());
            foreach ($advised->plan->stocks as $stock) {
                (new TrimmerBench($advised->plan->trimmer()))->replay($stock->cuts, $stock->demands);
                $this->assertSame([], $stock->cuts->missing);
                $this->assertLessThanOrEqual($stock->stock->available ?? PHP_INT_MAX, $stock->cuts->sheets());
            }
            $full[] = $structure;
        }
        $this->assertGreaterThanOrEqual(5, count($full));
    }

    /** One sheet less than the best book takes, and it says so. */
    public function test_a_pad_that_just_suffices_and_one_that_does_not(): void
    {
        $enough = $this->best('mitred-tab-album', new Wish(PhotoSize::FourBySix, 24, hand: $this->pad(36)))->sheets();
        $this->assertSame([], $this->best('mitred-tab-album', new Wish(PhotoSize::FourBySix, 24, hand: $this->pad($enough)))->lacks);
        $short = $this->best('mitred-tab-album', new Wish(PhotoSize::FourBySix, 24, hand: $this->pad($enough - 1)));
        $this->assertMatchesRegularExpression('/^The '.($enough - 1).' sheets of the pad are not enough: .* no room\.$/', $short->lacks[0]);
    }

    /**
     * All sizes in steps of a quarter inch, with as few pages as hold the prints, against what is advised. What has more paper in it than
     * the advised sheets need not be planned.
     */
    #[DataProvider('kinds')]
    public function test_no_size_takes_fewer_sheets(string $structure, PhotoSize $photo, int $number): void
    {
        $wish = new Wish($photo, $number, hand: $this->pad(200));
        $advised = $this->best($structure, $wish);
        $this->assertSame([], $advised->lacks);
        $workshop = Workshop::ofTheHouse();
        $resizer = new Resizer(Catalogue::ofTheHouse(), $workshop);
        $sheet = Size::inches(12, 12)->area();
        $usual = $advised->plan->design->with(parameters: $this->usual($structure)->parameters);
        $isCoupled = $resizer->sizing($usual)->taller === [];
        $tried = 0;
        for ($across = -16; $across <= 16; $across++) {
            foreach ($isCoupled ? [$across] : range(-16, 16) as $down) {
                $sized = $resizer->resized($usual, Length::inches(0, $across, 4), Length::inches(0, $down, 4));
                $counted = $sized === null ? null : $this->fewest($resizer, $sized, $photo, $number);
                if ($counted === null || Adviser::paper($workshop->blueprint($counted)) > ($advised->sheets() - 1) * $sheet) {
                    continue;
                }
                $tried++;
                $sheets = 0;
                foreach ($workshop->plan($counted)->stocks as $stock) {
                    $sheets += $stock->stock->name === 'the pad' ? $stock->cuts->sheets() + 1000 * count($stock->cuts->missing) : 0;
                }
                $this->assertGreaterThanOrEqual($advised->sheets(), $sheets, "{$across} {$down}");
            }
        }
        $this->assertGreaterThan(0, $tried, 'some come near');
    }

    /** @return iterable<string, array{string, PhotoSize, int}> */
    public static function kinds(): iterable
    {
        yield 'broad and tall' => ['mitred-tab-album', PhotoSize::FourBySix, 24];
        yield 'sewn' => ['sewn-journal', PhotoSize::ThreeByFour, 20];
        yield 'one measure for both' => ['pocket-flip-book', PhotoSize::FourBySix, 16];
    }

    public function test_what_is_to_be_seen_lying_lies(): void
    {
        $lying = $this->best('mitred-tab-album', new Wish(PhotoSize::ThreeByFour, 10, true));
        $this->assertSame([], $lying->lacks);
        $this->assertGreaterThanOrEqual(10, PhotoCount::of(PhotoSize::ThreeByFour, $lying->plan->blueprint, true)->total());
        $closed = $lying->plan->blueprint->closedSize();
        $this->assertTrue($closed->width->isAtLeast(Length::inches(4, 1, 4)), 'broad enough for a mat that lies');
        $standing = $this->best('mitred-tab-album', new Wish(PhotoSize::ThreeByFour, 10, false));
        $this->assertGreaterThanOrEqual(10, PhotoCount::of(PhotoSize::ThreeByFour, $standing->plan->blueprint, false)->total());
        // Lying, a 4 × 6 in print wants a page of 6¼ in, and its folded piece is broader than a sheet of 12 in.
        $broad = $this->best('mitred-tab-album', new Wish(PhotoSize::FourBySix, 10, true));
        $this->assertSame(['It holds 0 of the 10 prints.'], $broad->lacks);
    }

    public function test_an_envelope_it_just_goes_into(): void
    {
        $free = $this->best('mitred-tab-album', new Wish(PhotoSize::ThreeByFour, 8));
        $closed = $free->plan->blueprint->closedSize();
        $this->assertSame([], $this->best('mitred-tab-album', new Wish(PhotoSize::ThreeByFour, 8, outer: $closed))->lacks);
        $lacks = $this->best('mitred-tab-album', new Wish(PhotoSize::ThreeByFour, 8, outer: Size::inches(2, 3)))->lacks;
        $this->assertStringContainsString('does not go into 2 × 3 in', implode(' ', $lacks));
    }

    public function test_a_post_box_it_just_goes_through(): void
    {
        $thick = $this->best('mitred-tab-album', new Wish(PhotoSize::ThreeByFour, 8))->plan->thickness(true);
        $this->assertSame([], $this->best('mitred-tab-album', new Wish(PhotoSize::ThreeByFour, 8, thick: $thick))->lacks);
        $lacks = $this->best('mitred-tab-album', new Wish(PhotoSize::ThreeByFour, 40, thick: Length::inches(0, 1, 8)))->lacks;
        $this->assertStringContainsString('thick, more than 1/8 in', strtr(implode(' ', $lacks), ['⅛' => '1/8']));
    }

    #[TestWith(['corner-pocket-album', 'needle', 'It is sewn, which takes a needle.'])]
    #[TestWith(['coil-album', 'coil', 'It takes a tool for coils.'])]
    public function test_a_tool_that_is_not_there(string $structure, string $without, string $sentence): void
    {
        $with = $this->best($structure, new Wish);
        $this->assertNotContains($sentence, $with->lacks);
        $wish = new Wish(needle: $without !== 'needle', coil: $without !== 'coil');
        $this->assertContains($sentence, $this->best($structure, $wish)->lacks);
    }

    public function test_how_it_is_kept_shut_and_what_it_asks_for(): void
    {
        $this->assertSame([], $this->best('tag-clutch', new Wish(shutting: Shutting::Magnets))->lacks);
        $this->assertSame(['It closes with magnets.'], $this->best('tag-clutch', new Wish(shutting: Shutting::Tied))->lacks);
        $this->assertSame(['Nothing keeps it shut.'], $this->best('tab-spine-album', new Wish(shutting: Shutting::Anyhow))->lacks);
        $this->assertSame([], $this->best('tab-spine-album', new Wish(shutting: Shutting::Open))->lacks);
        $patient = array_filter(
            Catalogue::ofTheHouse()->all(),
            static fn ($structure): bool => $structure->about()->skill === Skill::Patient && $structure->about()->sizing->broader !== [],
        );
        $key = array_values($patient)[0]->about()->key;
        $this->assertContains('It asks for patience.', $this->best($key, new Wish(most: Skill::Some))->lacks);
        $this->assertNotContains('It asks for patience.', $this->best($key, new Wish(most: Skill::Patient))->lacks);
    }

    public function test_cards_take_the_pockets_first(): void
    {
        $prints = $this->best('nested-gusset-album', new Wish(PhotoSize::ThreeByFour, 6));
        $both = $this->best('nested-gusset-album', new Wish(PhotoSize::ThreeByFour, 6, cards: 4));
        $this->assertSame([], $both->lacks);
        $this->assertGreaterThanOrEqual($prints->paper(), $both->paper());
        $shared = $this->best('five-pocket-folio', new Wish(PhotoSize::TwoByThree, 4, cards: 1));
        $count = PhotoCount::of(PhotoSize::TwoByThree, $shared->plan->blueprint);
        $this->assertGreaterThan(1, $count->inPockets);
        $this->assertSame($count->total() - 1, $shared->photos, 'one pocket is the card’s');
        $lacks = $this->best('five-pocket-folio', new Wish(cards: 90))->lacks;
        $this->assertStringContainsString('pockets for the 90 cards', implode(' ', $lacks));
    }

    public function test_the_drawer_is_asked(): void
    {
        $there = [new Sheets(PaperKind::Card, Size::inches(12, 12), 30), new Sheets(PaperKind::Pattern, Size::inches(12, 12), 30)];
        $this->assertSame([], $this->best('four-flap-folio', new Wish(there: $there))->lacks);
        $lacks = $this->best('four-flap-folio', new Wish(there: [$there[0]->less(30), $there[1]->less(30)]))->lacks;
        $this->assertStringContainsString('The drawer has too few sheets:', implode(' ', $lacks));
    }

    public function test_in_centimetres_from_a_pad_of_thirty(): void
    {
        $wish = new Wish(PhotoSize::TenByFifteen, 12, hand: new Hand('the pad', Size::millimetres(305, 305), 40));
        $advised = $this->best('mitred-tab-album', $wish, Unit::Centimetre);
        $this->assertSame([], $advised->lacks);
        $grid = $advised->plan->design->tools->grid;
        $this->assertTrue($grid->carries($advised->plan->design->parameters->length('page-width')), 'on the marks of the tool');
    }

    private function fewest(Resizer $resizer, Design $design, PhotoSize $photo, int $number): ?Design
    {
        [$low, $high] = $resizer->counts($design);
        for ($count = $low; $count <= $high; $count++) {
            $counted = $resizer->counted($design, $count);
            if ($counted !== null && PhotoCount::of($photo, Workshop::ofTheHouse()->blueprint($counted))->total() >= $number) {
                return $counted;
            }
        }

        return null;
    }

    private function best(string $structure, Wish $wish, Unit $unit = Unit::Inch): Advised
    {
        return $this->adviser->best($this->usual($structure, $unit), $wish);
    }

    private function usual(string $structure, Unit $unit = Unit::Inch): Design
    {
        return DesignReader::ofTheHouse()->usual(Catalogue::ofTheHouse()->get($structure), $unit);
    }

    private function pad(int $count): Hand
    {
        return new Hand('the pad', Size::inches(12, 12), $count);
    }
}
