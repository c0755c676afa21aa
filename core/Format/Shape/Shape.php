<?php

declare(strict_types=1);

namespace Ephemeron\Format\Shape;

use Ephemeron\Measure\Notation;
use Ephemeron\Refusal;

/**
 * How one value of a file is read, written and described. Readers, writers, the published schema and what a request may change all come
 * from the same shapes, so that none of them can know more than the others.
 */
interface Shape
{
    /**
     * @param mixed $given what stands in the file, never left out
     * @param mixed $now the value that stands where nothing is said
     *
     * @throws Refusal what is wrong with it; shapes with places inside them tell the reading instead and go on
     */
    public function read(mixed $given, Reading $reading, mixed $now): mixed;

    /** @param mixed $usual what need not be said: the inside of a value says only what differs; null: everything is said */
    public function write(mixed $value, Notation $notation, mixed $usual): mixed;

    /** @return array<string, mixed> JSON Schema, draft 2020-12 */
    public function schema(): array;
}
