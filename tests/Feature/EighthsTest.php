<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

final class EighthsTest extends TestCase
{
    use RefreshDatabase;

    #[TestWith(['11 7/8 - 2*1/4', 'in', '1/16 in', '= 11⅜ in'])]
    #[TestWith(['10/3', 'in', '1/16 in', "= 3 1/3 in: between the marks 3\u{2009}5⁄16 and 3⅜"])]
    #[TestWith(['10/3', 'in', '1/8 in', '= 3 1/3 in: between the marks 3¼ and 3⅜'])]
    #[TestWith(['9 cm + 1/2 in', 'cm', '1 mm', '= 10.27 cm: between the marks 10.2 and 10.3'])]
    #[TestWith(['half of 8,5', 'cm', '0.5 mm', '= 4.25 cm'])]
    #[TestWith(['3 in * 2 in', 'in', '', '“3 in * 2 in” multiplies a length by a length: that is an area.'])]
    public function test_what_a_sum_comes_to_while_it_is_typed(string $typed, string $unit, string $grid, string $said): void
    {
        $this->get(route('eighths.sum', compact('typed', 'unit', 'grid')))->assertOk()->assertContent($said);
    }

    public function test_each_question_is_answered_by_itself(): void
    {
        $this->get(route('eighths'))->assertOk()->assertSee('Equal parts')->assertDontSee('on a ruler');
        $this->get(route('eighths', ['sum' => '11 7/8 - 2*1/4']))->assertOk()->assertSee('The sum on a ruler');
        $page = $this->get(route('eighths', ['whole' => '12', 'parts' => '3', 'sum' => 'nine']))->assertOk();
        $page->assertSee('The parts on a ruler')->assertSee('does not read as a length')->assertSee('value="nine"', false);
        $this->get(route('eighths', ['whole' => '12', 'parts' => '1']))->assertOk()->assertSee('A whole number, 2 to 24.');
        $mats = $this->get(route('eighths', ['photo-wide' => '4', 'photo-tall' => '6', 'border' => '1/8', 'layers' => '2']))->assertOk();
        $this->assertMatchesRegularExpression('~Mat 1: <strong>.*4.*1⁄4.*6.*1⁄4.*Mat 2: <strong>.*4.*1⁄2.*6.*1⁄2~s', (string) $mats->getContent());
    }

    /** Common practice, no published source: six of 4 × 6 from a sheet of 12 × 12, three of 5 × 7 by cuts that go right across. */
    #[TestWith(['4', '6', 6])]
    #[TestWith(['5', '7', 3])]
    #[TestWith(['3', '4', 12])]
    #[TestWith(['12', '12', 1])]
    #[TestWith(['12 1/16', '3', 0])]
    public function test_pieces_from_a_sheet(string $wide, string $tall, int $count): void
    {
        $asked = ['wide' => $wide, 'tall' => $tall, 'sheet-wide' => '12', 'sheet-tall' => '12'];
        $this->get(route('eighths', $asked))->assertOk()->assertSee("<strong>{$count}</strong>", false);
    }

    public function test_a_print_with_a_right_way_up_is_not_turned(): void
    {
        $asked = ['wide' => '7', 'tall' => '5', 'sheet-wide' => '12', 'sheet-tall' => '12'];
        $this->get(route('eighths', $asked))->assertSee('<strong>3</strong>', false);
        $this->get(route('eighths', [...$asked, 'upright' => 'yes']))->assertSee('<strong>2</strong>', false);
    }
}
