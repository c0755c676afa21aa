<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Measure\InexactLength;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\LengthOutOfRange;
use Ephemeron\Measure\MalformedLength;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\ToolGrid;
use Ephemeron\Measure\Unit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class LengthTest extends TestCase
{
    /** @return iterable<string, array{string, int}> ticks worked out by hand: 8128 to the inch, 320 to the millimetre */
    public static function whatPeopleType(): iterable
    {
        foreach ([
            '4 7/8',
            '4-7/8',
            '4⅞"',
            '4⅞ in',
            '4.875 in',
            '4,875',
            '4 7⁄8 inches',
            "4 7/8''",
            '4 and 7/8',
            '39/8',
            ' 4 7/8 in. ',
            '4⅞″',
            '4 ⁷⁄₈',
            '4 14/16',
        ] as $text) {
            yield $text => [$text, 39624];
        }
        yield 'centimetres with a comma' => ['12,5 cm', 40000];
        yield 'millimetres' => ['125mm', 40000];
        yield 'centimetres spelled out' => ['12.5 Centimetres', 40000];
        yield 'metres' => ['2,5 m', 800_000];
        yield 'feet' => ['2 ft', 195_072];
        yield 'a yard' => ['1 yard', 292_608];
        yield 'tenths of a millimetre' => ['0.1 mm', 32];
        yield 'a metric fraction' => ['12 1/2 cm', 40000];
        yield 'a bare fraction' => ['⅛', 1016];
        yield 'a leading point' => ['.5', 4064];
        yield 'a sixteenth' => ['⅟16', 508];
        yield 'nothing at all' => ['0', 0];
        yield 'a third goes to the nearest tick' => ['1/3', 2709];
        yield 'a narrow no-break space' => ["4\u{202F}7/8", 39624];
    }

    #[DataProvider('whatPeopleType')]
    public function test_reads_what_people_type(string $text, int $ticks): void
    {
        $this->assertSame($ticks, Length::parse($text)->ticks);
    }

    public function test_a_bare_number_is_in_the_given_unit(): void
    {
        $this->assertSame(40000, Length::parse('12.5', Unit::Centimetre)->ticks);
        $this->assertSame(8128, Length::parse('1"', Unit::Centimetre)->ticks);
    }

    #[TestWith(['4 7//8'])]
    #[TestWith(['four'])]
    #[TestWith([''])]
    #[TestWith(['   '])]
    #[TestWith(['1/0'])]
    #[TestWith(['1e5'])]
    #[TestWith(['4 5'])]
    #[TestWith(['1.234,5'])]
    #[TestWith(['12 px'])]
    #[TestWith(['<script>alert(1)</script>'])]
    #[TestWith(["\xC3\x28"])]
    public function test_refuses_what_is_no_length_and_says_what_it_expected(string $text): void
    {
        $this->expectException(MalformedLength::class);
        $this->expectExceptionMessage('4 7/8');
        Length::parse($text);
    }

    public function test_a_very_long_text_is_refused_and_cut_short_in_the_message(): void
    {
        try {
            Length::parse(str_repeat('9', 10_000));
            $this->fail('Ten thousand digits are no length.');
        } catch (MalformedLength $refusal) {
            $this->assertLessThan(200, mb_strlen($refusal->getMessage()));
        }
    }

    #[TestWith(['-1'])]
    #[TestWith(['−4 7/8 in'])]
    #[TestWith(['1001 in'])]
    #[TestWith(['999999999'])]
    public function test_refuses_what_is_out_of_range(string $text): void
    {
        $this->expectException(LengthOutOfRange::class);
        Length::parse($text);
    }

    public function test_arithmetic_is_exact(): void
    {
        $length = Length::inches(4, 7, 8)->plus(Length::inches(0, 1, 8), Length::millimetres(10))->minus(Length::millimetres(10));
        $this->assertTrue($length->equals(Length::inches(5)));
        $this->assertSame(3 * 1016, Length::inches(0, 1, 8)->times(3)->ticks);
        $this->expectException(InexactLength::class);
        Length::inches(0, 1, 3);
    }

    public function test_portions_add_up_to_the_whole(): void
    {
        foreach ([Length::inches(8, 1, 2), Length::ofTicks(1001), Length::millimetres(297)] as $whole) {
            foreach ([2, 3, 4, 7, 16] as $n) {
                $this->assertSame(0, $whole->portion(0, $n)->ticks);
                $this->assertTrue($whole->portion($n, $n)->equals($whole));
                for ($k = 1; $k <= $n; $k++) {
                    $panel = $whole->portion($k, $n)->minus($whole->portion($k - 1, $n))->ticks;
                    $this->assertEqualsWithDelta($whole->ticks / $n, $panel, 1.0);
                }
            }
        }
    }

    #[TestWith(['4 7/8', '4⅞ in'])]
    #[TestWith(['4 3/16', "4\u{2009}3⁄16 in"])]
    #[TestWith(['1/16', '1⁄16 in'])]
    #[TestWith(['12', '12 in'])]
    #[TestWith(['0', '0 in'])]
    #[TestWith(['4 1/32', "≈4\u{2009}1⁄16 in"])]
    #[TestWith(['4.9 in', '≈4⅞ in'])]
    public function test_prints_reduced_fractions_to_the_marks_and_never_hides_a_remainder(string $typed, string $printed): void
    {
        $this->assertSame($printed, Notation::usual(Unit::Inch)->text(Length::parse($typed)));
    }

    #[TestWith(['12.4 cm', '12.4 cm'])]
    #[TestWith(['12 cm', '12.0 cm'])]
    #[TestWith(['12.44 cm', '≈12.4 cm'])]
    #[TestWith(['1 in', '≈2.5 cm'])]
    public function test_prints_centimetres_to_the_millimetre(string $typed, string $printed): void
    {
        $this->assertSame($printed, Notation::usual(Unit::Centimetre)->text(Length::parse($typed)));
    }

    public function test_the_grid_of_the_project_decides_what_is_between_marks(): void
    {
        $eighths = new Notation(Unit::Inch, ToolGrid::Eighth);
        $halves = new Notation(Unit::Centimetre, ToolGrid::HalfMillimetre);
        $this->assertSame('≈4¼ in', $eighths->text(Length::inches(4, 3, 16)));
        $this->assertSame('12.45 cm', $halves->text(Length::parse('12.45 cm')));
    }

    public function test_the_exact_value_reads_back_to_the_same_tick(): void
    {
        $this->assertSame('4 7/8 in', Notation::usual(Unit::Inch)->exact(Length::parse('4⅞')));
        $this->assertSame('1/3 in', Notation::usual(Unit::Inch)->exact(Length::parse('1/3')));
        $this->assertSame('12.34 cm', Notation::usual(Unit::Centimetre)->exact(Length::parse('12,34 cm')));

        mt_srand(20261124);
        foreach (Unit::cases() as $unit) {
            for ($i = 0; $i < 3000; $i++) {
                $length = Length::ofTicks(mt_rand(0, 400_000));
                $exact = Notation::usual($unit)->exact($length);
                $this->assertSame($length->ticks, Length::parse($exact)->ticks, $exact);
            }
        }
    }

    public function test_a_grid_finds_its_marks(): void
    {
        $between = Length::inches(4, 3, 16);
        $this->assertFalse(ToolGrid::Eighth->carries($between));
        $this->assertTrue(ToolGrid::Sixteenth->carries($between));
        $this->assertTrue(ToolGrid::Eighth->down($between)->equals(Length::inches(4, 1, 8)));
        $this->assertTrue(ToolGrid::Eighth->up($between)->equals(Length::inches(4, 1, 4)));
        $this->assertTrue(ToolGrid::Eighth->up(Length::inches(4))->equals(Length::inches(4)));
    }
}
