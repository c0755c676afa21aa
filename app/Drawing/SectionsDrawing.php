<?php

declare(strict_types=1);

namespace App\Drawing;

use Ephemeron\Blueprint\Part;
use Ephemeron\Format\Svg\SvgDrawing;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\WorkPlan;

/** Every piece in its section, to one scale: what is clipped to what. */
final readonly class SectionsDrawing
{
    private const WIDTH = 620.0;

    private const GAP = 14.0;

    private const HEADING = 26.0;

    public function __construct(private WorkPlan $plan)
    {
    }

    public function draw(): SvgDrawing
    {
        $rows = [];
        $y = 0.0;
        foreach ($this->plan->blueprint->sections() as $section => $parts) {
            [$places, $height] = $this->laidOut($parts, $y + self::HEADING);
            $rows[] = [$section, $y, $places];
            $y = $height + self::GAP;
        }
        $drawing = new SvgDrawing(-4.0, -4.0, self::WIDTH + 8.0, $y + 8.0, 'All pieces by section');
        foreach ($rows as [$section, $top, $places]) {
            $drawing->text(0.0, $top + 18.0, (string) $section, 17.0, 'start', ['font-weight' => '600']);
            foreach ($places as [$part, $left, $down]) {
                $this->piece($drawing, $part, $left, $down);
            }
        }

        return $drawing;
    }

    /**
     * @param list<Part> $parts
     * @return array{list<array{Part, float, float}>, float} each with its left and top, and where the section ends
     */
    private function laidOut(array $parts, float $top): array
    {
        $places = [];
        $x = 0.0;
        $rowHeight = 0.0;
        foreach ($parts as $part) {
            $width = $part->size->width->inMillimetres() / 2;
            if ($x > 0.0 && $x + $width > self::WIDTH) {
                $x = 0.0;
                $top += $rowHeight + self::GAP;
                $rowHeight = 0.0;
            }
            $places[] = [$part, $x, $top];
            $x += $width + self::GAP;
            $rowHeight = max($rowHeight, $part->size->height->inMillimetres() / 2);
        }

        return [$places, $top + $rowHeight];
    }

    private function piece(SvgDrawing $drawing, Part $part, float $x, float $y): void
    {
        $palette = new Palette;
        $drawing->open('g', ['transform' => "translate({$x} {$y}) scale(0.5)"]);
        $area = Rectangle::whole($part->size);
        $drawing->paper($area, $palette->of($part->role), $palette->classOf($part->role));
        $width = $area->width()->inMillimetres();
        $height = $area->height()->inMillimetres();
        $radius = min(22.0, $part->size->shortSide()->inMillimetres() * 0.42);
        $drawing->ring($width / 2, $height / 2, $part->letter, $radius);
        if ($this->plan->countOf($part) > 1) {
            $drawing->text($width / 2, min($height - 4.0, $height / 2 + $radius * 2.1), "{$this->plan->countOf($part)} ×", $radius);
        }
        $drawing->close('g');
    }
}
