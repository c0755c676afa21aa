<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Measure\Size;
use Ephemeron\Paper\Choice;
use Ephemeron\Paper\SheetFormat;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\Stock;
use Ephemeron\Paperer;
use Ephemeron\Papering\Arranger;
use Ephemeron\Papering\Crops;
use Ephemeron\Papering\Lab;
use Ephemeron\Papering\Look;
use Ephemeron\Papering\Offer;
use Ephemeron\Papering\Puzzle;
use Ephemeron\Papering\Unkept;
use Ephemeron\Papering\Want;
use Ephemeron\Papering\Weights;
use Ephemeron\Papering\Wish;
use Ephemeron\Structure\Catalogue;
use Ephemeron\Workshop;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Pads laid out over a book. What goes together and what one wishes for is common practice, no published source. */
final class PapererTest extends TestCase
{
    use AnyDesign;
    use Designs;

    /** Eighteen prints, two sheets of each, every fourth with a right way up: fourteen pages and both covers. */
    public function test_an_album_from_one_pad(): void
    {
        $design = $this->design('nested-gusset-album', ['mats' => ['layers' => 1]]);
        $proposal = (new Paperer(Workshop::ofTheHouse()))->propose($design, $this->pad());
        $plan = Workshop::ofTheHouse()->plan($design->with(choices: $proposal->choices));
        $this->assertSame([], $plan->report->of('paper-runs-out', 'choice-of-nothing', 'print-upside-down'));
        $this->assertCount(0, $proposal->arrangement->empty());
        foreach ($plan->stocks as $stock) {
            if ($stock->stock->drawer !== null) {
                $this->assertLessThanOrEqual(2, $stock->cuts->sheets(), $stock->stock->name);
            }
        }
        $faces = array_filter(
            array_keys($plan->blueprint->faces),
            static fn (string $key): bool => $key === 'front-cover' || str_starts_with($key, 'page-'),
        );
        $this->assertSame([], array_diff(['front-cover', 'page-1', 'page-14'], array_keys($proposal->choices->said)));
        $this->assertGreaterThanOrEqual(15, count($faces));
        $this->assertCount(count($proposal->arrangement->puzzle->wants), $proposal->choices->said, 'none is dropped');
        $this->assertSame('print-0', $proposal->choices->said['front-cover']->paper, 'the best one');
    }

    /** Only the number of sheets counts: no more than the pieces’ shares of a sheet allow. */
    public function test_as_few_sheets_as_can_be(): void
    {
        $only = new Weights([...array_fill_keys(array_column(Wish::cases(), 'value'), 0), Wish::FewSheets->value => 10]);
        $design = $this->design('nested-gusset-album', ['mats' => ['layers' => 1]]);
        $proposal = (new Paperer(Workshop::ofTheHouse()))->propose($design, $this->pad(directional: false), $only);
        $shares = 0.0;
        foreach ($proposal->arrangement->puzzle->shares as $share) {
            $shares += $share[0];
        }
        $this->assertSame((int) ceil($shares - 1e-9), array_sum(array_map(
            static fn (float $load): int => (int) ceil($load - 1e-9),
            $proposal->arrangement->loads(),
        )));
    }

    /** @return iterable<string, array{string}> */
    public static function structures(): iterable
    {
        foreach (Catalogue::ofTheHouse()->keys() as $structure) {
            yield $structure => [$structure];
        }
    }

    /** Whatever the book: there is enough, it can be cut, nothing with a right way up stands on its head or lies on its side. */
    #[DataProvider('structures')]
    public function test_any_book_is_papered_with_what_there_is(string $structure): void
    {
        foreach ([21, 22] as $seed) {
            mt_srand($seed);
            $design = $this->buildable($structure);
            $offers = $this->pad(mt_rand(2, 10), mt_rand(1, 3));
            $proposal = (new Paperer(Workshop::ofTheHouse()))->propose($design, $offers);
            $plan = Workshop::ofTheHouse()->plan($design->with(choices: $proposal->choices));
            $crops = new Crops($plan->blueprint, $plan->stocks);
            foreach ($plan->stocks as $stock) {
                if ($stock->stock->drawer !== null) {
                    $this->assertSame([], $stock->cuts->missing, "{$structure}, seed {$seed}: {$stock->stock->name}");
                    $this->assertLessThanOrEqual($stock->stock->available, $stock->cuts->sheets());
                }
            }
            foreach ($plan->blueprint->faces as $face) {
                $part = $plan->blueprint->part($face->paper->part);
                $crop = $crops->ofFace($face);
                if ($part->print !== null && $crop !== null && $plan->blueprint->on($face->key) === [] && $part->upright) {
                    $this->assertFalse(
                        $crop->isFallen() && $plan->stockOf($part->key)->isDirectional($face->paper->side),
                        "{$structure}, seed {$seed}: {$face->name}",
                    );
                }
            }
            $this->assertSame([], $plan->report->of('choice-of-nothing'), "{$structure}, seed {$seed}");
        }
    }

    /** Folded, the sheet of a meander book turns half its faces over: the best print is not for it where it has a right way up. */
    public function test_a_sheet_that_is_folded_over_gets_no_direction(): void
    {
        $pad = $this->pad(2);
        $pad['print-0'] = new Offer('100', $pad['print-0']->stock->with(directionA: true, directionB: true), null, null, true);
        $pad['print-1'] = new Offer('101', $pad['print-1']->stock->with(directionA: true, directionB: false));
        $design = $this->design('meander-book');
        $proposal = (new Paperer(Workshop::ofTheHouse()))->propose($design, $pad);
        $sheets = array_filter($proposal->choices->said, static fn (Choice $choice): bool => $choice->paper === 'print-1');
        $this->assertNotSame([], $sheets);
        $plan = Workshop::ofTheHouse()->plan($design->with(choices: $proposal->choices));
        $this->assertSame([], $plan->report->of('print-upside-down'));
        $this->assertSame(Side::B, $proposal->choices->said[array_key_first($sheets)]->side);
    }

