<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Blueprint\Thing;
use Ephemeron\Design\Design;
use Ephemeron\Design\Parameter;
use Ephemeron\Design\ParameterKind;
use Ephemeron\Design\Placed;
use Ephemeron\Fit\Severity;
use Ephemeron\Format\DesignReader;
use Ephemeron\Format\DesignWriter;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Structure\Catalogue;
use Ephemeron\Structure\UsualThings;
use Ephemeron\Workshop;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A design stores what its maker said; what is usual follows the structure and its parameters at every reading. */
final class OnlyWhatWasSaidTest extends TestCase
{
    use Designs;

    /** @return iterable<string, array{string}> */
    public static function structures(): iterable
    {
        foreach (Catalogue::ofTheHouse()->keys() as $structure) {
            yield $structure => [$structure];
        }
    }

    #[DataProvider('structures')]
    public function test_nothing_said_nothing_written(string $structure): void
    {
        foreach (['in', 'cm'] as $unit) {
            $design = $this->design($structure, ['unit' => $unit]);
            $this->assertSame(['format', 'version', 'structure', 'unit', 'name'], array_keys(DesignWriter::ofTheHouse()->toArray($design)));
        }
    }

    /** Whatever is turned on a stored design, in whatever order, it ends where a fresh file with the same measures begins. */
    #[DataProvider('structures')]
    public function test_a_walk_through_the_parameters_ends_where_a_fresh_file_begins(string $structure): void
    {
        mt_srand(crc32($structure));
        $reader = DesignReader::ofTheHouse();
        $writer = DesignWriter::ofTheHouse();
        $workshop = Workshop::ofTheHouse();
        $design = $this->design($structure, ['unit' => mt_rand(0, 1) === 0 ? 'in' : 'cm']);
        $parameters = Catalogue::ofTheHouse()->get($structure)->parameters();
        for ($step = 1; $step <= 200; $step++) {
            $parameter = $parameters[mt_rand(0, count($parameters) - 1)];
            $value = $this->value($parameter, $design);
            if ($value === null) {
                continue;
            }
            try {
                $design = $reader->fromArray($writer->toArray($reader->changed($design, ["parameters.{$parameter->key}" => $value])));
            } catch (InvalidDesign) {
                continue;
            }
            $fresh = $reader->fromArray(
                [
                    'format' => 'ephemeron-design',
                    'version' => 2,
                    'structure' => $structure,
                    'unit' => $design->unit->value,
                    'parameters' => $writer->whole($design)['parameters'],
                ],
            );
            $this->assertEquals($fresh, $design);
            $this->assertEquals(
                UsualThings::furnished(Catalogue::ofTheHouse()->get($structure), $fresh),
                UsualThings::furnished(Catalogue::ofTheHouse()->get($structure), $design),
            );
            if ($step % 50 === 0) {
                $this->assertEquals($workshop->plan($fresh), $workshop->plan($design));
            }
        }
    }

    public function test_a_wallet_closed_with_magnets_has_magnets(): void
    {
        $wallet = $this->design('waterfall-wallet');
        $this->assertContains('hook-and-loop dot', $this->closings($wallet));
        $stored = DesignReader::ofTheHouse()->changed($wallet, ['parameters.closing' => 'magnets']);
        $this->assertSame(['magnets'], $this->closings($stored));
    }

    public function test_a_folder_with_a_shallower_pocket_gets_it(): void
    {
        $folder = DesignReader::ofTheHouse()->changed($this->design('board-folder'), ['parameters.pocket-front' => '4']);
        $pocket = Workshop::ofTheHouse()->blueprint($folder)->get(Thing::class, 'page-1/expanding-pocket-1');
        $this->assertTrue($pocket->area->height()->equals(Length::inches(4)));
    }

