<?php

declare(strict_types=1);

namespace Ephemeron\Format\Shape;

use Ephemeron\Measure\Notation;

/**
 * Something that may be left out altogether.
 *
 * @template T of object
 */
final readonly class Maybe implements Shape
{
    /**
     * @param Record<T> $record
     * @param T $usual what it is where only some of it is said
     */
    public function __construct(private Record $record, private object $usual)
    {
    }

    /** @return T|null */
    public function read(mixed $given, Reading $reading, mixed $now): ?object
    {
        return $given === null || $given === '' ? null : $this->record->read($given, $reading, $this->usual);
    }

    public function write(mixed $value, Notation $notation, mixed $usual): mixed
    {
        /** @var T|null $value */
        return $value === null ? null : $this->record->write($value, $notation, null);
    }

    public function schema(): array
    {
        return ['anyOf' => [$this->record->schema(), ['type' => 'null']]];
    }
}
