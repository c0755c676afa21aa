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

    /** Those and these; these where both say something. */
    public function and(self $other): self
    {
        return new self([...$this->values, ...$other->values]);
    }

    /** @param Length|int|string|bool|null $value null: nothing is said */
    public function with(string $key, Length|int|string|bool|null $value): self
    {
        return new self(array_filter([...$this->values, $key => $value], static fn (mixed $each): bool => $each !== null));
    }

    /** What is said here and not there, or otherwise there. */
    public function besides(self $other): self
    {
        return new self(
            array_filter(
                $this->values,
                static fn (Length|int|string|bool $value, string $key): bool => ! $other->has($key, $value),
                ARRAY_FILTER_USE_BOTH,
            ),
        );
    }

    private function has(string $key, Length|int|string|bool $value): bool
    {
        $here = $this->values[$key] ?? null;

        return $value instanceof Length ? $here instanceof Length && $here->equals($value) : $here === $value;
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
