<?php

declare(strict_types=1);

namespace Ephemeron\Format\Shape;

use Ephemeron\Measure\Notation;

/**
 * A list of objects, written and read whole.
 *
 * @template Owner of object
 */
final readonly class ListOf implements Shape
{
    /**
     * @param Record<Owner> $each
     * @param Owner $blank what each begins with
     * @param string $else what is said where it is no list, or a longer one
     */
    public function __construct(private Record $each, private object $blank, private int $most, private string $else)
    {
    }

    /**
     * @param list<Owner> $now
     * @return list<Owner>
     */
    public function read(mixed $given, Reading $reading, mixed $now): array
    {
        if (! is_array($given) || ! array_is_list($given) || count($given) > $this->most) {
            $reading->complain($this->else);

            return $now;
        }
        $list = [];
        foreach ($given as $index => $one) {
            $list[] = $this->each->read($one, $reading->at($index), $this->blank);
        }

        return $list;
    }

    /**
     * @param list<Owner> $value
     * @return list<array<string, mixed>>
     */
    public function write(mixed $value, Notation $notation, mixed $usual): array
    {
        return array_map(fn (object $one): array => $this->each->write($one, $notation, null), $value);
    }

    public function schema(): array
    {
        return ['type' => 'array', 'maxItems' => $this->most, 'items' => $this->each->schema()];
    }
}
