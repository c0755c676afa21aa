<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ephemeron\Format\DesignReader;
use Ephemeron\Format\DesignSchema;
use Ephemeron\Format\DesignWriter;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Furniture\Showroom;
use Ephemeron\Structure\Catalogue;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\TestCase;

/** The published schema, read by opis/json-schema (JSON Schema draft 2020-12), against what the reader takes and the writer writes. */
final class DesignSchemaTest extends TestCase
{
    public function test_the_smallest_design_is_valid_and_read(): void
    {
        $smallest = '{"format": "ephemeron-design", "version": 1, "structure": "meander-book", "unit": "in"}';
        $this->assertTrue($this->isValid($smallest));
        $this->assertSame('meander-book', DesignReader::ofTheHouse()->fromJson($smallest)->structure);
    }

    public function test_what_is_written_is_valid(): void
    {
        foreach (Catalogue::ofTheHouse()->keys() as $structure) {
            foreach (['in', 'cm'] as $unit) {
                $design = DesignReader::ofTheHouse()->fromArray(
                    [
                        'format' => 'ephemeron-design',
                        'version' => 1,
                        'structure' => $structure,
                        'unit' => $unit,
                        'mats' => ['faces' => ['page-1' => ['layers' => 1]]],
                    ],
                );
                $this->assertTrue($this->isValid(DesignWriter::ofTheHouse()->toJson($design)));
            }
        }
    }

    public function test_schema_and_reader_refuse_alike(): void
    {
        $base = ['format' => 'ephemeron-design', 'version' => 1, 'structure' => 'meander-book'];
        foreach ([
            ['format' => 'other'], ['version' => 3], ['unit' => 'ft'], ['colour' => 'blue'], ['grid' => '1/7 in'], ['scoring' => 'both'],
            ['mats' => ['layers' => 3]], ['mats' => ['school' => 'none']], ['furniture' => [['kind' => 'pocket']]],
            ['furniture' => [['on' => 'page-1', 'kind' => 'sofa']]],
            ['materials' => ['book-sheet' => ['sides' => 'three']]], ['materials' => ['book-sheet' => ['count' => -1]]],
            ['parameters' => ['notch' => [1]]],
            [
                'things' => ['page-1/sofa-1' => ['on' => 'page-1', 'kind' => 'sofa']],
            ], ['things' => []] + ['pins' => [['left' => '1']]], ['stack-160' => 0],
        ] as $wrong) {
            $json = json_encode([...$base, ...$wrong], JSON_THROW_ON_ERROR);
            $this->assertFalse($this->isValid($json), $json);
            try {
                DesignReader::ofTheHouse()->fromJson($json);
                $this->fail("The reader took {$json}");
            } catch (InvalidDesign) {
                $this->addToAssertionCount(1);
            }
        }
    }

    /** `php artisan ephemeron:schema` writes it. */
    public function test_the_published_schema_is_that_of_the_fields(): void
    {
        $this->assertSame((new DesignSchema(Showroom::ofTheHouse()))->json(), $this->schema());
    }

    private function isValid(string $json): bool
    {
        return (new Validator)->validate(json_decode($json, flags: JSON_THROW_ON_ERROR), $this->schema())->isValid();
    }

    private function schema(): string
    {
        return (string) file_get_contents(__DIR__.'/../../docs/format/design.schema.json');
    }
}
