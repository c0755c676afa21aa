<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Cutting\Demand;
use Ephemeron\Cutting\ProvenPlanner;
use Ephemeron\Cutting\Trimmer;
use Ephemeron\Drawer\Offer;
use Ephemeron\Drawer\Proposal;
use Ephemeron\Drawer\Proposer;
use Ephemeron\Drawer\Want;
use Ephemeron\Drawer\Wishes;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\ToolGrid;
use Ephemeron\Paper\Leftover;
use Ephemeron\Paper\PaperKind;
use Ephemeron\Paper\SheetFormat;
use Ephemeron\Paper\Stock;
use Ephemeron\Paper\StockRole;
use PHPUnit\Framework\TestCase;

/** Papers proposed for the roles of a book. */
final class ProposerTest extends TestCase
{
    public function test_the_most_prized_goes_on_the_cover_and_nowhere_else(): void
    {
        $proposals = $this->propose(
            [$this->want(StockRole::MatTop, 6, 6, 4), $this->want(StockRole::CoverPaper, 5, 8, 2)],
            [$this->pattern('plain', 9), $this->pattern('best', 9, charm: 2)],
        );
        $this->assertSame(['plain', 'best'], $this->taken($proposals));
        $this->assertStringContainsString('most prized', $proposals[1]->reason);

        $indifferent = $this->propose(
            [$this->want(StockRole::MatTop, 6, 6, 4)],
            [$this->pattern('a best', 9, charm: 2), $this->pattern('plain', 9)],
            new Wishes(cover: false),
        );
        $this->assertSame(['a best'], $this->taken($indifferent), 'Who does not mind gets the first by name.');
    }

    public function test_the_cover_chooses_first(): void
    {
        $wants = [$this->want(StockRole::MatTop, 12, 12, 3), $this->want(StockRole::CoverPaper, 12, 12, 3)];
        $this->assertSame(
            ['b', 'a'],
            $this->taken($this->propose($wants, [$this->pattern('a', 3), $this->pattern('b', 3)], new Wishes(cover: false))),
        );
    }

    public function test_leftovers_are_used_up_before_a_sheet_is_begun(): void
    {
        $offers = [$this->pattern('a whole pad', 9), $this->pattern('scraps', 9, [new Leftover(Size::inches(12, 6), 1)])];
        $this->assertSame(['scraps'], $this->taken($this->propose([$this->want(StockRole::MatTop, 6, 6, 2)], $offers)));
        $proposal = $this->propose([$this->want(StockRole::MatTop, 6, 6, 2)], $offers)[0];
        $this->assertSame([0, 1], [$proposal->sheets, $proposal->leftovers]);
        $this->assertStringContainsString('no new sheet', $proposal->reason);
        $this->assertSame(
            ['a whole pad'],
            $this->taken($this->propose([$this->want(StockRole::MatTop, 6, 6, 2)], $offers, new Wishes(leftovers: false, whole: false))),
        );
    }

    public function test_a_whole_paper_stays_whole_while_one_that_is_begun_will_do(): void
    {
        $offers = [$this->pattern('a whole one', 9), $this->pattern('begun', 9, begun: true)];
        $this->assertSame(['begun'], $this->taken($this->propose([$this->want(StockRole::MatTop, 6, 6, 2)], $offers)));
        $this->assertSame(
            ['a whole one'],
            $this->taken($this->propose([$this->want(StockRole::MatTop, 6, 6, 2)], $offers, new Wishes(whole: false))),
        );
    }

    public function test_facing_pages_get_different_papers_or_none(): void
    {
        $wants = [$this->want(StockRole::MatTop, 6, 6, 4), $this->want(StockRole::MatOther, 6, 6, 4)];
        $this->assertSame(['one', 'two'], $this->taken($this->propose($wants, [$this->pattern('one', 9), $this->pattern('two', 9)])));
        $this->assertSame(['one', null], $this->taken($this->propose($wants, [$this->pattern('one', 9)])));
        $this->assertSame(['one', 'one'], $this->taken($this->propose($wants, [$this->pattern('one', 9)], new Wishes(facing: false))));
    }

    public function test_what_one_role_takes_the_next_cannot_have(): void
    {
        $wants = [$this->want(StockRole::CoverPaper, 12, 12, 3), $this->want(StockRole::PocketPaper, 12, 12, 3)];
        $this->assertSame(
            ['scarce', 'scarce too'],
            $this->taken($this->propose($wants, [$this->pattern('scarce', 5), $this->pattern('scarce too', 3)])),
        );
        $this->assertSame(['scarce', null], $this->taken($this->propose($wants, [$this->pattern('scarce', 5)])));
    }

    public function test_card_is_no_pattern_and_small_sheets_do_not_give_large_pieces(): void
    {
        $card = new Offer('card', PaperKind::Card, Stock::card('Card', SheetFormat::TwelveSquare, 220), false, 0);
        $this->assertSame([null], $this->taken($this->propose([$this->want(StockRole::MatTop, 6, 6, 1)], [$card])));
        $this->assertSame(['card'], $this->taken($this->propose([$this->want(StockRole::StructureCard, 6, 6, 1)], [$card])));
        $this->assertSame(
            ['card'],
            $this->taken($this->propose([$this->want(StockRole::MatBase, 6, 6, 1)], [$card])),
            'A plain base may be card.',
        );
        $small = new Offer('small', PaperKind::Pattern, Stock::pattern('Small', SheetFormat::SixSquare, 160), false, 0);
        $nothing = $this->propose([$this->want(StockRole::MatTop, 7, 6, 1)], [$small])[0];
        $this->assertNull($nothing->offer);
        $this->assertStringContainsString('gives all of these pieces', $nothing->reason);
    }

    public function test_a_paper_whose_area_would_do_but_whose_pieces_do_not_lie_so_is_not_proposed(): void
    {
        // Two of 7 × 7 cover less than a sheet and still want two.
        $proposal = $this->propose([$this->want(StockRole::MatTop, 7, 7, 2)], [$this->pattern('one sheet', 1)])[0];
        $this->assertNull($proposal->offer);
        $this->assertStringContainsString('runs out', $proposal->reason);
    }

    /**
     * @param list<Want> $wants
     * @param list<Offer> $offers
     * @return list<Proposal>
     */
    private function propose(array $wants, array $offers, ?Wishes $wishes = null): array
    {
        return (new Proposer(ProvenPlanner::quick(), Trimmer::usual(ToolGrid::Eighth)))->propose($wants, $offers, $wishes ?? new Wishes);
    }

    /**
     * @param list<Proposal> $proposals
     * @return list<string|null>
     */
    private function taken(array $proposals): array
    {
        return array_map(static fn (Proposal $proposal): ?string => $proposal->offer?->id, $proposals);
    }

    private function want(StockRole $role, int $width, int $height, int $count): Want
    {
        return new Want($role, static fn (): array => [new Demand('A', Size::inches($width, $height), $count, true)]);
    }

    /** @param list<Leftover> $leftovers */
    private function pattern(string $id, int $count, array $leftovers = [], bool $begun = false, int $charm = 0): Offer
    {
        $stock = Stock::pattern($id, SheetFormat::TwelveSquare, 160);

        return new Offer(
            $id,
            PaperKind::Pattern,
            new Stock(
                $stock->name,
                $stock->sheet,
                $stock->grammage,
                $stock->caliper,
                true,
                false,
                false,
                Length::zero(),
                $count,
                $id,
                $leftovers,
            ),
            $begun,
            $charm,
        );
    }
}
