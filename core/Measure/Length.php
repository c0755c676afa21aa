<?php

declare(strict_types=1);

namespace Ephemeron\Measure;

/**
 * A length as a whole number of ticks.
 *
 * One tick is 3.125 µm, so that an inch (25.4 mm exactly, international yard and pound agreement of 1959)
 * is 8128 ticks, 1⁄64 in is 127 and a millimetre is 320: eighths and millimetres are exact in the same integer.
 * Arithmetic is exact; the one division there is says how it rounds.
 */
final readonly class Length
{
    public const TICKS_PER_INCH = 8128;

    public const TICKS_PER_MILLIMETRE = 320;

    private function __construct(public int $ticks)
    {
    }

    public static function ofTicks(int $ticks): self
    {
        return new self($ticks);
    }

    public static function zero(): self
    {
        return new self(0);
    }

    /**
     * `Length::inches(4, 7, 8)` is 4⅞ in.
     *
     * @throws InexactLength when the fraction is finer than the tick
     */
    public static function inches(int $whole, int $numerator = 0, int $denominator = 1): self
    {
        $product = $numerator * self::TICKS_PER_INCH;
        if ($product % $denominator !== 0) {
            throw InexactLength::fraction($numerator, $denominator);
        }

        return new self($whole * self::TICKS_PER_INCH + intdiv($product, $denominator));
    }

    public static function millimetres(int $millimetres): self
    {
        return new self($millimetres * self::TICKS_PER_MILLIMETRE);
    }

    /** @param int $micrometres rounded to the nearest tick (3.125 µm): thicknesses are estimates anyway */
    public static function micrometres(int $micrometres): self
    {
        return new self(intdiv($micrometres * 8 + 12, 25));
    }

    /**
     * Reads a length as people type it; a bare number is in the given unit.
     *
     * @throws MalformedLength|LengthOutOfRange
     */
    public static function parse(string $text, Unit $unit = Unit::Inch): self
    {
        return (new LengthParser($unit))->parse($text);
    }

    public static function longest(self $first, self ...$others): self
    {
        return new self(max([$first->ticks, ...array_map(static fn (self $other): int => $other->ticks, $others)]));
    }

    public static function shortest(self $first, self ...$others): self
    {
        return new self(min([$first->ticks, ...array_map(static fn (self $other): int => $other->ticks, $others)]));
    }

    public function plus(self ...$others): self
    {
        $ticks = $this->ticks;
        foreach ($others as $other) {
            $ticks += $other->ticks;
        }

        return new self($ticks);
    }

    public function minus(self ...$others): self
    {
        $ticks = $this->ticks;
        foreach ($others as $other) {
            $ticks -= $other->ticks;
        }

        return new self($ticks);
    }

    public function times(int $factor): self
    {
        return new self($this->ticks * $factor);
    }

    /**
     * The place of the k-th of n equal divisions, to the nearest tick. Portions 0 … n of one
     * length always add up to it: the last panel takes what rounding leaves (3 µm at the most).
     */
    public function portion(int $k, int $n): self
    {
        $doubled = 2 * $this->ticks * $k;

        return new self(intdiv($doubled + $n, 2 * $n));
    }

    public function half(): self
    {
        return $this->portion(1, 2);
    }

    /** How many whole times the other length goes into this one; the other must be positive. */
    public function holds(self $other): int
    {
        return intdiv($this->ticks, $other->ticks);
    }

    public function equals(self $other): bool
    {
        return $this->ticks === $other->ticks;
    }

    public function isLessThan(self $other): bool
    {
        return $this->ticks < $other->ticks;
    }

    public function isMoreThan(self $other): bool
    {
        return $this->ticks > $other->ticks;
    }

    public function isAtLeast(self $other): bool
    {
        return $this->ticks >= $other->ticks;
    }

    public function isPositive(): bool
    {
        return $this->ticks > 0;
    }

    public function isZero(): bool
    {
        return $this->ticks === 0;
    }

    /** For drawings and prints only: computation stays in ticks. */
    public function inMillimetres(): float
    {
        return $this->ticks / self::TICKS_PER_MILLIMETRE;
    }
}
