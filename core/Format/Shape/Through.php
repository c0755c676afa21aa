<?php

declare(strict_types=1);

namespace Ephemeron\Format\Shape;

use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Unit;

/** A value that reads and writes itself as a text of its own: a weight, a price. */
final readonly class Through implements Shape
{
    /**
     * @param \Closure(string, Unit): mixed $read throws a {@see \Ephemeron\Refusal}
     * @param \Closure $write (value): string
     * @param array<string, mixed> $schema
     */
    public function __construct(private \Closure $read, private \Closure $write, private array $schema)
    {
    }

    public function read(mixed $given, Reading $reading, mixed $now): mixed
    {
        return ($this->read)(is_scalar($given) ? trim((string) $given) : ($given === null ? '' : '?'), $reading->unit);
    }

    public function write(mixed $value, Notation $notation, mixed $usual): mixed
    {
        return ($this->write)($value);
    }

    public function schema(): array
    {
        return $this->schema;
    }
}
