<?php

declare(strict_types=1);

namespace Ephemeron\Format\Drawn;

use Ephemeron\Format\InvalidDesign;

/**
 * Straight lines of an ASCII drawing exchange file: LINE, POLYLINE and LWPOLYLINE. Without $INSUNITS one unit is a millimetre, as in the
 * files written here. Source: the format’s published reference (group codes 8, 10, 20, 11, 21, 42, 70), from memory.
 */
final readonly class DxfLines
{
    /** Millimetres by $INSUNITS: none said, inches, feet, millimetres, centimetres, metres. */
    private const UNITS = [0 => 1.0, 1 => 25.4, 2 => 304.8, 4 => 1.0, 5 => 10.0, 6 => 1000.0];

    private const CURVES = ['ARC', 'CIRCLE', 'ELLIPSE', 'SPLINE'];

    public static function looksLike(string $file): bool
    {
        return preg_match('/^\s*(999\r?\n[^\n]*\n\s*)*0\s*\r?\nSECTION\b/', $file) === 1;
    }

    /**
     * @return list<FileLine>
     *
     * @throws InvalidDesign where a line that counts is curved
     */
    public function read(string $file): array
    {
        $entities = $this->entities($file);
        $scale = self::UNITS[$this->units($file)]
            ?? throw InvalidDesign::whole('The drawing’s unit ($INSUNITS) must be inches, feet, mm, cm or m.');
        $lines = [];
        $chain = null;
        foreach ($entities as $entity) {
            $layer = $entity->text(8);
            if (in_array($entity->kind, self::CURVES, true) && LineLayer::named([$layer]) !== null) {
                throw self::curved($layer);
            }
            if ($entity->kind === 'LINE') {
                $chain = [[$entity->number(10), $entity->number(20)], [$entity->number(11), $entity->number(21)]];
                array_push($lines, ...$this->chain($chain, false, $layer, $scale));
            } elseif ($entity->kind === 'LWPOLYLINE' || $entity->kind === 'POLYLINE') {
                $isCurved = $entity->kind === 'LWPOLYLINE' && $entity->isBent();
                if ($isCurved && LineLayer::named([$layer]) !== null) {
                    throw self::curved($layer);
                }
                array_push($lines, ...$this->chain($entity->points(), ((int) $entity->number(70) & 1) === 1, $layer, $scale));
            }
        }

        return $lines;
    }

    /**
     * @param list<array{float, float}> $points
     * @return list<FileLine>
     */
    private function chain(array $points, bool $isClosed, string $layer, float $scale): array
    {
        $lines = [];
        foreach ($points as $index => [$x, $y]) {
            $next = $points[$index + 1] ?? ($isClosed ? $points[0] : null);
            if ($next !== null) {
                // The format’s y grows upwards.
                $lines[] = new FileLine($x * $scale, -$y * $scale, $next[0] * $scale, -$next[1] * $scale, [$layer]);
            }
        }

        return $lines;
    }

    /** @return list<DxfEntity> corners of an old polyline among the points of it */
    private function entities(string $file): array
    {
        $entities = [];
        $pairs = [];
        $kind = '';
        $isIn = false;
        $last = '';
        foreach ($this->pairs($file) as [$code, $value]) {
            if ($code === 2 && $last === 'SECTION') {
                $isIn = $value === 'ENTITIES';
            }
            if ($code !== 0) {
                $pairs[] = [$code, $value];

                continue;
            }
            $last = $value;
            if ($isIn && $value !== 'VERTEX' && $kind !== '') {
                $entities[] = new DxfEntity($kind, $pairs);
            }
            if ($value !== 'VERTEX') {
                [$kind, $pairs] = [$isIn ? $value : '', []];
            }
        }

        return $entities;
    }

    private function units(string $file): int
    {
        return preg_match('/\$INSUNITS\s*\r?\n\s*70\s*\r?\n\s*(\d+)/', $file, $found) === 1 ? (int) $found[1] : 0;
    }

    /** @return iterable<array{int, string}> */
    private function pairs(string $file): iterable
    {
        $lines = preg_split('/\r\n|\r|\n/', $file) ?: [];
        for ($index = 0; $index + 1 < count($lines); $index += 2) {
            yield [(int) trim($lines[$index]), trim($lines[$index + 1])];
        }
    }

    private static function curved(string $layer): InvalidDesign
    {
        return InvalidDesign::whole("On the layer “{$layer}” lies a curve; only straight lines can be brought in.");
    }
}
