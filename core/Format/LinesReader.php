<?php

declare(strict_types=1);

namespace Ephemeron\Format;

use Ephemeron\Format\Drawn\DxfLines;
use Ephemeron\Format\Drawn\FileLine;
use Ephemeron\Format\Drawn\LineLayer;
use Ephemeron\Format\Drawn\RimLines;
use Ephemeron\Format\Drawn\SvgLines;
use Ephemeron\Format\Drawn\Together;
use Ephemeron\Measure\Length;

/**
 * Reads an SVG or a DXF drawing as a free base: straight lines on layers called cut, valley, mountain and slit; what lies on others, as
 * letters do, is not looked at. Scores that stand out over the sheet end at it.
 */
final readonly class LinesReader
{
    private const MOST_LINES = 2_000;

    /** Millimetres no sheet is longer than. */
    private const FARTHEST = 30_000.0;

    public function looksLike(string $file): bool
    {
        return SvgLines::looksLike($file) || DxfLines::looksLike($file);
    }

    /**
     * @return array<string, mixed> a design as its file writes it
     *
     * @throws InvalidDesign
     */
    public function read(string $file): array
    {
        $lines = $this->byLayer(SvgLines::looksLike($file) ? (new SvgLines)->read($file) : (new DxfLines)->read($file));
        $title = preg_match('~<title>([^<]*)</title>~', $file, $found) === 1 ? html_entity_decode($found[1], ENT_QUOTES | ENT_XML1) : '';
        try {
            return $this->design($lines, $title, true);
        } catch (InvalidDesign $error) {
            try {
                return $this->design($lines, $title, false);
            } catch (InvalidDesign) {
                throw $error;
            }
        }
    }

    /**
     * @param array<string, non-empty-list<array{array{int, int}, array{int, int}}>> $lines by letter of the FOLD format
     * @return array<string, mixed>
     *
     * @throws InvalidDesign
     */
    private function design(array $lines, string $title, bool $isTwiceNothing): array
    {
        $cut = RimLines::of($lines[LineLayer::Rim->value], $isTwiceNothing);
        if ($cut->rim === []) {
            throw InvalidDesign::whole('The lines of the layer “cut” close nowhere: they must go round the sheet.');
        }
        $slits = [...$lines[LineLayer::Slit->value] ?? [], ...$cut->slits];
        $drawn = [LineLayer::Rim->value => $cut->rim, LineLayer::Slit->value => $slits];
        foreach ([LineLayer::Valley->value, LineLayer::Mountain->value] as $fold) {
            $drawn[$fold] = array_merge(...array_map(
                static fn (array $score): array => $cut->onPaper($score, $slits),
                $lines[$fold] ?? [],
            ) ?: [[]]);
        }
        $vertices = [];
        $edges = [];
        foreach ($drawn as $letter => $all) {
            foreach ($all as $line) {
                $edge = [];
                foreach ($line as $place) {
                    $vertices["{$place[0]} {$place[1]}"] ??= [count($vertices), $place];
                    $edge[] = $vertices["{$place[0]} {$place[1]}"][0];
                }
                $edges[] = [$edge[0], $edge[1], $letter];
            }
        }

        return DrawingAsBase::design(array_values(array_column($vertices, 1)) ?: [[0, 0]], $edges, $title, null);
    }

    /**
     * @param list<FileLine> $lines
     * @return array<string, non-empty-list<array{array{int, int}, array{int, int}}>>
     *
     * @throws InvalidDesign
     */
    private function byLayer(array $lines): array
    {
        $places = [];
        $letters = [];
        foreach ($lines as $line) {
            $layer = LineLayer::named($line->layers);
            if ($layer === null) {
                continue;
            }
            foreach ([$line->fromX, $line->fromY, $line->toX, $line->toY] as $number) {
                if (! is_finite($number) || abs($number) > self::FARTHEST) {
                    throw InvalidDesign::whole('No sheet is larger than 30 m.');
                }
            }
            $places[] = [self::ticks($line->fromX), self::ticks($line->fromY)];
            $places[] = [self::ticks($line->toX), self::ticks($line->toY)];
            $letters[] = $layer->value;
        }
        if ($places === [] || ! in_array(LineLayer::Rim->value, $letters, true)) {
            throw InvalidDesign::whole(
                'No line lies on a layer called “cut”. Name the layers by what their lines are: cut, valley, mountain, slit.',
            );
        }
        if (count($letters) > self::MOST_LINES) {
            throw InvalidDesign::whole(sprintf('A drawing has %d lines at the most.', self::MOST_LINES));
        }
        $byLayer = [];
        foreach (array_chunk(Together::drawn($places), 2) as $index => [$from, $to]) {
            $byLayer[$letters[$index]][] = [$from, $to];
        }

        return $byLayer;
    }

    private static function ticks(float $millimetres): int
    {
        return (int) round($millimetres * Length::TICKS_PER_MILLIMETRE);
    }
}
