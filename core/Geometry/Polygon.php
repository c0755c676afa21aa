<?php

declare(strict_types=1);

namespace Ephemeron\Geometry;

/** A closed outline; the last corner joins the first. */
final readonly class Polygon
{
    /** @param non-empty-list<Point> $corners at least three, in order */
    public function __construct(public array $corners)
    {
    }

    public static function of(Rectangle $area): self
    {
        return new self([
            new Point($area->left(), $area->top()),
            new Point($area->right(), $area->top()),
            new Point($area->right(), $area->bottom()),
            new Point($area->left(), $area->bottom()),
        ]);
    }

    /** The smallest upright rectangle around it. */
    public function bounds(): Rectangle
    {
        $xs = array_map(static fn (Point $corner): int => $corner->x->ticks, $this->corners);
        $ys = array_map(static fn (Point $corner): int => $corner->y->ticks, $this->corners);

        return Rectangle::between(min($xs), min($ys), max($xs), max($ys));
    }

    /** Twice what it encloses, in square ticks. */
    public function doubleArea(): int
    {
        $area = 0;
        foreach ($this->corners as $index => $corner) {
            $next = $this->corners[($index + 1) % count($this->corners)] ?? $corner;
            $area += $corner->x->ticks * $next->y->ticks - $next->x->ticks * $corner->y->ticks;
        }

        return abs($area);
    }
}
