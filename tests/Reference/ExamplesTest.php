<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ephemeron\Blueprint\Thing;
use Ephemeron\Design\Placed;
use Ephemeron\Fit\Severity;
use Ephemeron\Format\DesignReader;
use Ephemeron\Structure\Catalogue;
use Ephemeron\Workshop;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every structure has an example in docs/examples: valid by the published schema, and planned without anything that stops the work. */
final class ExamplesTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function structures(): iterable
    {
        foreach (Catalogue::ofTheHouse()->keys() as $structure) {
            yield $structure => [$structure];
        }
    }

    #[DataProvider('structures')]
    public function test_the_example_of_a_structure_can_be_planned(string $structure): void
    {
        $folder = __DIR__.'/../../docs';
        $json = (string) file_get_contents("{$folder}/examples/{$structure}.json");
        $schema = (string) file_get_contents("{$folder}/format/design.schema.json");
        $this->assertTrue((new Validator)->validate(json_decode($json, flags: JSON_THROW_ON_ERROR), $schema)->isValid());
        $design = DesignReader::ofTheHouse()->fromJson($json);
        $this->assertSame($structure, $design->structure);
        $plan = Workshop::ofTheHouse()->plan($design);
        $this->assertSame(
            [],
            array_map(
                static fn ($finding): string => $finding->text,
                array_filter($plan->report->findings, static fn ($finding): bool => $finding->severity === Severity::Stop),
            ),
        );
        $this->assertCount(
            $this->things($plan->layout->furnished->things),
            $plan->blueprint->all(Thing::class),
            'everything found its place',
        );
    }

    /** The same books as version 1 of the format wrote them: still valid, and every one of the same pieces. */
    #[DataProvider('structures')]
    public function test_the_example_in_version_1_means_the_same(string $structure): void
    {
        $old = (string) @file_get_contents(__DIR__."/../fixtures/version-1/{$structure}.json");
        if ($old === '') {
            $this->expectNotToPerformAssertions();

            return;
        }
        $new = (string) file_get_contents(__DIR__."/../../docs/examples/{$structure}.json");
        $schema = (string) file_get_contents(__DIR__.'/../../docs/format/design.schema.json');
        $this->assertTrue((new Validator)->validate(json_decode($old, flags: JSON_THROW_ON_ERROR), $schema)->isValid());
        $this->assertEquals(DesignReader::ofTheHouse()->fromJson($new), DesignReader::ofTheHouse()->fromJson($old));
    }

    /** @param list<Placed> $furniture */
    private function things(array $furniture): int
    {
        return array_sum(array_map(fn (Placed $placed): int => 1 + $this->things($placed->children), $furniture));
    }
}
