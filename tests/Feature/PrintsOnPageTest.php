<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Drawer\Pictured;
use App\Drawing\SeenPrint;
use App\Print\PrintsOnPage;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Paper\Side;
use Ephemeron\Papering\Crop;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\TestWith;
use TCPDF;
use Tests\TestCase;

/** A place of a picture on a page, rendered by poppler and looked at: turned as it is said, no wider than its box, in the file once. */
final class PrintsOnPageTest extends TestCase
{
    use SeenByPoppler;

    private const RED = 0xCC1122;

    private const GREEN = 0x118833;

    private const BLUE = 0x1133CC;

    private const YELLOW = 0xEEDD22;

    private TCPDF $pdf;

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
        $this->pdf = new TCPDF('P', 'mm', [200.0, 200.0]);
        $this->pdf->setPrintHeader(false);
        $this->pdf->setPrintFooter(false);
        $this->pdf->setAutoPageBreak(false);
        $this->pdf->AddPage();
        // Quarters of a sheet: red and green above, blue and yellow beneath.
        $sheet = imagecreatetruecolor(1200, 600);
        foreach ([[0, 0, self::RED], [600, 0, self::GREEN], [0, 300, self::BLUE], [600, 300, self::YELLOW]] as [$x, $y, $colour]) {
            imagefilledrectangle($sheet, $x, $y, $x + 599, $y + 299, $colour);
        }
        ob_start();
        imagejpeg($sheet, null, 95);
        Storage::disk('local')->put('papers/quarters.jpg', (string) ob_get_clean());
    }

    /** @param list<int> $seen from the upper left clockwise: a place that is turned clockwise brings its lower left to its upper left */
    #[TestWith([0, [self::RED, self::GREEN, self::YELLOW, self::BLUE]])]
    #[TestWith([1, [self::BLUE, self::RED, self::GREEN, self::YELLOW]])]
    #[TestWith([2, [self::YELLOW, self::BLUE, self::RED, self::GREEN]])]
    #[TestWith([3, [self::GREEN, self::YELLOW, self::BLUE, self::RED]])]
    public function test_a_place_is_turned_and_cut_off_at_its_box(int $quarters, array $seen): void
    {
        // Of a sheet of 8 × 4 in 3 × 1 in about its middle, four fifths of it on the left and above: shown at 20 mm to the inch.
        $place = Rectangle::between(64 * 16, 64 * 12, 64 * 46, 64 * 22);
        [$width, $height] = $quarters % 2 === 0 ? [60.0, 20.0] : [20.0, 60.0];
        $this->assertTrue($this->onPage()->draw($this->seen($place, $quarters), 50.0, 40.0, $width, $height));
        $page = $this->rendered($this->pdf->Output('', 'S'));
        $corners = [[51, 41], [49 + $width, 41], [49 + $width, 39 + $height], [51, 39 + $height]];
        foreach ($corners as $index => [$x, $y]) {
            $this->assertColour($seen[$index], $page, $x, $y);
        }
        foreach ([[49, 50], [51 + $width, 50], [55, 39], [55, 41 + $height]] as [$x, $y]) {
            $this->assertColour(0xFFFFFF, $page, $x, $y);
        }
        // Where the colours meet: 16 of 30 eighths across and 4 of 10 down the place as it lies on the sheet.
        [$across, $down] = match ($quarters) {
            0 => [32.0, 8.0], 1 => [12.0, 32.0], 2 => [28.0, 12.0], default => [8.0, 28.0],
        };
        foreach ([[-1, -1, 0], [1, -1, 1], [1, 1, 2], [-1, 1, 3]] as [$dx, $dy, $index]) {
            $this->assertColour($seen[$index], $page, 50 + $across + $dx, 40 + $down + $dy);
        }
    }

    public function test_a_leftover_shows_where_it_lies_on_its_sheet(): void
    {
        // Cut off at 5 in from the left and 3 in from the top: all of it is yellow.
        $picture = new Pictured('', Rectangle::between(-64 * 40, -64 * 24, 64 * 24, 64 * 8), 'quarters.jpg');
        $this->onPage()->draw($this->seen(Rectangle::between(0, 0, 64 * 8, 64 * 8), 0, $picture), 20.0, 20.0, 30.0, 30.0);
        $page = $this->rendered($this->pdf->Output('', 'S'));
        $this->assertColour(self::YELLOW, $page, 21, 21);
        $this->assertColour(self::YELLOW, $page, 49, 49);
    }

    public function test_a_picture_is_in_the_file_once_and_as_small_as_it_is_wanted(): void
    {
        $draw = fn (PrintsOnPage $onPage, float $top): bool => $onPage
            ->draw($this->seen(Rectangle::between(0, 0, 64 * 8, 64 * 8), 0), 20.0, $top, 30.0, 30.0);
        $onPage = $this->onPage(160);
        $this->assertTrue($draw($onPage, 20.0) && $draw($onPage, 60.0));
        $file = $this->pdf->Output('', 'S');
        $this->assertSame(1, substr_count($file, '/Subtype /Image'));
        $this->assertStringContainsString('/Width 160', $file);
        $this->assertSame(['papers/quarters.jpg', 'papers/small/160-quarters.jpg'], Storage::disk('local')->allFiles('papers'));
    }

    public function test_what_is_lost_or_spoiled_is_not_drawn(): void
    {
        Storage::disk('local')->put('papers/spoiled.jpg', 'no picture');
        foreach (['', 'gone.jpg', 'spoiled.jpg'] as $file) {
            foreach ([160, 1200] as $wide) {
                $picture = new Pictured('', Rectangle::between(0, 0, 64 * 64, 64 * 32), $file);
                $seen = $this->seen(Rectangle::between(0, 0, 64 * 8, 64 * 8), 0, $picture);
                $this->assertFalse($this->onPage($wide)->draw($seen, 20.0, 20.0, 30.0, 30.0), "{$file} {$wide}");
            }
        }
        $this->assertStringNotContainsString('/Subtype /Image', $this->pdf->Output('', 'S'));
    }

    private function onPage(int $wide = 1200): PrintsOnPage
    {
        return new PrintsOnPage($this->pdf, $wide);
    }

    private function seen(Rectangle $place, int $quarters, ?Pictured $picture = null): SeenPrint
    {
        $picture ??= new Pictured('', Rectangle::between(0, 0, 64 * 64, 64 * 32), 'quarters.jpg');

        return new SeenPrint(new Crop('1', 'Quarters', 'quarters-1 #1', Side::A, $place, $quarters), $picture);
    }

    private function assertColour(int $colour, \GdImage $page, float $x, float $y): void
    {
        $found = (int) imagecolorat($page, (int) (10 * $x), (int) (10 * $y));
        foreach ([16, 8, 0] as $shift) {
            $this->assertEqualsWithDelta($colour >> $shift & 0xFF, $found >> $shift & 0xFF, 24, sprintf('%06x at %.0f, %.0f', $found, $x, $y));
        }
    }
}
