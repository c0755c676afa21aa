<?php

declare(strict_types=1);

namespace Ephemeron\Format\Shape;

use Ephemeron\Design\InvalidParameter;
use Ephemeron\Measure\Notation;

/** One of a few words that stand for the cases of an enumeration; null where that is allowed. */
final readonly class OneOf implements Shape
{
    /** @param class-string<\BackedEnum> $cases */
    public function __construct(private string $cases, private string $name = 'It', private bool $orNothing = false)
    {
    }

    public function read(mixed $given, Reading $reading, mixed $now): ?\BackedEnum
    {
        if ($given === null && $this->orNothing) {
            return null;
        }
        $case = is_string($given) ? $this->cases::tryFrom($given) : null;

        return $case ?? throw InvalidParameter::notAChoice($this->name, $given, $this->words());
    }

    public function write(mixed $value, Notation $notation, mixed $usual): ?string
    {
        return $value instanceof \BackedEnum ? (string) $value->value : null;
    }

    public function schema(): array
    {
        return ['enum' => [...$this->words(), ...($this->orNothing ? [null] : [])]];
    }

    /** @return list<string> */
    private function words(): array
    {
        return array_map(static fn (\BackedEnum $case): string => (string) $case->value, $this->cases::cases());
    }
}
