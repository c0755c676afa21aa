<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Bench\PhotoCount;
use Ephemeron\Design\Allowances;
use Ephemeron\Design\Design;
use Ephemeron\DoesNotFit;
use Ephemeron\Format\DesignReader;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\PhotoSize;
use Ephemeron\Structure\Catalogue;
use Ephemeron\Tailor;
use Ephemeron\Workshop;
use PHPUnit\Framework\TestCase;

final class TailorTest extends TestCase
{
    use Designs;

    private function tailor(): Tailor
    {
        return new Tailor(Catalogue::ofTheHouse(), Workshop::ofTheHouse());
    }

    /** @param array<string, string|int> $changes */
    private function fitted(Design $design, array $changes): Design
    {
        return DesignReader::ofTheHouse()->changed($design, $changes);
    }

    public function test_as_few_pages_as_hold_the_prints(): void
    {
        foreach ([6, 14, 20, 33] as $number) {
            $design = $this->design('mitred-tab-album');
            $fitted = $this->tailor()->toHold($design, PhotoSize::FourBySix, $number)->design;
            $units = $fitted->parameters->count('units');
            $holds = fn (int $units): int => PhotoCount::of(
                PhotoSize::FourBySix,
                Workshop::ofTheHouse()->blueprint($this->fitted($design, ['parameters.units' => $units])),
            )->total();
            $this->assertGreaterThanOrEqual($number, $holds($units));
            $this->assertTrue($units === 1 || $holds($units - 1) < $number, 'one less would not do');
            $this->assertTrue($fitted->parameters->length('page-width')->equals(Length::inches(6)), 'the size was enough');
        }
    }

    public function test_the_size_grows_where_a_print_has_no_place(): void
    {
        $design = $this->design('pocket-flip-book', ['parameters' => ['leaf' => '4', 'cover-height' => '6']]);
        $this->assertSame(0, PhotoCount::of(PhotoSize::FourBySix, Workshop::ofTheHouse()->blueprint($design))->onPages);
        $fitted = $this->tailor()->toHold($design, PhotoSize::FourBySix, 4)->design;
        $this->assertGreaterThanOrEqual(4, PhotoCount::of(PhotoSize::FourBySix, Workshop::ofTheHouse()->blueprint($fitted))->total());
    }

    /**
     * Closed it is 6½ × 4⅛; 7 × 5 leaves ½ and ⅞: width 7, panel 4 + ⅞. Its strip would be 1½ + 4⅞ + 5 + 2⅜ = 13¾ long, so from 12 × 12
     * the panel is 3⅞: 11¾.
     */
    public function test_the_largest_that_lies_in_an_envelope(): void
    {
        $design = $this->design('waterfall-wallet');
        $fitted = $this->tailor()->toLieIn($design, Size::inches(7, 5))->design;
        $this->assertSame(
            ['7 in', '3 7/8 in'],
            array_map($design->notation()->exact(...), [$fitted->parameters->length('width'), $fitted->parameters->length('panel')]),
        );
        $this->assertTrue(Workshop::ofTheHouse()->blueprint($fitted)->closedSize()->fitsIn(Size::inches(7, 5)));
    }

    /**
     * Of A3, 297 × 420 mm (ISO 216), the strip of 13¾ in can be cut; where only smaller sheets are at hand no size is offered without the
     * paper it wants.
     */
    public function test_the_papers_at_hand_decide_and_the_paper_that_is_wanted_is_named(): void
    {
        $large = ['sheet' => 'a3'];
        $design = $this->design(
            'waterfall-wallet',
            ['materials' => ['book-sheet' => $large, 'structure-card' => $large, 'mat-top' => $large]],
        );
        $fitted = $this->tailor()->toLieIn($design, Size::inches(7, 5));
        $this->assertSame([['parameters.width' => '7 in', 'parameters.panel' => '4 7/8 in'], []], [$fitted->changes(), $fitted->wants]);

        $small = $this->design(
            'waterfall-wallet',
            ['materials' => ['book-sheet' => ['sheet' => '6x6'], 'structure-card' => ['sheet' => '6x6'], 'mat-top' => ['sheet' => '6x6']]],
        );
        $wants = $this->tailor()->toLieIn($small, Size::inches(7, 5))->wants;
        $this->assertStringContainsString('a sheet of Dew point pattern is 6 × 6 in', implode(' ', $wants));
        $this->assertStringContainsString('Cut from', implode(' ', $wants));
    }

    public function test_every_structure_can_be_fitted_in_both_schools(): void
    {
        foreach (Catalogue::ofTheHouse()->keys() as $structure) {
            foreach (['in', 'cm'] as $unit) {
                $design = $this->design($structure, ['unit' => $unit]);
                $closed = Workshop::ofTheHouse()->blueprint($design)->closedSize();
                $outer = $closed->within((new Allowances($design->unit))->quarter());
                try {
                    $fitted = $this->tailor()->toLieIn($design, $outer);
                } catch (DoesNotFit $refusal) {
                    $this->assertNotSame('', $refusal->getMessage());

                    continue;
                }
                $this->assertTrue(
                    Workshop::ofTheHouse()->blueprint($fitted->design)->closedSize()->fitsIn($outer),
                    "{$structure} in {$unit}",
                );
            }
        }
    }

    public function test_no_thicker_than_the_shelf_allows(): void
    {
        $design = $this->design('mitred-tab-album', ['parameters' => ['units' => 6]]);
        $fitted = $this->tailor()->toLieIn($design, Size::inches(8, 10), Length::inches(0, 3, 4))->design;
        $this->assertLessThan(6, $fitted->parameters->count('units'));
        $this->expectException(DoesNotFit::class);
        $this->tailor()->toLieIn($design, Size::inches(8, 10), Length::inches(0, 1, 16));
    }

    public function test_what_cannot_be_is_said_with_the_most_there_is(): void
    {
        $this->expectExceptionMessageMatches('/holds \d+ prints of 4 × 6 in at the most/');
        $this->tailor()->toHold($this->design('four-flap-folio'), PhotoSize::FourBySix, 500);
    }
}
