<?php

declare(strict_types=1);

namespace App\Drawing;

use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Flap;
use Ephemeron\Folding\PageTurns;
use Ephemeron\Geometry\Edge;
use Ephemeron\Measure\Length;
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

    /** Pixels of the broadest page. */
    private float $broadest;

    private float $tallest;

    private SpreadDrawing $drawings;

    public function __construct(private WorkPlan $plan, private PageTurns $turns, Prints $prints = new Prints)
    {
        $faces = array_filter(array_merge(...$turns->leaves));
        $broadest = max(array_map(static fn (Face $face): float => $face->size->width->inMillimetres(), $faces) ?: [1.0]);
        $tallest = max(array_map(static fn (Face $face): float => $face->size->height->inMillimetres(), $faces) ?: [1.0]);
        $this->scale = min(self::BREADTH / $broadest, self::HEIGHT / $tallest);
        $this->broadest = $broadest * $this->scale;
        $this->tallest = $tallest * $this->scale;
        $this->drawings = new SpreadDrawing($plan->layout, $prints);
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
                $this->side($front, false).$this->flaps($front, false),
                $back === null ? '' : $this->side($back, true).$this->flaps($back, true),
            );
        }

        // The open book, about its spine.
        [$breadth, $half] = [(int) ceil($this->broadest), (int) ceil($this->tallest / 2)];

        return new HtmlString(sprintf(
            '<div class="world is-turning" data-rooms="[[%d,%d,0,%d,%d,%d]]" style="%swidth:0;height:%spx">%s</div>',
            -$breadth,
            -$half,
            $breadth,
            $half,
            (int) ceil($count * self::LEAF),
            $shares,
            round($this->tallest, 2),
            $leaves,
        ));
    }

    private function side(Face $face, bool $isBack): string
    {
        $width = $this->px($face->size->width);
        $height = $this->px($face->size->height);

        return sprintf(
            '<i class="side turned-page%s" style="width:%spx;height:%spx;top:%spx" role="img" aria-label="%s">%s</i>',
            $isBack ? ' is-back' : '',
            $width,
            $height,
            round(($this->tallest - $height) / 2, 2),
            e($face->name),
            $this->drawings->page($face, flaps: false)->inline(),
        );
    }

    /** Flaps of a page hang beside it in space, so that they open at a press and turn with their leaf. */
    private function flaps(Face $face, bool $isBack): string
    {
        $flaps = '';
        foreach (array_reverse($this->plan->blueprint->flapsOn($face->key)) as $index => $flap) {
            $flaps .= $this->flap($flap, $index + 1);
        }
        if ($flaps === '') {
            return '';
        }
        $height = $this->px($face->size->height);

        return sprintf(
            '<i class="flap-hang%s" style="width:%spx;height:%spx;top:%spx">%s</i>',
            $isBack ? ' is-back' : '',
            $this->px($face->size->width),
            $height,
            round(($this->tallest - $height) / 2, 2),
            $flaps,
        );
    }

    /** @param int $number how many lie below it, it counted in */
    private function flap(Flap $flap, int $number): string
    {
        // Towards the reader, about its hinge.
        [$turn, $over, $origin] = match ($flap->hinge) {
            Edge::Left => ['rotateY(-168deg)', 'rotateY(180deg)', '0 50%'],
            Edge::Right => ['rotateY(168deg)', 'rotateY(180deg)', '100% 50%'],
            Edge::Top => ['rotateX(168deg)', 'rotateX(180deg)', '50% 0'],
            Edge::Bottom => ['rotateX(-168deg)', 'rotateX(180deg)', '50% 100%'],
        };
        $blueprint = $this->plan->blueprint;

        return sprintf(
            '<i class="turned-flap" data-flap="%s" style="left:%spx;top:%spx;width:%spx;height:%spx;transform-origin:%s;'
                .'--lie:translateZ(%spx);--open:%s"><i class="side">%s</i><i class="side" style="transform:%s">%s</i></i>',
            e($flap->key),
            $this->px($flap->area->left()),
            $this->px($flap->area->top()),
            $this->px($flap->area->width()),
            $this->px($flap->area->height()),
            $origin,
            $number * 0.6,
            $turn,
            $this->drawings->page($blueprint->face($flap->front))->inline(),
            $over,
            $this->drawings->page($blueprint->face($flap->inside))->inline(),
        );
    }

    private function px(Length $length): float
    {
        return round($length->inMillimetres() * $this->scale, 2);
    }
}
