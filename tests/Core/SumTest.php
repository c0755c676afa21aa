<?php

declare(strict_types=1);

namespace Tests\Core;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Unit;
use Ephemeron\Refusal;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class SumTest extends TestCase
{
    #[TestWith(['11 7/8 - 2*1/4', '11 3/8 in'])]
    #[TestWith(['12/3', '4 in'])]
    #[TestWith(['half of 8 1/2', '4 1/4 in'])]
    #[TestWith(['a third of 12', '4 in'])]
    #[TestWith(['two thirds of 12 - 1/8', '7 7/8 in'])]
    #[TestWith(['2*(3 + 1/8)', '6 1/4 in'])]
    #[TestWith(['(12 - 2)/4', '2 1/2 in'])]
    #[TestWith(['6 / 1/2', '12 in'])]
    #[TestWith(['12 - 3 - 2', '7 in'])]
    #[TestWith(['8.5/2', '4 1/4 in'])]
    #[TestWith(['2 * 3 in', '6 in'])]
    #[TestWith(['12½ − ¾', '11 3/4 in'])]
    #[TestWith(['12 ÷ 4 · 3', '9 in'])]
    #[TestWith(['2 times 1 1/8', '2 1/4 in'])]
    #[TestWith(['1 ft - 1/2', '11 1/2 in'])]
    #[TestWith(['(1 + 1/2) in', '1 1/2 in'])]
    // A hyphen without spaces joins a fraction to its whole, as the trade writes it; with spaces it takes away.
    #[TestWith(['4-7/8', '4 7/8 in'])]
    #[TestWith(['4 - 7/8', '3 1/8 in'])]
    public function test_as_people_write_it(string $sum, string $length): void
    {
        $this->assertSame($length, Notation::usual(Unit::Inch)->exact(Length::parse($sum)));
    }

    public function test_units_are_mixed_exactly(): void
    {
        $this->assertSame(9 * 3200 + 4064, Length::parse('9 cm + 1/2 in', Unit::Centimetre)->ticks);
        $this->assertSame(4 * 3200 + 8128, Length::parse('4 + 1 in', Unit::Centimetre)->ticks, 'a bare number is in the field’s unit');
        $this->assertSame('4.25 cm', Notation::usual(Unit::Centimetre)->exact(Length::parse('half of 8,5', Unit::Centimetre)));
    }

    #[TestWith(['3 in * 2 in', 'multiplies a length by a length'])]
    #[TestWith(['12 in / 3 in', 'divides by a length'])]
    #[TestWith(['4 / 0', 'divides by zero'])]
    #[TestWith(['4 / (2 - 2)', 'divides by zero'])]
    #[TestWith(['1/0 + 2', 'divides by zero'])]
    #[TestWith(['11 7/8 - * 2', '“11 7/8 -” can be read; “* 2” after it cannot'])]
    #[TestWith(['2*(3', '“2*(3” can be read, and then something is missing'])]
    #[TestWith(['1 + 2 bananas', '“bananas” after it cannot'])]
    #[TestWith(['3 - 4', 'less than nothing'])]
    #[TestWith(['999 + 2', 'longer than any table'])]
    // Across times down is a size, not a sum.
    #[TestWith(['4 x 6', 'does not read as a length'])]
    #[TestWith(['4 × 6', 'does not read as a length'])]
    #[TestWith(['system("ls")', 'does not read as a length'])]
    public function test_what_is_no_length_is_said_with_its_place(string $sum, string $said): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage($said);
        Length::parse($sum);
    }

    public function test_brackets_in_brackets_to_a_depth_and_no_further(): void
    {
        $this->assertSame(8128, Length::parse(str_repeat('(', 11).'1'.str_repeat(')', 11))->ticks);
        $this->expectException(Refusal::class);
        Length::parse(str_repeat('(', 30).'1'.str_repeat(')', 30));
    }

    /** Sums drawn by lot, written down and read again, against exact fractions that are worked out beside them. */
    public function test_any_sum_comes_to_what_its_parts_come_to(): void
    {
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937(11));
        $met = 0;
        for ($round = 0; $round < 600; $round++) {
            [$text, $value] = $this->drawn($chance, 3);
            $ticks = $value->multipliedBy(8128)->toScale(0, RoundingMode::HALF_UP)->toInt();
            if (strlen($text) <= 120 && $ticks >= 0 && $ticks <= 1000 * 8128) {
                $this->assertSame($ticks, Length::parse($text)->ticks, $text);
                $met++;
            }
        }
        $this->assertGreaterThan(200, $met);
    }

    public function test_nothing_that_is_typed_breaks_it(): void
    {
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937(12));
        $signs = ['1', '7', '0', '/', '*', '-', '+', '(', ')', ' ', '.', ',', 'half', 'of', 'in', 'cm', '"', '½', '÷', '·', 'x', "\u{2009}", '⁄', 'e', '$'];
        for ($round = 0; $round < 3000; $round++) {
            $typed = '';
            for ($sign = $chance->getInt(1, 14); $sign > 0; $sign--) {
                $typed .= $signs[$chance->getInt(0, count($signs) - 1)];
            }
            try {
                $this->assertGreaterThanOrEqual(0, Length::parse($typed)->ticks);
            } catch (Refusal $refusal) {
                $this->assertNotSame('', $refusal->getMessage());
            }
        }
    }

    /** @return array{string, BigRational} as it is written, and what it comes to */
    private function drawn(\Random\Randomizer $chance, int $deep): array
    {
        if ($deep === 0 || $chance->getInt(0, 3) === 0) {
            [$whole, $over, $under] = [$chance->getInt(0, 14), $chance->getInt(1, 7), 2 ** $chance->getInt(1, 4)];

            return match ($chance->getInt(0, 2)) {
                0 => [(string) $whole, BigRational::of($whole)],
                1 => ["{$over}/{$under}", BigRational::of("{$over}/{$under}")],
                default => ["{$whole} {$over}/{$under}", BigRational::of("{$over}/{$under}")->plus($whole)],
            };
        }
        [$left, $one] = $this->drawn($chance, $deep - 1);
        [$right, $other] = $this->drawn($chance, $deep - 1);
        $by = $chance->getInt(2, 5);

        return match ($chance->getInt(0, 4)) {
            0 => ["({$left}) + ({$right})", $one->plus($other)],
            1 => ["({$left}) - ({$right})", $one->minus($other)],
            2 => ["{$by} * ({$left})", $one->multipliedBy($by)],
            3 => ["({$left}) / {$by}", $one->dividedBy($by)],
            default => ["half of ({$left})", $one->dividedBy(2)],
        };
    }
}
