<?php

declare(strict_types=1);

namespace Ephemeron\Design;

use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Unit;
use Ephemeron\Refusal;

/**
 * Something a maker can choose about a structure or a thing on a page: its name, what it means, its range and default.
 *
 * Lengths have a default for each school of measurement, because a metric maker does not want 12.7 cm for 5 in.
 * A length without default follows from the face it is used on.
 */
final readonly class Parameter
{
    public const MOST_TEXT = 12_000;

    /** @param array<array-key, string> $choices value => label */
    private function __construct(
        public string $key,
        public string $name,
        public ParameterKind $kind,
        public string $meaning,
        private Length|int|string|bool|null $inchDefault,
        private Length|int|string|bool|null $metricDefault,
        public Length|int|null $minimum = null,
        public Length|int|null $maximum = null,
        public array $choices = [],
        private ?\Closure $canonical = null,
    ) {
    }

    public static function length(
        string $key,
        string $name,
        string $meaning,
        Length $minimum,
        Length $maximum,
        ?Length $inch = null,
        ?Length $metric = null,
    ): self {
        return new self($key, $name, ParameterKind::Length, $meaning, $inch, $metric ?? $inch, $minimum, $maximum);
    }

    public static function count(string $key, string $name, string $meaning, int $minimum, int $maximum, int $default): self
    {
        return new self($key, $name, ParameterKind::Count, $meaning, $default, $default, $minimum, $maximum);
    }

    /** @param array<array-key, string> $choices value => label */
    public static function choice(string $key, string $name, string $meaning, array $choices, string $inch, ?string $metric = null): self
    {
        return new self($key, $name, ParameterKind::Choice, $meaning, $inch, $metric ?? $inch, choices: $choices);
    }

    public static function flag(string $key, string $name, string $meaning, bool $default): self
    {
        return new self($key, $name, ParameterKind::Flag, $meaning, $default, $default);
    }

    /**
     * A few lines in a small language of the structure's own, such as a list of pieces.
     *
     * @param \Closure(string, Unit): string $canonical reads them and writes them back with every unit named; throws a {@see Refusal}
     */
    public static function text(string $key, string $name, string $meaning, \Closure $canonical, string $inch, ?string $metric = null): self
    {
        return new self($key, $name, ParameterKind::Text, $meaning, $inch, $metric ?? $inch, canonical: $canonical);
    }

    public function default(Unit $unit): Length|int|string|bool|null
    {
        $default = $unit === Unit::Inch ? $this->inchDefault : $this->metricDefault;

        return $this->kind === ParameterKind::Text ? $this->readText($default, $unit) : $default;
    }

    /** A length that may be left empty because it follows from the face. */
    public function isOptional(): bool
    {
        return $this->inchDefault === null;
    }

    /**
     * Turns what was typed (or stands in a file) into a value.
     *
     * @throws Refusal with a sentence that names the value and what is accepted
     */
    public function read(mixed $typed, Unit $unit): Length|int|string|bool|null
    {
        return match ($this->kind) {
            ParameterKind::Length => $this->readLength($typed, $unit),
            ParameterKind::Count => $this->readCount($typed),
            ParameterKind::Choice => is_string($typed) && isset($this->choices[$typed])
                ? $typed
                : throw InvalidParameter::notAChoice($this->name, $typed, array_map(strval(...), array_keys($this->choices))),
            ParameterKind::Flag => $this->readFlag($typed),
            ParameterKind::Text => $this->readText($typed, $unit),
        };
    }

    /** Whether a value is in its range. */
    public function takes(Length|int|string|bool|null $value): bool
    {
        return match (true) {
            $value instanceof Length => $value->isAtLeast($this->least()) && $this->most()->isAtLeast($value),
            is_int($value) => $value >= $this->minimum && $value <= $this->maximum,
            default => true,
        };
    }

    private function readLength(mixed $typed, Unit $unit): ?Length
    {
        if ($this->isOptional() && ($typed === null || $typed === '')) {
            return null;
        }
        if (! is_string($typed) && ! is_int($typed) && ! is_float($typed)) {
            throw InvalidParameter::notALength($this->name, $typed);
        }
        $length = Length::parse((string) $typed, $unit);
        if ($length->isLessThan($this->least()) || $length->isMoreThan($this->most())) {
            $notation = Notation::usual($unit);
            // Rounded inwards: a limit of 6 in is 15.3 cm from below, because 15.2 would be refused.
            throw InvalidParameter::outOfRange(
                $this->name,
                $notation->exact($length),
                $notation->text($notation->grid->up($this->least())),
                $notation->text($notation->grid->down($this->most())),
            );
        }

        return $length;
    }

    private function least(): Length
    {
        return $this->minimum instanceof Length ? $this->minimum : Length::zero();
    }

    private function most(): Length
    {
        return $this->maximum instanceof Length ? $this->maximum : Length::inches(1000);
    }

    private function readCount(mixed $typed): int
    {
        $text = is_int($typed) || is_string($typed) ? trim((string) $typed) : '';
        if (preg_match('/^-?\d{1,9}$/', $text) !== 1) {
            throw InvalidParameter::notACount($this->name, $typed);
        }
        $count = (int) $text;
        if ($count < $this->minimum || $count > $this->maximum) {
            assert(is_int($this->minimum) && is_int($this->maximum));
            throw InvalidParameter::outOfRange($this->name, (string) $count, (string) $this->minimum, (string) $this->maximum);
        }

        return $count;
    }

    private function readText(mixed $typed, Unit $unit): string
    {
        $text = is_int($typed) || is_float($typed) ? (string) $typed : ($typed ?? '');
        if (! is_string($text) || ! mb_check_encoding($text, 'UTF-8') || mb_strlen($text) > self::MOST_TEXT) {
            throw InvalidParameter::notText($this->name, self::MOST_TEXT);
        }

        $text = trim(str_replace("\r\n", "\n", $text));
        $canonical = $this->canonical === null ? $text : ($this->canonical)($text, $unit);
        $kept = is_string($canonical) ? $canonical : $text;

        // Written with every unit named it is longer than it was typed, and must be read again.
        return mb_strlen($kept) <= self::MOST_TEXT ? $kept : throw InvalidParameter::notText($this->name, self::MOST_TEXT);
    }

    private function readFlag(mixed $typed): bool
    {
        return match ($typed) {
            true, 'true', '1', 'yes', 'on' => true,
            false, 'false', '0', 'no', 'off' => false,
            default => throw InvalidParameter::notAFlag($this->name, $typed),
        };
    }
}
