<?php

declare(strict_types=1);

namespace App\Print;

use App\Drawing\Palette;
use Ephemeron\Format\Svg\LineKind;
use Ephemeron\Measure\Length;

/** Pages of a print: margins, type, rules, and on every page the check marks that prove its scale. */
final class PdfPages
{
    public const MARGIN = 12.0;

    /** Nothing is written smaller than six points; in millimetres. */
    public const LEAST = 6 * 25.4 / 72;

    private const FOOT = 16.0;

    private const INK = [32, 38, 77];

    public readonly Pdf $pdf;

    public function __construct(PrintPaper $paper, private readonly string $title)
    {
        $size = $paper->size();
        $this->pdf = new Pdf([$size->width->inMillimetres(), $size->height->inMillimetres()], app(UsualLetters::class));
        $this->pdf->setCreator('Ephemeron');
        $this->pdf->setTitle($title);
        $this->pdf->setPrintHeader(false);
        $this->pdf->setPrintFooter(false);
        $this->pdf->setMargins(self::MARGIN, self::MARGIN, self::MARGIN);
        $this->pdf->setAutoPageBreak(false);
        $this->pdf->setTextColorArray(self::INK);
        $this->pdf->setDrawColorArray(self::INK);
    }

    public function addPage(): void
    {
        $this->pdf->AddPage();
        $this->pdf->setXY(self::MARGIN, self::MARGIN);
        $this->foot();
        $this->pdf->setXY(self::MARGIN, self::MARGIN);
    }

    /** Starts a new page when less than this is left. */
    public function need(float $height): void
    {
        if ($this->pdf->getPage() === 0 || $this->pdf->GetY() + $height > $this->bottom()) {
            $this->addPage();
        }
    }

    public function heading(string $text, float $size): void
    {
        $this->pdf->setFont(Pdf::SERIF, '', $size);
        $this->pdf->MultiCell($this->width(), $size * 0.5, $text, 0, 'L');
        $this->pdf->Ln(1.0);
    }

    /** @param float|null $tall what it takes, where that is known already */
    public function paragraph(string $text, float $size = 9.5, float $indent = 0.0, ?float $tall = null): void
    {
        $this->need(($tall ?? $this->heightOf($text, $size, $indent)) + 1);
        $this->pdf->setFont(Pdf::SANS, '', $size);
        $this->pdf->setX(self::MARGIN + $indent);
        $this->pdf->MultiCell($this->width() - $indent, $size * 0.46, $text, 0, 'L');
    }

    /** What a paragraph takes, in millimetres. */
    public function heightOf(string $text, float $size = 9.5, float $indent = 0.0): float
    {
        $this->pdf->setFont(Pdf::SANS, '', $size);

        return $this->pdf->getStringHeight($this->width() - $indent, $text);
    }

    /** A dashed line right across: cut here, or clip here. */
    public function clipLine(string $label): void
    {
        $y = $this->pdf->GetY() + 3;
        $this->pdf->Line(self::MARGIN, $y, self::MARGIN + $this->width(), $y, ['width' => 0.2, 'dash' => '2,1.5', 'color' => self::INK]);
        $this->pdf->setLineStyle(['width' => 0.2, 'dash' => 0, 'color' => self::INK]);
        $this->pdf->setFont(Pdf::SANS, '', 7);
        $this->pdf->setXY(self::MARGIN, $y + 0.3);
        $this->pdf->Cell($this->width(), 3, $label, 0, 0, 'R');
        $this->pdf->setXY(self::MARGIN, $y + 4);
    }

    public function box(float $x, float $y, float $side = 3.6): void
    {
        $this->pdf->Rect($x, $y, $side, $side, 'D', ['all' => ['width' => 0.25, 'dash' => 0, 'color' => self::INK]]);
    }

    /**
     * An area with its outline, over what lies there where it has no colour.
     *
     * @param array{float, float, float, float} $box left, top, width and height in millimetres
     */
    public function area(array $box, ?string $colour): void
    {
        $line = ['all' => ['width' => 0.15, 'dash' => 0, 'color' => self::INK]];
        [$style, $fill] = $colour === null ? ['D', []] : ['DF', Palette::parts($colour)];
        $this->pdf->Rect(...$box, style: $style, border_style: $line, fill_color: $fill);
    }

    public function width(): float
    {
        return $this->pdf->getPageWidth() - 2 * self::MARGIN;
    }

    public function bottom(): float
    {
        return $this->pdf->getPageHeight() - self::FOOT - 4;
    }

    public function bytes(): string
    {
        $pages = $this->pdf->getNumPages();
        for ($page = 1; $page <= $pages; $page++) {
            $this->pdf->setPage($page);
            $this->pdf->setFont(Pdf::SANS, '', 7.5);
            $this->pdf->setXY(self::MARGIN, $this->pdf->getPageHeight() - 9);
            $this->pdf->Cell($this->width(), 4, "{$this->title} · {$page} of {$pages}", 0, 0, 'R');
        }

        return $this->pdf->Output('', 'S');
    }

    /** One inch and three centimetres, to be measured before a print is trusted. */
    private function foot(): void
    {
        $y = $this->pdf->getPageHeight() - 10.0;
        $this->scale(self::MARGIN, $y, Length::inches(1)->inMillimetres(), '1 in');
        $this->scale(self::MARGIN + 38, $y, Length::millimetres(30)->inMillimetres(), '3 cm');
        $this->pdf->setFont(Pdf::SANS, '', 7);
        $this->pdf->setXY(self::MARGIN + 70, $y - 4);
        $this->pdf->Cell(50, 4, 'Measure these: print at 100 %.', 0, 0, 'L');
    }

    /**
     * What the lines mean, at the foot of this page.
     *
     * @param list<LineKind> $kinds
     */
    public function legend(array $kinds): void
    {
        $x = self::MARGIN + 112;
        $y = $this->pdf->getPageHeight() - 12.0;
        foreach ($kinds as $kind) {
            $this->pdf->Line($x, $y, $x + 9, $y, self::style($kind));
            $this->pdf->setFont(Pdf::SANS, '', 7);
            $this->pdf->setXY($x + 9.5, $y - 2);
            $this->pdf->Cell(18, 4, $kind->label(), 0, 0, 'L');
            $x += 28;
        }
    }

    /** @return array<string, mixed> the same lines as on the screen */
    public static function style(LineKind $kind): array
    {
        $attributes = $kind->attributes();

        return [
            'width' => (float) $attributes['stroke-width'],
            'dash' => isset($attributes['stroke-dasharray']) ? str_replace(' ', ',', $attributes['stroke-dasharray']) : 0,
            'cap' => isset($attributes['stroke-linecap']) ? 'round' : 'butt',
            'color' => self::INK,
        ];
    }

    private function scale(float $x, float $y, float $length, string $label): void
    {
        $style = ['width' => 0.25, 'dash' => 0, 'color' => self::INK];
        $this->pdf->Line($x, $y, $x + $length, $y, $style);
        $this->pdf->Line($x, $y - 1.5, $x, $y + 1.5, $style);
        $this->pdf->Line($x + $length, $y - 1.5, $x + $length, $y + 1.5, $style);
        $this->pdf->setFont(Pdf::SANS, '', 7);
        $this->pdf->setXY($x, $y + 0.6);
        $this->pdf->Cell($length, 3, $label, 0, 0, 'C');
    }
}
