<?php

declare(strict_types=1);

namespace Ephemeron\Format\Shape;

use Ephemeron\Design\InvalidParameter;
use Ephemeron\Design\StripWidths;
use Ephemeron\Measure\Notation;

/** Widths of strips, `2 | rest | 2`, or nothing. */
final readonly class Strips implements Shape
{
    public function read(mixed $given, Reading $reading, mixed $now): ?StripWidths
    {
        return match (true) {
            $given === null, $given === '' => null,
            is_string($given) && strlen($given) <= 200 => StripWidths::parse($given, $reading->unit),
            default => throw InvalidParameter::because('Widths of strips are a line of text, “2 | rest | 2”.'),
        };
    }

    public function write(mixed $value, Notation $notation, mixed $usual): mixed
    {
        return $value instanceof StripWidths ? $value->text($notation) : $value;
    }

    public function schema(): array
    {
        return ['type' => ['string', 'null'], 'maxLength' => 200];
    }
}
