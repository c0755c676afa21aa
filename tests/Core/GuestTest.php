<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Cutting\AsCut;
use Ephemeron\Cutting\CutWork;
use Ephemeron\Cutting\Demand;
use Ephemeron\Fit\Guest;
use Ephemeron\Fit\StockPlan;
use Ephemeron\Structure\Catalogue;
use Ephemeron\WorkPlan;
use Ephemeron\Workshop;
use PHPUnit\Framework\TestCase;

/** Several books at once: what they are cut from together is all that each of them wants, from no more sheets. */
final class GuestTest extends TestCase
{
    use Designs;

    private const KRAFT = ['name' => 'Kraft dusk', 'sheet' => '12x12', 'weight' => '220'];

    public function test_every_piece_of_every_book_is_there_once_and_no_sheet_more(): void
    {
        $structures = Catalogue::ofTheHouse()->keys();
        foreach ($structures as $index => $one) {
            $host = $this->plan($one);
            $others = [$structures[($index + 1) % count($structures)], $structures[($index + 5) % count($structures)]];
            $books = array_map(fn (string $each): WorkPlan => $this->plan($each), $others);
            $all = $this->together($host, $books);
            $apart = array_sum(array_map(static fn (WorkPlan $plan): int => $plan->sheets(), [$host, ...$books]));
            $this->assertLessThanOrEqual($apart, $all->sheets(), $one);
            $this->assertSame($apart - $all->sheets(), $all->spares($host, ...$books), $one);
            $wanted = self::wanted($host, '');
            foreach ($books as $number => $book) {
                $wanted += self::wanted($book, (string) ($number + 2));
            }
            $given = [];
            foreach ($all->stocks as $stock) {
                foreach ($stock->cuts->patterns as $pattern) {
                    foreach ($pattern->gives as $letter => $count) {
                        $given[$letter] = ($given[$letter] ?? 0) + $count;
                    }
                }
            }
            ksort($wanted);
            ksort($given);
            $this->assertSame($wanted, $given, $one);
            foreach ($all->guests as $guest) {
                $this->assertSeesItsPieces($books[$guest->number - 2], Workshop::ofTheHouse()->planOfGuest($guest, $all));
            }
            $this->assertCount(count($host->steps) - self::sheetSteps($host) + self::sheetSteps($all), $all->steps, $one);
        }
    }

    public function test_books_in_one_paper_share_its_sheets(): void
    {
        $card = ['materials' => ['structure-card' => self::KRAFT]];
        $host = $this->plan('nested-gusset-album', ['mats' => ['layers' => 2], ...$card]);
        $all = $this->together($host, [
            $this->plan('tag-clutch', ['mats' => ['layers' => 1], ...$card]),
            $this->plan('tag-clutch', ['materials' => ['structure-card' => [...self::KRAFT, 'name' => 'Own']]]),
        ]);
        $letters = static fn (string $paper): array => array_values(
            array_unique(
                array_map(
                    static fn (Demand $demand): string => preg_replace('/[A-Z]+/', '', $demand->key) ?? '',
                    array_values(array_filter($all->stocks, static fn (StockPlan $each): bool => $each->stock->name === $paper))[0]->demands,
                ),
            ),
        );
        $this->assertSame(['', '2'], $letters('Kraft dusk'), 'the third has a paper of its own');
        $this->assertSame(['3'], $letters('Own'));
    }

    /** The one sheet there is of a paper is there once, however many books name it. */
    public function test_a_pile_that_two_books_know_is_there_once(): void
    {
        $plan = $this->plan('tag-clutch', ['materials' => ['structure-card' => [...self::KRAFT, 'count' => 3]]]);
        $this->assertSame(0, $plan->missing());
        $short = $this->together($plan, [$plan, $plan, $plan, $plan]);
        $this->assertGreaterThan(0, $short->missing());
        $this->assertSame(0, $short->spares($plan, $plan, $plan, $plan, $plan), 'it is used up either way');
    }

