<?php

declare(strict_types=1);

namespace Ephemeron\Format\Shape;

use Ephemeron\Design\Parameter;
use Ephemeron\Design\ParameterKind;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;

/** A length or a count as a parameter takes it; nothing, where that is allowed, leaves it open. */
final readonly class Asked implements Shape
{
    public function __construct(private Parameter $parameter, private bool $orNothing = false)
    {
    }

    public function read(mixed $given, Reading $reading, mixed $now): Length|int|string|bool|null
    {
        return $this->orNothing && ($given === null || $given === '') ? null : $this->parameter->read($given, $reading->unit);
    }

    public function write(mixed $value, Notation $notation, mixed $usual): mixed
    {
        return $value instanceof Length ? $notation->exact($value) : $value;
    }

    public function schema(): array
    {
        $orNothing = $this->orNothing ? ['null'] : [];

        return match ($this->parameter->kind) {
            ParameterKind::Length => ['$ref' => '#/$defs/length'],
            ParameterKind::Count => [
                'type' => ['integer', 'string', ...$orNothing],
                'minimum' => $this->parameter->minimum,
                'maximum' => $this->parameter->maximum,
                'pattern' => '^[0-9]*$',
            ],
            ParameterKind::Flag => ['type' => ['boolean', 'string', 'integer']],
            default => ['$ref' => '#/$defs/value'],
        };
    }
}
