<?php

declare(strict_types=1);

namespace Ephemeron\Format;

use Ephemeron\Folding\Assignment;
use Ephemeron\Folding\CreasePattern;
use Ephemeron\Folding\FoldedSheet;
use Ephemeron\Folding\PatternEdge;
use Ephemeron\Folding\PatternFace;
use Ephemeron\Measure\Length;

/**
 * Crease patterns in FOLD, the open JSON format for folding (specification 1.2): vertices in millimetres with y upwards, side A up, edges
 * M, V, U, B and C (cut). A second frame has the folded form, where the part folds flat. Source of the format: the FOLD specification,
 * https://github.com/edemaine/fold, named from memory.
 */
final readonly class FoldWriter
{
    /** @param int $height of the sheet in ticks: y is turned over about its middle */
    public function write(FoldedSheet $folded, string $title, int $height): string
    {
        return json_encode(
            $this->toArray($folded, $title, $height),
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        )."\n";
    }

    /** @return array<string, mixed> */
    public function toArray(FoldedSheet $folded, string $title, int $height): array
    {
        $pattern = $folded->pattern;
        $isFlat = $folded->folds() && array_filter($folded->hinges, static fn ($hinge): bool => $hinge->quarters !== 2) === [];

        return [
            'file_spec' => 1.2,
            'file_creator' => 'Ephemeron',
            'file_classes' => ['singleModel'],
            'frame_title' => $title,
            'frame_classes' => ['creasePattern'],
            'frame_attributes' => ['2D', ...($this->hasCuts($pattern) ? ['cuts'] : ['noCuts'])],
            'frame_unit' => 'mm',
            'vertices_coords' => array_map(
                fn (array $vertex): array => [$this->millimetres($vertex[0]), $this->millimetres($height - $vertex[1])],
                $pattern->vertices,
            ),
            'edges_vertices' => array_map(static fn (PatternEdge $edge): array => [$edge->from, $edge->to], $pattern->edges),
            'edges_assignment' => array_map(static fn (PatternEdge $edge): string => $edge->assignment->value, $pattern->edges),
            'edges_foldAngle' => $this->angles($folded),
            // y is turned over, so the order round a panel is too: counter-clockwise, as the format wants it.
            'faces_vertices' => array_map(static fn (PatternFace $face): array => array_reverse($face->vertices), $pattern->faces),
            'ephemeron:faces_panel' => array_map(static fn (PatternFace $face): string => $face->panel, $pattern->faces),
            ...($isFlat ? ['file_frames' => [$this->foldedForm($folded, $height)]] : []),
        ];
    }

    /** @return list<int> */
    private function angles(FoldedSheet $folded): array
    {
        $angles = [];
        foreach ($folded->pattern->edges as $number => $edge) {
            $quarters = ($folded->hinges[$number] ?? null)->quarters ?? 0;
            $angles[] = 90 * $quarters * ($edge->assignment === Assignment::Mountain ? -1 : 1);
        }

        return $angles;
    }

    /**
     * Every panel with corners of its own: at a slit one point of the sheet comes to lie in several places.
     *
     * @return array<string, mixed>
     */
    private function foldedForm(FoldedSheet $folded, int $height): array
    {
        $vertices = [];
        $faces = [];
        foreach (array_keys($folded->pattern->faces) as $face) {
            $corners = [];
            foreach (array_reverse($folded->pattern->outline($face)) as [$x, $y]) {
                [$px, $py] = $folded->places[$face]->apply($x, $y);
                $corners[] = count($vertices);
                $vertices[] = [$this->millimetres($px), $this->millimetres($height - $py)];
            }
            $faces[] = $corners;
        }

        return [
            'frame_classes' => ['foldedForm'],
            'frame_attributes' => ['2D'],
            'frame_unit' => 'mm',
            'vertices_coords' => $vertices,
            'faces_vertices' => $faces,
            'ephemeron:faces_layer' => array_map($folded->layerOf(...), array_keys($folded->pattern->faces)),
        ];
    }

    private function hasCuts(CreasePattern $pattern): bool
    {
        return array_filter($pattern->edges, static fn (PatternEdge $edge): bool => $edge->assignment === Assignment::Cut) !== [];
    }

    private function millimetres(int|float $ticks): float
    {
        return round($ticks / Length::TICKS_PER_MILLIMETRE, 6);
    }
}
