<?php

declare(strict_types=1);

namespace App\Drawing;

use Ephemeron\Blueprint\Face;
use Ephemeron\Folding\PageTurns;
use Ephemeron\WorkPlan;
use Illuminate\Support\HtmlString;

/**
 * A book whose leaves turn about the spine in space, with its pages drawn on them; the browser sets how far each has turned (`--s1`,
 * `--s2` …).
 */
final readonly class TurningMarkup
{
    private const BREADTH = 330.0;

    private const HEIGHT = 400.0;

    /** Pixels from leaf to leaf. */
    private const LEAF = 3.0;

    private float $scale;

    private SpreadDrawing $drawings;

    public function __construct(private WorkPlan $plan, private PageTurns $turns, Prints $prints = new Prints)
    {
        $faces = array_filter(array_merge(...$turns->leaves));
        $broadest = max(array_map(static fn (Face $face): float => $face->size->width->inMillimetres(), $faces) ?: [1.0]);
        $tallest = max(array_map(static fn (Face $face): float => $face->size->height->inMillimetres(), $faces) ?: [1.0]);
        $this->scale = min(self::BREADTH / $broadest, self::HEIGHT / $tallest);
        $this->drawings = new SpreadDrawing($plan, $prints);
    }

    public function html(): HtmlString
    {
        $leaves = '';
        $count = count($this->turns->leaves);
        $shares = '';
        foreach ($this->turns->leaves as $index => [$front, $back]) {
            $number = $index + 1;
            $shares .= "--s{$number}:0;";
            $leaves .= sprintf(
                '<div class="hang turning" style="transform-origin:0 0 0;transform:translateZ(calc((1 - var(--s%1$d)) * %2$spx + '
                    .'var(--s%1$d) * %3$spx)) rotate3d(0,1,0,calc(var(--s%1$d) * -180deg))">%4$s%5$s</div>',
                $number,
                round(($count - $index) * self::LEAF, 2),
                round($index * self::LEAF, 2),
                $this->side($front, false),
                $back === null ? '' : $this->side($back, true),
            );
        }

        return new HtmlString(
            sprintf('<div class="world is-turning" style="%swidth:0;height:%spx">%s</div>', $shares, round($this->tallest(), 2), $leaves),
        );
    }

    private function side(Face $face, bool $isBack): string
    {
        $width = round($face->size->width->inMillimetres() * $this->scale, 2);
        $height = round($face->size->height->inMillimetres() * $this->scale, 2);

        return sprintf(
            '<i class="side turned-page%s" style="width:%spx;height:%spx;top:%spx" role="img" aria-label="%s">%s</i>',
            $isBack ? ' is-back' : '',
            $width,
            $height,
            round(($this->tallest() - $height) / 2, 2),
            e($face->name),
            $this->drawings->page($face)->inline(),
        );
    }

    private function tallest(): float
    {
        return max(
            array_map(
                fn (Face $face): float => $face->size->height->inMillimetres() * $this->scale,
                array_filter(array_merge(...$this->turns->leaves)),
            ) ?: [1.0],
        );
    }
}
