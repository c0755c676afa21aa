<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ephemeron\Blueprint\Pouch;
use Ephemeron\Design\MatRule;
use Ephemeron\Design\MatSchool;
use Ephemeron\Geometry\Edge;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\PhotoSize;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The makers' handbook, sections on borders, fits and photos: common practice, no published source. */
final class HandedDownSizesTest extends TestCase
{
    #[TestWith([MatSchool::Hairline, 5, 8.5, '4⅞ × 8⅜ in'])]
    #[TestWith([MatSchool::Fine, 8, 8, '7¾ × 7¾ in'])]
    #[TestWith([MatSchool::Fine, 4.25, 4.25, '4 × 4 in'])]
    #[TestWith([MatSchool::Frame, 6, 9, '5½ × 8½ in'])]
    #[TestWith([MatSchool::Wide, 6, 6, '5 × 5 in'])]
    #[TestWith([MatSchool::Wide, 6, 3, '5 × 2 in'])]
    public function test_borders_of_mats(MatSchool $school, float $width, float $height, string $mat): void
    {
        $mats = (new MatRule($school, 1))->matsFor('page-1', Size::inches($width, $height), Unit::Inch);
        $this->assertSame($mat, $this->written($mats[0]));
    }

    #[TestWith([4.875, 8.375, '4⅝ × 8⅛ in'])]
    #[TestWith([4, 4, '3¾ × 3¾ in'])]
    #[TestWith([0.75, 4, '⅝ × 3¾ in'])]
    public function test_second_layer_of_a_double_mat(float $width, float $height, string $inner): void
    {
        $this->assertSame($inner, $this->written(MatRule::inner(Size::inches($width, $height), Unit::Inch)));
    }

    #[TestWith([PhotoSize::FourBySix, '4¼ × 6¼ in'])]
    #[TestWith([PhotoSize::ThreeByFour, '3¼ × 4¼ in'])]
    #[TestWith([PhotoSize::FourSquare, '4¼ × 4¼ in'])]
    #[TestWith([PhotoSize::NineByThirteen, '9.5 × 13.5 cm'])]
    public function test_photo_mats(PhotoSize $photo, string $mat): void
    {
        $this->assertSame($mat, Notation::usual($photo->unit())->size($photo->mat()));
    }

    /** An insert is ¼ in narrower than the clear width; each glued edge has eaten ⅛ of it before. */
    public function test_insert_in_a_pocket_glued_on_three_sides(): void
    {
        $pouch = new Pouch(
            'p',
            'Pocket',
            'page-1',
            Size::inches(5, 4),
            [Edge::Left, Edge::Right, Edge::Bottom],
            Edge::Top,
            Length::inches(8),
        );
        $this->assertTrue($pouch->widestInsert()->equals(Length::inches(4, 1, 2)));
        $this->assertTrue($pouch->holds(Size::inches(4.5, 6)));
        $this->assertFalse($pouch->holds(Size::inches(4.625, 6)));
        $this->assertFalse($pouch->holds(Size::inches(4.5, 8.5)), 'would stand out of the page');
        $this->assertTrue($pouch->holds(Size::inches(8, 4.25)), 'turned upright');
    }

    private function written(Size $size): string
    {
        return Notation::usual(Unit::Inch)->size($size);
    }
}
