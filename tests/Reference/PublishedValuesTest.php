<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\BasicSheet;
use Ephemeron\Paper\Grammage;
use Ephemeron\Paper\SheetFormat;
use Ephemeron\Paper\UnusablePaper;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Against published standards; each check names its own. */
final class PublishedValuesTest extends TestCase
{
    /** International yard and pound agreement, 1959: 1 in = 25.4 mm exactly. */
    public function test_the_inch(): void
    {
        $this->assertSame(Length::millimetres(254)->ticks, Length::inches(10)->ticks);
        $this->assertSame(25.4, Length::inches(1)->inMillimetres());
    }

    /** ISO 216 for the A sizes, ANSI/ASME Y14.1 for size A (letter). */
    public function test_sheet_sizes(): void
    {
        $this->assertEquals(Size::millimetres(297, 420), SheetFormat::A3->size());
        $this->assertEquals(Size::millimetres(210, 297), SheetFormat::A4->size());
        $this->assertEquals(Size::millimetres(148, 210), SheetFormat::A5->size());
        $this->assertEquals(new Size(Length::parse('8.5 in'), Length::parse('11 in')), SheetFormat::Letter->size());
    }

    /** ISO 216, section on the A series: halving the long side, rounded down to the millimetre, gives the next size. */
    public function test_each_a_size_is_half_of_the_one_before(): void
    {
        $sizes = [SheetFormat::A3, SheetFormat::A4, SheetFormat::A5];
        foreach ([0, 1] as $index) {
            $half = intdiv((int) $sizes[$index]->size()->height->inMillimetres(), 2);
            $this->assertSame((float) $half, $sizes[$index + 1]->size()->width->inMillimetres());
        }
    }

    /** ASTM D646 and TAPPI T 410 basic sheets: factors 2.704 (cover), 1.480 (text), 3.760 (bond), 1.808 (index) g/m² for a pound. */
    #[TestWith([BasicSheet::Cover, 2.704])]
    #[TestWith([BasicSheet::Text, 1.480])]
    #[TestWith([BasicSheet::Bond, 3.760])]
    #[TestWith([BasicSheet::Index, 1.808])]
    public function test_basis_weight(BasicSheet $sheet, float $factor): void
    {
        $this->assertEqualsWithDelta(100 * $factor, Grammage::ofPounds(100, $sheet)->inGrams(), 0.05);
        $this->assertEqualsWithDelta(80.0, Grammage::ofPounds(80, $sheet)->inPounds($sheet), 0.001);
    }

    /** The handbook's range of structure card, 65–120 lb cover = about 176–325 g/m²; common practice, no published source. */
    public function test_structure_card(): void
    {
        $this->assertEqualsWithDelta(176, Grammage::parse('65 lb cover')->inGrams(), 1);
        $this->assertEqualsWithDelta(325, Grammage::parse('120 lb cover')->inGrams(), 1);
    }

    /** ISO 534: thickness = grammage × bulk. 200 g/m² at 1.25 cm³/g is 250 µm, 80 ticks. */
    public function test_caliper(): void
    {
        $this->assertSame(80, Grammage::grams(200)->caliper(1.25)->ticks);
    }

    #[TestWith(['heavy'])]
    #[TestWith(['80 lb'])]
    #[TestWith(['0'])]
    #[TestWith(['9000 g'])]
    #[TestWith([''])]
    public function test_refuses_what_is_no_weight(string $text): void
    {
        $this->expectException(UnusablePaper::class);
        Grammage::parse($text);
    }
}
