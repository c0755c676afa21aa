<?php

declare(strict_types=1);

namespace Ephemeron\Format\Shape;

use Ephemeron\Design\Parameter;
use Ephemeron\Design\Values;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Refusal;

/** Values by the keys of parameters. */
final readonly class Measures implements Shape
{
    /** @param list<Parameter> $parameters */
    public function __construct(private array $parameters)
    {
    }

    /** @param Values $now */
    public function read(mixed $given, Reading $reading, mixed $now): Values
    {
        $given = $reading->object($given);
        $reading->complaints->unknownKeys($reading->place, $given, array_column($this->parameters, 'key'));
        foreach ($this->parameters as $parameter) {
            if (! array_key_exists($parameter->key, $given)) {
                continue;
            }
            try {
                $now = $now->with($parameter->key, $parameter->read($given[$parameter->key], $reading->unit));
            } catch (Refusal $refusal) {
                $reading->at($parameter->key)->complain($refusal->getMessage(), $refusal->refused());
            }
        }

        return $now;
    }

    /**
     * @param Values $value
     * @return array<string, string|int|bool>
     */
    public function write(mixed $value, Notation $notation, mixed $usual): array
    {
        $said = $usual instanceof Values ? $value->besides($usual) : $value;

        return array_map(
            static fn (Length|int|string|bool $one): string|int|bool => $one instanceof Length ? $notation->exact($one) : $one,
            $said->values,
        );
    }

    public function schema(): array
    {
        return ['type' => 'object', 'additionalProperties' => ['$ref' => '#/$defs/value']];
    }
}
