<?php

declare(strict_types=1);

namespace Ephemeron\Format\Shape;

use Ephemeron\Measure\Notation;
use Ephemeron\Refusal;

/**
 * An object of the file as a list of fields. What is left out stays as it is usual.
 *
 * @template Owner of object
 */
final readonly class Record implements Shape
{
    /**
     * @param list<Field<Owner>> $fields read in this order
     * @param string $else what is said where no object is given
     * @param list<string> $besides keys that may be there and say nothing
     * @param string|null $name under which the schema keeps it, where it is used more than once
     */
    public function __construct(
        public array $fields,
        private string $else = 'This must be an object, { … }.',
        private array $besides = [],
        private ?string $name = null,
    ) {
    }

    /** @return list<string> */
    public function keys(): array
    {
        return array_map(static fn (Field $field): string => $field->key, $this->fields);
    }

    /**
     * @param Owner $now
     * @return Owner
     */
    public function read(mixed $given, Reading $reading, mixed $now): object
    {
        $given = $reading->object($given, $this->else);
        $reading->complaints->unknownKeys($reading->place, $given, [...$this->besides, ...$this->keys()]);
        foreach ($this->fields as $field) {
            if (! array_key_exists($field->key, $given)) {
                if ($field->isRequired) {
                    $reading->complain($this->else);
                }

                continue;
            }
            $at = $reading->at($field->key);
            try {
                $now = $field->with($now, $field->shape->read($given[$field->key], $at, $field->of($now)));
            } catch (Refusal $refusal) {
                $at->complain($refusal->getMessage(), $refusal->refused());
            }
        }

        return $now;
    }

    /**
     * @param Owner $value
     * @param Owner|null $usual
     * @return array<string, mixed>
     */
    public function write(mixed $value, Notation $notation, mixed $usual): array
    {
        $written = [];
        foreach ($this->fields as $field) {
            $one = $field->of($value);
            $other = $usual === null ? null : $field->of($usual);
            if (Difference::isBetween($one, $other)) {
                $written[$field->key] = $one === null ? null : $field->shape->write($one, $notation, $other);
            }
        }

        return $written;
    }

    public function schema(): array
    {
        return $this->name === null ? $this->whole() : ['$ref' => "#/\$defs/{$this->name}"];
    }

    /** @return array<string, mixed> */
    public function whole(): array
    {
        $properties = [];
        foreach ($this->fields as $field) {
            $properties[$field->key] = $field->schema();
        }
        $required = array_map(
            static fn (Field $field): string => $field->key,
            array_values(array_filter($this->fields, static fn (Field $field): bool => $field->isRequired)),
        );

        return [
            'type' => 'object',
            'additionalProperties' => false,
            ...($required === [] ? [] : ['required' => $required]),
            'properties' => $properties,
        ];
    }
}