    /** ¾ in smaller in every measure that says how large the book is. */
    #[TestWith(['tab-spine-album'])]
    #[TestWith(['board-folder'])]
    #[TestWith(['waterfall-wallet'])]
    public function test_a_stored_book_made_smaller_is_one_that_can_be_made(string $structure): void
    {
        $design = DesignReader::ofTheHouse()->fromArray($this->versionOne($structure));
        $changes = [];
        $sizing = Catalogue::ofTheHouse()->get($structure)->about()->sizing;
        foreach ([...$sizing->broader, ...$sizing->taller] as $key) {
            $changes["parameters.{$key}"] = $design->notation()->exact($design->parameters->length($key)->minus(Length::inches(0, 3, 4)));
        }
        $smaller = Workshop::ofTheHouse()->plan(DesignReader::ofTheHouse()->changed($design, $changes));
        $this->assertSame(
            [],
            array_map(
                static fn ($finding): string => $finding->text,
                array_filter($smaller->report->findings, static fn ($finding): bool => $finding->severity === Severity::Stop),
            ),
        );
    }

    public function test_a_change_to_one_usual_thing_is_a_change_to_that_one(): void
    {
        $reader = DesignReader::ofTheHouse();
        $folder = $reader->changed($this->design('board-folder'), ['things.page-2/flap-1.children.pocket-1.parameters.depth' => '2 1/2']);
        $this->assertSame(
            ['page-2/flap-1' => ['children' => ['pocket-1' => ['parameters' => ['depth' => '2 1/2 in']]]]],
            DesignWriter::ofTheHouse()->toArray($folder)['things'],
        );
        $lower = $reader->changed($folder, ['parameters.pocket-front' => '4']);
        $blueprint = Workshop::ofTheHouse()->blueprint($lower);
        $this->assertTrue(
            $blueprint->get(Thing::class, 'page-2/flap-1/pocket-1')->area->height()->equals(Length::inches(2, 1, 2)),
            'said',
        );
        // Half the front and ⅛ more (handbook: front 5, flap 2⅝).
        $this->assertTrue(
            $blueprint->get(Thing::class, 'page-2/flap-1/pocket-2')->area->height()->equals(Length::inches(2, 1, 8)),
            'follows',
        );
        $this->assertEquals(
            $this->design('board-folder'),
            $reader->changed($folder, ['things.page-2/flap-1.children.pocket-1.parameters.depth' => '3']),
            'as usual again is not said',
        );
    }

    public function test_what_is_taken_off_stays_off_and_can_be_put_back(): void
    {
        $reader = DesignReader::ofTheHouse();
        $album = $this->design('mitred-tab-album');
        $bare = $reader->changed($album, ['things.front-cover/ribbon-tie-1.off' => true]);
        $this->assertSame([], $this->closings($bare));
        $this->assertSame([], $this->closings($reader->changed($bare, ['parameters.units' => '4'])));
        $this->assertEquals($album, $reader->changed($bare, ['things.front-cover/ribbon-tie-1.off' => null]));
    }

    public function test_a_change_to_a_thing_that_is_not_there_at_these_measures_sleeps(): void
    {
        $reader = DesignReader::ofTheHouse();
        $album = $this->design('nested-gusset-album');
        $things = Workshop::ofTheHouse()->blueprint($album)->all(Thing::class);
        $last = end($things)->key;
        $changed = $reader->changed($album, ["things.{$last}.parameters.style" => 'top-load']);
        $short = $reader->changed($changed, ['parameters.sheets' => '3']);
        $this->assertNull(Workshop::ofTheHouse()->blueprint($short)->find(Thing::class, $last));
        $usual = UsualThings::of(Catalogue::ofTheHouse()->get('nested-gusset-album'), $short->parameters, $short->unit);
        $this->assertSame([$last], $short->things->asleep($usual));
        $this->assertEquals($changed, $reader->changed($short, ['parameters.sheets' => '4']));
    }

    /** Things keep their keys whatever is put beside them or taken away. */
    public function test_a_new_thing_gets_a_key_that_nothing_has_or_had(): void
    {
        $design = DesignReader::ofTheHouse()->changed($this->design('nested-gusset-album'), ['things.page-2/pocket-1.off' => true]);
        $there = UsualThings::furnished(Catalogue::ofTheHouse()->get('nested-gusset-album'), $design)->things;
        $this->assertSame('page-2/pocket-2', $design->things->freeKey('page-2', 'pocket', $there));
        $this->assertSame('page-3/pocket-1', $design->things->freeKey('page-3', 'pocket', $there));
        $this->assertSame('belly-band', Placed::kindIn('page-2/flap-1/front/belly-band-12'));
    }

