<?php

declare(strict_types=1);

namespace App\Console;

use Ephemeron\Design\Parameter;
use Ephemeron\Design\ParameterKind;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Unit;

/** A parameter for other programs and for a terminal. */
final readonly class ParameterListing
{
    /** @return array<string, mixed> */
    public function described(Parameter $parameter): array
    {
        $isLength = $parameter->kind === ParameterKind::Length;

        return [
            'key' => $parameter->key,
            'name' => $parameter->name,
            'kind' => $parameter->kind->value,
            'unit' => $isLength ? Unit::Inch->value : null,
            'default' => $this->value($parameter->default(Unit::Inch), Unit::Inch),
            'metricDefault' => $this->value($parameter->default(Unit::Centimetre), Unit::Centimetre),
            'minimum' => $this->value($parameter->minimum, Unit::Inch),
            'maximum' => $this->value($parameter->maximum, Unit::Inch),
            'choices' => $parameter->choices === [] ? null : array_map(strval(...), array_keys($parameter->choices)),
            'meaning' => $parameter->meaning,
        ];
    }

    public function line(Parameter $parameter): string
    {
        return sprintf('  %-18s %-14s %s', $parameter->key, $this->text($parameter->default(Unit::Inch), Unit::Inch), $parameter->meaning);
    }

    private function value(Length|int|string|bool|null $value, Unit $unit): int|string|bool|null
    {
        return $value instanceof Length ? Notation::usual($unit)->exact($value) : $value;
    }

    private function text(Length|int|string|bool|null $value, Unit $unit): string
    {
        return match (true) {
            $value instanceof Length => Notation::usual($unit)->text($value),
            $value === null => 'as usual',
            is_bool($value) => $value ? 'yes' : 'no',
            default => str_replace("\n", ' / ', (string) $value),
        };
    }
}
