<?php

declare(strict_types=1);

namespace Ephemeron\Format\Drawn;

/** One thing in a drawing exchange file, as pairs of a group code and a value. */
final readonly class DxfEntity
{
    /** @param list<array{int, string}> $pairs */
    public function __construct(public string $kind, private array $pairs)
    {
    }

    /** The first value of a code, empty where there is none. */
    public function text(int $code): string
    {
        foreach ($this->pairs as [$is, $value]) {
            if ($is === $code) {
                return $value;
            }
        }

        return '';
    }

    public function number(int $code): float
    {
        return (float) $this->text($code);
    }

    public function isBent(): bool
    {
        return array_filter($this->pairs, static fn (array $pair): bool => $pair[0] === 42 && (float) $pair[1] !== 0.0) !== [];
    }

    /** @return list<array{float, float}> its corners; the point that stands before those of an old polyline is none of them */
    public function points(): array
    {
        $points = [];
        $x = null;
        foreach ($this->pairs as [$code, $value]) {
            if ($code === 10) {
                $x = (float) $value;
            } elseif ($code === 20 && $x !== null) {
                $points[] = [$x, (float) $value];
                $x = null;
            }
        }

        return $this->kind === 'POLYLINE' ? array_slice($points, 1) : $points;
    }
}
