<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Blueprint\Sundry;
use Ephemeron\Fit\Requisite;
use Ephemeron\Measure\Axis;
use Ephemeron\Paper\Grain;
use Ephemeron\Paper\Price;
use Ephemeron\Paper\UnusablePaper;
use Ephemeron\Structure\Catalogue;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class RequisitesAndPricesTest extends TestCase
{
    use Designs;

    public function test_the_album_wants_ribbon_and_the_tape_of_its_gussets(): void
    {
        $wanted = $this->wanted('nested-gusset-album');
        // 2 × (5 + 1) round the album and 14 for the bow; handbook: 25 to 30 in for a book of 5 × 8½.
        $this->assertSame(26.0, $wanted['Ribbon']->length?->inMillimetres() / 25.4);
        // Worked by hand: strips of ¼ in on the backs of gussets 1 to 3, which are ¼, ½ and ¾ wide: 1 + 2 + 3 strips, each as long as the
        // leaf is tall.
        $this->assertEqualsWithDelta(6 * 8.5, $wanted['Double-sided tape']->length?->inMillimetres() / 25.4, 0.01);
        $this->assertSame(Sundry::Tape, $wanted['Double-sided tape']->kind);
    }

    public function test_magnets_are_counted_over_all_things_that_want_them(): void
    {
        $none = $this->wanted('nested-gusset-album', ['furniture' => []]);
        $this->assertArrayNotHasKey('Magnet, thin disc', $none);
        $two = $this->wanted(
            'nested-gusset-album',
            ['furniture' => [['on' => 'page-1', 'kind' => 'magnets'], ['on' => 'page-3', 'kind' => 'magnets']]],
        );
        $one = $this->wanted('nested-gusset-album', ['furniture' => [['on' => 'page-1', 'kind' => 'magnets']]]);
        $this->assertSame(2 * $one['Magnet, thin disc']->count, $two['Magnet, thin disc']->count);
        $this->assertNull($one['Magnet, thin disc']->length, 'Magnets are counted, not measured.');
    }

    public function test_thread_for_every_page_is_added_up(): void
    {
        $two = $this->wanted('thread-hinge-album', ['parameters' => ['pages' => 2]])['Strong thread, doubled'];
        $four = $this->wanted('thread-hinge-album', ['parameters' => ['pages' => 4]])['Strong thread, doubled'];
        $this->assertSame(2 * ($two->length->ticks ?? 0), $four->length?->ticks);
    }

    /**
     * Common practice, no published source: the fold, half a board's height at each end, a hand for the knot; doubled. By hand: 2 × (10 +
     * 10½ + 4).
     */
    public function test_a_thread_reaches_the_knot_behind_the_spine_board(): void
    {
        $this->assertSame(
            49 * 8128,
            $this->wanted('thread-hinge-album', ['parameters' => ['pages' => 1]])['Strong thread, doubled']->length?->ticks,
        );
        $metric = $this->wanted(
            'thread-hinge-album',
            ['unit' => 'cm', 'parameters' => ['pages' => 1, 'page-height' => '20']],
        )['Strong thread, doubled'];
        $this->assertSame(2 * (200 + 212 + 100) * 320, $metric->length?->ticks);
    }

    public function test_what_is_sold_by_length_has_one_and_what_is_counted_has_a_count(): void
    {
        foreach (Catalogue::ofTheHouse()->keys() as $structure) {
            foreach ($this->wanted($structure) as $requisite) {
                $this->assertGreaterThan(0, $requisite->count, $structure);
                if (! $requisite->kind->isByLength()) {
                    $this->assertNull($requisite->length, "{$structure}, {$requisite->name}");
                }
            }
        }
    }

    public function test_paper_comes_to_its_sheets_times_their_price(): void
    {
        $plan = $this->plan(
            'tab-spine-album',
            ['materials' => ['book-sheet' => ['price' => '0.85'], 'structure-card' => ['price' => '0.85'],
                'cover-paper' => ['price' => '0.85']]],
        );
        $sheets = array_sum(
            array_map(static fn ($stock): int => $stock->stock->price->mills > 0 ? $stock->cuts->sheets() : 0, $plan->stocks),
        );
        $this->assertSame(850 * $sheets, $plan->price()->mills);
        $this->assertSame(0, $this->plan('tab-spine-album')->price()->mills);
    }

    #[TestWith(['0.85', 850])]
    #[TestWith(['0.855', 855])]
    #[TestWith(['250000', 250_000_000])]
    #[TestWith(['0,85', 850])]
    #[TestWith(['12', 12_000])]
    #[TestWith(['12.5', 12_500])]
    #[TestWith(['0', 0])]
    #[TestWith([' 3 ', 3000])]
    public function test_prices_are_read_and_written(string $text, int $mills): void
    {
        $price = Price::parse($text);
        $this->assertSame($mills, $price->mills);
        $this->assertEquals($price, Price::parse($price->text()));
    }

    #[TestWith([''])]
    #[TestWith(['-1'])]
    #[TestWith(['0.8555'])]
    #[TestWith(['1 000'])]
    #[TestWith(['dear'])]
    #[TestWith(['1e3'])]
    #[TestWith(['1234567890'])]
    public function test_what_is_no_price_is_refused(string $text): void
    {
        $this->expectException(UnusablePaper::class);
        Price::parse($text);
    }

    public function test_grain_names_the_side_its_fibres_run_along(): void
    {
        $this->assertSame([null, Axis::Height, Axis::Width], array_map(static fn (Grain $grain): ?Axis => $grain->axis(), Grain::cases()));
        $this->assertCount(3, array_unique(array_map(static fn (Grain $grain): string => $grain->label(), Grain::cases())));
    }

    /**
     * @param array<string, mixed> $more
     * @return array<string, Requisite> by name
     */
    private function wanted(string $structure, array $more = []): array
    {
        return array_column($this->plan($structure, $more)->requisites(), null, 'name');
    }
}
