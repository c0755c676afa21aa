<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Bench\PlacesInShort;
use Ephemeron\Blueprint\Caution;
use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Loose;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Part;
use Ephemeron\Cutting\AsCut;
use Ephemeron\Cutting\CutWork;
use Ephemeron\Cutting\Passes;
use Ephemeron\Design\Tools;
use Ephemeron\Folding\Layers;
use Ephemeron\Geometry\Edge;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\Grammage;
use Ephemeron\Paper\SheetFormat;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\Stock;
use Ephemeron\Paper\StockRole;
use Ephemeron\Workshop;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What the blade takes at once, what never goes under it, and what is said of it. */
final class AtTheTrimmerTest extends TestCase
{
    use Designs;

    /** Handbook §18: about 3 sheets of 160 g, 2 of 220 g, 1 of 300 g and more at once (common practice, no published source). */
    #[TestWith([80, 3])]
    #[TestWith([160, 3])]
    #[TestWith([219.9, 3])]
    #[TestWith([220, 2])]
    #[TestWith([299.9, 2])]
    #[TestWith([300, 1])]
    #[TestWith([600, 1])]
    #[TestWith([600.1, 0])]
    public function test_sheets_at_once_by_their_weight(float $grams, int $atOnce): void
    {
        $stock = Stock::card('Card', SheetFormat::TwelveSquare, 200)->with(grammage: Grammage::grams($grams));
        $this->assertSame($atOnce, Tools::usual(Unit::Inch)->atOnce($stock));
    }

    public function test_the_makers_own_figure_goes_before(): void
    {
        $stock = static fn (float $grams): Stock => Stock::card('Card', SheetFormat::TwelveSquare, 200)
            ->with(grammage: Grammage::grams($grams));
        $tools = Tools::usual(Unit::Inch)->withStack(220, 4);
        $this->assertSame([3, 4, 1], [$tools->atOnce($stock(200)), $tools->atOnce($stock(250)), $tools->atOnce($stock(300))]);
        $this->assertSame(2, $tools->withStack(220, null)->atOnce($stock(250)));
        $plan = $this->plan('nested-gusset-album', ['stack-160' => 4]);
        $this->assertSame(4, $plan->stocks[2]->atOnce);
    }

    /** Board is 1 mm and thicker, however light. */
    public function test_thick_board_never_goes_to_the_trimmer(): void
    {
        $card = Stock::card('Board', SheetFormat::TwelveSquare, 500);
        $this->assertFalse($card->with(caliper: Length::millimetres(1)->minus(Length::ofTicks(1)))->isBoard());
        $this->assertTrue($card->with(caliper: Length::millimetres(1))->isBoard());
        $steps = array_filter(
            $this->plan('board-folder')->steps,
            static fn ($step): bool => str_starts_with($step->title, 'Greyboard: cut'),
        );
        $this->assertNotSame([], $steps);
        foreach ($steps as $step) {
            $this->assertSame(Caution::Knife, $step->caution);
            $this->assertStringContainsString('never in the trimmer', $step->text);
            $this->assertStringNotContainsString('ence', implode(' ', $step->places), 'no fence is set');
        }
    }

    #[TestWith([1, 3, 1, ''])]
    #[TestWith([3, 3, 1, '3 together'])]
    #[TestWith([4, 3, 2, '2 passes of 3, the last of 1'])]
    #[TestWith([96, 3, 32, '32 passes of 3'])]
    #[TestWith([5, 1, 5, '5, one at a time'])]
    #[TestWith([5, 0, 5, '5, one at a time'])]
    public function test_passes(int $pieces, int $atOnce, int $count, string $text): void
    {
        $passes = new Passes($pieces, $atOnce);
        $this->assertSame([$count, $text, $atOnce === 0], [$passes->count(), $passes->text(), $passes->isByHand()]);
    }

