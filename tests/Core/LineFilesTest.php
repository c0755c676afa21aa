<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Blueprint\Part;
use Ephemeron\Folding\CreasePattern;
use Ephemeron\Folding\Folder;
use Ephemeron\Format\DesignReader;
use Ephemeron\Format\FoldReader;
use Ephemeron\Format\FoldWriter;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Format\LinesReader;
use Ephemeron\Format\PatternDxf;
use Ephemeron\Format\PatternSvg;
use Ephemeron\Structure\Catalogue;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** SVG and DXF in: straight lines of named layers as a free base. */
final class LineFilesTest extends TestCase
{
    use Designs;

    private const PATTERN = ['columns' => '4 in + 4 in ^ 4 in', 'rows' => '6 in', 'cut-away' => '', 'pieces' => '', 'lines' => ''];

    /** @return iterable<string, array{string, string}> */
    public static function structures(): iterable
    {
        foreach (Catalogue::ofTheHouse()->keys() as $structure) {
            yield "{$structure} in inches" => [$structure, 'in'];
            yield "{$structure} in centimetres" => [$structure, 'cm'];
        }
    }

    /** What goes out as SVG and as DXF comes in as it does from FOLD: three writers and three readers that agree on every piece. */
    #[DataProvider('structures')]
    public function test_every_piece_of_every_structure_comes_back_as_from_fold(string $structure, string $unit): void
    {
        foreach ($this->plan($structure, ['unit' => $unit])->blueprint->parts as $part) {
            $fold = $this->fromFold($part);
            foreach ([(new PatternSvg)->draw($part)->file(), (new PatternDxf)->draw($part)->file()] as $file) {
                $this->assertTrue((new LinesReader)->looksLike($file));
                $this->assertSame($fold, (new LinesReader)->read($file)['parameters'], $part->key);
            }
        }
    }

    /** As other programs write it, by hand: inches, a transform, small letters, a layer’s label, one closed way round. Source: SVG 1.1, from memory. */
    #[TestWith(['<g draw:label="Cut lines" xmlns:draw="urn:x"><path d="M1,1h12v6h-12z"/></g><g id="valley folds"><line x1="5" y1="1" x2="5" y2="7"/></g><g id="mountain"><polyline points="9 1 9 7"/></g>'])]
    #[TestWith(['<g transform="translate(1 1)"><rect id="cut" width="12" height="6"/><path id="score" d="M4 0 4 6"/><path id="mountain" d="m8 0v6"/></g>'])]
    #[TestWith(['<g id="cut"><path d="m1 1 12 0 0 6-12 0z"/></g><g id="valley"><path d="M5 1 5 7"/></g><g id="mountain"><path d="M9 7V1"/></g>'])]
    #[TestWith(['<g transform="matrix(0 1 -1 0 6 0)"><polygon id="cut" points="0,0 6,0 6,12 0,12"/><path id="valley" d="M0 8H6"/><path id="mountain" d="M0 4L6 4"/></g>'])]
    #[TestWith(['<g transform="scale(2) rotate(180 3 1.5)"><rect id="outline" width="6" height="3"/><path id="valley" d="M4 0v3"/><path id="mountain" d="M2-1V4"/></g><circle r="3"/><g id="letter"><circle r="1"/><path d="M0 0C1 1 2 2 3 3"/></g>'])]
    public function test_drawings_of_other_programs(string $drawn): void
    {
        $file = "<?xml version=\"1.0\"?><svg xmlns=\"http://www.w3.org/2000/svg\" width=\"14in\" height=\"8in\" viewBox=\"0 0 14 8\"><title>Of my own</title>{$drawn}</svg>";
        $this->assertTrue((new LinesReader)->looksLike($file));
        $read = (new LinesReader)->read($file);
        $this->assertSame(['free-base', 'Of my own', 'in'], [$read['structure'], $read['name'], $read['unit']]);
        $this->assertSame(self::PATTERN, $read['parameters']);
        DesignReader::ofTheHouse()->fromArray(['format' => 'ephemeron-design', 'version' => 1, ...$read]);
    }

    /** Polylines old and new, in inches, as the published reference of the format has them (group codes from memory). */
    public function test_polylines_in_inches(): void
    {
        $pairs = [
            '0', 'SECTION', '2', 'HEADER', '9', '$INSUNITS', '70', '1', '0', 'ENDSEC', '0', 'SECTION', '2', 'ENTITIES',
            '0', 'LWPOLYLINE', '8', 'Cut', '90', '4', '70', '1', '10', '0', '20', '0', '10', '12', '20', '0', '10', '12', '20', '6', '10', '0', '20', '6',
            '0', 'POLYLINE', '8', 'Valley', '66', '1', '70', '0', '10', '0', '20', '0',
            '0', 'VERTEX', '8', 'Valley', '10', '4', '20', '0', '0', 'VERTEX', '8', 'Valley', '10', '4', '20', '6', '0', 'SEQEND',
            '0', 'LINE', '8', 'MOUNTAIN', '10', '8', '20', '0', '11', '8', '21', '6',
            '0', 'CIRCLE', '8', 'notes', '10', '1', '20', '1', '40', '1',
            '0', 'ENDSEC', '0', 'EOF',
        ];
        $this->assertSame(self::PATTERN, (new LinesReader)->read(implode("\r\n", $pairs))['parameters']);
    }

