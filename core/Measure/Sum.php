<?php

declare(strict_types=1);

namespace Ephemeron\Measure;

use Brick\Math\BigRational;

/**
 * A sum of lengths as people write it: `11 7/8 - 2*1/4`, `12/3`, `9 cm + 1/2 in`, `half of 8 1/2`, `2*(3 + 1/8)`.
 *
 * sum = product { ( "+" | "-" ) product } ; product = factor { ( "*" | "·" | "/" | "÷" ) factor } ;
 * factor = "-" factor | share [ "of" ] factor | ( "max" | "min" ) "(" sum { ( "," | ";" ) sum } ")" | "(" sum ")" [ unit ] | name
 *   | number [ unit ] ; number = mixed fraction | fraction | decimal. Names are those of measures, where there are some.
 * A fraction written without spaces is one number (`2*1/4` is a half), a hyphen without spaces joins it to the whole (`4-7/8` is 4⅞).
 * All is exact; nothing of it is ever run as a program.
 */
final class Sum
{
    private const DEEPEST = 24;

    private const WORDS = ['max', 'min', 'of', 'times', 'in', 'cm', 'mm', 'm', 'ft', 'a', 'an', 'one', 'and'];

    private const SHARES = [
        'half' => '1/2', 'third' => '1/3', 'quarter' => '1/4', 'fifth' => '1/5', 'sixth' => '1/6', 'eighth' => '1/8',
        'two thirds' => '2/3', 'three quarters' => '3/4', 'twice' => '2', 'double' => '2',
    ];

    /** What is not read yet. */
    private string $rest;

    private int $depth = 0;

    /** @param array<string, Quantity> $names in lower case */
    private function __construct(private readonly string $text, private readonly Unit $unit, private readonly array $names = [])
    {
        $this->rest = $text;
    }

    /** Whether sums are written with this word, so that no measure can have it for its name. */
    public static function isWord(string $name): bool
    {
        return isset(self::SHARES[$name]) || in_array($name, self::WORDS, true);
    }

    /** Whether there is something to work out in it, not a length alone. */
    public static function isOne(string $plain): bool
    {
        $shares = self::shares();

        return preg_match("~^[(\s-]*(?:[.,]?\d|an?\s|one\s|{$shares})~u", $plain) === 1
            && preg_match("~[*·÷()+/]|\d.*-|^-|\btimes\b|{$shares}~u", $plain) === 1;
    }

    /**
     * @param string $plain as {@see LengthParser} makes it plain
     * @return BigRational ticks, maybe less than nothing
     *
     * @throws MalformedLength saying how far it can be read
     */
    public static function ticks(string $plain, Unit $unit): BigRational
    {
        $sum = new self($plain, $unit);
        $value = $sum->sum();
        if (trim($sum->rest) !== '') {
            throw $sum->stuck();
        }

        return $value->in($unit)->value;
    }

    /**
     * A sum of measures by their names, as a number or a length.
     *
     * @param array<string, Quantity> $names in lower case
     *
     * @throws MalformedLength saying how far it can be read
     */
    public static function of(string $text, Unit $unit, array $names): Quantity
    {
        uksort($names, static fn (string $one, string $other): int => strlen($other) <=> strlen($one));
        $sum = new self(LengthParser::plainly($text), $unit, $names);
        $value = $sum->sum();

        return trim($sum->rest) === '' ? $value : throw $sum->stuck();
    }

    private function sum(): Quantity
    {
        if (++$this->depth > self::DEEPEST) {
            throw $this->stuck();
        }
        $value = $this->product();
        while (($sign = $this->take('[+-]')) !== null) {
            $next = $this->product();
            $value = $value->plus($sign === '-' ? $next->negated() : $next, $this->unit);
        }
        $this->depth--;

        return $value;
    }

    private function product(): Quantity
    {
        $value = $this->factor();
        while (($sign = $this->take('[*·/÷]|times\b')) !== null) {
            $before = $this->rest;
            $next = $this->factor();
            $isTimes = in_array($sign, ['*', '·', 'times'], true);
            $found = $isTimes ? $value->times($next) : $value->over($next);
            if ($found === null) {
                $this->rest = $before;
                throw $isTimes ? MalformedLength::area($this->text) : ($next->isLength ? MalformedLength::byALength($this->text)
                    : MalformedLength::divisionByZero($this->text));
            }
            $value = $found;
        }

        return $value;
    }

