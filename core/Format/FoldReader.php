<?php

declare(strict_types=1);

namespace Ephemeron\Format;

use Ephemeron\Geometry\Loop;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Unit;

/**
 * Reads a FOLD crease pattern as a free base: a rectangle scored from edge to edge along both sides, areas of it cut away. What a free base cannot be (slanted scores,
 * scores that stop or change their direction half way, slits) is refused with the reason.
 */
final readonly class FoldReader
{
    private const MOST_VERTICES = 2_000;

    private const UNITS = ['mm' => 320, 'cm' => 3_200, 'm' => 320_000, 'in' => 8_128, 'pt' => 8_128 / 72, 'um' => 0.32];

    /** Ticks that coordinates written with few digits may be off. */
    private const SLOPPY = 8;

    /** Whether a file is FOLD and not one of our own designs. */
    public function looksLike(string $json): bool
    {
        return str_contains($json, '"vertices_coords"') && str_contains($json, '"edges_vertices"');
    }

    /**
     * @return array<string, mixed> a design as its file writes it
     *
     * @throws InvalidDesign
     */
    public function read(string $json, Unit $unit): array
    {
        try {
            $data = json_decode($json, true, 64, JSON_THROW_ON_ERROR);
        } catch (\JsonException $error) {
            throw InvalidDesign::whole("This is not JSON ({$error->getMessage()}).");
        }
        $data = is_array($data) ? $data : [];
        $vertices = $this->vertices($data);
        $edges = $this->edges($data, count($vertices));
        $left = min(array_column($vertices, 0));
        $bottom = min(array_column($vertices, 1));
        $top = max(array_column($vertices, 1));
        // The format's y grows upwards, ours downwards.
        $vertices = array_map(static fn (array $vertex): array => [$vertex[0] - $left, $top - $vertex[1]], $vertices);
        $width = max(array_column($vertices, 0));
        $height = $top - $bottom;
        [$columns, $rows] = $this->scores($vertices, $edges, $width, $height);
        $title = $data['frame_title'] ?? $data['file_title'] ?? null;
        $notation = Notation::usual($unit);
        $xs = [0, ...array_keys($columns), $width];
        $ys = [0, ...array_keys($rows), $height];

        return [
            'structure' => 'free-base',
            'name' => is_string($title) && trim($title) !== '' ? mb_substr(trim($title), 0, 120) : 'Free base',
            'unit' => $unit->value,
            'parameters' => [
                'columns' => $this->panels($xs, array_values($columns), $notation),
                'rows' => $this->panels($ys, array_values($rows), $notation),
                'cut-away' => $this->cutAway($data, $vertices, $xs, $ys),
                'pieces' => '',
            ],
        ];
    }

    /**
     * @param array<array-key, mixed> $data
     * @return non-empty-list<array{int, int}> ticks
     */
    private function vertices(array $data): array
    {
        $given = $data['vertices_coords'] ?? null;
        if (! is_array($given) || count($given) < 4 || count($given) > self::MOST_VERTICES) {
            throw InvalidDesign::whole(sprintf('A crease pattern has "vertices_coords", four to %d points.', self::MOST_VERTICES));
        }
        $unit = $data['frame_unit'] ?? 'mm';
        $scale = is_string($unit) ? self::UNITS[$unit] ?? null : null;
        if ($scale === null) {
            throw InvalidDesign::whole('The pattern’s "frame_unit" must be one of '.implode(', ', array_keys(self::UNITS)).', so that its size is known.');
        }
        $vertices = [];
        foreach ($given as $point) {
            if (! is_array($point) || ! is_numeric($point[0] ?? null) || ! is_numeric($point[1] ?? null) || abs((float) $point[0] * $scale) > 1e7 || abs((float) $point[1] * $scale) > 1e7) {
                throw InvalidDesign::whole('Every point of "vertices_coords" has two numbers, and no sheet is larger than 30 m.');
            }
            $vertices[] = [(int) round((float) $point[0] * $scale), (int) round((float) $point[1] * $scale)];
        }

        return $vertices;
    }

    /**
     * @param array<array-key, mixed> $data
     * @return list<array{int, int, string}>
     */
    private function edges(array $data, int $vertices): array
    {
        $given = $data['edges_vertices'] ?? null;
        $assignments = $data['edges_assignment'] ?? null;
        if (! is_array($given) || ! is_array($assignments) || count($given) !== count($assignments)) {
            throw InvalidDesign::whole('A crease pattern has "edges_vertices" and an assignment for each of them.');
        }
        $edges = [];
        foreach (array_values($given) as $index => $edge) {
            $assignment = array_values($assignments)[$index];
            if (! is_array($edge) || ! is_int($edge[0] ?? null) || ! is_int($edge[1] ?? null) || min($edge[0], $edge[1]) < 0 || max($edge[0], $edge[1]) >= $vertices || ! is_string($assignment)) {
                throw InvalidDesign::whole('Every edge names two of the points, and its assignment is a letter.');
            }
            $edges[] = [$edge[0], $edge[1], strtoupper($assignment)];
        }

        return $edges;
    }

    /**
     * @param list<array{int, int}> $vertices
     * @param list<array{int, int, string}> $edges
     * @return array{array<int, string>, array<int, string>} `+` or `^` by the place of the score, across and down
     */
    private function scores(array $vertices, array $edges, int $width, int $height): array
    {
        $along = [[], []];
        foreach ($edges as [$from, $to, $assignment]) {
            if (in_array($assignment, ['B', 'F', 'J'], true)) {
                continue;
            }
            if ($assignment === 'C') {
                throw InvalidDesign::whole('A free base has no slits; this pattern has.');
            }
            [[$ax, $ay], [$bx, $by]] = [$vertices[$from], $vertices[$to]];
            $upright = abs($ax - $bx) <= self::SLOPPY;
            if (! $upright && abs($ay - $by) > self::SLOPPY) {
                throw InvalidDesign::whole('A free base has no slanted scores; this pattern has.');
            }
            $sign = $assignment === 'M' ? '^' : '+';
            [$axis, $place, $length] = $upright ? [0, $ax, abs($ay - $by)] : [1, $ay, abs($ax - $bx)];
            $place = $this->known($along[$axis], $place);
            [$known, $total] = $along[$axis][$place] ?? [$sign, 0];
            if ($known !== $sign) {
                throw InvalidDesign::whole('A score of a free base folds one way from edge to edge; in this pattern one changes from valley to mountain.');
            }
            $along[$axis][$place] = [$sign, $total + $length];
        }
        $signs = [];
        foreach ([$height, $width] as $axis => $across) {
            ksort($along[$axis]);
            foreach ($along[$axis] as $place => [, $total]) {
                // Along what is cut away the line is the edge of the paper, and beyond it there may be none: half of it must be there.
                if (($total + $this->rimAt($vertices, $edges, $axis, $place)) * 2 < $across) {
                    throw InvalidDesign::whole('A score of a free base runs from edge to edge; in this pattern one stops half way.');
                }
            }
            $signs[] = array_map(static fn (array $score): string => $score[0], $along[$axis]);
        }

        return [$signs[0], $signs[1]];
    }

    /**
     * How much of a line is the edge of the paper.
     *
     * @param list<array{int, int}> $vertices
     * @param list<array{int, int, string}> $edges
     */
    private function rimAt(array $vertices, array $edges, int $axis, int $place): int
    {
        $length = 0;
        foreach ($edges as [$from, $to, $assignment]) {
            if ($assignment === 'B' && abs($vertices[$from][$axis] - $place) <= self::SLOPPY && abs($vertices[$to][$axis] - $place) <= self::SLOPPY) {
                $length += abs($vertices[$from][1 - $axis] - $vertices[$to][1 - $axis]);
            }
        }

        return $length;
    }

    /** @param array<int, array{string, int}> $known */
    private function known(array $known, int $place): int
    {
        foreach (array_keys($known) as $other) {
            if (abs($other - $place) <= self::SLOPPY) {
                return $other;
            }
        }

        return $place;
    }

    /**
     * @param list<int> $places
     * @param list<string> $signs
     */
    private function panels(array $places, array $signs, Notation $notation): string
    {
        $text = '';
        for ($k = 0; $k < count($places) - 1; $k++) {
            $text .= ($k === 0 ? '' : " {$signs[$k - 1]} ").$notation->exact(Length::ofTicks($places[$k + 1] - $places[$k]));
        }

        return $text;
    }

    /**
     * Cells of the grid that no panel covers; without "faces_vertices" nothing is taken for cut away.
     *
     * @param array<array-key, mixed> $data
     * @param list<array{int, int}> $vertices
     * @param list<int> $xs
     * @param list<int> $ys
     */
    private function cutAway(array $data, array $vertices, array $xs, array $ys): string
    {
        $faces = $data['faces_vertices'] ?? null;
        if (! is_array($faces) || $faces === []) {
            return '';
        }
        $outlines = [];
        foreach ($faces as $face) {
            if (is_array($face)) {
                $outlines[] = array_values(array_filter(array_map(static fn (mixed $vertex): ?array => is_int($vertex) ? $vertices[$vertex] ?? null : null, $face)));
            }
        }
        $gone = [];
        for ($row = 1; $row < count($ys); $row++) {
            for ($column = 1; $column < count($xs); $column++) {
                $x = ($xs[$column - 1] + $xs[$column]) / 2;
                $y = ($ys[$row - 1] + $ys[$row]) / 2;
                if (array_filter($outlines, static fn (array $outline): bool => (new Loop($outline))->encloses($x, $y)) === []) {
                    $gone[] = "{$column}-{$row}";
                }
            }
        }

        return implode(', ', $gone);
    }
}