    /** Version 1 wrote everything out; what equals the usual follows again, the rest is as it was. */
    #[DataProvider('structures')]
    public function test_version_1_is_read_as_before(string $structure): void
    {
        $this->assertEquals($this->design($structure), DesignReader::ofTheHouse()->fromArray($this->versionOne($structure)));
        $none = ['furniture' => []] + $this->versionOne($structure);
        $this->assertSame([], Workshop::ofTheHouse()->blueprint(DesignReader::ofTheHouse()->fromArray($none))->all(Thing::class));
    }

    public function test_a_version_1_file_that_differs_keeps_its_difference(): void
    {
        $file = $this->versionOne('board-folder');
        $file['furniture'][1]['parameters']['depth'] = '4';
        unset($file['furniture'][0]);
        $file['furniture'] = [...$file['furniture'], ['on' => 'page-1', 'kind' => 'tag']];
        $design = DesignReader::ofTheHouse()->fromArray($file);
        $this->assertSame(
            [
                'front-cover/ribbon-tie-1' => ['off' => true],
                'page-1/expanding-pocket-1' => ['parameters' => ['depth' => '4 in']],
                'page-1/tag-1' => ['on' => 'page-1', 'kind' => 'tag'],
            ],
            DesignWriter::ofTheHouse()->toArray($design)['things'],
        );
    }

    /** Five on each other are taken, a sixth is refused. */
    public function test_five_things_on_each_other_are_as_many_as_there_may_be(): void
    {
        $nested = static fn (int $deep): array => array_reduce(
            range(1, $deep - 1),
            static fn (array $inner): array => ['kind' => 'flap', 'children' => [$inner]],
            ['kind' => 'flap'],
        );
        $this->assertCount(
            5,
            Workshop::ofTheHouse()->blueprint(
                $this->design('meander-book', ['furniture' => [['on' => 'page-1'] + $nested(5)]]),
            )->all(Thing::class),
        );
        $this->expectExceptionMessageMatches('/more than five on top of each other/');
        $this->design('meander-book', ['furniture' => [['on' => 'page-1'] + $nested(6)]]);
    }

    /** @return array<string, mixed> with everything written out, as version 1 stored a book the moment it was made */
    private function versionOne(string $structure): array
    {
        $whole = DesignWriter::ofTheHouse()->whole($this->design($structure));
        $listed = static function (array $things) use (&$listed): array {
            return array_values(
                array_map(
                    static fn (array $thing): array => [
                        ...$thing,
                        ...(isset($thing['children']) ? ['children' => $listed($thing['children'])] : []),
                    ],
                    $things,
                ),
            );
        };
        $furniture = $listed($whole['things'] ?? []);
        unset($whole['things']);

        return [...$whole, 'version' => 1, 'furniture' => $furniture];
    }

    /** @return list<string> */
    private function closings(Design $design): array
    {
        return Workshop::ofTheHouse()->blueprint($design)->closings();
    }

    private function value(Parameter $parameter, Design $design): ?string
    {
        if ($parameter->kind === ParameterKind::Length) {
            assert($parameter->minimum instanceof Length && $parameter->maximum instanceof Length);
            $now = $design->parameters->values[$parameter->key] ?? $parameter->minimum;
            $by = Length::ofTicks(mt_rand(-8, 8) * Length::inches(0, 1, 8)->ticks);

            return $now instanceof Length ? Notation::usual($design->unit)->exact($now->plus($by)) : null;
        }

        return match ($parameter->kind) {
            ParameterKind::Count => (string) mt_rand((int) $parameter->minimum, min(6, (int) $parameter->maximum)),
            ParameterKind::Flag => mt_rand(0, 1) === 0 ? 'true' : 'false',
            ParameterKind::Choice => (string) array_keys($parameter->choices)[mt_rand(0, count($parameter->choices) - 1)],
            ParameterKind::Text => null,
        };
    }
}