    #[TestWith(['<g id="cut"><rect width="10" height="5"/></g><g id="valley"><path d="M3 0v9"/></g>', '3 cm + 7 cm', '5 cm', '', 'a score that stands out ends at the rim'])]
    #[TestWith(['<g id="cut"><rect width="10" height="5"/><path d="M0 0h10"/></g>', '10 cm', '5 cm', '', 'a line drawn twice by mistake'])]
    #[TestWith(['<g id="cut"><rect width="10" height="5"/><path d="M4 0V2"/></g>', '10 cm', '5 cm', 'slit: 4 cm × 0 cm to 4 cm × 2 cm', 'what ends nowhere is a slit'])]
    #[TestWith(['<g id="cut"><rect width="10" height="5"/><rect x="8" width="2" height="2"/></g>', '10 cm', '5 cm', 'cut away: 8 cm × 0 cm to 8 cm × 2 cm to 10 cm × 2 cm to 10 cm × 0 cm', 'a corner taken out'])]
    #[TestWith(['<g id="cut"><path d="M0 0H10V5H0Z"/></g><g id="valley"><path d="M4.0005 0L3.9995 5"/></g>', '3.9994 cm + 6.0006 cm', '5 cm', '', 'all but upright'])]
    public function test_what_hands_draw(string $drawn, string $columns, string $rows, string $lines, string $why): void
    {
        $file = "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"10cm\" viewBox=\"0 0 10 5\">{$drawn}</svg>";
        $read = (new LinesReader)->read($file)['parameters'];
        $this->assertIsArray($read);
        $this->assertSame([$columns, $rows, $lines], [$read['columns'], $read['rows'], $read['lines']], $why);
    }

    #[TestWith(['<g id="valley"><path d="M0 0v5"/></g>', 'called “cut”'])]
    #[TestWith(['<g id="cut"><path d="M0 0v5"/></g>', 'close nowhere'])]
    #[TestWith(['<g id="cut"><circle r="4"/></g>', 'lies a curve'])]
    #[TestWith(['<g id="cut"><path d="M0 0C1 1 2 2 3 3"/></g>', 'lies a curve'])]
    #[TestWith(['<g id="cut"><rect width="2" height="2"/><rect x="3" width="2" height="2"/></g>', 'more than one sheet'])]
    #[TestWith(['<g id="cut"><rect width="1e9" height="2"/></g>', 'larger than 30 m'])]
    #[TestWith(['<g id="cut">', 'not well-formed'])]
    #[TestWith(['', 'called “cut”'])]
    public function test_what_is_no_sheet_is_refused_with_the_reason(string $drawn, string $reason): void
    {
        $this->expectException(InvalidDesign::class);
        $this->expectExceptionMessageMatches("/{$reason}/");
        (new LinesReader)->read("<svg xmlns=\"http://www.w3.org/2000/svg\">{$drawn}</svg>");
    }

    public function test_nothing_named_in_a_drawing_is_fetched(): void
    {
        $file = '<!DOCTYPE svg [<!ENTITY it SYSTEM "file:///etc/hostname">]><svg xmlns="http://www.w3.org/2000/svg"><title>&it;</title><rect id="cut" width="96" height="96"/></svg>';
        $this->assertStringNotContainsString((string) gethostname(), json_encode((new LinesReader)->read($file), JSON_THROW_ON_ERROR));
    }

    /** Files drawn by lot, cut anywhere: read, or refused in words. */
    public function test_broken_files_are_refused(): void
    {
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937(17));
        $part = $this->plan('corner-pocket-album')->blueprint->part('page');
        $refused = 0;
        foreach ([(new PatternSvg)->draw($part)->file(), (new PatternDxf)->draw($part)->file()] as $file) {
            for ($round = 0; $round < 60; $round++) {
                $at = $chance->getInt(0, strlen($file) - 1);
                $broken = substr($file, 0, $at).$chance->getBytes($chance->getInt(1, 3)).substr($file, $at + $chance->getInt(0, 40));
                try {
                    (new LinesReader)->read($broken);
                } catch (InvalidDesign) {
                    $refused++;
                }
            }
        }
        $this->assertGreaterThan(20, $refused);
    }

    /** @return array<array-key, mixed> */
    private function fromFold(Part $part): array
    {
        $json = (new FoldWriter)->write((new Folder)->fold(CreasePattern::of($part)), 'x', $part->size->height->ticks);

        return (array) (new FoldReader)->read($json)['parameters'];
    }
}
