<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Cutting\Demand;
use Ephemeron\Cutting\Effort;
use Ephemeron\Cutting\Kind;
use Ephemeron\Cutting\LastPieces;
use Ephemeron\Cutting\Measured;
use Ephemeron\Cutting\Slab;
use Ephemeron\Cutting\Supply;
use Ephemeron\Cutting\Trimmer;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\ToolGrid;
use PHPUnit\Framework\TestCase;

/**
 * Worked by hand: two sheets of 12 × 12 that 12 × 7 with 12 × 5, and 12 × 8 with 12 × 4, fill. On the first lie 7 and 4, on the second 8; so
 * 5 has no place, until both are laid out anew.
 */
final class LastPiecesTest extends TestCase
{
    private const STRIPS = [7, 5, 8, 4, 1];

    public function test_what_has_no_place_finds_one_where_all_is_laid_out_anew(): void
    {
        $task = $this->task();
        $sheets = [$this->sheet($task, 7, 4), $this->sheet($task, 8)];
        $this->assertTrue($this->last($task, Effort::unlimited())->find($sheets, [$this->kind($task, 5)]));
        $filled = [];
        foreach ($sheets as $sheet) {
            $strips = array_map(fn (int $kind): int => $this->height($task, $kind), array_keys($sheet->pieces()));
            sort($strips);
            $filled[] = $strips;
        }
        sort($filled);
        $this->assertSame([[4, 8], [5, 7]], $filled);
    }

    public function test_what_is_more_than_the_sheets_hold_finds_none_and_nothing_is_changed(): void
    {
        $task = $this->task();
        $sheets = [$this->sheet($task, 7, 4), $this->sheet($task, 8)];
        $effort = Effort::unlimited();
        $this->assertFalse($this->last($task, $effort)->find($sheets, [$this->kind($task, 5), $this->kind($task, 1)]));
        $this->assertSame(0, $effort->spent(), 'It is seen by the area.');
        $this->assertSame([11, 8], array_map(fn (Slab $sheet): int => $this->used($task, $sheet), $sheets));
    }

    public function test_sheets_of_another_size_are_left_as_they_are(): void
    {
        $task = $this->task();
        $other = new Slab($task->sheets[0][0] + 1, $task->sheets[0][1]);
        $this->assertFalse($this->last($task, Effort::unlimited())->find([$other], [$this->kind($task, 5)]));
        $this->assertSame([], $other->pieces());
        $sheets = [$other, $this->sheet($task, 7)];
        $this->assertTrue($this->last($task, Effort::unlimited())->find($sheets, [$this->kind($task, 5)]));
        $this->assertSame([], $other->pieces());
    }

    /** 7 and 5 come out of one sheet: no sheet is left empty. */
    public function test_where_fewer_sheets_will_do_nothing_is_changed(): void
    {
        $task = $this->task();
        $sheets = [$this->sheet($task, 7), $this->sheet($task)];
        $this->assertFalse($this->last($task, Effort::unlimited())->find($sheets, [$this->kind($task, 5)]));
        $this->assertSame([7, 0], array_map(fn (Slab $sheet): int => $this->used($task, $sheet), $sheets));
    }

    /** Twice the least that was ever missing is nearly as little; an inch more is not. */
    public function test_it_is_looked_for_only_where_nearly_as_little_is_missing_as_ever_was(): void
    {
        $task = $this->task([7, 5, 8, 4, 3, 2]);
        $free = [$this->sheet($task, 7)];
        // Two strips of 2 and 3 find room beside 7; one of 2 was all that was missing before, on a full sheet.
        $last = $this->last($task, Effort::unlimited());
        $this->assertFalse($last->find([$this->sheet($task, 8, 4)], [$this->kind($task, 2)]));
        $this->assertFalse($last->find($free, [$this->kind($task, 5)]));
        $this->assertTrue($last->find($free, [$this->kind($task, 4)]));
    }

    /** A seventh of the effort: after a look, six times as much is spent otherwise before the next. */
    public function test_it_takes_a_small_part_of_the_effort(): void
    {
        $task = $this->task();
        $effort = Effort::of(10_000_000);
        $last = $this->last($task, $effort);
        $full = [$this->sheet($task, 7, 4), $this->sheet($task, 7, 4)];
        $one = [$this->kind($task, 1)];
        $this->assertTrue($last->find($full, $one));
        $look = $effort->spent();
        $this->assertGreaterThan(0, $look);
        $again = fn (): array => [$this->sheet($task, 7, 4), $this->sheet($task, 7, 4)];
        $effort->spend(6 * $look - 1);
        $this->assertFalse($last->find($again(), $one));
        $effort->spend(1);
        $this->assertTrue($last->find($again(), $one));
    }

    private function last(Measured $task, Effort $effort): LastPieces
    {
        return new LastPieces($task, new \Random\Randomizer(new \Random\Engine\Mt19937(1)), $effort);
    }

    /** @param list<int> $strips inches */
    private function task(array $strips = self::STRIPS): Measured
    {
        $demands = array_map(static fn (int $strip): Demand => new Demand("S{$strip}", Size::inches(12, $strip), 1, false), $strips);
        $trimmer = new Trimmer(Length::inches(100), Length::inches(1), ToolGrid::Eighth);

        return Measured::of(Kind::among($demands), [new Supply('Sheet', Size::inches(12, 12), Length::zero())], $trimmer);
    }

    private function sheet(Measured $task, int ...$strips): Slab
    {
        $slab = new Slab(...$task->sheets[0]);
        $free = $slab;
        foreach ($strips as $strip) {
            $height = intdiv($strip * $task->sheets[0][1], 12);
            $rest = $free->height > $height ? $free->divide(Axis::Height, $height) : null;
            $part = $free->first ?? $free;
            $part->place($this->kind($task, $strip), $part->width, $part->height, false, false);
            $free = $rest ?? $free;
        }

        return $slab;
    }

    private function kind(Measured $task, int $strip): int
    {
        foreach (array_keys($task->kinds) as $kind) {
            if ($this->height($task, $kind) === $strip) {
                return $kind;
            }
        }

        throw new \LogicException("No strip of {$strip}.");
    }

    private function height(Measured $task, int $kind): int
    {
        return intdiv($task->kinds[$kind]->size->height->ticks, Length::inches(1)->ticks);
    }

    private function used(Measured $task, Slab $sheet): int
    {
        return array_sum(array_map(fn (int $kind): int => $this->height($task, $kind), array_keys($sheet->pieces())));
    }
}
