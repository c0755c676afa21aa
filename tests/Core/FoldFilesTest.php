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
use Ephemeron\Measure\Unit;
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
        $design = $this->design('free-base', ['unit' => $unit, 'parameters' => ['columns' => $columns, 'rows' => $rows, 'cut-away' => $cutAway, 'pieces' => '']]);
        $plan = $this->plan('free-base', ['unit' => $unit, 'parameters' => ['columns' => $columns, 'rows' => $rows, 'cut-away' => $cutAway, 'pieces' => '']]);
        $part = $plan->blueprint->part('base');
        $json = (new FoldWriter)->write((new Folder)->fold(CreasePattern::of($part)), 'Somewhere else', $part->size->height->ticks);

        $this->assertTrue((new FoldReader)->looksLike($json));
        $read = DesignReader::ofTheHouse()->fromArray(['format' => 'ephemeron-design', 'version' => 1, ...(new FoldReader)->read($json, $design->unit)]);
        $this->assertSame('Somewhere else', $read->name);
        $this->assertEquals($design->parameters->values['columns'], $read->parameters->values['columns']);
        $this->assertEquals($design->parameters->values['rows'], $read->parameters->values['rows']);
        $this->assertSame($design->parameters->values['cut-away'], $read->parameters->values['cut-away']);
    }

    public function test_a_pattern_of_another_program_is_read_by_its_unit(): void
    {
        // Two squares of 3 in side by side, written by hand in inches, the score a mountain.
        $json = json_encode(['file_spec' => 1.1, 'frame_unit' => 'in', 'frame_title' => 'Two squares', 'vertices_coords' => [[1, 1], [4, 1], [7, 1], [7, 4], [4, 4], [1, 4]], 'edges_vertices' => [[0, 1], [1, 2], [2, 3], [3, 4], [4, 5], [5, 0], [1, 4]], 'edges_assignment' => ['B', 'B', 'B', 'B', 'B', 'B', 'M']], JSON_THROW_ON_ERROR);
        $this->assertSame(['columns' => '3 in ^ 3 in', 'rows' => '3 in', 'cut-away' => '', 'pieces' => ''], (new FoldReader)->read($json, Unit::Inch)['parameters']);
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('patternsThatAreNoFreeBase')]
    public function test_what_a_free_base_cannot_be_is_refused_with_the_reason(array $change, string $reason): void
    {
        $pattern = ['frame_unit' => 'cm', 'vertices_coords' => [[0, 0], [5, 0], [10, 0], [10, 8], [5, 8], [0, 8]], 'edges_vertices' => [[0, 1], [1, 2], [2, 3], [3, 4], [4, 5], [5, 0], [1, 4]], 'edges_assignment' => ['B', 'B', 'B', 'B', 'B', 'B', 'V'], ...$change];
        $this->expectException(InvalidDesign::class);
        $this->expectExceptionMessageMatches("/{$reason}/");
        (new FoldReader)->read(json_encode($pattern, JSON_THROW_ON_ERROR), Unit::Centimetre);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function patternsThatAreNoFreeBase(): iterable
    {
        yield 'a slanted score' => [['vertices_coords' => [[0, 0], [4, 0], [10, 0], [10, 8], [5, 8], [0, 8]]], 'slanted'];
        yield 'a slit' => [['edges_assignment' => ['B', 'B', 'B', 'B', 'B', 'B', 'C']], 'slits'];
        yield 'no size' => [['frame_unit' => 'unit'], 'frame_unit'];
        yield 'an edge to nowhere' => [['edges_vertices' => [[0, 1], [1, 2], [2, 3], [3, 4], [4, 5], [5, 0], [1, 9]]], 'names two of the points'];
        yield 'words for numbers' => [['vertices_coords' => [['x', 0], [5, 0], [10, 0], [10, 8]]], 'two numbers'];
        yield 'fewer assignments' => [['edges_assignment' => ['B']], 'assignment for each'];
        yield 'no points' => [['vertices_coords' => []], 'four to'];
        yield 'a score that stops' => [['vertices_coords' => [[0, 0], [5, 0], [10, 0], [10, 8], [5, 2], [0, 8]], 'edges_vertices' => [[0, 1], [1, 2], [2, 3], [3, 5], [5, 0], [1, 4]], 'edges_assignment' => ['B', 'B', 'B', 'B', 'B', 'V']], 'edge to edge'];
    }

    public function test_a_score_that_changes_its_direction_half_way_is_refused(): void
    {
        $meander = $this->plan('coil-album')->blueprint->part('leaf');
        $this->expectException(InvalidDesign::class);
        (new FoldReader)->read((new FoldWriter)->write((new Folder)->fold(CreasePattern::of($meander)), 'Leaf', $meander->size->height->ticks), Unit::Inch);
    }

    public function test_each_kind_of_line_has_a_layer_of_its_own(): void
    {
        $part = $this->plan('corner-pocket-album')->blueprint->part('page');
        $svg = simplexml_load_string((new PatternSvg)->draw($part)->file());
        $this->assertNotFalse($svg);
        $svg->registerXPathNamespace('s', 'http://www.w3.org/2000/svg');
        $lines = static fn (string $layer): int => count($svg->xpath("//s:g[@id='{$layer}']//s:line") ?: []);
        $of = static fn (string $fold): int => count(array_filter($part->creases, static fn ($crease): bool => $crease->fold->value === $fold));
        $this->assertSame([4, $of('mountain'), $of('valley'), count($part->slits)], [$lines('cut'), $lines('mountain'), $lines('valley'), $lines('slit')]);
        $dxf = (new PatternDxf)->draw($part)->file();
        foreach (['CUT' => 4, 'SCORE_MOUNTAIN' => $of('mountain'), 'SCORE_VALLEY' => $of('valley'), 'SLIT' => count($part->slits)] as $layer => $count) {
            $this->assertSame($count, preg_match_all("/LINE\n\s*8\n{$layer}\n/", str_replace("\r", '', $dxf)), $layer);
        }
    }
}
