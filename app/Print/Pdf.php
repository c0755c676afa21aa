<?php

declare(strict_types=1);

namespace App\Print;

use Closure;
use TCPDF;
use TCPDF_FONTS;

/** A print set in {@see UsualLetters}; a text for which they do not suffice is in the whole typeface, which is cut down for this print. */
final class Pdf extends TCPDF
{
    public const SANS = 'dejavusanscondensed';

    public const SERIF = 'dejavuserif';

    /** What the whole typeface is called, after its own name. */
    private const WHOLE = 'whole';

    /** @var array<string, true> typefaces that have the usual letters only */
    private array $cutDown = [];

    /** @param array{float, float} $size of a page, in millimetres */
    public function __construct(array $size, UsualLetters $letters)
    {
        parent::__construct('P', 'mm', $size, true, 'UTF-8');
        $this->setFontSubsetting(true);
        // Nothing on a print leads elsewhere.
        $this->tcpdflink = false;
        foreach ([self::SANS, self::SERIF] as $typeface) {
            $file = $letters->of($typeface);
            if ($file !== null) {
                $this->AddFont($typeface, '', $file, false);
                $this->cutDown[$typeface] = true;
            }
        }
    }

    /**
     * @param float $w
     * @param float $h
     * @param string $txt
     */
    public function Cell($w, $h = 0, $txt = '', ...$rest): void
    {
        $this->suited((string) $txt, fn () => parent::Cell($w, $h, $txt, ...$rest));
    }

    /**
     * @param float $w
     * @param float $h
     * @param string $txt
     */
    public function MultiCell($w, $h, $txt, ...$rest): int
    {
        return $this->suited($txt, fn (): int => parent::MultiCell($w, $h, $txt, ...$rest));
    }

    /**
     * @param float $w
     * @param string $txt
     */
    public function getStringHeight($w, $txt, ...$rest): float
    {
        return $this->suited($txt, fn (): float => parent::getStringHeight($w, $txt, ...$rest));
    }

    /**
     * @template T
     *
     * @param Closure(): T $set
     * @return T
     */
    private function suited(string $text, Closure $set): mixed
    {
        $typeface = $this->FontFamily;
        if (! isset($this->cutDown[$typeface]) || UsualLetters::suffice($text)) {
            return $set();
        }
        $this->AddFont($typeface.self::WHOLE, '', TCPDF_FONTS::getFontFullPath("{$typeface}.php"), true);
        $this->setFont($typeface.self::WHOLE);
        try {
            return $set();
        } finally {
            $this->setFont($typeface);
        }
    }
}
