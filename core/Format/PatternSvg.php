<?php

declare(strict_types=1);

namespace Ephemeron\Format;

use Ephemeron\Blueprint\Fold;
use Ephemeron\Blueprint\Part;
use Ephemeron\Format\Svg\LineKind;
use Ephemeron\Format\Svg\SvgDrawing;
use Ephemeron\Geometry\Polygon;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Geometry\Segment;

/** One part in real units, every kind of line in a layer of its own: cut, mountain, valley, either, slit, letter. */
final readonly class PatternSvg
{
    private const MARGIN = 4.0;

    public function draw(Part $part): SvgDrawing
    {
        $drawing = SvgDrawing::around(Rectangle::whole($part->size), self::MARGIN, "Piece {$part->letter}, {$part->name}, flat");
        $this->layer(
            $drawing,
            'cut',
            [
                ...self::outline(Polygon::of(Rectangle::whole($part->size))),
                ...array_merge(...array_map(self::outline(...), $part->cutAways)),
            ],
            LineKind::Cut,
        );
        foreach ([Fold::Mountain, Fold::Valley, Fold::Either] as $fold) {
            $lines = array_map(
                static fn ($crease): Segment => $crease->line,
                array_values(array_filter($part->creases, static fn ($crease): bool => $crease->fold === $fold)),
            );
            $this->layer($drawing, $fold->value, $lines, $fold === Fold::Mountain ? LineKind::Mountain : LineKind::Valley);
        }
        $this->layer($drawing, 'slit', array_map(static fn ($slit): Segment => $slit->line, $part->slits), LineKind::Slit);
        $drawing->open('g', ['id' => 'letter']);
        $short = $part->size->shortSide()->inMillimetres();
        $drawing->ring(min(12.0, $short * 0.3), min(12.0, $short * 0.3), $part->letter, min(7.0, $short * 0.2));
        $drawing->close('g');

        return $drawing;
    }

    /** @return list<Segment> */
    public static function outline(Polygon $polygon): array
    {
        $lines = [];
        foreach ($polygon->corners as $index => $corner) {
            $lines[] = new Segment($corner, $polygon->corners[($index + 1) % count($polygon->corners)] ?? $corner);
        }

        return $lines;
    }

    /** @param list<Segment> $lines */
    private function layer(SvgDrawing $drawing, string $name, array $lines, LineKind $kind): void
    {
        $drawing->open('g', ['id' => $name]);
        foreach ($lines as $line) {
            $drawing->line($line, $kind);
        }
        $drawing->close('g');
    }
}
