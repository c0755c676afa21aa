<?php

declare(strict_types=1);

namespace Ephemeron\Format\Drawn;

use DOMDocument;
use DOMElement;
use Ephemeron\Format\InvalidDesign;

/**
 * Straight lines of an SVG drawing: lines, polylines, polygons, rectangles and paths of them, where its transforms put them. Its size in
 * real units is that of the page; without one, a unit is 1⁄96 in. A layer is a group that has a name (an id or a label). Source: W3C,
 * Scalable Vector Graphics (SVG) 1.1, chapters 7 to 9, from memory.
 */
final readonly class SvgLines
{
    /** Millimetres. */
    private const DOT = 25.4 / 96;

    /** Millimetres by unit. */
    private const UNITS = [
        'mm' => 1.0, 'cm' => 10.0, 'in' => 25.4, 'pt' => 25.4 / 72, 'pc' => 25.4 / 6, 'px' => self::DOT, '' => self::DOT,
    ];

    private const DEEPEST = 40;

    public static function looksLike(string $file): bool
    {
        return preg_match('/^\s*(<\?xml[^>]*\?>\s*)?(<!--.*?-->\s*)*(<!DOCTYPE svg(?:[^>\[]|\[.*?\])*>\s*)?<svg\b/s', $file) === 1;
    }

    /**
     * @return list<FileLine>
     *
     * @throws InvalidDesign where it cannot be read, or a line that counts is curved
     */
    public function read(string $file): array
    {
        $document = new DOMDocument;
        // Nothing is fetched and nothing named in it is put in place of its name.
        $isRead = @$document->loadXML($file, LIBXML_NONET | LIBXML_COMPACT);
        $svg = $document->documentElement;
        if (! $isRead || $svg?->localName !== 'svg') {
            throw InvalidDesign::whole('This drawing cannot be read: it is not well-formed SVG.');
        }

        return $this->within($svg, $this->pageScale($svg), [], 0);
    }

    /**
     * @param list<string> $layers the innermost first
     * @return list<FileLine>
     */
    private function within(DOMElement $element, Transform $to, array $layers, int $depth): array
    {
        if ($depth > self::DEEPEST || in_array($element->localName, ['defs', 'symbol', 'clipPath', 'mask', 'pattern', 'marker'], true)) {
            return [];
        }
        foreach ($element->attributes as $attribute) {
            // Programs have their own names for what a layer is called: some label or other.
            if (in_array($attribute->localName, ['id', 'label'], true)) {
                array_unshift($layers, $attribute->value);
            }
        }
        $to = $to->after(Transform::parse($element->getAttribute('transform')));
        $lines = [];
        foreach ($this->chains($element, $layers) as $points) {
            for ($index = 0; $index + 1 < count($points); $index++) {
                [$x1, $y1] = $to->apply(...$points[$index]);
                [$x2, $y2] = $to->apply(...$points[$index + 1]);
                $lines[] = new FileLine($x1, $y1, $x2, $y2, $layers);
            }
        }
        foreach ($element->childNodes as $child) {
            if ($child instanceof DOMElement) {
                array_push($lines, ...$this->within($child, $to, $layers, $depth + 1));
            }
        }

        return $lines;
    }

    /**
     * @param list<string> $layers
     * @return list<list<array{float, float}>> what is drawn by it without lifting the pen
     */
    private function chains(DOMElement $element, array $layers): array
    {
        $at = static fn (string $name): float => (float) $element->getAttribute($name);
        $isCurve = in_array($element->localName, ['circle', 'ellipse'], true);
        $chains = match ($element->localName) {
            'line' => [[[$at('x1'), $at('y1')], [$at('x2'), $at('y2')]]],
            'polyline' => [$this->points($element)],
            'polygon' => [self::closed($this->points($element))],
            'rect' => [self::closed([
                [$at('x'), $at('y')], [$at('x') + $at('width'), $at('y')],
                [$at('x') + $at('width'), $at('y') + $at('height')], [$at('x'), $at('y') + $at('height')],
            ])],
            'path' => StraightPath::chains($element->getAttribute('d')),
            default => [],
        };
        if (($isCurve || $chains === null) && LineLayer::named($layers) !== null) {
            throw InvalidDesign::whole('On the layer “'.($layers[0] ?? '').'” lies a curve; only straight lines can be brought in.');
        }

        return $chains ?? [];
    }

    /** @return list<array{float, float}> */
    private function points(DOMElement $element): array
    {
        preg_match_all('/[-+]?(?:\d+\.?\d*|\.\d+)(?:e[-+]?\d+)?/i', $element->getAttribute('points'), $found);

        return array_map(
            static fn (array $pair): array => [(float) $pair[0], (float) ($pair[1] ?? 0)],
            array_chunk($found[0], 2),
        );
    }

    /** From its own units to millimetres on the page. */
    private function pageScale(DOMElement $svg): Transform
    {
        preg_match('/^\s*([\d.]+)\s*(mm|cm|in|pt|pc|px)?\s*$/', $svg->getAttribute('width'), $width);
        $box = array_map(floatval(...), preg_split('/[\s,]+/', trim($svg->getAttribute('viewBox'))) ?: []);
        $unit = self::UNITS[$width[2] ?? ''];
        $isScaled = isset($width[1]) && count($box) === 4 && $box[2] > 0;

        return Transform::scale($isScaled ? (float) $width[1] * $unit / $box[2] : $unit);
    }

    /**
     * @param list<array{float, float}> $points
     * @return list<array{float, float}>
     */
    private static function closed(array $points): array
    {
        return $points === [] ? [] : [...$points, $points[0]];
    }
}
