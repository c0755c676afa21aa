<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/** The path of panels over a square sheet: row by row, forth and back. Panels count from 1. */
final readonly class MeanderPath
{
    private function __construct(public int $perSide, private Length $side)
    {
    }

    /** @param int $perSide even, so that every panel but the covers has a partner */
    public static function of(int $perSide, Length $side): self
    {
        return new self($perSide, $side);
    }

    public function sheet(): Size
    {
        return new Size($this->side, $this->side);
    }

    /** Distance of the k-th score from the left or top edge. */
    public function at(int $k): Length
    {
        return $this->side->portion($k, $this->perSide);
    }

    public function panel(): Size
    {
        return new Size($this->at(1), $this->at(1));
    }

    public function panels(): int
    {
        return $this->perSide ** 2;
    }

    public function leaves(): int
    {
        return intdiv($this->panels() - 2, 2);
    }

    public function turnsAfter(int $panel): bool
    {
        return $panel % $this->perSide === 0;
    }

    public function row(int $panel): int
    {
        return intdiv($panel - 1, $this->perSide);
    }

    public function column(int $panel): int
    {
        $along = ($panel - 1) % $this->perSide;

        return $this->row($panel) % 2 === 0 ? $along : $this->perSide - 1 - $along;
    }

    public function area(int $panel): Rectangle
    {
        $column = $this->column($panel);
        $row = $this->row($panel);

        return Rectangle::at($this->at($column), $this->at($row), new Size(
            $this->at($column + 1)->minus($this->at($column)),
            $this->at($row + 1)->minus($this->at($row)),
        ));
    }

    /** Each turn of the path turns the print over, so every second row stands on its head in the book. */
    public function liesUpsideDown(int $panel): bool
    {
        return $this->row($panel) % 2 === 1;
    }

    /** Where an edge of the page, as the reader sees it, is on the flat sheet. */
    public function onSheet(int $panel, Edge $edge): Edge
    {
        return $this->liesUpsideDown($panel) ? $edge->opposite() : $edge;
    }
}
