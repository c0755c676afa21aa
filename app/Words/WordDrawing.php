<?php

declare(strict_types=1);

namespace App\Words;

use Ephemeron\Format\Svg\LineKind;
use Ephemeron\Format\Svg\SvgDrawing;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/**
 * Draws a word from a few shapes, each with its place in a field of 60 × 40 mm: `paper`, `tone` (x y width height), `glue` (the same),
 * `line` (points), `cut`, `valley`, `mountain`, `slit`, `arrow` (from, to), `round` (x y width height), `dot` (x y), `arc` (x y width),
 * `text` (x y words).
 */
final readonly class WordDrawing
{
    private const PAPER = '#fffef8';

    private const TONE = '#c9cbe4';

    private const INK = '#20264d';

    public function draw(Word $word): SvgDrawing
    {
        $drawing = new SvgDrawing(0.0, 0.0, 60.0, 40.0, $word->name);
        foreach ($word->drawn as $shape) {
            $kind = array_shift($shape) ?? '';
            $numbers = array_map(floatval(...), $shape);
            match ($kind) {
                'paper', 'tone' => $drawing->paper(self::area($numbers), $kind === 'paper' ? self::PAPER : self::TONE, 'paper'),
                'glue' => $drawing->hatch(self::area($numbers), false),
                'cut', 'valley', 'mountain', 'slit' => $drawing->stroke(
                    $numbers[0],
                    $numbers[1],
                    $numbers[2],
                    $numbers[3],
                    LineKind::from($kind),
                ),
                'text' => $drawing->text($numbers[0], $numbers[1], implode(' ', array_slice($shape, 2)), 6.0),
                default => $this->other($drawing, $kind, $numbers),
            };
        }

        return $drawing;
    }

    /** @param list<float> $numbers */
    private function other(SvgDrawing $drawing, string $kind, array $numbers): void
    {
        [$x, $y] = $numbers;
        $line = ['stroke' => self::INK, 'stroke-width' => 0.5, 'fill' => 'none'];
        match ($kind) {
            'line' => $drawing->element('polyline', ['points' => implode(' ', $numbers), ...$line]),
            'arrow' => $drawing->element('path', ['d' => self::arrow($numbers), ...$line, 'stroke' => '#7a5a12', 'stroke-width' => 0.9]),
            'round' => $drawing->element('rect', [
                'x' => $x, 'y' => $y, 'width' => $numbers[2], 'height' => $numbers[3], 'rx' => min($numbers[2], $numbers[3]) / 2,
                ...$line, 'fill' => self::TONE,
            ]),
            'dot' => $drawing->element('circle', ['cx' => $x, 'cy' => $y, 'r' => 1.5, ...$line, 'fill' => self::INK]),
            'arc' => $drawing->element(
                'path',
                ['d' => sprintf('M%s %sa%3$s %3$s 0 0 0 %4$s 0', $x, $y, $numbers[2] / 2, $numbers[2]), ...$line],
            ),
            default => throw new \LogicException("No word is drawn with “{$kind}”."),
        };
    }

    /** @param list<float> $numbers */
    private static function area(array $numbers): Rectangle
    {
        [$x, $y, $width, $height] = array_map(
            static fn (float $number): Length => Length::ofTicks((int) round($number * Length::TICKS_PER_MILLIMETRE)),
            $numbers,
        );

        return Rectangle::at($x, $y, new Size($width, $height));
    }

    /** @param list<float> $numbers */
    private static function arrow(array $numbers): string
    {
        [$x, $y, $toX, $toY] = $numbers;
        $long = max(0.001, hypot($toX - $x, $toY - $y));
        [$dx, $dy] = [2.2 * ($toX - $x) / $long, 2.2 * ($toY - $y) / $long];

        return sprintf(
            'M%s %sL%s %sM%s %sL%s %sL%s %s',
            $x,
            $y,
            $toX,
            $toY,
            round($toX - $dx - $dy, 3),
            round($toY - $dy + $dx, 3),
            $toX,
            $toY,
            round($toX - $dx + $dy, 3),
            round($toY - $dy - $dx, 3),
        );
    }
}