    private function factor(): Quantity
    {
        if (++$this->depth > self::DEEPEST) {
            throw $this->stuck();
        }
        $value = $this->negative() ?? $this->share() ?? $this->extreme() ?? $this->within() ?? $this->named() ?? $this->number()
            ?? throw $this->stuck();
        $this->depth--;

        return $value;
    }

    private function negative(): ?Quantity
    {
        return $this->take('-') === null ? null : $this->factor()->negated();
    }

    private function share(): ?Quantity
    {
        $word = $this->take('(?:an?\s+|one\s+)?(?:'.self::shares().')(?:\s+of\b)?');
        if ($word === null) {
            return null;
        }
        $share = self::SHARES[(string) preg_replace('/^(an?|one)\s+|\s+of$/', '', $word)];

        return $this->factor()->times(Quantity::number(BigRational::of($share)));
    }

    private function extreme(): ?Quantity
    {
        $which = $this->take('(?:max|min)\s*\(');
        if ($which === null) {
            return null;
        }
        $value = $this->sum();
        while ($this->take('[;,]') !== null) {
            $other = $this->sum();
            [$value, $other] = $value->isLength || $other->isLength ? [$value->in($this->unit), $other->in($this->unit)] : [$value, $other];
            $value = $other->value->isGreaterThan($value->value) === str_starts_with($which, 'max') ? $other : $value;
        }

        return $this->take('\)') === null ? throw $this->stuck() : $value;
    }

    private function named(): ?Quantity
    {
        $names = implode('|', array_map(static fn (string $name): string => preg_quote($name, '~'), array_keys($this->names)));
        $name = $names === '' ? null : $this->take("(?:{$names})(?![\w-])");

        return $name === null ? null : $this->names[$name];
    }

    private function within(): ?Quantity
    {
        if ($this->take('\(') === null) {
            return null;
        }
        $value = $this->sum();
        if ($this->take('\)') === null) {
            throw $this->stuck();
        }

        return $this->inUnit($value);
    }

    private function number(): ?Quantity
    {
        if (preg_match('~^\s*(?:(\d{1,9})(?:-|\s+and\s+|\s+))?(\d{1,9})/(\d{1,9})\s*~', $this->rest, $read) === 1) {
            if ((int) $read[3] === 0) {
                throw MalformedLength::divisionByZero($this->text);
            }
            $this->rest = substr($this->rest, strlen($read[0]));

            return $this->inUnit(Quantity::number(BigRational::of("{$read[2]}/{$read[3]}")->plus((int) $read[1])));
        }
        $decimal = $this->take('\d{1,9}(?:[.,]\d{1,9})?|[.,]\d{1,9}');

        return $decimal === null ? null : $this->inUnit(Quantity::number(BigRational::of(str_replace(',', '.', "0{$decimal}"))));
    }

    private function inUnit(Quantity $value): Quantity
    {
        $unit = $value->isLength ? null : $this->take(LengthParser::UNITS);

        return $unit === null ? $value : Quantity::ticks($value->value->multipliedBy(LengthParser::ticksOf($unit)));
    }

    /** What stands next, without the spaces round it; null where something else does. */
    private function take(string $pattern): ?string
    {
        if (preg_match("~^\s*({$pattern})\s*~u", $this->rest, $found) !== 1) {
            return null;
        }
        $this->rest = substr($this->rest, strlen($found[0]));

        return $found[1];
    }

    private function stuck(): MalformedLength
    {
        if ($this->names !== [] && preg_match('/^[a-z][a-z0-9-]*( [a-z][a-z0-9-]*)*/', trim($this->rest), $word) === 1) {
            return MalformedLength::noName($word[0], array_keys($this->names));
        }

        return MalformedLength::upTo(substr($this->text, 0, strlen($this->text) - strlen($this->rest)), $this->rest);
    }

    private static function shares(): string
    {
        return implode('|', array_keys(array_reverse(self::SHARES)));
    }
}
