<?php

declare(strict_types=1);

namespace Ephemeron\Design;

use Ephemeron\Measure\Length;

/** Values by parameter key, already read and inside their ranges. */
final readonly class Values
{
    /** @param array<string, Length|int|string|bool> $values */
    public function __construct(public array $values = [])
    {
    }

    public function length(string $key): Length
    {
        $value = $this->values[$key] ?? null;

        return $value instanceof Length ? $value : throw new \LogicException("There is no length “{$key}”.");
    }

    public function lengthOr(string $key, Length $otherwise): Length
    {
        $value = $this->values[$key] ?? null;

        return $value instanceof Length ? $value : $otherwise;
    }

    public function count(string $key): int
    {
        $value = $this->values[$key] ?? null;

        return is_int($value) ? $value : throw new \LogicException("There is no count “{$key}”.");
    }

    public function choice(string $key): string
    {
        $value = $this->values[$key] ?? null;

        return is_string($value) ? $value : throw new \LogicException("There is no choice “{$key}”.");
    }

    public function text(string $key): string
    {
        $value = $this->values[$key] ?? null;

        return is_string($value) ? $value : '';
    }

    public function flag(string $key): bool
    {
        return (bool) ($this->values[$key] ?? false);
    }
}
