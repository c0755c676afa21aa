<?php

declare(strict_types=1);

namespace Ephemeron\Geometry;

/** A closed line through points in ticks; the last joins the first. */
final readonly class Loop
{
    /** @param list<array{int, int}> $points */
    public function __construct(private array $points)
    {
    }

    /**
     * Whether a point lies inside: a ray from it crosses the line an odd number of times. Points on the line itself may count either way.
     */
    public function encloses(float $x, float $y): bool
    {
        $inside = false;
        foreach ($this->points as $index => [$ax, $ay]) {
            [$bx, $by] = $this->points[($index + 1) % count($this->points)] ?? [$ax, $ay];
            if (($ay > $y) !== ($by > $y) && $x < ($bx - $ax) * ($y - $ay) / ($by - $ay) + $ax) {
                $inside = ! $inside;
            }
        }

        return $inside;
    }
}
