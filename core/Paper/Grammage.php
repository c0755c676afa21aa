<?php

declare(strict_types=1);

namespace Ephemeron\Paper;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Ephemeron\Measure\Length;

/**
 * What a square metre of a paper weighs (ISO 536), kept in milligrams so that pounds convert without drift.
 *
 * g/m² = lb × 453.59237 ÷ 500 ÷ (area of the basic sheet in m²); the pound is 453.59237 g exactly (1959 agreement).
 */
final readonly class Grammage
{
    public const LIGHTEST = 10;

    public const HEAVIEST = 1500;

    /** g/m² above which card is scored on both sides and may crack on a fold (common practice, no published source). */
    public const HEAVY_CARD = 240;

    private const GRAMS_PER_POUND = '453.59237';

    private const SHEETS_PER_REAM = 500;

    private function __construct(private int $milligrams)
    {
    }

    /** @throws UnusablePaper outside 10 … 1500 g/m² */
    public static function grams(int|float $grams): self
    {
        if ($grams < self::LIGHTEST || $grams > self::HEAVIEST) {
            throw UnusablePaper::grammage($grams);
        }

        return new self((int) round($grams * 1000));
    }

    /** @throws UnusablePaper outside 10 … 1500 g/m² */
    public static function ofPounds(int|float $pounds, BasicSheet $sheet): self
    {
        $grams = BigRational::of((string) $pounds)
            ->multipliedBy(self::GRAMS_PER_POUND)
            ->dividedBy(self::SHEETS_PER_REAM)
            ->dividedBy($sheet->squareMetres());

        return self::grams($grams->toScale(3, RoundingMode::HALF_UP)->toFloat());
    }

    /**
     * Reads `220`, `220 g`, `220 g/m²`, `80 lb cover`.
     *
     * @throws UnusablePaper
     */
    public static function parse(string $text): self
    {
        $pattern = '~^\s*(\d{1,4}(?:[.,]\d{1,3})?)\s*(?:(?:g(?:sm|/m²|/m2|/m\^2)?)?|(?:lbs?|#)\s*(cover|text|book|bond|index))\s*$~iu';
        if (strlen($text) > 40 || preg_match($pattern, $text, $read) !== 1) {
            throw UnusablePaper::weight($text);
        }
        $number = (float) str_replace(',', '.', $read[1]);
        $sheet = strtolower($read[2] ?? '');

        return $sheet === ''
            ? self::grams($number)
            : self::ofPounds($number, BasicSheet::from($sheet === 'book' ? 'text' : $sheet));
    }

    public function inGrams(): float
    {
        return $this->milligrams / 1000;
    }

    public function isHeavyCard(): bool
    {
        return $this->inGrams() > self::HEAVY_CARD;
    }

    public function inPounds(BasicSheet $sheet): float
    {
        return BigRational::of($this->milligrams)->dividedBy(1000)
            ->multipliedBy($sheet->squareMetres())
            ->multipliedBy(self::SHEETS_PER_REAM)
            ->dividedBy(BigRational::of(self::GRAMS_PER_POUND))
            ->toScale(3, RoundingMode::HALF_UP)->toFloat();
    }

    /**
     * Thickness = grammage × bulk (ISO 534).
     *
     * @param float $bulk cm³/g; card and paper for crafts run 1.2–1.4 (common practice, no published source)
     */
    public function caliper(float $bulk = 1.3): Length
    {
        return Length::micrometres((int) round($this->inGrams() * $bulk));
    }

    /** To the milligram, so that {@see parse()} reads it back the same: `216.319 g`. */
    public function exact(): string
    {
        return rtrim(rtrim(number_format($this->inGrams(), 3, '.', ''), '0'), '.').' g';
    }

    public function text(): string
    {
        return round($this->inGrams()).' g/m²';
    }
}
