<?php

declare(strict_types=1);

namespace Ephemeron\Folding;

use Ephemeron\Blueprint\Part;
use Ephemeron\Geometry\Point;
use Ephemeron\Geometry\Segment;

/**
 * A part as what folds: vertices, edges and panels, side A up, from its upper left corner in ticks. Crossings of slanted lines go to the
 * nearest tick.
 */
final readonly class CreasePattern
{
    /**
     * @param list<array{int, int}> $vertices
     * @param list<PatternEdge> $edges
     * @param list<PatternFace> $faces
     */
    public function __construct(public array $vertices, public array $edges, public array $faces)
    {
    }

    public static function of(Part $part): self
    {
        $lines = [];
        $corners = [
            [0, 0],
            [$part->size->width->ticks, 0],
            [$part->size->width->ticks, $part->size->height->ticks],
            [0, $part->size->height->ticks],
        ];
        foreach ($corners as $index => $corner) {
            $lines[] = [$corner, $corners[($index + 1) % 4], Assignment::Boundary];
        }
        $cutAways = [];
        foreach ($part->cutAways as $polygon) {
            $outline = array_map(static fn (Point $point): array => [$point->x->ticks, $point->y->ticks], $polygon->corners);
            foreach ($outline as $index => $corner) {
                $lines[] = [$corner, $outline[($index + 1) % count($outline)], Assignment::Boundary];
            }
            $cutAways[] = $outline;
        }
        foreach ($part->slits as $slit) {
            $lines[] = [...self::ends($slit->line), Assignment::Cut];
        }
        foreach ($part->creases as $crease) {
            $lines[] = [...self::ends($crease->line), Assignment::of($crease->fold)];
        }
        $panels = [];
        foreach ($part->panels as $panel) {
            $panels[$panel->key] = [
                $panel->area->left()->ticks,
                $panel->area->top()->ticks,
                $panel->area->right()->ticks,
                $panel->area->bottom()->ticks,
            ];
        }

        return (new Arrangement($lines, $cutAways, $panels))->pattern();
    }

    /** @return non-empty-list<array{int, int}> outline of a panel, in ticks */
    public function outline(int $face): array
    {
        return array_map(fn (int $vertex): array => $this->vertices[$vertex], $this->faces[$face]->vertices);
    }

    /** @return list<non-empty-list<array{int, int}>> outlines of its windows, in ticks */
    public function windows(int $face): array
    {
        return array_map(
            fn (array $loop): array => array_map(fn (int $vertex): array => $this->vertices[$vertex], $loop),
            $this->faces[$face]->windows,
        );
    }

    /** @return array<int, PatternEdge> scores between two panels, by their number among the edges */
    public function hinges(): array
    {
        return array_filter($this->edges, static fn (PatternEdge $edge): bool => $edge->assignment->isHinge() && count($edge->faces) === 2);
    }

    /** @return array<int, true> vertices on the edge of the paper or at a slit */
    public function rim(): array
    {
        $rim = [];
        foreach ($this->edges as $edge) {
            if (! $edge->assignment->isHinge()) {
                $rim[$edge->from] = true;
                $rim[$edge->to] = true;
            }
        }

        return $rim;
    }

    /** The panel known under this key; null if the pattern has none of that name. */
    public function faceOf(string $panel): ?int
    {
        foreach ($this->faces as $index => $face) {
            if ($face->panel === $panel) {
                return $index;
            }
        }

        return null;
    }

    /** The panel with the largest area, the first of equals. */
    public function largest(): int
    {
        $largest = 0;
        foreach ($this->faces as $index => $face) {
            $largest = $face->area > $this->faces[$largest]->area ? $index : $largest;
        }

        return $largest;
    }

    /** @return array{array{int, int}, array{int, int}} */
    private static function ends(Segment $line): array
    {
        return [[$line->from->x->ticks, $line->from->y->ticks], [$line->to->x->ticks, $line->to->y->ticks]];
    }
}