    /** What is cut for all of them stays as it was cut, and is seen by each, when another one goes. */
    public function test_what_is_cut_for_all_stays(): void
    {
        $host = $this->plan('tag-clutch');
        $all = $this->together($host, [$host, $host]);
        $stock = $all->stocks[0];
        $work = new CutWork($stock->stock->identity(), $stock->stock->name, $stock->roles, $stock->demands, $stock->cuts);
        $cut = new AsCut([$work], [$stock->cuts->patterns[0]->key => PHP_INT_MAX]);
        $workshop = Workshop::ofTheHouse();

        $same = $workshop->plan($host->design, 1, $cut, $all->guests);
        $this->assertEquals($stock->cuts, $same->stocks[0]->cuts);
        $this->assertTrue($same->isBegun($same->stocks[0]));
        $seen = $workshop->planOfGuest($same->guests[1], $same);
        $this->assertTrue($seen->isBegun($seen->stocks[0]));

        // The second goes; the third keeps what was cut for it, under another number.
        $fewer = $workshop->plan($host->design, 1, $cut, [new Guest(2, $all->guests[1]->known, $host->design)]);
        $this->assertSame(0, $fewer->missing());
        $this->assertLessThanOrEqual($all->sheets(), $fewer->sheets());
        $this->assertSeesItsPieces($host, $workshop->planOfGuest($fewer->guests[0], $fewer));
    }

    /** Pieces pinned to the first sheet of each are not pinned to one sheet of all. */
    public function test_pinned_sheets_of_two_books_are_two(): void
    {
        $plan = $this->plan('tag-clutch');
        $part = $plan->stocks[0]->demands[0]->piece;
        $pinned = $this->plan('tag-clutch', ['pins' => [['part' => $part, 'sheet' => 1, 'left' => '0', 'top' => '0']]]);
        $all = $this->together($pinned, [$pinned]);
        $this->assertSame([], $all->stocks[0]->cuts->loosePins);
        $this->assertNotContains('pin-cannot-be-cut', $this->kinds($all));
        $off = $this->plan('tag-clutch', ['pins' => [['part' => $part, 'sheet' => 3, 'left' => '11 7/8', 'top' => '11 7/8']]]);
        $all = $this->together($plan, [$off]);
        $this->assertSame(['3'], Workshop::ofTheHouse()->planOfGuest($all->guests[0], $all)->stocks[0]->cuts->loosePins);
    }

    private function assertSeesItsPieces(WorkPlan $alone, WorkPlan $seen): void
    {
        $this->assertCount(count($alone->stocks), $seen->stocks);
        foreach ($alone->stocks as $index => $stock) {
            $given = array_fill_keys(array_map(static fn (Demand $demand): string => $demand->key, $stock->demands), 0);
            foreach ($seen->stocks[$index]->cuts->patterns as $pattern) {
                foreach (array_intersect_key($pattern->gives, $given) as $letter => $count) {
                    $given[$letter] += $count;
                }
                foreach ($pattern->blanks() as $blank) {
                    foreach (array_intersect($blank->demands, array_keys($given)) as $letter) {
                        $size = self::demand($stock, $letter)->size;
                        $this->assertEquals($blank->turned ? $size->turned() : $size, $blank->area()->size());
                    }
                }
            }
            $wanted = array_map(static fn (Demand $demand): int => $demand->quantity, $stock->demands);
            $this->assertSame($wanted, array_values($given), $stock->stock->name);
        }
    }

    private static function demand(StockPlan $stock, string $letter): Demand
    {
        return array_values(array_filter($stock->demands, static fn (Demand $demand): bool => $demand->key === $letter))[0];
    }

    /** @return array<string, int> */
    private static function wanted(WorkPlan $plan, string $number): array
    {
        $wanted = [];
        foreach ($plan->stocks as $stock) {
            foreach ($stock->demands as $demand) {
                $wanted[$number.$demand->key] = ($wanted[$number.$demand->key] ?? 0) + $demand->quantity;
            }
        }

        return $wanted;
    }

    private static function sheetSteps(WorkPlan $plan): int
    {
        return count(array_filter($plan->steps, static fn ($step): bool => $plan->patternOf($step) !== null));
    }

    /** @param list<WorkPlan> $others */
    private function together(WorkPlan $host, array $others): WorkPlan
    {
        $guests = array_map(
            static fn (WorkPlan $plan, int $index): Guest => new Guest($index + 2, $index + 40, $plan->design),
            $others,
            array_keys($others),
        );

        return Workshop::ofTheHouse()->plan($host->design, guests: $guests);
    }
}
