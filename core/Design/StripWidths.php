<?php

declare(strict_types=1);

namespace Ephemeron\Design;

use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Unit;
use Ephemeron\Refusal;

/** Widths of the strips of a mat as a maker says them, `2 | rest | 2`: one of them is what is left. */
final readonly class StripWidths
{
    public const MOST = 6;

    private const REST = 'rest';

    /** @param non-empty-list<Length|null> $widths from the left, or from the head; null: what is left */
    private function __construct(public array $widths)
    {
    }

    /**
     * @param string $text lengths in the unit given where they say none, parted by `|`, `;` or a comma and a space
     *
     * @throws InvalidParameter
     */
    public static function parse(string $text, Unit $unit): self
    {
        $said = preg_split('~\s*[|;]\s*|,\s+~', trim($text)) ?: [];
        if (count($said) < 2 || count($said) > self::MOST) {
            throw InvalidParameter::because('Say two to six widths, “2 | rest | 2”: one of them is what is left.');
        }
        $widths = [];
        foreach ($said as $each) {
            $widths[] = mb_strtolower($each) === self::REST ? null : self::width($each, $unit);
        }
        if (count(array_keys($widths, null, true)) !== 1) {
            throw InvalidParameter::because('Exactly one of the strips is “rest”: what is left.');
        }

        return new self($widths);
    }

    public function text(Notation $notation): string
    {
        return implode(' | ', array_map(
            static fn (?Length $width): string => $width === null ? self::REST : $notation->exact($width),
            $this->widths,
        ));
    }

    /** @return Length what is left of a mat so wide; it may be nothing or less */
    public function rest(Length $whole): Length
    {
        return $whole->minus(...array_values(array_filter($this->widths)));
    }

    private static function width(string $text, Unit $unit): Length
    {
        try {
            $width = Length::parse($text, $unit);
        } catch (Refusal $error) {
            throw InvalidParameter::because($error->getMessage());
        }

        return $width->isAtLeast(Length::inches(0, 1, 4)) ? $width
            : throw InvalidParameter::because('A strip is at least ¼ in (6 mm) wide.');
    }
}
