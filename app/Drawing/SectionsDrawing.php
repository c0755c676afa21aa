<?php

declare(strict_types=1);

namespace App\Drawing;

use Ephemeron\Blueprint\Part;
use Ephemeron\Format\Svg\SvgDrawing;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\WorkPlan;

/** Every piece in its section, to one scale: what is clipped to what. Its letters can be read at the size of a phone. */
final readonly class SectionsDrawing
{
    /** Of the place it is shown in. */
    private const BROAD_TO_TALL = 1.25;

    public function __construct(private WorkPlan $plan)
    {
    }

    public function draw(): SvgDrawing
    {
        $table = $this->table();
        $drawing = new SvgDrawing(-4.0, -4.0, $table->width + 8.0, $table->height + 8.0, 'All pieces by section');
        foreach ($table->headings as [$section, $left, $top]) {
            $drawing->text($left, $top + $table->writing, $section, $table->writing, 'start', ['font-weight' => '600']);
        }
        foreach ($table->pieces as [$part, $left, $top]) {
            $this->piece($drawing, $part, $left, $top, $table->writing);
        }

        return $drawing;
    }

    /** So broad that it comes out largest. */
    private function table(): SectionsOnTheTable
    {
        $sections = $this->plan->blueprint->sections();
        $broadest = 1.0;
        $area = 0.0;
        foreach ($this->plan->blueprint->parts as $part) {
            $width = $part->size->width->inMillimetres();
            $broadest = max($broadest, $width);
            $area += $width * $part->size->height->inMillimetres();
        }
        $writing = sqrt($area) / 13;
        $tables = array_map(
            static fn (int $step): SectionsOnTheTable => SectionsOnTheTable::within($broadest * (1.0 + $step / 4), $writing, $sections),
            range(0, 48),
        );
        $extent = static fn (SectionsOnTheTable $table): float => max($table->width / self::BROAD_TO_TALL, $table->height);
        usort($tables, static fn (SectionsOnTheTable $a, SectionsOnTheTable $b): int => $extent($a) <=> $extent($b));

        return $tables[0];
    }

    private function piece(SvgDrawing $drawing, Part $part, float $x, float $y, float $writing): void
    {
        $palette = new Palette;
        [$width, $height] = [$part->size->width->inMillimetres(), $part->size->height->inMillimetres()];
        $drawing->open('g', ['transform' => "translate({$x} {$y})"]);
        $drawing->paper(Rectangle::whole($part->size), $palette->of($part->role), $palette->classOf($part->role));
        $drawing->ring($width / 2, $height / 2, $part->letter, 0.8 * $writing);
        $count = $this->plan->countOf($part);
        if ($count > 1) {
            $drawing->text($width / 2, $height + 0.9 * $writing, "{$count} ×", 0.85 * $writing);
        }
        $drawing->close('g');
    }
}
