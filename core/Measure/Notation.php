<?php

declare(strict_types=1);

namespace Ephemeron\Measure;

/**
 * Writes lengths for people: reduced mixed fractions (4⅞) or centimetres (12.4), to the marks of a tool.
 * A value between two marks is never passed off as the mark: it gets an ≈, and {@see exact()} gives it whole.
 * It remembers what it has written: in one plan the same few lengths come again and again.
 */
final class Notation
{
    private const GLYPHS = [
        '1/2' => '½', '1/4' => '¼', '3/4' => '¾', '1/8' => '⅛', '3/8' => '⅜', '5/8' => '⅝', '7/8' => '⅞',
        '1/3' => '⅓', '2/3' => '⅔',
    ];

    private const DENOMINATORS = [1, 2, 4, 8, 16, 32, 64, 3, 6, 12, 5, 10];

    /** @var array<int, string> numbers by ticks */
    private array $written = [];

    public function __construct(public readonly Unit $unit, public readonly ToolGrid $grid, private readonly bool $isForSums = false)
    {
    }

    public static function usual(Unit $unit): self
    {
        return new self($unit, ToolGrid::usualFor($unit));
    }

    /** The same for sums, in which a value between two marks is written whole: `3 × 0.635 = 1.905`, and what is added up adds up. */
    public function inSums(): self
    {
        return new self($this->unit, $this->grid, true);
    }

    /** With the unit: `4⅞ in`, `≈12.4 cm`. */
    public function text(Length $length): string
    {
        return $this->number($length).' '.$this->unit->value;
    }

    /** Without the unit, for tables that name it once: `4⅞`, `≈12.4`. */
    public function number(Length $length): string
    {
        return $this->written[$length->ticks] ??= $this->write($length);
    }

    /** Width × height with the unit once: `5 × 8½ in`. */
    public function size(Size $size): string
    {
        return $this->number($size->width).' × '.$this->number($size->height).' '.$this->unit->value;
    }

    /**
     * The value to the tick, in words that {@see LengthParser} reads back to the very same length:
     * `4 7/8 in`, `1/3 in`, `12.345 cm`.
     */
    public function exact(Length $length): string
    {
        if ($this->unit === Unit::Inch) {
            foreach (self::DENOMINATORS as $denominator) {
                $numerator = (int) round($length->ticks * $denominator / Length::TICKS_PER_INCH);
                if ((int) round($numerator * Length::TICKS_PER_INCH / $denominator) === $length->ticks) {
                    return self::plainFraction($numerator, $denominator).' in';
                }
            }
        }

        return $this->shortestDecimal($length).' '.$this->unit->value;
    }

    /** {@see exact} without the unit, where that has a place of its own. */
    public function bare(Length $length): string
    {
        return substr($this->exact($length), 0, -strlen(" {$this->unit->value}"));
    }

    private function write(Length $length): string
    {
        $mark = $this->grid->unit() === $this->unit ? $this->grid : ToolGrid::usualFor($this->unit);
        $shown = $mark->nearest($length);
        if ($this->isForSums && ! $shown->equals($length)) {
            return self::typeset($this->bare($length));
        }

        return ($shown->equals($length) ? '' : '≈').$this->digits($shown);
    }

    /** `4 31/32` as `4 31⁄32`, with a space that does not part them. */
    private static function typeset(string $bare): string
    {
        return (string) preg_replace_callback(
            '~^(?:(\d+) )?(\d+/\d+)$~',
            static fn (array $found): string =>
                $found[1].(self::GLYPHS[$found[2]] ?? ($found[1] === '' ? '' : "\u{2009}").str_replace('/', '⁄', $found[2])),
            $bare,
        );
    }

    private function digits(Length $length): string
    {
        if ($this->unit === Unit::Centimetre) {
            $places = $this->grid === ToolGrid::HalfMillimetre ? 2 : 1;

            return number_format($length->ticks / Unit::Centimetre->ticks(), $places, '.', '');
        }
        $sign = $length->ticks < 0 ? '−' : '';
        $ticks = abs($length->ticks);
        $whole = intdiv($ticks, Length::TICKS_PER_INCH);
        $rest = $ticks % Length::TICKS_PER_INCH;
        if ($rest === 0) {
            return $sign.$whole;
        }
        // The marks are 1⁄32 in at the finest, so a 64th always divides what is left.
        [$numerator, $denominator] = self::reduced(intdiv($rest, intdiv(Length::TICKS_PER_INCH, 64)), 64);
        $fraction = self::GLYPHS["{$numerator}/{$denominator}"] ?? ($whole > 0 ? "\u{2009}" : '')."{$numerator}⁄{$denominator}";

        return $sign.($whole > 0 ? $whole : '').$fraction;
    }

    private static function plainFraction(int $numerator, int $denominator): string
    {
        $whole = intdiv($numerator, $denominator);
        [$rest, $denominator] = self::reduced($numerator % $denominator, $denominator);
        if ($rest === 0) {
            return (string) $whole;
        }

        return trim(($whole > 0 ? $whole : '')." {$rest}/{$denominator}");
    }

    private function shortestDecimal(Length $length): string
    {
        $value = $length->ticks / $this->unit->ticks();
        for ($places = 0; $places < 6; $places++) {
            $text = number_format($value, $places, '.', '');
            if ((int) round((float) $text * $this->unit->ticks()) === $length->ticks) {
                return $text;
            }
        }

        return number_format($value, 6, '.', '');
    }

    /** @return array{int, int} */
    private static function reduced(int $numerator, int $denominator): array
    {
        while ($numerator % 2 === 0 && $denominator % 2 === 0 && $numerator > 0) {
            $numerator = intdiv($numerator, 2);
            $denominator = intdiv($denominator, 2);
        }

        return [$numerator, $denominator];
    }
}