    public function test_a_batch_is_told_for_all_of_its_books(): void
    {
        $batch = Workshop::ofTheHouse()->plan($this->design('nested-gusset-album'), 10);
        $one = $this->plan('nested-gusset-album');
        $this->assertSame($one->pieces() * 10, $batch->pieces());
        $this->assertLessThanOrEqual($one->sheets() * 10, $batch->sheets());
        $this->assertGreaterThan($one->sheets() * 8, $batch->sheets());
        $texts = implode(
            "\n",
            array_map(
                static fn ($step): string => $step->title."\n".implode("\n", [...$batch->linesOf($step), ...$step->places]),
                $batch->steps
            ),
        );
        $this->assertMatchesRegularExpression('/in \d\d passes of 3[.,]/', $texts, 'some eighty sheets of 160 g');
        $this->assertStringContainsString('Score all 10 A', $texts);
        $amount = static fn ($plan): array => array_map(
            static fn ($wanted): array => [$wanted->name, $wanted->length?->ticks ?? $wanted->count],
            $plan->requisites(),
        );
        $this->assertSame(array_map(static fn (array $each): array => [$each[0], $each[1] * 10], $amount($one)), $amount($batch));
    }

    public function test_places_are_said_in_short(): void
    {
        $this->assertSame('page 1', PlacesInShort::of(['Page 1']));
        $this->assertSame('page 2, left fold-out', PlacesInShort::of(['Page 2, left fold-out']));
        $this->assertSame('pages 1, 2, 5 and 7 to 9', PlacesInShort::of(['Page 9', 'Page 1', 'Page 8', 'Page 2', 'Page 5', 'Page 7']));
        $this->assertSame(
            'page 3, front cover, back cover and 1 more',
            PlacesInShort::of(['Front cover', 'Page 3', 'Back cover', 'Spine', 'Spine']),
        );
        $this->assertSame('leaves 1 to 3', PlacesInShort::of(['leaf 1', 'leaf 2', 'leaf 3']));
        $this->assertSame(
            'front and back of pages 1 and 3',
            PlacesInShort::of(['page 3, front', 'page 3, back', 'page 1, front', 'page 1, back']),
        );
        $this->assertSame('front and back of page 1', PlacesInShort::of(['page 1, front', 'page 1, back']));
        $this->assertSame('pages 1 to 3, flap and inside of the flap of page 2, spine and 2 more', PlacesInShort::of(
            ['Page 1', 'Page 2', 'Page 3', 'Page 2, flap', 'Page 2, inside of the flap', 'Spine', 'Front cover', 'Back cover'],
        ));
        $this->assertSame('page 1, centre, flaps 1 to 3; page 1, centre, inside of the flap 2 and 4 more', PlacesInShort::of([
            'Page 1, centre, flap 1', 'Page 1, centre, inside of the flap 2', 'Page 1, centre, flap 2', 'Page 1, centre, flap 3',
            'Page 2, front', 'Page 2, back', 'Page 3, tab', 'Spine',
        ]));
        $this->assertSame('spine, head and 6 more', PlacesInShort::of([
            'Spine', 'Head', 'Foot', ...array_map(static fn (int $flap): string => "Tab, flap {$flap}", range(1, 5)),
        ]));
        $this->assertSame('flap 1 of pages 1 and 3; page 2, tab and 3 more', PlacesInShort::of([
            'Page 1, flap 1', 'Page 2, tab', ...array_map(static fn (int $flap): string => "Page 3, flap {$flap}", range(1, 4)),
        ]));
        $this->assertSame('flap 2 and insides 1 and 3 of pages 4 and 6', PlacesInShort::of([
            'Page 4, flap 2', 'Page 6, flap 2', 'Page 6, inside 1', 'Page 4, inside 3', 'Page 4, inside 1', 'Page 6, inside 3',
        ]));
        $this->assertSame('', PlacesInShort::of([]));
    }

