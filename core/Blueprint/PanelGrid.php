<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;

/**
 * A blank divided by scores from edge to edge. The panels are given, the blank is their sum: so it always closes.
 *
 * Panels are named by their column, by their row, or `column-row` where there are several of both.
 */
final readonly class PanelGrid
{
    /**
     * @param non-empty-array<string, Length> $columns from the left
     * @param non-empty-array<string, Length> $rows from the top
     */
    public function __construct(private array $columns, private array $rows)
    {
    }

    /** @param non-empty-array<string, Length> $columns from the left */
    public static function columns(array $columns, Length $height): self
    {
        return new self($columns, ['' => $height]);
    }

    /** @param non-empty-array<string, Length> $rows from the top */
    public static function rows(Length $width, array $rows): self
    {
        return new self(['' => $width], $rows);
    }

    public function size(): Size
    {
        return new Size(Length::zero()->plus(...array_values($this->columns)), Length::zero()->plus(...array_values($this->rows)));
    }

    /** One panel; an empty name takes the whole breadth or height. */
    public function area(string $column = '', string $row = ''): Rectangle
    {
        [$x, $width] = $this->span($this->columns, $column);
        [$y, $height] = $this->span($this->rows, $row);

        return Rectangle::at($x, $y, new Size($width, $height));
    }

    /** @return list<Panel> */
    public function panels(): array
    {
        $panels = [];
        foreach (array_keys($this->rows) as $row) {
            foreach (array_keys($this->columns) as $column) {
                $key = trim("{$column}-{$row}", '-');
                $panels[] = new Panel($key === '' ? 'sheet' : $key, Panel::inWords($key), $this->area($column, $row));
            }
        }

        return $panels;
    }

    /**
     * @param array<string, Fold> $otherwise folds that differ, by the panel before them (from the left or the top)
     * @return list<Crease>
     */
    public function creases(Fold $usual = Fold::Valley, array $otherwise = []): array
    {
        return [
            ...$this->lines(Axis::Width, $this->columns, $usual, $otherwise),
            ...$this->lines(Axis::Height, $this->rows, $usual, $otherwise),
        ];
    }

    /** `2⅞ + 4⅛ + 4 + 1 = 12 wide, 8 tall`. */
    public function inWords(Notation $notation): string
    {
        $whole = $notation->inSums();

        return $this->sum($this->columns, $whole).' wide, '.$this->sum($this->rows, $whole).' tall';
    }

    /** @param array<string, Length> $spans */
    private function sum(array $spans, Notation $notation): string
    {
        $total = $notation->number(Length::zero()->plus(...array_values($spans)));

        return count($spans) === 1 ? $total : implode(' + ', array_map($notation->number(...), $spans))." = {$total}";
    }

    /**
     * @param array<string, Length> $spans
     * @param array<string, Fold> $otherwise
     * @return list<Crease>
     */
    private function lines(Axis $along, array $spans, Fold $usual, array $otherwise): array
    {
        $size = $this->size();
        $creases = [];
        $at = Length::zero();
        foreach (array_slice($spans, 0, -1, true) as $key => $span) {
            $at = $at->plus($span);
            $creases[] = Crease::across($size, $along, $at, $otherwise[$key] ?? $usual);
        }

        return $creases;
    }

    /**
     * @param array<string, Length> $spans
     * @return array{Length, Length} where it begins and how broad it is
     */
    private function span(array $spans, string $key): array
    {
        if ($key === '') {
            return [Length::zero(), Length::zero()->plus(...array_values($spans))];
        }
        $at = Length::zero();
        foreach ($spans as $name => $span) {
            if ($name === $key) {
                return [$at, $span];
            }
            $at = $at->plus($span);
        }

        throw UnknownPiece::panel('grid', $key);
    }
}
