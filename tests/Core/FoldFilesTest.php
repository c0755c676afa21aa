<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Folding\CreasePattern;
use Ephemeron\Folding\Folder;
use Ephemeron\Format\DesignReader;
use Ephemeron\Format\FoldReader;
use Ephemeron\Format\FoldWriter;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Format\PatternDxf;
use Ephemeron\Format\PatternSvg;
use Ephemeron\Structure\Catalogue;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** FOLD out and in; a part in layers of SVG and DXF. */
final class FoldFilesTest extends TestCase
{
    use Designs;

    #[TestWith(['4 + 4 ^ 4', '6 + 2', '1-2, 3-2', 'in'])]
    #[TestWith(['3 1/2 + 1 ^ 3 1/2', '8', '', 'in'])]
    #[TestWith(['10,5 ^ 2 ^ 10,5', '12 + 3,2', '2-2', 'cm'])]
    public function test_a_free_base_goes_out_and_comes_back_the_same(string $columns, string $rows, string $cutAway, string $unit): void
    {
        $design = $this->design(
            'free-base',
            ['unit' => $unit, 'parameters' => ['columns' => $columns, 'rows' => $rows, 'cut-away' => $cutAway, 'pieces' => '']],
        );
        $plan = $this->plan(
            'free-base',
            ['unit' => $unit, 'parameters' => ['columns' => $columns, 'rows' => $rows, 'cut-away' => $cutAway, 'pieces' => '']],
        );
        $part = $plan->blueprint->part('base');
        $json = (new FoldWriter)->write((new Folder)->fold(CreasePattern::of($part)), 'Somewhere else', $part->size->height->ticks);

        $this->assertTrue((new FoldReader)->looksLike($json));
        $read = DesignReader::ofTheHouse()->fromArray(['format' => 'ephemeron-design', 'version' => 1, ...(new FoldReader)->read($json)]);
        $this->assertSame('Somewhere else', $read->name);
        $this->assertEquals($design->parameters->values['columns'], $read->parameters->values['columns']);
        $this->assertEquals($design->parameters->values['rows'], $read->parameters->values['rows']);
        $this->assertSame($design->parameters->values['cut-away'], $read->parameters->values['cut-away']);
    }

    #[TestWith(['meander-book', 'in'])]
    #[TestWith(['meander-book', 'cm'])]
    #[TestWith(['nested-gusset-album', 'in'])]
    #[TestWith(['nested-gusset-album', 'cm'])]
    public function test_millimetres_in_a_file_do_not_make_its_maker_metric(string $structure, string $unit): void
    {
        $part = array_values(
            array_filter($this->plan($structure, ['unit' => $unit])->blueprint->parts, static fn ($part): bool => $part->creases !== []),
        )[0];
        $this->assertSame(
            $unit,
            (new FoldReader)->read(
                (new FoldWriter)->write((new Folder)->fold(CreasePattern::of($part)), 'Sheet', $part->size->height->ticks),
            )['unit'],
        );
    }

