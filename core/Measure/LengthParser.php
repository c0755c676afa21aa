<?php

declare(strict_types=1);

namespace Ephemeron\Measure;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;

/**
 * Reads lengths as people type them: `4 7/8`, `4-7/8`, `4⅞"`, `4.875 in`, `12,5 cm`, `125mm`, and sums of them ({@see Sum}).
 *
 * A bare number is in the parser's unit. Values between ticks (a third of an inch, say) go to the nearest
 * tick; {@see Notation::exact()} writes such a tick back as it was typed, so that nothing drifts.
 */
final readonly class LengthParser
{
    private const LONGEST_INPUT = 120;

    public const UNITS = '(?:"|inches|inch|ins|in|cm|centimet(?:er|re)s?|mm|millimet(?:er|re)s?|met(?:er|re)s?|m|foot|feet|ft'
        .'|yards?|yds?)\.?(?![a-z])';

    private const LONGEST_TICKS = 1000 * Length::TICKS_PER_INCH;

    private const VULGAR = [
        '¼' => ' 1/4', '½' => ' 1/2', '¾' => ' 3/4', '⅓' => ' 1/3', '⅔' => ' 2/3', '⅕' => ' 1/5', '⅖' => ' 2/5',
        '⅗' => ' 3/5', '⅘' => ' 4/5', '⅙' => ' 1/6', '⅚' => ' 5/6', '⅐' => ' 1/7', '⅛' => ' 1/8', '⅜' => ' 3/8',
        '⅝' => ' 5/8', '⅞' => ' 7/8', '⅑' => ' 1/9', '⅒' => ' 1/10', '⅟' => ' 1/',
    ];

    private const SPELLINGS = [
        '⁄' => '/', '∕' => '/', '−' => '-', '–' => '-', '—' => '-', '″' => '"', '”' => '"', '“' => '"',
        "''" => '"', '’’' => '"', '′′' => '"',
    ];

    private const PATTERN = '~^(?<sign>-\s*)?(?:
        (?:(?<whole>\d{1,9})(?:\s+|-|\s*\+\s*|\s*and\s*))?(?<numerator>\d{1,9})\s*/\s*(?<denominator>\d{1,9})
        |(?<decimal>\d{1,9}(?:[.,]\d{1,9})?|[.,]\d{1,9})
        )\s*(?<unit>'.self::UNITS.')?$~x';

    public function __construct(private Unit $unit)
    {
    }

    /** @throws MalformedLength|LengthOutOfRange */
    public function parse(string $text): Length
    {
        if (strlen($text) > self::LONGEST_INPUT || ! mb_check_encoding($text, 'UTF-8')) {
            throw MalformedLength::read($text);
        }
        $plain = self::plainly($text);
        if ($plain === '') {
            throw MalformedLength::nothing();
        }
        $isSimple = preg_match(self::PATTERN, $plain, $read, PREG_UNMATCHED_AS_NULL) === 1;
        if (! $isSimple && ! Sum::isOne($plain)) {
            throw MalformedLength::read($text);
        }
        $ticks = $isSimple
            ? $this->number($read, $text)->multipliedBy($this->ticksPer($read['unit']))->multipliedBy($read['sign'] === null ? 1 : -1)
            : Sum::ticks($plain, $this->unit);
        if ($ticks->isNegative()) {
            throw LengthOutOfRange::negative(trim($text));
        }
        if ($ticks->isGreaterThan(self::LONGEST_TICKS)) {
            throw LengthOutOfRange::beyondTheRoom(trim($text));
        }

        return Length::ofTicks($ticks->toScale(0, RoundingMode::HALF_UP)->toInt());
    }

    /** Lower case, ordinary spaces and quotes, every written fraction as ` n/d`. */
    public static function plainly(string $text): string
    {
        $text = strtr($text, self::VULGAR);
        $text = (string) preg_replace('/(?<=[0-9])(?=[⁰¹²³⁴-⁹])/u', ' ', $text);
        $text = (string) \Normalizer::normalize($text, \Normalizer::FORM_KC);
        $text = strtr($text, self::SPELLINGS);

        return mb_strtolower(trim((string) preg_replace('/\s+/u', ' ', $text)));
    }

    /** @param array<int|string, string|null> $read */
    private function number(array $read, string $text): BigRational
    {
        if ($read['decimal'] !== null) {
            return BigRational::of(str_replace(',', '.', '0'.$read['decimal']));
        }
        if ((int) $read['denominator'] === 0) {
            throw MalformedLength::divisionByZero($text);
        }

        return BigRational::of("{$read['numerator']}/{$read['denominator']}")->plus((int) $read['whole']);
    }

    private function ticksPer(?string $unit): int
    {
        return $unit === null ? $this->unit->ticks() : self::ticksOf($unit);
    }

    /** @param string $unit as {@see self::UNITS} finds it */
    public static function ticksOf(string $unit): int
    {
        return match (true) {
            str_starts_with($unit, '"'), str_starts_with($unit, 'in') => Length::TICKS_PER_INCH,
            str_starts_with($unit, 'f') => 12 * Length::TICKS_PER_INCH,
            str_starts_with($unit, 'y') => 36 * Length::TICKS_PER_INCH,
            in_array($unit, ['m', 'm.'], true), str_starts_with($unit, 'met') => 1000 * Length::TICKS_PER_MILLIMETRE,
            str_starts_with($unit, 'c') => 10 * Length::TICKS_PER_MILLIMETRE,
            default => Length::TICKS_PER_MILLIMETRE,
        };
    }
}