    public function test_what_was_chosen_by_hand_stays(): void
    {
        $pad = $this->pad();
        $design = $this->design('nested-gusset-album', ['papers' => ['mine' => ['name' => 'Mine', 'count' => 1]], 'choices' => [
            'page-3' => ['paper' => 'mine', 'side' => 'B'],
            'page-4' => ['side' => 'B'],
        ]]);
        $byHand = $design->with(choices: $design->choices->with(
            papers: $design->choices->papers + ['print-5' => $pad['print-5']->stock],
            said: $design->choices->said + ['page-5' => new Choice('print-5', Side::B)],
        ));
        $proposal = (new Paperer(Workshop::ofTheHouse()))->propose($byHand, $pad);
        $this->assertEquals(new Choice('mine', Side::B), $proposal->choices->said['page-3']);
        $this->assertEquals(new Choice('print-5', Side::B), $proposal->choices->said['page-5']);
        $again = (new Paperer(Workshop::ofTheHouse()))->propose($byHand->with(choices: $proposal->choices), $pad);
        $this->assertEquals(
            $proposal->choices->said,
            $again->choices->said,
            'what was proposed is no choice by hand; the answer is the same',
        );
    }

    /** Two alike go together and do not stand out from each other; the third does both the other way round. */
    #[TestWith([Wish::GoTogether, ['blue', 'azure'], 'page-2'])]
    #[TestWith([Wish::Contrast, ['blue', 'rust'], 'pocket'])]
    #[TestWith([Wish::NeighboursDiffer, ['blue', 'azure'], 'page-3'])]
    public function test_each_wish_is_heeded(Wish $wish, array $among, string $place): void
    {
        $wants = [
            new Want('page-1', 'page 1', Size::inches(11, 11), facing: 1),
            new Want('page-2', 'page 2', Size::inches(11, 11), facing: 0),
            new Want('pocket', 'pocket', Size::inches(5, 5), isTop: false, on: 0),
            new Want('page-3', 'page 3', Size::inches(11, 11), opening: 1),
        ];
        $colours = ['blue' => '#30508a', 'azure' => '#3a5c99', 'rust' => '#b05a2a', 'straw' => '#e8d8a0'];
        $offers = array_map(static fn (string $name): Offer => new Offer(
            $name,
            Stock::pattern($name, SheetFormat::TwelveSquare, 160, false)->counted(1),
            Lab::ofHex($colours[$name]),
        ), array_keys($colours));
        $only = new Weights([...array_fill_keys(array_column(Wish::cases(), 'value'), 0), $wish->value => 10]);
        $puzzle = new Puzzle($wants, $offers, $only, [0 => new Look(0, Side::A)]);
        $arrangement = (new Arranger($puzzle))->arrange();
        $number = array_search($place, array_column($wants, 'place'), true);
        $name = $offers[$arrangement->of((int) $number)->offer ?? -1]->stock->name ?? '';
        $wish === Wish::Contrast ? $this->assertNotSame('azure', $name) : $this->assertNotSame('blue', $name, 'there is one sheet of it');
        if ($wish === Wish::GoTogether) {
            $this->assertSame($among[1], $name);
        }
    }

    public function test_what_could_not_be_kept_is_said(): void
    {
        $wants = [
            new Want('page-1', 'page 1', Size::inches(5, 5), opening: 0),
            new Want('page-2', 'page 2', Size::inches(5, 5), opening: 1),
            new Want('page-3', 'page 3', Size::inches(13, 5), opening: 2),
        ];
        $offer = new Offer('dew', Stock::pattern('Dew', SheetFormat::TwelveSquare, 160)->counted(1));
        $this->assertSame([
            'No print on offer is large enough, or left, for page-3.',
            'Page 1 and page 2 follow each other in Dew.',
        ], Unkept::in((new Arranger(new Puzzle($wants, [$offer], new Weights)))->arrange()));
    }

    public function test_it_can_be_stopped_and_tells_how_far_it_is(): void
    {
        $shares = [];
        $told = static function (float $share) use (&$shares): bool {
            $shares[] = $share;

            return $share < 0.5;
        };
        (new Paperer(Workshop::ofTheHouse()))->propose($this->design('nested-gusset-album'), $this->pad(6), told: $told);
        $this->assertGreaterThan(5, count($shares));
        $this->assertSame(0.5, max($shares));
    }

    /** @return array<string, Offer> */
    private function pad(int $prints = 18, int $sheets = 2, bool $directional = true): array
    {
        $pad = [];
        for ($number = 0; $number < $prints; $number++) {
            $stock = Stock::pattern("Print {$number}", SheetFormat::TwelveSquare, 180)->counted($sheets)->from((string) (100 + $number));
            $pad["print-{$number}"] = new Offer(
                (string) (100 + $number),
                $directional && $number % 4 === 1 ? $stock->with(directionA: true) : $stock,
                Lab::ofHex(sprintf('#%02x%02x%02x', 40 * $number % 256, 255 - 13 * $number, 90 + 7 * $number)),
                Lab::ofHex(sprintf('#%02x%02x%02x', 255 - 11 * $number, 60 * $number % 256, 90)),
                $number === 0,
            );
        }

        return $pad;
    }
}
