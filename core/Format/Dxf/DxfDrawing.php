<?php

declare(strict_types=1);

namespace Ephemeron\Format\Dxf;

use Ephemeron\Geometry\Point;
use Ephemeron\Geometry\Polygon;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Geometry\Segment;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/**
 * Lines and letters as an ASCII drawing exchange file, release 12: the oldest that every program reads. One unit is a millimetre; y grows
 * upwards, so what is measured from the top here is turned over.
 */
final class DxfDrawing
{
    /** Colour numbers of the layers; meaning is in their names. */
    private const LAYERS = ['CUT' => 7, 'SCORE_VALLEY' => 5, 'SCORE_MOUNTAIN' => 1, 'SLIT' => 6, 'LEFTOVER' => 8, 'LETTER' => 3];

    /** @var list<array{int, string}> */
    private array $entities = [];

    public function __construct(private readonly Size $sheet)
    {
    }

    public function line(Segment $segment, string $layer): self
    {
        return $this->entity('LINE', $layer, [
            [10, $this->x($segment->from->x)], [20, $this->y($segment->from->y)], [30, '0.0'],
            [11, $this->x($segment->to->x)], [21, $this->y($segment->to->y)], [31, '0.0'],
        ]);
    }

    public function rectangle(Rectangle $area, string $layer): self
    {
        $corners = Polygon::of($area)->corners;
        foreach ($corners as $index => $corner) {
            $this->line(new Segment($corner, $corners[($index + 1) % 4] ?? $corner), $layer);
        }

        return $this;
    }

    /** Written from the middle of its place, of this height. */
    public function letter(Point $middle, string $text, Length $height): self
    {
        return $this->entity('TEXT', 'LETTER', [
            [10, $this->x($middle->x)], [20, $this->y($middle->y)], [30, '0.0'],
            [40, $this->number($height->inMillimetres())],
            [1, preg_replace('/[^\x20-\x7e]/', ' ', str_replace('·', '/', $text)) ?? ''],
        ]);
    }

    public function file(): string
    {
        $width = $this->number($this->sheet->width->inMillimetres());
        $height = $this->number($this->sheet->height->inMillimetres());
        $pairs = [
            [0, 'SECTION'], [2, 'HEADER'],
            [9, '$ACADVER'], [1, 'AC1009'],
            [9, '$EXTMIN'], [10, '0.0'], [20, '0.0'],
            [9, '$EXTMAX'], [10, $width], [20, $height],
            [0, 'ENDSEC'],
            [0, 'SECTION'], [2, 'TABLES'], [0, 'TABLE'], [2, 'LAYER'], [70, (string) count(self::LAYERS)],
        ];
        foreach (self::LAYERS as $name => $colour) {
            array_push($pairs, [0, 'LAYER'], [2, $name], [70, '0'], [62, (string) $colour], [6, 'CONTINUOUS']);
        }
        array_push($pairs, [0, 'ENDTAB'], [0, 'ENDSEC'], [0, 'SECTION'], [2, 'ENTITIES'], ...$this->entities);
        array_push($pairs, [0, 'ENDSEC'], [0, 'EOF']);

        return implode('', array_map(static fn (array $pair): string => sprintf("%3d\n%s\n", $pair[0], $pair[1]), $pairs));
    }

    /** @param list<array{int, string}> $pairs group code and value */
    private function entity(string $type, string $layer, array $pairs): self
    {
        array_push($this->entities, [0, $type], [8, $layer], ...$pairs);

        return $this;
    }

    private function x(Length $x): string
    {
        return $this->number($x->inMillimetres());
    }

    private function y(Length $y): string
    {
        return $this->number($this->sheet->height->inMillimetres() - $y->inMillimetres());
    }

    private function number(float $value): string
    {
        // Ticks are 3.125 µm: six places hold them exactly.
        return number_format($value, 6, '.', '');
    }
}
