<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Print\Pdf;
use App\Print\UsualLetters;
use Illuminate\Filesystem\Filesystem;
use PHPUnit\Framework\Attributes\TestWith;
use Smalot\PdfParser\Parser;
use Tests\TestCase;

/** Typefaces that are cut down once say and show the same as whole ones: read by a parser, rendered by poppler, which know nothing of it. */
final class UsualLettersTest extends TestCase
{
    use SeenByPoppler;

    private const USUAL = 'Cut 4⅛ × 5¾ in, 2⅞ ↔ 3⅜ ↕ ⇄ – “Žluťoučký kůň, façade”: ½ + ⅓ = ⅚ · 1⁄16 ≈ 1.6 mm … 12 €';

    private string $kept;

    protected function setUp(): void
    {
        parent::setUp();
        $this->kept = sys_get_temp_dir().'/ephemeron-letters-'.bin2hex(random_bytes(4));
    }

    protected function tearDown(): void
    {
        (new Filesystem)->deleteDirectory($this->kept);
        parent::tearDown();
    }

    #[TestWith([self::USUAL, true])]
    #[TestWith(['Шёлковый мешок ЩЖЮМШ ШЩЖЮМ ЮЖЩШМ МШЩЮЖ ФЩШЖЮ ЖЩФЮШ ЫЩШЖЮ ЩЫФЮШ', false])]
    #[TestWith(['Βιβλίο των άστρων με όλα όσα φαίνονται μια καθαρή νύχτα, και λίγο ακόμα', false])]
    #[TestWith(['Ẁ ∮ ∯ Ẅ', false])]
    public function test_a_page_looks_as_with_the_whole_typeface(string $text, bool $isUsual): void
    {
        $this->assertSame($isUsual, UsualLetters::suffice($text));
        foreach ([Pdf::SANS, Pdf::SERIF] as $typeface) {
            $cut = $this->page(new Pdf([200.0, 100.0], $this->letters($this->kept)), $typeface, $text);
            // Where nothing can be kept it is as it ever was.
            $whole = $this->page(new Pdf([200.0, 100.0], $this->letters(__FILE__)), $typeface, $text);
            $this->assertSame($this->dots($whole), $this->dots($cut));
            $this->assertSame(3, substr_count((new Parser)->parseContent($cut)->getText(), mb_substr($text, 0, 7)));
            $cutDown = '~/BaseFont /[A-Z]{6}\+~';
            $this->assertSame([$isUsual ? 0 : 2, 2], [preg_match_all($cutDown, $cut), preg_match_all($cutDown, $whole)]);
            $this->assertLessThan(150_000, strlen($cut));
            $this->assertStringNotContainsString('/URI', $cut, 'nothing leads elsewhere');
        }
    }

    public function test_all_that_they_are_said_to_have_is_in_both(): void
    {
        foreach ([Pdf::SANS, Pdf::SERIF] as $typeface) {
            $definition = (string) $this->letters($this->kept)->of($typeface);
            [$widths, $file, $size] = (static function () use ($definition): array {
                [$cw, $file, $originalsize] = [[], '', 0];
                require $definition;

                return [$cw, $file, $originalsize];
            })();
            foreach (mb_str_split(self::USUAL) as $letter) {
                $this->assertArrayHasKey(mb_ord($letter), $widths, "{$letter} in {$typeface}");
            }
            foreach (array_keys($widths) as $letter) {
                $this->assertTrue(UsualLetters::suffice(mb_chr($letter)));
            }
            $this->assertSame($size, strlen((string) gzuncompress((string) file_get_contents(dirname($definition)."/{$file}"))));
        }
        $this->assertTrue(UsualLetters::suffice("Lines,\nseveral\r\n\tof them"));
        $this->assertTrue(UsualLetters::suffice(''));
        $this->assertFalse(UsualLetters::suffice("broken \xC3"));
    }

    private function letters(string $storage): UsualLetters
    {
        $usual = $this->app->storagePath();
        try {
            $this->app->useStoragePath($storage);

            return new UsualLetters(new Filesystem);
        } finally {
            $this->app->useStoragePath($usual);
        }
    }

    /** Written in lines, in one that is squeezed, and after what it takes; what comes then is set as before. */
    private function page(Pdf $pdf, string $typeface, string $text): string
    {
        $pdf->setPrintHeader(false);
        $pdf->setPrintFooter(false);
        $pdf->AddPage();
        $pdf->setFont($typeface, '', 11.5);
        $pdf->Cell(60, 5, sprintf('%.2f', $pdf->getStringHeight(40, $text)), 0, 1);
        $pdf->MultiCell(60, 5, "{$text}\n{$text}", 0, 'L');
        $pdf->Cell(60, 5, $text, 0, 1, 'R', false, '', 1);
        $this->assertSame([$typeface, 11.5], [$pdf->getFontFamily(), $pdf->getFontSizePt()]);
        $pdf->Cell(60, 5, 'Usual');

        return $pdf->Output('', 'S');
    }

    private function dots(string $pdf): string
    {
        ob_start();
        imagebmp($this->rendered($pdf));

        return hash('xxh128', (string) ob_get_clean());
    }
}
