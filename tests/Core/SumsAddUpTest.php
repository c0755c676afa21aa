<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Blueprint\Reason;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\ToolGrid;
use Ephemeron\Measure\Unit;
use Ephemeron\Structure\Catalogue;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What a book says of its measures can be reckoned after, in the unit it is read in and whatever its measures are. */
final class SumsAddUpTest extends TestCase
{
    use Designs;

    private const NUMBER = '(?:\d+(?:\.\d+)?(?:[  \x{2009}]?\d+⁄\d+|[½¼¾⅛⅜⅝⅞⅓⅔])?|\d+⁄\d+|[½¼¾⅛⅜⅝⅞⅓⅔])';

    private const TERM = '\\(?'.self::NUMBER.'\\)?';

    /** @return iterable<string, array{string, string, string}> */
    public static function books(): iterable
    {
        foreach (Catalogue::ofTheHouse()->keys() as $key) {
            foreach (['in' => '1/16 in', 'cm' => '1 mm'] as $unit => $marks) {
                yield "{$key} in {$unit}" => [$key, $unit, $marks];
            }
        }
    }

    #[DataProvider('books')]
    public function test_every_sum_a_book_tells_adds_up(string $structure, string $unit, string $marks): void
    {
        // Measures between the marks of either unit, where there are such.
        $design = $this->design($structure, ['unit' => $unit, 'grid' => $marks]);
        $odd = [];
        foreach ($design->parameters->values as $key => $value) {
            if (in_array($key, ['leaf-width', 'page-width', 'leaf', 'step', 'page-gap', 'tab', 'overlap', 'pocket-depth', 'coil'], true)
                && $value instanceof Length) {
                $odd[$key] = Notation::usual(Unit::Inch)->exact($value->plus(Length::inches(0, 1, 32)));
            }
        }
        $plan = $this->plan($structure, ['unit' => $unit, 'grid' => $marks, 'parameters' => $odd]);
        $told = [
            ...array_map(static fn (Reason $reason): string => $reason->sentence, $plan->blueprint->all(Reason::class)),
            ...array_values(array_map(static fn ($part): string => $part->why, $plan->blueprint->parts)),
        ];
        foreach ($told as $sentence) {
            // A size on the right is two lengths; a number without a sum on the left is a name (“gusset 3 = 3 × ¼”).
            preg_match_all('~('.self::TERM.'(?: [+−×÷] '.self::TERM.')+) = ('.self::NUMBER.')(?![\d.⁄]| ×)~u', $sentence, $sums, PREG_SET_ORDER);
            foreach ($sums as [, $left, $right]) {
                if (substr_count($left, '(') !== substr_count($left, ')')) {
                    continue;
                }
                $this->assertSame(
                    Length::parse($right, Unit::from($unit))->ticks,
                    Length::parse(str_replace('×', '*', $left), Unit::from($unit))->ticks,
                    $sentence,
                );
            }
            preg_match('~≈[^.;]* = |= ≈~u', $sentence, $vague);
            $this->assertSame([], $vague, $sentence);
        }
    }

    #[TestWith(['0.635 cm', 'cm', '0.635'])]
    #[TestWith(['12.7 cm', 'cm', '12.7'])]
    #[TestWith(['4 31/32 in', 'in', "4\u{2009}31⁄32"])]
    #[TestWith(['1/32 in', 'in', '1⁄32'])]
    #[TestWith(['1/3 in', 'in', '⅓'])]
    #[TestWith(['2 2/3 in', 'in', '2⅔'])]
    #[TestWith(['4 7/8 in', 'in', '4⅞'])]
    public function test_in_sums_a_value_between_the_marks_is_written_whole(string $length, string $unit, string $written): void
    {
        $grid = $unit === 'in' ? ToolGrid::Sixteenth : ToolGrid::Millimetre;

        $this->assertSame($written, (new Notation(Unit::from($unit), $grid))->inSums()->number(Length::parse($length)));
    }
}
