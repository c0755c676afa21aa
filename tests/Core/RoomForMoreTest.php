<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Cutting\Demand;
use Ephemeron\Cutting\Effort;
use Ephemeron\Cutting\EveryWay;
use Ephemeron\Cutting\Kind;
use Ephemeron\Cutting\Measured;
use Ephemeron\Cutting\RoomForMore;
use Ephemeron\Cutting\SheetSets;
use Ephemeron\Cutting\Supply;
use Ephemeron\Cutting\Trimmer;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\ToolGrid;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RoomForMoreTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 60; $seed++) {
            yield "seed {$seed}" => [$seed];
        }
    }

    /** Of many sheets, against every way to share the pieces out and every cut. */
    #[DataProvider('seeds')]
    public function test_no_plan_is_lost_where_sheets_with_room_for_more_are_left_out(int $seed): void
    {
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        $narrowest = 1 + $seed % 2;
        $isTurnable = $seed % 3 > 0;
        $sides = [];
        for ($piece = 0; $piece < 8; $piece++) {
            $sides[] = [$chance->getInt(2, 5), $chance->getInt(3, 6)];
        }
        $sides = array_values(array_filter($sides, static fn (array $side): bool => 8 - max($side) >= $narrowest));
        $least = (new EveryCut(8, $isTurnable, $narrowest))->least($sides);
        $every = new EveryWay($task = $this->task($sides, $isTurnable, $narrowest, 8), Measured::each($task->wanted()), [], Effort::unlimited());

        $this->assertNotNull($every->within($least));
        // A strip within a set that is too narrow is not looked at: that may make it a sheet fewer.
        $narrowest > 1 || $this->assertNull($every->within($least - 1));
    }

    public function test_a_piece_besides_or_a_larger_one_instead(): void
    {
        // On a sheet of 6 × 6, the largest first: 4 × 4, 4 × 2, 4 × 1.
        $room = $this->room([[4, 4], [4, 2], [4, 1]], 1);
        $this->assertTrue($room->isOn(0b001, 0b100, [0]));
        $this->assertTrue($room->isOn(0b001, 0b010, [0]));
        $this->assertFalse($room->isOn(0b001, 0, [0]));
        // 4 × 4 and 4 × 2 fill a strip of 4; what is left is 2 × 6, and 4 × 1 goes into it.
        $this->assertTrue($room->isOn(0b011, 0b100, [0]));
        // Two of 6 × 3 fill the sheet; one of 6 × 2 beside another leaves room for a larger one in its place, and not for both.
        $room = $this->room([[6, 3], [6, 3], [6, 2]], 1);
        $this->assertFalse($room->isOn(0b011, 0b100, [0]));
        $this->assertTrue($room->isOn(0b101, 0b010, [0]));
        // As large is not larger: one would be put in the place of the other for ever.
        $this->assertFalse($this->room([[6, 4], [4, 6]], 1, false)->isOn(0b01, 0b10, [0]));
        // Longer one way and shorter the other: it does not lie in the place of the other.
        $this->assertFalse($this->room([[6, 3], [5, 3], [4, 4]], 1)->isOn(0b101, 0b010, [0]));
    }

    public function test_what_would_leave_a_strip_too_narrow_does_not_take_its_place(): void
    {
        foreach ([[true, [[6, 3], [6, 3], [6, 2]]], [false, [[6, 3], [6, 3], [6, 2]]], [false, [[3, 6], [3, 6], [2, 6]]]] as [$isTurnable, $sides]) {
            $this->assertTrue($this->room($sides, 1, $isTurnable)->isOn(0b101, 0b010, [0]));
            $this->assertFalse($this->room($sides, 2, $isTurnable)->isOn(0b101, 0b010, [0]));
        }
        $this->assertTrue($this->room([[6, 3], [6, 3], [6, 1]], 2)->isOn(0b101, 0b010, [0]));
    }

    public function test_what_comes_to_more_than_a_sheet_in_any_way_is_not_tried(): void
    {
        $task = $this->task([[6, 3], [6, 3]], true, 1, 6);
        $sets = new SheetSets($task, [0, 0], ...[...$task->sheets[0], Effort::unlimited()]);
        $this->assertTrue((new RoomForMore($task, [0, 0], [[5, 5]], 10, $sets))->isOn(0b01, 0b10, [5]));
        $this->assertFalse((new RoomForMore($task, [0, 0], [[5, 5]], 9, $sets))->isOn(0b01, 0b10, [5]));

        // Of a larger one instead only by how much it is more.
        $task = $this->task([[6, 3], [6, 3], [6, 2]], true, 1, 6);
        $sets = new SheetSets($task, [0, 0, 1], ...[...$task->sheets[0], Effort::unlimited()]);
        $this->assertTrue((new RoomForMore($task, [0, 0, 1], [[5, 5, 4]], 10, $sets))->isOn(0b101, 0b010, [9]));
        $this->assertFalse((new RoomForMore($task, [0, 0, 1], [[5, 5, 4]], 9, $sets))->isOn(0b101, 0b010, [9]));
    }

    /** @param non-empty-list<array{int, int}> $sides the largest first */
    private function room(array $sides, int $narrowest, bool $isTurnable = true): RoomForMore
    {
        $task = $this->task($sides, $isTurnable, $narrowest, 6);
        $kinds = [];
        foreach ($sides as [$width, $height]) {
            foreach ($task->kinds as $kind => $each) {
                if ($each->size->equals(Size::inches($width, $height))) {
                    $kinds[] = $kind;
                }
            }
        }
        $shares = [array_fill(0, count($kinds), 0)];

        return new RoomForMore($task, $kinds, $shares, 1, new SheetSets($task, $kinds, ...[...$task->sheets[0], Effort::unlimited()]));
    }

    /** @param list<array{int, int}> $sides */
    private function task(array $sides, bool $isTurnable, int $narrowest, int $sheet): Measured
    {
        $demands = [];
        foreach ($sides as $piece => [$width, $height]) {
            $demands[] = new Demand("P{$piece}", Size::inches($width, $height), 1, $isTurnable);
        }

        return Measured::of(
            Kind::among($demands),
            [new Supply('Sheet', Size::inches($sheet, $sheet), Length::zero())],
            new Trimmer(Length::inches(100), Length::inches($narrowest), ToolGrid::Eighth),
        );
    }
}
