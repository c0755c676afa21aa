<?php

declare(strict_types=1);

namespace App\Drawing;

use Ephemeron\Folding\Profile;
use Ephemeron\Folding\Slice;
use Ephemeron\Format\Svg\LineKind;
use Ephemeron\Format\Svg\SvgDrawing;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;

/**
 * The closed book cut across, in real scale: its bare leaves, what is built on them, and what it holds when it is filled. The spine is on
 * the left.
 */
final readonly class ProfileDrawing
{
    /**
     * Books as broad as this in millimetres, and smaller ones, are lettered alike; on broader ones, which are shown smaller, letters are
     * larger.
     */
    private const BREADTH = 110.0;

    public function __construct(private Notation $notation)
    {
    }

    public function draw(Profile $profile): SvgDrawing
    {
        $width = $profile->closed->width->inMillimetres();
        $height = $profile->thickest(true)->inMillimetres();
        $size = max(1.0, $width / self::BREADTH);
        $drawing = new SvgDrawing(
            -26.0 * $size,
            -$height / 2 - 9.0 * $size,
            $width + 52.0 * $size,
            $height + 20.0 * $size,
            'The closed book cut across, spine on the left',
        );
        $this->band($drawing, $profile, static fn (Slice $slice): Length => $slice->filled, '#f0dfae', 'filled');
        $this->band($drawing, $profile, static fn (Slice $slice): Length => $slice->built, '#c9b48a', 'built');
        $bare = $profile->bare->inMillimetres();
        $drawing->element(
            'rect',
            ['x' => 0, 'y' => -$bare / 2, 'width' => $width, 'height' => $bare, 'fill' => '#8a7a58', 'class' => 'bare'],
        );
        $this->measure($drawing, -2.0 * $size, $profile->spine(true), 'end', $size);
        $thickest = $profile->slices[0];
        foreach ($profile->slices as $slice) {
            $thickest = $slice->filled->isMoreThan($thickest->filled) ? $slice : $thickest;
        }
        $x = ($thickest->from->inMillimetres() + $thickest->to->inMillimetres()) / 2;
        $drawing->stroke($x, -$height / 2, $x, $height / 2, LineKind::Hidden);
        $drawing->text($x, $height / 2 + 6.0 * $size, $this->notation->text($thickest->filled), 5.0 * $size);
        $this->measure($drawing, $width + 2.0 * $size, $profile->foreEdge(true), 'start', $size);
        $drawing->text(0.0, -$height / 2 - 4.0 * $size, 'spine', 4.2 * $size, 'start');
        $drawing->text($width, -$height / 2 - 4.0 * $size, 'fore-edge', 4.2 * $size, 'end');

        return $drawing;
    }

    /** @param callable(Slice): Length $of */
    private function band(SvgDrawing $drawing, Profile $profile, callable $of, string $fill, string $class): void
    {
        $upper = [];
        $lower = [];
        foreach ($profile->slices as $slice) {
            $half = $of($slice)->inMillimetres() / 2;
            foreach ([$slice->from, $slice->to] as $at) {
                $upper[] = round($at->inMillimetres(), 3).','.round(-$half, 3);
                array_unshift($lower, round($at->inMillimetres(), 3).','.round($half, 3));
            }
        }
        $drawing->element(
            'polygon',
            [
                'points' => implode(' ', [...$upper, ...$lower]),
                'fill' => $fill,
                'stroke' => '#20264d',
                'stroke-width' => 0.25,
                'class' => $class,
            ],
        );
    }

    private function measure(SvgDrawing $drawing, float $x, Length $thickness, string $anchor, float $size): void
    {
        $half = $thickness->inMillimetres() / 2;
        $drawing->stroke($x, -$half, $x, $half, LineKind::Outline);
        $drawing->text($x + ($anchor === 'end' ? -1.5 : 1.5) * $size, 1.7 * $size, $this->notation->text($thickness), 4.6 * $size, $anchor);
    }
}
