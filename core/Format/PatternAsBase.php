<?php

declare(strict_types=1);

namespace Ephemeron\Format;

use Ephemeron\Geometry\Loop;
use Ephemeron\Geometry\Point;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Structure\FreeLine;
use Ephemeron\Structure\FreeLineKind;

/**
 * A crease pattern in the words of a free base. Lines along which most of the paper is scored or slit divide it into panels; those that
 * fold one way all along are the scores of the panels, whatever else there is is named line by line. What is missing is named by panels
 * where it can be, else by its corners.
 */
final readonly class PatternAsBase
{
    /** A free base has far fewer; beyond that it is not worth looking for panels. */
    private const MOST_BORDERS = 60;

    private SheetRim $rim;

    /**
     * @param list<array{int, int}> $vertices ticks from the upper left corner, y downwards
     * @param list<array{int, int, string}> $edges two vertices and an assignment of the FOLD format
     * @param array{int, int} $size width and height
     *
     * @throws InvalidDesign
     */
    public function __construct(private array $vertices, private array $edges, private array $size, private Notation $notation)
    {
        $this->rim = SheetRim::of(
            $vertices,
            array_map(static fn (array $edge): array => [$edge[0], $edge[1]], $this->assigned('B')),
            $size,
        );
    }

    /**
     * @return array<string, string> parameters of a free base
     *
     * @throws InvalidDesign
     */
    public function parameters(): array
    {
        [$across, $down] = [$this->borders(0), $this->borders(1)];
        if (max(count($across), count($down)) > self::MOST_BORDERS) {
            throw InvalidDesign::whole('The pattern has more panels along one side than a free base can have.');
        }
        $xs = [0, ...array_keys($across), $this->size[0]];
        $ys = [0, ...array_keys($down), $this->size[1]];
        $lines = [];
        foreach ([
            [FreeLineKind::Valley, ['V', 'U']],
            [FreeLineKind::Mountain, ['M']],
            [FreeLineKind::Slit, ['C']],
        ] as [$kind, $assignments]) {
            $segments = [];
            foreach (array_merge(...array_map($this->assigned(...), $assignments)) as [$from, $to]) {
                [$one, $other] = [$this->vertices[$from], $this->vertices[$to]];
                if ($one !== $other && ! $this->isBorder($kind, $one, $other, $across, $down)) {
                    $segments[] = [$one, $other];
                }
            }
            foreach ((new Strokes)->joined($segments) as $stroke) {
                $lines[] = $this->line($kind, $stroke);
            }
        }
        $cells = [];
        foreach ($this->rim->cutAways as $outline) {
            if ($this->liesOn($outline, $xs, $ys)) {
                $cells[] = $outline;
            } else {
                $lines[] = $this->line(FreeLineKind::CutAway, $outline);
            }
        }

        return [
            'columns' => $this->panels($xs, array_values($across)),
            'rows' => $this->panels($ys, array_values($down)),
            'cut-away' => $cells === [] ? '' : $this->cells($xs, $ys),
            'pieces' => '',
            'lines' => implode("\n", $lines),
        ];
    }

    /**
     * Whether a score is one of those that the panels have of themselves.
     *
     * @param array{int, int} $one
     * @param array{int, int} $other
     * @param array<int, string> $across
     * @param array<int, string> $down
     */
    private function isBorder(FreeLineKind $kind, array $one, array $other, array $across, array $down): bool
    {
        $sign = match (true) {
            $one[0] === $other[0] => $across[$one[0]] ?? '|',
            $one[1] === $other[1] => $down[$one[1]] ?? '|',
            default => '|',
        };

        return $kind !== FreeLineKind::Slit && $sign !== '|';
    }

    /**
     * Where lines upright (axis 0) or level (axis 1) divide the sheet.
     *
     * @return array<int, string> `+`, `^` or `|` by place, in order
     */
    private function borders(int $axis): array
    {
        $signs = [];
        $lengths = [];
        foreach (['V' => '+', 'U' => '+', 'M' => '^', 'C' => '|'] as $assignment => $sign) {
            foreach ($this->assigned($assignment) as [$from, $to]) {
                [$one, $other] = [$this->vertices[$from], $this->vertices[$to]];
                if ($one[$axis] === $other[$axis] && $one !== $other) {
                    $signs[$one[$axis]][$sign] = true;
                    $lengths[$one[$axis]] = ($lengths[$one[$axis]] ?? 0) + abs($one[1 - $axis] - $other[1 - $axis]);
                }
            }
        }
        ksort($signs);
        $borders = [];
        foreach ($signs as $place => $found) {
            $paper = $this->paperAlong($axis, $place);
            $sign = count($found) === 1 && $lengths[$place] >= $paper ? array_key_first($found) : '|';
            if ($place > 0 && $place < $this->size[$axis] && 2 * $lengths[$place] >= $paper) {
                $borders[$place] = $sign;
            }
        }

        return $borders;
    }

    /** How much paper there is on both sides of a line. */
    private function paperAlong(int $axis, int $place): int
    {
        $ends = [0, $this->size[1 - $axis]];
        foreach ($this->vertices as $vertex) {
            if ($vertex[$axis] === $place) {
                $ends[] = $vertex[1 - $axis];
            }
        }
        sort($ends);
        $paper = 0;
        foreach (array_slice($ends, 1) as $index => $end) {
            $middle = ($ends[$index] + $end) / 2;
            $isPaper = true;
            foreach ([$place - 0.5, $place + 0.5] as $beside) {
                $isPaper = $isPaper && ! ($axis === 0 ? $this->rim->isCutAway($beside, $middle) : $this->rim->isCutAway($middle, $beside));
            }
            $paper += $isPaper ? $end - $ends[$index] : 0;
        }

        return $paper;
    }

    /** @return list<array{int, int, string}> */
    private function assigned(string $assignment): array
    {
        return array_values(array_filter($this->edges, static fn (array $edge): bool => $edge[2] === $assignment));
    }

    /**
     * Whether an outline goes along the borders of panels.
     *
     * @param list<array{int, int}> $outline
     * @param list<int> $xs
     * @param list<int> $ys
     */
    private function liesOn(array $outline, array $xs, array $ys): bool
    {
        foreach ($outline as $index => [$x, $y]) {
            [$nextX, $nextY] = $outline[($index + 1) % count($outline)];
            $isOnUpright = $x === $nextX && in_array($x, $xs, true);
            $isOnLevel = $y === $nextY && in_array($y, $ys, true);
            if (! $isOnUpright && ! $isOnLevel) {
                return false;
            }
        }

        return true;
    }

    /**
     * Panels of which nothing is left.
     *
     * @param list<int> $xs
     * @param list<int> $ys
     */
    private function cells(array $xs, array $ys): string
    {
        $gone = [];
        for ($row = 1; $row < count($ys); $row++) {
            for ($column = 1; $column < count($xs); $column++) {
                $middle = [($xs[$column - 1] + $xs[$column]) / 2, ($ys[$row - 1] + $ys[$row]) / 2];
                foreach ($this->rim->cutAways as $outline) {
                    if ($this->liesOn($outline, $xs, $ys) && (new Loop($outline))->encloses(...$middle)) {
                        $gone[] = "{$column}-{$row}";
                    }
                }
            }
        }

        return implode(', ', $gone);
    }

    /**
     * @param list<int> $places
     * @param list<string> $signs
     */
    private function panels(array $places, array $signs): string
    {
        $text = '';
        for ($k = 0; $k < count($places) - 1; $k++) {
            $text .= ($k === 0 ? '' : " {$signs[$k - 1]} ").$this->notation->exact(Length::ofTicks($places[$k + 1] - $places[$k]));
        }

        return $text;
    }

    /** @param non-empty-list<array{int, int}> $places */
    private function line(FreeLineKind $kind, array $places): string
    {
        return (new FreeLine(
            $kind,
            array_map(static fn (array $place): Point => new Point(Length::ofTicks($place[0]), Length::ofTicks($place[1])), $places),
        ))->written($this->notation);
    }
}
