<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Ephemeron\Design\Parameter;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Quantity;
use Ephemeron\Measure\Sum;
use Ephemeron\Measure\Unit;
use Ephemeron\Refusal;

/**
 * Measures by their names, those that are worked out from others among them, and texts in which sums of them stand: `{2*page + gusset}`
 * becomes a length with its unit, `{n}` a number, and `[pages: …]` stands so often, with `n` counting from 1.
 */
final readonly class OwnFormulas
{
    private const MOST_TIMES = 60;

    /** @var array<string, Quantity> by name in lower case */
    private array $names;

    /**
     * @param array<string, Quantity> $measures by name
     * @param array<string, string> $derived formulas by name
     * @param Unit $unit of numbers without one that stand beside lengths
     *
     * @throws UnreadableStructure
     */
    public function __construct(array $measures, array $derived, private Unit $unit)
    {
        $names = $measures;
        foreach (array_keys($derived) as $name) {
            $names = $this->worked((string) $name, $names, $derived, []);
        }
        $this->names = $names;
    }

    /** @throws UnreadableStructure */
    public function filled(string $text): string
    {
        $repeated = preg_replace_callback('/\[([^:\[\]{}]+):([^\[\]]*)\]/u', function (array $found): string {
            $times = $this->value($found[1], $this->names);
            if ($times->isLength || ! $times->value->simplified()->getDenominator()->isEqualTo(1)
                || $times->value->isNegative() || $times->value->isGreaterThan(self::MOST_TIMES)) {
                throw UnreadableStructure::repeat($found[1]);
            }
            $all = '';
            for ($number = 1; $number <= $times->value->toInt(); $number++) {
                $all .= $this->spelled($found[2], ['n' => Quantity::number(BigRational::of($number))] + $this->names);
            }

            return $all;
        }, $text) ?? $text;
        $filled = $this->spelled($repeated, $this->names);

        return mb_strlen($filled) <= Parameter::MOST_TEXT ? $filled : throw UnreadableStructure::tooLong();
    }

    /** @param array<string, Quantity> $names */
    private function spelled(string $text, array $names): string
    {
        return preg_replace_callback('/\{([^{}]*)\}/u', function (array $found) use ($names): string {
            $value = $this->value($found[1], $names);
            if (! $value->isLength) {
                return (string) $value->value->simplified();
            }
            $length = Length::ofTicks($value->value->toScale(0, RoundingMode::HALF_UP)->toInt());

            return $length->isPositive() ? Notation::usual($this->unit)->exact($length)
                : throw UnreadableStructure::at("{{$found[1]}}", 'this comes to nothing, or less.');
        }, $text) ?? $text;
    }

    /**
     * @param array<string, Quantity> $known
     * @param array<string, string> $derived
     * @param array<string, true> $under those that wait for this one
     * @return array<string, Quantity>
     */
    private function worked(string $name, array $known, array $derived, array $under): array
    {
        if (isset($known[$name])) {
            return $known;
        }
        if (isset($under[$name])) {
            throw UnreadableStructure::circle($name);
        }
        foreach (array_keys($derived) as $other) {
            if (preg_match('/(?<![\w-])'.preg_quote((string) $other, '/').'(?![\w-])/u', mb_strtolower($derived[$name])) === 1) {
                $known = $this->worked((string) $other, $known, $derived, $under + [$name => true]);
            }
        }

        return [...$known, $name => $this->value($derived[$name], $known)];
    }

    /** @param array<string, Quantity> $names */
    private function value(string $formula, array $names): Quantity
    {
        try {
            return Sum::of($formula, $this->unit, $names);
        } catch (Refusal $refusal) {
            throw UnreadableStructure::at($formula, $refusal->getMessage());
        }
    }
}
