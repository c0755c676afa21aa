<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Format\Csv;
use Ephemeron\Format\CutListCsv;
use Ephemeron\Format\CutPlanCsv;
use Ephemeron\Format\CutPlanJson;
use Ephemeron\Format\CutSheetsSvg;
use Ephemeron\Format\DesignPatch;
use Ephemeron\Format\DesignReader;
use Ephemeron\Format\DesignWriter;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\ToolGrid;
use Ephemeron\Measure\Unit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class DesignFormatTest extends TestCase
{
    use Designs;

    #[TestWith(['nested-gusset-album', 'in'])]
    #[TestWith(['nested-gusset-album', 'cm'])]
    #[TestWith(['meander-book', 'in'])]
    #[TestWith(['meander-book', 'cm'])]
    public function test_what_is_written_reads_back_the_same(string $structure, string $unit): void
    {
        $design = $this->design($structure, ['unit' => $unit]);
        $this->assertEquals($design, DesignReader::ofTheHouse()->fromJson(DesignWriter::ofTheHouse()->toJson($design)));
    }

    public function test_every_value_survives_even_off_the_grid_and_in_the_other_unit(): void
    {
        $design = $this->design('nested-gusset-album', [
            'name' => 'Meteor “log” ☄',
            'unit' => 'cm',
            'grid' => '0.5 mm',
            'board' => '31.5',
            'blade' => '12 1/3 in',
            'strip' => '0.25',
            'parameters' => ['leaf-width' => '4 7/8 in', 'leaf-height' => '8 1/3 in', 'step' => '0.3 in'],
            'mats' => ['school' => 'frame', 'layers' => 1, 'faces' => ['page-3' => ['layers' => 0]]],
            'furniture' => [
                [
                    'on' => 'page-1',
                    'kind' => 'pocket',
                    'parameters' => ['depth' => '9.525cm'],
                    'children' => [['kind' => 'photo-mat', 'parameters' => ['photo' => '2x3']]],
                ],
            ],
            'materials' => [
                'mat-base' => [
                    'name' => 'Dew',
                    'sheet' => 'own',
                    'width' => '20',
                    'height' => '20',
                    'weight' => '80 lb cover',
                    'count' => 3,
                    'selvage' => '1.2',
                    'direction' => 'both',
                    'sides' => 'single',
                    'drawer' => 'bin-7',
                    'leftovers' => [
                        ['width' => '4 1/8', 'height' => '12', 'count' => 3, 'drawer' => '12'],
                        ['width' => '6', 'height' => '6'],
                    ],
                ],
            ],
        ]);
        $read = DesignReader::ofTheHouse()->fromJson(DesignWriter::ofTheHouse()->toJson($design));
        $this->assertEquals($design, $read);
        $this->assertSame(39624, $read->parameters->length('leaf-width')->ticks);
    }

    public function test_a_design_read_in_the_other_unit_keeps_its_ticks(): void
    {
        $inches = $this->design('nested-gusset-album', ['parameters' => ['leaf-width' => '4 15/64']]);
        $metric = DesignReader::ofTheHouse()->changed($inches, ['unit' => 'cm']);
        $this->assertEquals($inches->parameters, $metric->parameters);
        $this->assertSame([Unit::Centimetre, ToolGrid::Millimetre], [$metric->unit, $metric->tools->grid]);
        $this->assertEquals($inches->materials['structure-card']->sheet, $metric->materials['structure-card']->sheet);
        $this->assertEquals($metric, DesignReader::ofTheHouse()->fromJson(DesignWriter::ofTheHouse()->toJson($metric)));
    }

    public function test_thickness_follows_the_weight_unless_it_is_given(): void
    {
        $design = $this->design('meander-book', ['materials' => ['book-sheet' => ['weight' => '80 lb cover']]]);
        $this->assertSame(
            ['weight' => '216.329 g'],
            DesignWriter::ofTheHouse()->toArray($design)['materials']['book-sheet'],
            'only what was said',
        );
        $heavier = DesignReader::ofTheHouse()->changed($design, ['materials.book-sheet.weight' => '300 g']);
        // 300 g/m² at 1.3 cm³/g is 390 µm, 125 ticks to the nearest one
        $this->assertSame(125, $heavier->materials['book-sheet']->caliper->ticks);

        $measured = DesignReader::ofTheHouse()->changed($design, ['materials.book-sheet.thickness' => '0.2 mm']);
        $this->assertSame(
            64,
            DesignReader::ofTheHouse()->fromArray(DesignWriter::ofTheHouse()->toArray($measured))->materials['book-sheet']->caliper->ticks,
        );
    }

    /** @return iterable<string, array{string, string}> the file, and the place of the complaint */
    public static function wrongFiles(): iterable
    {
        $design = static fn (array $more): string => json_encode(
            ['format' => 'ephemeron-design', 'version' => 1, 'structure' => 'nested-gusset-album', ...$more],
            JSON_THROW_ON_ERROR,
        );
        yield 'no JSON' => ['leaf-width: 5', ''];
        yield 'nothing' => ['', ''];
        yield 'a list' => ['[1, 2]', ''];
        yield 'a number' => ['42', ''];
        yield 'too large' => [str_repeat(' ', 1_000_001), ''];
        yield 'nested beyond reason' => [str_repeat('[', 100).str_repeat(']', 100), ''];
        yield 'another format' => ['{"format": "something"}', 'format'];
        yield 'another version' => [$design(['version' => 3]), 'version'];
        yield 'version as text' => [$design(['version' => '1']), 'version'];
        yield 'no such structure' => [$design(['structure' => 'origami-crane']), 'structure'];
        yield 'structure as a list' => [$design(['structure' => ['x']]), 'structure'];
        yield 'no such unit' => [$design(['unit' => 'ft']), 'unit'];
        yield 'unknown key' => [$design(['colour' => 'blue']), 'colour'];
        yield 'unknown parameter' => [$design(['parameters' => ['wings' => 2]]), 'parameters.wings'];
        yield 'parameters as a list' => [$design(['parameters' => [1]]), 'parameters'];
        yield 'zero' => [$design(['parameters' => ['leaf-width' => '0']]), 'parameters.leaf-width'];
        yield 'negative' => [$design(['parameters' => ['leaf-width' => '-5']]), 'parameters.leaf-width'];
        yield 'absurd' => [$design(['parameters' => ['leaf-width' => '900']]), 'parameters.leaf-width'];
        yield 'empty' => [$design(['parameters' => ['leaf-width' => '']]), 'parameters.leaf-width'];
        yield 'letters' => [$design(['parameters' => ['leaf-width' => 'wide']]), 'parameters.leaf-width'];
        yield 'ten thousand characters' => [$design(['parameters' => ['leaf-width' => str_repeat('5', 10_000)]]), 'parameters.leaf-width'];
        yield 'script' => [$design(['parameters' => ['leaf-width' => '<script>alert(1)</script>']]), 'parameters.leaf-width'];
        yield 'a list for a length' => [$design(['parameters' => ['leaf-width' => [5]]]), 'parameters.leaf-width'];
        yield 'half a sheet' => [$design(['parameters' => ['sheets' => 2.5]]), 'parameters.sheets'];
        yield 'too many sheets' => [$design(['parameters' => ['sheets' => 4000]]), 'parameters.sheets'];
        yield 'perhaps a ribbon' => [$design(['parameters' => ['ribbon' => 'maybe']]), 'parameters.ribbon'];
        yield 'no such border' => [$design(['mats' => ['school' => 'baroque']]), 'mats.school'];
        yield 'nine layers' => [$design(['mats' => ['layers' => 9]]), 'mats.layers'];
        yield 'rule of one face' => [$design(['mats' => ['faces' => ['page-1' => 2]]]), 'mats.faces.page-1'];
        yield 'no such thing' => [$design(['furniture' => [['on' => 'page-1', 'kind' => 'sofa']]]), 'furniture.0.kind'];
        yield 'thing on no face' => [$design(['furniture' => [['kind' => 'pocket']]]), 'furniture.0.on'];
        yield 'wrong measure of a thing' => [
            $design(['furniture' => [['on' => 'page-1', 'kind' => 'pocket', 'parameters' => ['width' => 'x']]]]),
            'furniture.0.parameters.width',
        ];
        yield 'no such role' => [$design(['materials' => ['wallpaper' => []]]), 'materials.wallpaper'];
        yield 'no such weight' => [$design(['materials' => ['mat-base' => ['weight' => 'heavy']]]), 'materials.mat-base.weight'];
        yield 'no such sheet' => [$design(['materials' => ['mat-base' => ['sheet' => 'huge']]]), 'materials.mat-base.sheet'];
        yield 'a leftover without a height' => [
            $design(['materials' => ['mat-base' => ['leftovers' => [['width' => '4']]]]]),
            'materials.mat-base.leftovers.0',
        ];
        yield 'no leftover at all' => [
            $design(['materials' => ['mat-base' => ['leftovers' => [['width' => '4', 'height' => '4', 'count' => 0]]]]]),
            'materials.mat-base.leftovers.0.count',
        ];
        yield 'leftovers that are not a list' => [
            $design(['materials' => ['mat-base' => ['leftovers' => 'a few']]]),
            'materials.mat-base.leftovers',
        ];
        yield 'a drawer with a blank in its name' => [
            $design(['materials' => ['mat-base' => ['drawer' => 'blue bin']]]),
            'materials.mat-base.drawer',
        ];
        yield 'minus one sheet' => [$design(['materials' => ['mat-base' => ['count' => -1]]]), 'materials.mat-base.count'];
        yield 'no name' => [$design(['name' => '  ']), 'name'];
        yield 'bad text encoding' => ["{\"format\": \"\xff\"}", ''];
    }

    #[DataProvider('wrongFiles')]
    public function test_a_wrong_file_is_refused_with_the_place(string $json, string $place): void
    {
        try {
            DesignReader::ofTheHouse()->fromJson($json);
            $this->fail('The file was taken.');
        } catch (InvalidDesign $error) {
            $this->assertArrayHasKey($place, $error->errors);
            $this->assertLessThan(400, mb_strlen($error->errors[$place]));
            $this->assertTrue(mb_check_encoding($error->errors[$place], 'UTF-8'));
        }
    }

    /** 6 in is 15.24 cm: 15.2 is refused, so it must not be named as the least; 24 in is 60.96 cm. */
    public function test_the_range_in_a_refusal_is_itself_accepted(): void
    {
        try {
            $this->design('meander-book', ['unit' => 'cm', 'parameters' => ['sheet-side' => '15.2']]);
            $this->fail('The value was taken.');
        } catch (InvalidDesign $error) {
            $this->assertSame('Sheet side is 15.2 cm; it goes from 15.3 cm to 60.9 cm.', $error->errors['parameters.sheet-side']);
        }
        foreach (['15.3', '60.9'] as $limit) {
            $this->assertSame(
                'meander-book',
                $this->design('meander-book', ['unit' => 'cm', 'parameters' => ['sheet-side' => $limit]])->structure,
            );
        }
    }

    public function test_all_that_is_wrong_is_said_at_once(): void
    {
        try {
            $this->design(
                'nested-gusset-album',
                ['colour' => 1, 'parameters' => ['leaf-width' => '0', 'sheets' => 'many'], 'mats' => ['layers' => 5]],
            );
            $this->fail('The file was taken.');
        } catch (InvalidDesign $error) {
            $this->assertSame(['colour', 'parameters.leaf-width', 'parameters.sheets', 'mats.layers'], array_keys($error->errors));
        }
    }

    public function test_a_patch_sets_takes_out_and_closes_the_gap(): void
    {
        $patch = new DesignPatch(['parameters.step' => '3/8', 'mats.faces.page-1.layers' => 1, 'pins.0' => null]);
        $this->assertSame(
            ['pins' => ['b'], 'parameters' => ['step' => '3/8'], 'mats' => ['faces' => ['page-1' => ['layers' => 1]]]],
            $patch->applyTo(['pins' => ['a', 'b']]),
        );
    }

    public function test_the_cut_list_is_a_table_that_spreadsheets_read(): void
    {
        $plan = $this->plan('nested-gusset-album', ['materials' => ['structure-card' => ['name' => '=HYPERLINK("x"), "dusk"']]]);
        $lines = explode("\r\n", trim((new CutListCsv)->write($plan)));
        $rows = array_map(static fn (string $line): array => str_getcsv($line, escape: ''), $lines);
        $this->assertCount(count($plan->blueprint->parts) + 1, $rows);
        $this->assertSame(
            ['Album sheets', 'D', 'Sheet 4, outermost', '1', '11', '8 1/2', 'in', '\'=HYPERLINK("x"), "dusk"', '5; 6', '', 'sheet 4 of 4'],
            $rows[4],
        );
        $this->assertSame($plan->blueprint->pieces(), array_sum(array_map(intval(...), array_column(array_slice($rows, 1), 3))));
    }

    #[TestWith(['nested-gusset-album', 'in'])]
    #[TestWith(['five-pocket-folio', 'cm'])]
    public function test_the_cut_plan_as_json_adds_up(string $structure, string $unit): void
    {
        $plan = $this->plan($structure, ['unit' => $unit]);
        $written = json_decode((new CutPlanJson)->write($plan), true, flags: JSON_THROW_ON_ERROR);
        $this->assertSame(['ephemeron-cut-plan', 1, $unit], [$written['format'], $written['version'], $written['unit']]);
        $gives = [];
        foreach ($written['papers'] as $paper) {
            $this->assertSame($paper['sheets'], array_sum(array_column($paper['patterns'], 'count')));
            foreach ($paper['patterns'] as $pattern) {
                foreach ($pattern['gives'] as $letter => $count) {
                    $gives[$letter] = ($gives[$letter] ?? 0) + $count;
                }
                $this->assertSame(
                    array_sum($pattern['gives']),
                    $pattern['count'] * $this->blanksIn($pattern['sheet'], $plan->notation()->unit),
                );
            }
        }
        foreach ($plan->blueprint->parts as $part) {
            $this->assertSame($part->quantity, $gives[$part->letter]);
        }
    }

    public function test_the_cut_plan_as_a_table_has_every_cut(): void
    {
        $plan = $this->plan(
            'nested-gusset-album',
            ['materials' => ['structure-card' => ['name' => '=1+1', 'leftovers' => [['width' => '12', 'height' => '12', 'count' => 1]]]]],
        );
        $rows = array_map(
            static fn (string $line): array => str_getcsv($line, escape: ''),
            explode("\r\n", trim((new CutPlanCsv)->write($plan))),
        );
        $cuts = 0;
        foreach ($plan->stocks as $stock) {
            foreach ($stock->cuts->patterns as $pattern) {
                $cuts += count($pattern->steps());
            }
        }
        $this->assertCount($cuts + 1, $rows);
        $this->assertSame(["'=1+1", 'yes', '1'], array_slice($rows[1], 0, 3));
        $this->assertSame('=1+1', (new Csv)->plain($rows[1][0]));
    }

    /** @param array<string, mixed> $piece whose parts fill it */
    private function blanksIn(array $piece, Unit $unit): int
    {
        if (! isset($piece['cutAlong'])) {
            return isset($piece['piece']) ? 1 : 0;
        }
        $side = static fn (array $of, string $along): Length => Length::parse($of[$along], $unit);
        $across = $piece['cutAlong'] === 'width' ? 'height' : 'width';
        $this->assertTrue(
            $side($piece['first'], $piece['cutAlong'])->plus($side($piece['second'], $piece['cutAlong']))
                ->equals($side($piece, $piece['cutAlong'])),
        );
        $this->assertSame($piece['fence'], $piece['first'][$piece['cutAlong']]);
        $this->assertSame([$piece[$across], $piece[$across]], [$piece['first'][$across], $piece['second'][$across]]);

        return $this->blanksIn($piece['first'], $unit) + $this->blanksIn($piece['second'], $unit);
    }

    public function test_cut_sheets_are_drawn_in_real_units(): void
    {
        $plan = $this->plan('nested-gusset-album');
        $pattern = $plan->stocks[2]->cuts->patterns[0];
        $svg = new \SimpleXMLElement((new CutSheetsSvg)->draw($pattern, $plan->notation(), 'A & B')->file());
        // 12 in and a margin of 15 mm on each side, one user unit a millimetre
        $this->assertSame('334.8mm', (string) $svg['width']);
        $this->assertStringEndsWith('334.8 334.8', (string) $svg['viewBox']);
        $this->assertSame('A & B', (string) $svg->title);

        $svg->registerXPathNamespace('s', 'http://www.w3.org/2000/svg');
        $blanks = $svg->xpath('//s:g[@class="blank"]/s:rect') ?: [];
        $this->assertCount(2, $blanks);
        $this->assertSame(
            ['123.825', '212.725'],
            [(string) $blanks[0]['width'], (string) $blanks[0]['height']],
            '4⅞ × 8⅜ in in millimetres',
        );
        $this->assertCount(3, $svg->xpath('//s:g[@class="cut-step"]') ?: []);
    }
}
