<?php

declare(strict_types=1);

namespace Tests\Core;

use Bench\PublishedClasses;
use Ephemeron\Cutting\AlikePieces;
use Ephemeron\Cutting\Demand;
use Ephemeron\Cutting\Effort;
use Ephemeron\Cutting\FullSheet;
use Ephemeron\Cutting\Kind;
use Ephemeron\Cutting\Measured;
use Ephemeron\Cutting\ProvenPlanner;
use Ephemeron\Cutting\SheetSets;
use Ephemeron\Cutting\Slab;
use Ephemeron\Cutting\Supply;
use Ephemeron\Cutting\Trimmer;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\ToolGrid;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

require_once __DIR__.'/../../bench/PublishedClasses.php';

/** Pieces that leave next to nothing of a sheet come out of it, or do not. */
final class FullSheetTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 60; $seed++) {
            yield "seed {$seed}" => [$seed];
        }
    }

    /** Against every cut of every rectangle at every mark. */
    #[DataProvider('seeds')]
    public function test_five_pieces_come_out_when_some_way_of_cutting_gives_them(int $seed): void
    {
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        foreach ([false, true] as $isTurnable) {
            $pieces = $this->nearlyAll($chance, 9, 9, 5);
            $full = $this->full($pieces, 9, 9, $isTurnable);
            $this->assertSame((new EveryCut(9, $isTurnable))->least($pieces) === 1, $full->comesOut());
        }
    }

    /** Against the smallest rectangles of every set of pieces, some of which are equal. */
    #[DataProvider('seeds')]
    public function test_nine_pieces_come_out_when_sets_of_them_do(int $seed): void
    {
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937(1_000 + $seed));
        foreach ([[false, 14, 11], [true, 14, 11], [true, 12, 12]] as [$isTurnable, $width, $height]) {
            $pieces = $this->nearlyAll($chance, $width, $height, 9);
            $task = $this->task($pieces, $width, $height, $isTurnable);
            $kinds = Measured::each($task->wanted());
            $full = new FullSheet($task, $kinds, Effort::unlimited());
            $comesOut = SheetSets::sheet($task, $kinds, Effort::unlimited()) !== null;
            $this->assertSame($comesOut, $full->comesOut());
            if ($comesOut) {
                $this->assertIsCut($full->slab(), $task);
            }
        }
    }

    /** A sheet that was cut up into so many pieces that not all rectangles are kept in mind at first. */
    #[TestWith([1, false])]
    #[TestWith([2, true])]
    public function test_what_was_cut_from_a_sheet_comes_out_of_it(int $seed, bool $isTurnable): void
    {
        $pieces = $this->cutUp(new \Random\Randomizer(new \Random\Engine\Mt19937($seed)), 60, 40, 22);
        $task = $this->task($pieces, 60, 40, $isTurnable);
        $full = new FullSheet($task, Measured::each($task->wanted()), Effort::unlimited());
        $this->assertTrue($full->comesOut());
        $this->assertIsCut($full->slab(), $task);
        // The same with one mark too much.
        $pieces[0][1]++;
        $this->assertFalse($this->full($pieces, 60, 40, $isTurnable)->comesOut());
    }

    /** Sixteen pieces drawn by lot, of which the fullest rectangles alone do not make the sheet that is there. */
    public function test_what_is_left_out_at_first_is_looked_at_later(): void
    {
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937(519));
        $pieces = [];
        for ($piece = 0; $piece < 16; $piece++) {
            $pieces[] = [$chance->getInt(3, 16), $chance->getInt(3, 12)];
        }
        $task = $this->task($pieces, 40, 30, false);
        $full = new FullSheet($task, Measured::each($task->wanted()), Effort::ofSeconds(2.0));
        $this->assertTrue($full->comesOut());
        $this->assertIsCut($full->slab(), $task);
    }

    /**
     * Twenty-four pieces of classes 4 and 2 ({@see PublishedClasses}): their area would go on one sheet, and they do not come out of it.
     * A look at every set of them would take weeks.
     */
    #[TestWith([4, 2])]
    #[TestWith([2, 11])]
    public function test_that_there_is_no_way_is_soon_proved_where_next_to_nothing_is_to_spare(int $class, int $seed): void
    {
        $published = new PublishedClasses;
        [$demands, $supplies] = $published->task($class, 24, false, $seed);
        $task = Measured::of(Kind::among($demands), $supplies, $published->trimmer());
        $this->assertFalse((new FullSheet($task, Measured::each($task->wanted()), Effort::ofSeconds(4.0)))->comesOut());
        $plan = ProvenPlanner::thorough(20.0)->plan($demands, $supplies, $published->trimmer());
        $this->assertSame([2, 2], [$plan->sheets(), $plan->lowerBound]);
    }

    public function test_interrupted_it_goes_on_where_it_was(): void
    {
        foreach (range(1, 6) as $seed) {
            $pieces = $this->nearlyAll(new \Random\Randomizer(new \Random\Engine\Mt19937($seed)), 24, 18, 13);
            $effort = Effort::of(0);
            $full = new FullSheet($task = $this->task($pieces, 24, 18, false), Measured::each($task->wanted()), $effort);
            $interrupted = 0;
            while (($comesOut = $full->comesOut()) === null) {
                $effort->grant(20_000);
                $interrupted++;
            }
            $this->assertGreaterThan(1, $interrupted);
            $this->assertSame($this->full($pieces, 24, 18, false)->comesOut(), $comesOut);
        }
    }

    public function test_it_is_worth_while_where_a_sixteenth_is_to_spare_and_not_with_more(): void
    {
        $this->assertTrue($this->full([[8, 16], [7, 15], [1, 7]], 16, 16, false)->isFull());
        $this->assertFalse($this->full([[8, 16], [7, 15], [1, 6]], 16, 16, false)->isFull());
    }

    /** By counting. */
    public function test_of_equal_pieces_two_sets_have_room_beside_each_other_if_there_are_as_many(): void
    {
        $kinds = [7, 3, 7, 5, 3, 7];
        $alike = AlikePieces::among($kinds);
        $counts = static fn (int $set): array => array_count_values(
            array_filter($kinds, static fn (int $piece): bool => ($set >> $piece & 1) === 1, ARRAY_FILTER_USE_KEY),
        ) + [3 => 0, 5 => 0, 7 => 0];
        for ($one = 0; $one < 64; $one++) {
            $this->assertEquals([$counts($one), $counts($one)], [$counts($alike->firsts($one)), $counts($alike->lasts($one))]);
            for ($other = 0; $other < 64; $other++) {
                $both = array_map(static fn (int $kind): int => $counts($one)[$kind] + $counts($other)[$kind], [3 => 3, 5 => 5, 7 => 7]);
                $hasRoom = $both[3] <= 2 && $both[5] <= 1 && $both[7] <= 3;
                $this->assertSame($hasRoom, ($alike->firsts($one) & $alike->lasts($other)) === 0);
                $this->assertSame($counts($one) == $counts($other), $alike->firsts($one) === $alike->firsts($other));
            }
        }
    }

    private function assertIsCut(Slab $slab, Measured $task): void
    {
        $this->assertTrue($slab->comesOff(1));
        $this->assertEqualsCanonicalizing($task->wanted(), $slab->pieces());
        foreach ($task->wanted() as $kind => $wanted) {
            $this->assertSame($wanted, $slab->pieces()[$kind] ?? 0);
        }
    }

    /** @param list<array{int, int}> $pieces */
    private function full(array $pieces, int $width, int $height, bool $isTurnable): FullSheet
    {
        $task = $this->task($pieces, $width, $height, $isTurnable);

        return new FullSheet($task, Measured::each($task->wanted()), Effort::unlimited());
    }

    /** @param list<array{int, int}> $pieces width and height in marks */
    private function task(array $pieces, int $width, int $height, bool $isTurnable): Measured
    {
        $demands = [];
        foreach ($pieces as $key => [$wide, $tall]) {
            $demands[] = new Demand("P{$key}", Size::inches($wide, $tall), 1, $isTurnable);
        }
        $supply = new Supply('Sheet', Size::inches($width, $height), Length::zero());

        return Measured::of(Kind::among($demands), [$supply], new Trimmer(Length::inches(100), Length::inches(1), ToolGrid::Eighth));
    }

    /**
     * What a sheet was cut up into, some of it a mark smaller, turned or changed.
     *
     * @return list<array{int, int}>
     */
    private function nearlyAll(\Random\Randomizer $chance, int $width, int $height, int $count): array
    {
        $pieces = $this->cutUp($chance, $width, $height, $count);
        foreach ($pieces as $key => [$wide, $tall]) {
            $pieces[$key] = match ($chance->getInt(0, 5)) {
                0 => [max(1, $wide - 1), $tall],
                1 => [$wide, max(1, $tall - 1)],
                2 => [$tall, $wide],
                default => [$wide, $tall],
            };
        }

        return $pieces;
    }

    /** @return list<array{int, int}> */
    private function cutUp(\Random\Randomizer $chance, int $width, int $height, int $count): array
    {
        $pieces = [[$width, $height]];
        while (count($pieces) < $count) {
            usort($pieces, static fn (array $one, array $other): int => $other[0] * $other[1] <=> $one[0] * $one[1]);
            [$wide, $tall] = array_splice($pieces, $chance->getInt(0, min(2, count($pieces) - 1)), 1)[0];
            if (max($wide, $tall) === 1) {
                $pieces[] = [$wide, $tall];

                continue;
            }
            $isAcross = $wide === 1 ? false : ($tall === 1 || $chance->getInt(0, 1) === 0);
            $at = $chance->getInt(1, ($isAcross ? $wide : $tall) - 1);
            array_push($pieces, ...($isAcross ? [[$at, $tall], [$wide - $at, $tall]] : [[$wide, $at], [$wide, $tall - $at]]));
        }

        return array_values($pieces);
    }
}
