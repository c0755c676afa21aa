<?php

declare(strict_types=1);

namespace App\Drawing;

use Ephemeron\Format\Svg\LineKind;
use Ephemeron\Format\Svg\SvgDrawing;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Unit;

/** A piece of a ruler, true to scale, with places shown on it. */
final readonly class OnARuler
{
    /** Millimetres that it is tall, and the longest of its marks. */
    private const TALL = 16.0;

    private const LONGEST = 8.0;

    public function __construct(private Notation $notation)
    {
    }

    /** @param non-empty-list<Length> $places in order */
    public function draw(array $places, string $title): SvgDrawing
    {
        $unit = Length::ofTicks($this->notation->unit->ticks());
        $farthest = Length::longest(...$places);
        // One looks at the last eight inches of a long one: all of it would show no mark.
        $most = $this->notation->unit === Unit::Inch ? 8 : 20;
        $to = $unit->times($farthest->plus($unit)->holds($unit));
        $from = $unit->times(count($places) > 1 ? 0 : max(0, $to->holds($unit) - $most));
        $drawing = new SvgDrawing($from->inMillimetres() - 4.0, -9.0, $to->minus($from)->inMillimetres() + 8.0, self::TALL + 11.0, $title);
        $drawing->element('rect', [
            'x' => $from->inMillimetres(), 'y' => 0.0, 'width' => $to->minus($from)->inMillimetres(), 'height' => self::TALL,
            'fill' => '#f3e9cf', 'stroke' => '#20264d', 'stroke-width' => 0.3,
        ]);
        $step = $this->step($to->minus($from));
        for ($at = $from; ! $at->isMoreThan($to); $at = $at->plus($step)) {
            $drawing->stroke($at->inMillimetres(), 0.0, $at->inMillimetres(), $this->long($at), LineKind::Ruler);
            if ($at->ticks % $unit->ticks === 0) {
                $drawing->text($at->inMillimetres(), self::LONGEST + 5.0, (string) $at->holds($unit), 4.4);
            }
        }
        foreach ($places as $place) {
            $x = $place->inMillimetres();
            $drawing->element('path', ['d' => sprintf('M%.3F 0l-1.6-3h3.2z', $x), 'fill' => '#8c2f2b']);
            $drawing->element('path', ['d' => sprintf('M%.3F 0v%.3F', $x, self::TALL), 'stroke' => '#8c2f2b', 'stroke-width' => 0.35]);
            $drawing->text($x, -4.0, $this->notation->number($place), 4.4);
        }

        return $drawing;
    }

    /** Marks that can be told from each other. */
    private function step(Length $shown): Length
    {
        return $this->notation->grid->step()->times($shown->isMoreThan(Length::inches(14)) ? 2 : 1);
    }

    /** Whole inches and centimetres are the longest, then halves, and so on. */
    private function long(Length $at): float
    {
        $shares = $this->notation->unit === Unit::Inch ? [1, 2, 4, 8, 16, 32] : [1, 2, 10, 20];
        foreach ($shares as $order => $share) {
            if (($at->ticks * $share) % $this->notation->unit->ticks() === 0) {
                return self::LONGEST * (1 - $order * ($this->notation->unit === Unit::Inch ? 0.15 : 0.25));
            }
        }

        return self::LONGEST * 0.2;
    }
}
