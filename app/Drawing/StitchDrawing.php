<?php

declare(strict_types=1);

namespace App\Drawing;

use Ephemeron\Binding\Sewing;
use Ephemeron\Format\Svg\LineKind;
use Ephemeron\Format\Svg\SvgDrawing;
use Ephemeron\Measure\Notation;

/**
 * The way of the thread: every signature’s fold upright with its holes, what lies inside at the left of it, what lies outside at the right,
 * passage by passage. Each stitch carries the number of its passage, so that it can be shown or not.
 */
final readonly class StitchDrawing
{
    private const COLUMN = 58.0;

    public function __construct(private Notation $notation)
    {
    }

    public function draw(Sewing $sewing): SvgDrawing
    {
        $walk = $sewing->walk;
        $columns = 1 + max(array_map(static fn ($passage): int => $passage->signature, $walk->passages));
        $height = $walk->stations->height->inMillimetres();
        $drawing = new SvgDrawing(0.0, -4.0, self::COLUMN * $columns + 34, $height + 24, 'The way of the thread');
        for ($column = 0; $column < $columns; $column++) {
            $x = $this->x($column);
            $drawing->element('path', ['d' => "M{$x} 12L{$x} ".($height + 12), ...LineKind::Valley->attributes()]);
        }
        // Said once: beside each other they run together where writing is made larger.
        $drawing->text($this->x(0) - 3, 7, 'inside', 6.5, 'end');
        $drawing->text($this->x(0) + 3, 7, 'outside', 6.5, 'start');
        foreach ($sewing->stations->places as $number => $place) {
            $drawing->text(1, $place->inMillimetres() + 14, ($number + 1).' · '.$this->notation->number($place), 6.5, 'start');
        }
        $beside = [];
        foreach ($walk->passages as $index => $passage) {
            $place = "{$passage->signature} {$passage->station} ".($passage->isOutwards ? 'out' : 'in');
            $this->passage($drawing, $sewing, $index, $beside[$place] ?? 0);
            $beside[$place] = 1 + ($beside[$place] ?? 0);
        }

        return $drawing;
    }

    /** @param int $beside numbers that stand on that side of the hole already */
    private function passage(SvgDrawing $drawing, Sewing $sewing, int $index, int $beside): void
    {
        $walk = $sewing->walk;
        $to = $walk->passages[$index];
        $x = $this->x($to->signature);
        $y = $walk->stations->places[$to->station]->inMillimetres() + 12;
        $from = $walk->passages[$index - 1] ?? null;
        $drawing->open('g', ['class' => 'stitch', 'data-passage' => $index + 1]);
        if ($from !== null) {
            $fromX = $this->x($from->signature);
            $fromY = $walk->stations->places[$from->station]->inMillimetres() + 12;
            // Before it goes out the thread lay inside.
            $side = $to->isOutwards ? -1 : 1;
            $bulge = 9.0 + abs($y - $fromY) / 10 + 2 * ($index % 3);
            $drawing->element('path', [
                'd' => $from->signature === $to->signature
                    ? sprintf('M%.2f %.2fQ%.2f %.2f %.2f %.2f', $fromX, $fromY, $x + $side * $bulge, ($y + $fromY) / 2, $x, $y)
                    : sprintf('M%.2f %.2fQ%.2f %.2f %.2f %.2f', $fromX, $fromY, ($x + $fromX) / 2, $y + 6, $x, $y),
                'fill' => 'none',
                ...LineKind::Outline->attributes(),
                'stroke-width' => '1',
                ...($to->isOutwards ? ['stroke-dasharray' => '3 1.5'] : []),
            ]);
        } else {
            $side = $to->isOutwards ? -1 : 1;
            $drawing->element('path', [
                'd' => sprintf('M%.2f %.2fL%.2f %.2f', $x + $side * 12, $y - 5, $x, $y),
                ...LineKind::Outline->attributes(),
                'stroke-width' => '1',
            ]);
        }
        $drawing->element('circle', ['cx' => $x, 'cy' => $y, 'r' => 1.3, ...LineKind::Outline->attributes(), 'fill' => '#fffdf6']);
        $drawing->text(
            $x + ($to->isOutwards ? 1 : -1) * (3.4 + 7 * $beside),
            $y - 2,
            (string) ($index + 1),
            6.5,
            $to->isOutwards ? 'start' : 'end'
        );
        $drawing->close('g');
    }

    private function x(int $column): float
    {
        return 34 + self::COLUMN * ($column + 0.5);
    }
}
