<?php

declare(strict_types=1);

namespace Ephemeron\Format;

use Ephemeron\Format\Drawn\Together;
use Ephemeron\Measure\Unit;

/**
 * Reads a FOLD crease pattern as a free base ({@see PatternAsBase}): its smallest upright rectangle is the blank. Only straight lines on
 * one sheet are read; folded forms and
 * angles are worked out anew. Source of the format: see {@see FoldWriter}; its units are those of the specification, a point being 1⁄72 in.
 */
final readonly class FoldReader
{
    private const MOST_VERTICES = 2_000;

    private const MOST_EDGES = 6_000;

    private const UNITS = ['mm' => 320, 'cm' => 3_200, 'm' => 320_000, 'in' => 8_128, 'pt' => 8_128 / 72, 'um' => 0.32];

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
    public function read(string $json): array
    {
        try {
            $data = json_decode($json, true, 64, JSON_THROW_ON_ERROR);
        } catch (\JsonException $error) {
            throw InvalidDesign::whole("This is not JSON ({$error->getMessage()}).");
        }
        $data = is_array($data) ? $data : [];
        $vertices = $this->vertices($data);
        $edges = $this->edges($data, count($vertices));
        // The format’s y grows upwards, ours downwards.
        $vertices = array_map(static fn (array $vertex): array => [$vertex[0], -$vertex[1]], $vertices);
        $title = $data['frame_title'] ?? $data['file_title'] ?? null;
        $written = ($data['frame_unit'] ?? null) === 'in' ? Unit::Inch : null;

        return DrawingAsBase::design($vertices, $edges, is_string($title) ? $title : '', $written);
    }

    /**
     * @param array<array-key, mixed> $data
     * @return non-empty-list<array{int, int}> ticks; coordinates that are all but equal are equal
     */
    private function vertices(array $data): array
    {
        $given = $data['vertices_coords'] ?? null;
        if (! is_array($given) || count($given) < 3 || count($given) > self::MOST_VERTICES) {
            throw InvalidDesign::whole(sprintf('A crease pattern has "vertices_coords", three to %d points.', self::MOST_VERTICES));
        }
        $unit = $data['frame_unit'] ?? 'mm';
        $scale = is_string($unit) ? self::UNITS[$unit] ?? null : null;
        if ($scale === null) {
            throw InvalidDesign::whole(
                'The pattern’s "frame_unit" must be one of '.implode(', ', array_keys(self::UNITS)).', so that its size is known.',
            );
        }
        $vertices = [];
        foreach ($given as $point) {
            if (! is_array($point) || ! is_numeric($point[0] ?? null) || ! is_numeric($point[1] ?? null)
                || abs((float) $point[0] * $scale) > 1e7 || abs((float) $point[1] * $scale) > 1e7) {
                throw InvalidDesign::whole('Every point of "vertices_coords" has two numbers, and no sheet is larger than 30 m.');
            }
            $vertices[] = [(int) round((float) $point[0] * $scale), (int) round((float) $point[1] * $scale)];
        }

        return Together::drawn($vertices);
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
        if (count($given) > self::MOST_EDGES) {
            throw InvalidDesign::whole(sprintf('A crease pattern has %d edges at the most.', self::MOST_EDGES));
        }
        $edges = [];
        foreach (array_values($given) as $index => $edge) {
            $assignment = array_values($assignments)[$index];
            if (! is_array($edge) || ! is_int($edge[0] ?? null) || ! is_int($edge[1] ?? null) || min($edge[0], $edge[1]) < 0
                || max($edge[0], $edge[1]) >= $vertices || ! is_string($assignment)) {
                throw InvalidDesign::whole('Every edge names two of the points, and its assignment is a letter.');
            }
            $edges[] = [$edge[0], $edge[1], strtoupper($assignment)];
        }

        return $edges;
    }
}
