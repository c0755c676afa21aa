<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Cutting\Demand;
use Ephemeron\Cutting\ProvenPlanner;
use Ephemeron\Cutting\Supply;
use Ephemeron\Cutting\Trimmer;
use Ephemeron\Drawer\Drawer;
use Ephemeron\Drawer\Sheets;
use Ephemeron\Fit\StockPlan;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\ToolGrid;
use Ephemeron\Paper\PaperKind;
use Ephemeron\Paper\SheetFormat;
use Ephemeron\Paper\Stock;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class DrawerTest extends TestCase
{
    use Designs;

    public function test_three_sheets_are_one_tab_spine_album_with_nothing_left(): void
    {
        // Handbook: the tab-spine album takes three 12 × 12 sheets with nothing left.
        $reach = (new Drawer([$this->patterns(12, 12, 3)]))->reach($this->plan('tab-spine-album')->stocks);
        $this->assertSame([1, 0], [$reach->copies, $reach->leftOf(PaperKind::Pattern)]);
        $this->assertSame(3, $reach->missing[0]->count);
    }

    #[TestWith([11, 12, 0])]
    #[TestWith([12, 12, 7])]
    #[TestWith([14, 12, 7])]
    #[TestWith([12, 24, 7])]
    public function test_a_sheet_serves_when_it_is_as_large_either_way(int $width, int $height, int $copies): void
    {
        $this->assertSame(
            $copies,
            (new Drawer([$this->patterns($width, $height, 7)]))->reach($this->plan('five-pocket-folio')->stocks)->copies,
        );
    }

    public function test_what_is_kept_for_covers_goes_into_covers_only_and_first(): void
    {
        $kept = new Sheets(PaperKind::Pattern, Size::inches(12, 12), 3, forCovers: true);
        $free = new Sheets(PaperKind::Pattern, Size::inches(12, 12), 3);
        $cover = new Sheets(PaperKind::Pattern, Size::inches(12, 12), 1, forCovers: true);
        $page = new Sheets(PaperKind::Pattern, Size::inches(12, 12), 1);
        $this->assertSame(
            [true, true, false, true],
            [$kept->serve($cover), $free->serve($cover), $kept->serve($page), $free->serve($page)],
        );
        $this->assertNotSame($kept->key(), $free->key());
        $this->assertSame(
            [0, 3, 5],
            [
                (new Drawer([$kept]))->reach($this->plan('five-pocket-folio')->stocks)->copies,
                (new Drawer([$free]))->reach($this->plan('five-pocket-folio')->stocks)->copies,
                $free->plus(2)->count,
            ],
        );
        $this->assertTrue($kept->less(1)->forCovers);
    }

    public function test_what_is_sold_as_twelve_inches_serves_where_thirty_and_a_half_centimetres_are_wanted(): void
    {
        $this->assertSame(
            2,
            (new Drawer([$this->patterns(12, 12, 2)]))->reach($this->plan('five-pocket-folio', ['unit' => 'cm'])->stocks)->copies,
        );
    }

    public function test_small_sheets_are_taken_first_and_card_does_not_stand_in_for_patterns(): void
    {
        $drawer = new Drawer(
            [$this->patterns(24, 24, 1), $this->patterns(12, 12, 1), new Sheets(PaperKind::Card, Size::inches(12, 12), 50)],
        );
        $reach = $drawer->reach($this->plan('five-pocket-folio')->stocks);
        $this->assertSame([2, 50, 1], [$reach->copies, $reach->leftOf(PaperKind::Card), $reach->missing[0]->count]);
        $this->assertSame(PaperKind::Pattern, $reach->missing[0]->kind);
    }

    public function test_a_sheet_that_serves_either_is_left_for_what_nothing_else_serves(): void
    {
        // 12 × 18 serves both; the square one must not take it.
        $reach = (new Drawer([$this->patterns(12, 18, 1), $this->patterns(12, 12, 1)]))
            ->reach([$this->wanted(12, 12), $this->wanted(6, 18)]);
        $this->assertSame(1, $reach->copies);
        // 9 × 18 serves both; the long one is larger and is looked for first.
        $reach = (new Drawer([$this->patterns(9, 18, 1), $this->patterns(13, 13, 1)]))->reach([$this->wanted(8, 8), $this->wanted(6, 18)]);
        $this->assertSame(1, $reach->copies);
    }

    public function test_an_empty_drawer_says_all_that_is_missing_once_for_each_kind_and_size(): void
    {
        foreach (['nested-gusset-album', 'coil-album'] as $structure) {
            $stocks = $this->plan($structure)->stocks;
            $reach = (new Drawer([]))->reach($stocks);
            $this->assertSame(0, $reach->copies);
            $this->assertSame(
                array_sum(array_map(static fn ($stock) => $stock->cuts->sheets(), $stocks)),
                array_sum(array_map(static fn (Sheets $sheets) => $sheets->count, $reach->missing)),
            );
            $keys = array_map(static fn (Sheets $sheets) => $sheets->key(), $reach->missing);
            $this->assertSame($keys, array_unique($keys));
        }
    }

    public function test_a_book_that_wants_nothing_new_does_not_count_for_ever(): void
    {
        $this->assertSame(0, (new Drawer([]))->reach([])->copies);
        $this->assertSame(99, (new Drawer([$this->patterns(12, 12, 100_000)]))->reach($this->plan('five-pocket-folio')->stocks)->copies);
    }

    /** A pile of which one whole sheet is wanted. */
    private function wanted(int $width, int $height): StockPlan
    {
        $usual = Stock::pattern('Orbit', SheetFormat::TwelveSquare, 160);
        $stock = new Stock('Orbit', Size::inches($width, $height), $usual->grammage, $usual->caliper, true, false, false, Length::zero());
        $demands = [new Demand('A', $stock->sheet, 1, false)];

        $supplies = [new Supply('Orbit', $stock->sheet, Length::zero())];

        return new StockPlan(
            $stock,
            ['mat-base'],
            $demands,
            $supplies,
            ProvenPlanner::quick()->plan($demands, $supplies, Trimmer::usual(ToolGrid::Eighth)),
        );
    }

    private function patterns(int $width, int $height, int $count): Sheets
    {
        return new Sheets(PaperKind::Pattern, Size::inches($width, $height), $count);
    }
}