    #[TestWith(['every other page from 1 to 9', 1, 9, 2])]
    #[TestWith(['pages 1, 3, 5 and 7', 1, 7, 2])]
    #[TestWith(['every fourth page from 2 to 78', 2, 78, 4])]
    #[TestWith(['pages 3 to 8', 3, 8, 1])]
    #[TestWith(['pages 1, 8, 15, 22 and 29', 1, 29, 7])]
    public function test_pages_that_come_again_at_one_distance_are_told_by_it(string $said, int $first, int $last, int $step): void
    {
        $places = array_map(static fn (int $page): string => "Page {$page}", range($first, $last, $step));
        $this->assertSame($said, PlacesInShort::of($places));
        $this->assertStringNotContainsString('every', PlacesInShort::of([...$places, 'Page '.($last + 2 * $step)]));
    }

    /** Of a paper that is begun with more sheets planned than are there now, only those that are there are planned. */
    public function test_sheets_that_are_not_there_any_more_are_not_planned(): void
    {
        $design = $this->design('nested-gusset-album', ['materials' => ['mat-base' => ['count' => 8]]]);
        $stock = array_values(
            array_filter(Workshop::ofTheHouse()->plan($design)->stocks, static fn ($stock): bool => $stock->roles === ['mat-base']),
        )[0];
        $two = $stock->cuts->withPatterns(
            [
                new \Ephemeron\Cutting\SheetPattern(
                    $stock->cuts->patterns[0]->supply,
                    4,
                    $stock->cuts->patterns[0]->tree,
                    ['F' => 2, 'H' => 6],
                    'cut-a-1',
                ),
                new \Ephemeron\Cutting\SheetPattern(
                    $stock->cuts->patterns[0]->supply,
                    4,
                    $stock->cuts->patterns[0]->tree,
                    ['H' => 8],
                    'cut-a-2',
                ),
            ],
        );
        $cut = new AsCut(
            [new CutWork($stock->stock->identity(), $stock->stock->name, $stock->roles, $stock->demands, $two)],
            ['cut-a-1' => 100],
        );
        foreach ([8 => [8, 0], 7 => [7, 2], 4 => [4, 8]] as $there => [$sheets, $missing]) {
            $plan = Workshop::ofTheHouse()->plan(
                $this->design('nested-gusset-album', ['materials' => ['mat-base' => ['count' => $there]]]),
                cut: $cut,
            );
            $now = array_values(array_filter($plan->stocks, static fn ($stock): bool => $stock->roles === ['mat-base']))[0]->cuts;
            $this->assertSame([$sheets, $missing], [$now->sheets(), array_sum($now->missing)], "{$there} there");
            $this->assertSame($missing, $plan->missing());
        }
    }

    /** A print on a free page keeps about ½ in off its edges. */
    public function test_a_print_on_a_free_page_keeps_off_its_edges(): void
    {
        $draft = new Draft;
        $size = Size::inches(5, 6);
        $draft->part(new Part('card', 'Card', 'Test', $size, StockRole::StructureCard));
        $draft->face(new Face('page-1', 'Page 1', $size, new PanelRef('card', 'whole', Side::A), 1, hinge: Edge::Left));
        $layers = (new Layers($draft->finish(), []))->all();
        $half = Length::inches(0, 1, 2)->ticks;
        $this->assertSame(
            [$half, Length::inches(5)->ticks - $half, $half, Length::inches(6)->ticks - $half],
            array_slice($layers[0], 0, 4),
        );
    }

    /**
     * §6.6: the strip is wrapped ¼ in onto both covers; sixteen layers of 160 g paper, 0.208 mm each, are 3.3 mm, with seven cards of 200
     * g 5.1 mm: 0.63 and 0.70 in, ¾ in to the groove above.
     */
    public function test_the_tape_of_the_meander_goes_onto_both_covers(): void
    {
        foreach (['false', 'true'] as $inserts) {
            $plan = $this->plan('meander-book', ['parameters' => ['spine' => 'tape', 'cover-cards' => 'false', 'inserts' => $inserts]]);
            $this->assertContains(
                'Spine tape, ¾ in wide',
                array_map(static fn ($loose): string => $loose->name, $plan->blueprint->all(Loose::class)),
            );
        }
    }
}