    public function test_a_pattern_of_another_program_is_read_by_its_unit(): void
    {
        // Two squares of 3 in side by side, written by hand in inches, the score a mountain.
        $json = json_encode(
            [
                'file_spec' => 1.1,
                'frame_unit' => 'in',
                'frame_title' => 'Two squares',
                'vertices_coords' => [[1, 1], [4, 1], [7, 1], [7, 4], [4, 4], [1, 4]],
                'edges_vertices' => [[0, 1], [1, 2], [2, 3], [3, 4], [4, 5], [5, 0], [1, 4]],
                'edges_assignment' => ['B', 'B', 'B', 'B', 'B', 'B', 'M'],
            ],
            JSON_THROW_ON_ERROR,
        );
        $this->assertSame(
            ['columns' => '3 in ^ 3 in', 'rows' => '3 in', 'cut-away' => '', 'pieces' => '', 'lines' => ''],
            (new FoldReader)->read($json)['parameters'],
        );
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('noPatterns')]
    public function test_what_is_no_pattern_of_one_sheet_is_refused_with_the_reason(array $change, string $reason): void
    {
        $pattern = [
            'frame_unit' => 'cm',
            'vertices_coords' => [[0, 0], [5, 0], [10, 0], [10, 8], [5, 8], [0, 8]],
            'edges_vertices' => [[0, 1], [1, 2], [2, 3], [3, 4], [4, 5], [5, 0], [1, 4]],
            'edges_assignment' => ['B', 'B', 'B', 'B', 'B', 'B', 'V'],
            ...$change,
        ];
        $this->expectException(InvalidDesign::class);
        $this->expectExceptionMessageMatches("/{$reason}/");
        (new FoldReader)->read(json_encode($pattern, JSON_THROW_ON_ERROR));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function noPatterns(): iterable
    {
        yield 'no size' => [['frame_unit' => 'unit'], 'frame_unit'];
        yield 'an edge to nowhere' => [
            ['edges_vertices' => [[0, 1], [1, 2], [2, 3], [3, 4], [4, 5], [5, 0], [1, 9]]],
            'names two of the points',
        ];
        yield 'words for numbers' => [['vertices_coords' => [['x', 0], [5, 0], [10, 0], [10, 8]]], 'two numbers'];
        yield 'fewer assignments' => [['edges_assignment' => ['B']], 'assignment for each'];
        yield 'no points' => [['vertices_coords' => []], 'three to'];
        yield 'an edge that does not close' => [['edges_assignment' => ['B', 'B', 'F', 'B', 'B', 'B', 'V']], 'must close'];
        yield 'no edge' => [['edges_assignment' => ['V', 'V', 'V', 'V', 'V', 'V', 'V']], 'no edge of the sheet'];
        yield 'two sheets' => [[
            'vertices_coords' => [[0, 0], [5, 0], [5, 5], [0, 5], [6, 0], [9, 0], [9, 3], [6, 3]],
            'edges_vertices' => [[0, 1], [1, 2], [2, 3], [3, 0], [4, 5], [5, 6], [6, 7], [7, 4]],
            'edges_assignment' => ['B', 'B', 'B', 'B', 'B', 'B', 'B', 'B'],
        ], 'more than one sheet'];
    }

    /** @return iterable<string, array{string, string}> */
    public static function structures(): iterable
    {
        foreach (Catalogue::ofTheHouse()->keys() as $structure) {
            yield "{$structure} in inches" => [$structure, 'in'];
            yield "{$structure} in centimetres" => [$structure, 'cm'];
        }
    }

    /** Whatever is scored, slit or cut away in any structure goes out and comes back as a free base, edge for edge. */
    #[DataProvider('structures')]
    public function test_every_pattern_of_every_structure_comes_back_as_a_free_base(string $structure, string $unit): void
    {
        $compared = 0;
        foreach ($this->plan($structure, ['unit' => $unit])->blueprint->parts as $part) {
            if ($part->creases === [] && $part->slits === [] && $part->cutAways === []) {
                continue;
            }
            $pattern = CreasePattern::of($part);
            $read = (new FoldReader)->read((new FoldWriter)->write((new Folder)->fold($pattern), $part->name, $part->size->height->ticks));
            $base = $this->plan('free-base', ['unit' => $read['unit'], 'parameters' => $read['parameters']])->blueprint->part('base');
            $this->assertSame($this->edges($pattern), $this->edges(CreasePattern::of($base)), $part->key);
            $compared++;
        }
        $this->assertGreaterThan(0, $compared);
    }

    /** @return iterable<string, array{list<array{int, int}>, list<array{int, int, string}>, array<string, string>}> */
    public static function patternsByHand(): iterable
    {
        // Corners in inches, y upwards as in the format; six panels of 2 × 2, 6 × 4.
        $corners = [[0, 0], [6, 0], [6, 4], [0, 4]];
        $rim = [[0, 1, 'B'], [1, 2, 'B'], [2, 3, 'B'], [3, 0, 'B']];
        yield 'a score that stops half way' => [
            [...$corners, [2, 4], [2, 2]],
            [[0, 1, 'B'], [1, 2, 'B'], [2, 4, 'B'], [4, 3, 'B'], [3, 0, 'B'], [4, 5, 'M']],
            ['columns' => '2 in | 4 in', 'rows' => '4 in', 'lines' => 'mountain: 2 in × 0 in to 2 in × 2 in'],
        ];
        yield 'a short slit' => [
            [...$corners, [1, 1], [2, 1]],
            [...$rim, [4, 5, 'C']],
            ['columns' => '6 in', 'rows' => '4 in', 'lines' => 'slit: 1 in × 3 in to 2 in × 3 in'],
        ];
        yield 'a slanted score in two pieces, once from each end' => [
            [...$corners, [3, 2]],
            [...$rim, [0, 4, 'V'], [2, 4, 'V']],
            ['columns' => '6 in', 'rows' => '4 in', 'lines' => 'valley: 0 in × 4 in to 6 in × 0 in'],
        ];
        yield 'a corner cut off' => [
            [[1, 0], [6, 0], [6, 4], [0, 4], [0, 1]],
            [[0, 1, 'B'], [1, 2, 'B'], [2, 3, 'B'], [3, 4, 'B'], [4, 0, 'B']],
            ['columns' => '6 in', 'rows' => '4 in', 'lines' => 'cut away: 1 in × 4 in to 0 in × 3 in to 0 in × 4 in'],
        ];
        yield 'a diamond' => [
            [[3, 0], [6, 2], [3, 4], [0, 2]],
            $rim,
            [
                'columns' => '6 in',
                'rows' => '4 in',
                'lines' => "cut away: 0 in × 2 in to 3 in × 0 in to 0 in × 0 in\ncut away: 3 in × 0 in to 6 in × 2 in to 6 in × 0 in\n"
                    ."cut away: 6 in × 2 in to 3 in × 4 in to 6 in × 4 in\ncut away: 3 in × 4 in to 0 in × 2 in to 0 in × 4 in",
            ],
        ];
        yield 'a notch' => [
            [[0, 0], [6, 0], [6, 4], [4, 4], [4, 3], [3, 3], [3, 4], [0, 4]],
            [[0, 1, 'B'], [1, 2, 'B'], [2, 3, 'B'], [3, 4, 'B'], [4, 5, 'B'], [5, 6, 'B'], [6, 7, 'B'], [7, 0, 'B']],
            ['columns' => '6 in', 'rows' => '4 in', 'lines' => 'cut away: 3 in × 0 in to 3 in × 1 in to 4 in × 1 in to 4 in × 0 in'],
        ];
        yield 'a window' => [
            [...$corners, [2, 1], [4, 1], [4, 3], [2, 3]],
            [...$rim, [4, 5, 'B'], [5, 6, 'B'], [6, 7, 'B'], [7, 4, 'B']],
            ['columns' => '6 in', 'rows' => '4 in', 'lines' => 'cut away: 2 in × 1 in to 4 in × 1 in to 4 in × 3 in to 2 in × 3 in'],
        ];
        // What is cut away touches itself in one point: 1-1 at the corner, 2-2 in the middle.
        yield 'panels away corner to corner' => [
            [[0, 0], [2, 0], [4, 0], [6, 0], [6, 2], [6, 4], [4, 4], [2, 4], [0, 2], [2, 2], [4, 2]],
            [
                [0, 1, 'B'],
                [1, 2, 'B'],
                [2, 3, 'B'],
                [3, 4, 'B'],
                [4, 5, 'B'],
                [5, 6, 'B'],
                [6, 7, 'B'],
                [7, 9, 'B'],
                [9, 8, 'B'],
                [8, 0, 'B'],
                [4, 10, 'V'],
                [10, 9, 'V'],
                [1, 9, 'V'],
                [2, 10, 'M'],
                [10, 6, 'M'],
            ],
            ['columns' => '2 in + 2 in ^ 2 in', 'rows' => '2 in + 2 in', 'cut-away' => '1-1', 'lines' => ''],
        ];
        yield 'two panels away that touch in a corner' => [
            [[0, 0], [2, 0], [4, 0], [6, 0], [6, 2], [6, 4], [6, 6], [4, 6], [2, 6], [0, 4], [0, 2], [2, 2], [4, 2], [4, 4], [2, 4]],
            [
                [0, 1, 'B'], [1, 2, 'B'], [2, 3, 'B'], [3, 4, 'B'], [4, 5, 'B'], [5, 6, 'B'], [6, 7, 'B'], [7, 8, 'B'], [8, 14, 'B'],
                [14, 9, 'B'], [9, 10, 'B'], [10, 0, 'B'],
                [14, 13, 'B'], [13, 12, 'B'], [12, 11, 'B'], [11, 14, 'B'],
                [1, 11, 'V'], [2, 12, 'V'], [13, 7, 'V'], [10, 11, 'V'], [12, 4, 'V'], [13, 5, 'V'],
            ],
            ['columns' => '2 in + 2 in + 2 in', 'rows' => '2 in + 2 in + 2 in', 'cut-away' => '1-1, 2-2', 'lines' => ''],
        ];
    }

    /**
     * @param list<array{int, int}> $vertices
     * @param list<array{int, int, string}> $edges
     * @param array<string, string> $parameters
     */
    #[DataProvider('patternsByHand')]
    public function test_patterns_written_by_hand(array $vertices, array $edges, array $parameters): void
    {
        $json = json_encode(
            [
                'frame_unit' => 'in',
                'vertices_coords' => $vertices,
                'edges_vertices' => array_map(static fn (array $edge): array => [$edge[0], $edge[1]], $edges),
                'edges_assignment' => array_column($edges, 2),
            ],
            JSON_THROW_ON_ERROR,
        );
        $read = (new FoldReader)->read($json)['parameters'];
        $this->assertIsArray($read);
        $this->assertSame($parameters, array_intersect_key($read, $parameters));
        $this->plan('free-base', ['parameters' => $read]);
    }

    /** @return list<string> place and kind of every edge; what may fold either way counts as a valley */
    private function edges(CreasePattern $pattern): array
    {
        $edges = [];
        foreach ($pattern->edges as $edge) {
            $ends = [$pattern->vertices[$edge->from], $pattern->vertices[$edge->to]];
            sort($ends);
            $edges[] = json_encode($ends, JSON_THROW_ON_ERROR).str_replace('U', 'V', $edge->assignment->value);
        }
        sort($edges);

        return $edges;
    }

    public function test_each_kind_of_line_has_a_layer_of_its_own(): void
    {
        $part = $this->plan('corner-pocket-album')->blueprint->part('page');
        $svg = simplexml_load_string((new PatternSvg)->draw($part)->file());
        $this->assertNotFalse($svg);
        $svg->registerXPathNamespace('s', 'http://www.w3.org/2000/svg');
        $lines = static fn (string $layer): int => count($svg->xpath("//s:g[@id='{$layer}']//s:line") ?: []);
        $of = static fn (string $fold): int => count(
            array_filter($part->creases, static fn ($crease): bool => $crease->fold->value === $fold),
        );
        $this->assertSame(
            [4, $of('mountain'), $of('valley'), count($part->slits)],
            [$lines('cut'), $lines('mountain'), $lines('valley'), $lines('slit')],
        );
        $dxf = (new PatternDxf)->draw($part)->file();
        foreach ([
            'CUT' => 4,
            'SCORE_MOUNTAIN' => $of('mountain'),
            'SCORE_VALLEY' => $of('valley'),
            'SLIT' => count($part->slits),
        ] as $layer => $count) {
            $this->assertSame($count, preg_match_all("/LINE\n\s*8\n{$layer}\n/", str_replace("\r", '', $dxf)), $layer);
        }
    }
}
