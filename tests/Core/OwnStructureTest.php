<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Blueprint\Part;
use Ephemeron\Cutting\AroundPins;
use Ephemeron\Cutting\ProvenPlanner;
use Ephemeron\Design\Parameter;
use Ephemeron\Design\Values;
use Ephemeron\Format\DesignReader;
use Ephemeron\Format\OwnStructureFile;
use Ephemeron\Furniture\Showroom;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Unit;
use Ephemeron\Refusal;
use Ephemeron\Structure\Catalogue;
use Ephemeron\Structure\OwnStructure;
use Ephemeron\Structure\Skill;
use Ephemeron\Structure\Structure;
use Ephemeron\Structure\UnreadableStructure;
use Ephemeron\Workshop;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class OwnStructureTest extends TestCase
{
    private const MEASURES = [
        'door = 4 in, 10 cm (2 in to 6 in): how wide a door is', 'gusset = 1/2 in, 1 cm (1/4 in to 1 in)', 'height = 6 in, 15 cm (3 in to 11 in)',
        'leaves = 3 (0 to 6): leaves inside', 'leaf := door - 1/8 in',
    ];

    private const TEXTS = [
        'columns' => '{door/2} + {gusset} + {door} + {gusset} + {door/2}',
        'rows' => '{height}',
        'pieces' => "[leaves: Leaf {n}: {leaf} × {height - n*1/8 in}; on Base 3-1 front\n]",
    ];

    public function test_lengths_are_formulas_and_pieces_are_repeated(): void
    {
        $own = $this->own();
        $this->assertSame(
            ['base' => '9 × 6 in', 'leaf-1' => '3⅞ × 5⅞ in', 'leaf-2' => '3⅞ × 5¾ in', 'leaf-3' => '3⅞ × 5⅝ in'],
            $this->pieces($own, Unit::Inch, []),
        );
        $this->assertSame(['base' => '11 × 6 in'], $this->pieces($own, Unit::Inch, ['door' => Length::inches(5), 'leaves' => 0]));
        $this->assertSame('22.0 × 15.0 cm', $this->pieces($own, Unit::Centimetre, [])['base']);
        $sizing = $own->about()->sizing;
        $this->assertSame([['door'], ['height'], 'leaves'], [$sizing->broader, $sizing->taller, $sizing->longer]);
    }

    public function test_it_is_planned_cut_and_put_together_as_any_other(): void
    {
        $catalogue = Catalogue::ofTheHouse()->knowing(fn (string $key): ?Structure => $key === $this->own()->key() ? $this->own() : null);
        $reader = new DesignReader($catalogue, Showroom::ofTheHouse());
        $design = $reader->fromArray([
            'format' => DesignReader::FORMAT, 'version' => DesignReader::VERSION, 'structure' => $this->own()->key(),
            'parameters' => ['door' => 'half of 9', 'leaves' => '1'],
        ]);
        $plan = (new Workshop($catalogue, Showroom::ofTheHouse(), new AroundPins(ProvenPlanner::quick())))->plan($design);
        $this->assertSame(2, $plan->pieces());
        $this->assertFalse($plan->report->stops());
        $this->assertNotSame([], $plan->steps);
        $this->assertFalse(Catalogue::ofTheHouse()->has($this->own()->key()));
    }

    public function test_its_key_says_what_it_is(): void
    {
        $this->assertSame($this->own()->key(), $this->own()->key());
        $again = OwnStructure::of('Gate', '', Skill::First, Unit::Inch, $this->own()->lines(), $this->own()->texts);
        $this->assertSame($this->own()->key(), $again->key(), 'written and read again');
        $other = OwnStructure::of('Gate', '', Skill::First, Unit::Inch, self::MEASURES, ['rows' => '{height} + {gusset}'] + self::TEXTS);
        $this->assertNotSame($this->own()->key(), $other->key());
    }

    #[TestWith(['door = 4', 'A measure is written like'])]
    #[TestWith(['door = 4 in (5 in to 6 in)', 'beyond its own range'])]
    #[TestWith(['door = 4.5 (2 in to 6 in)', 'wants its unit'])]
    #[TestWith(['leaves = 7 (1 to 6)', 'A count is a whole number inside its range'])]
    #[TestWith(['leaves = 7 (1 to 61)', 'no range goes beyond 60'])]
    #[TestWith(['n = 4 in (2 in to 6 in)', 'cannot be the name of a measure'])]
    #[TestWith(['half = 4 in (2 in to 6 in)', 'cannot be the name of a measure'])]
    #[TestWith(['leaf := door', 'Two measures are called “leaf”'])]
    #[TestWith(['x := y + 1, y := x - 1', 'is worked out from itself'])]
    #[TestWith(['x := door * gusset', 'that is an area'])]
    #[TestWith(['x := door / (2 - 2)', 'divides by zero'])]
    #[TestWith(['x := door / gusset', 'divides by a length'])]
    #[TestWith(['x := doors - 1', 'no measure is called “doors”; there is door, gusset, height, leaf, leaves'])]
    public function test_what_cannot_be_read_is_said_with_its_place(string $lines, string $said): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage($said);
        $named = str_contains($lines, ':=') ? self::MEASURES : array_values(array_filter(
            self::MEASURES,
            static fn (string $line): bool => ! str_starts_with($line, explode(' ', $lines)[0].' '),
        ));
        OwnStructure::of('Wrong', '', Skill::First, Unit::Inch, [...$named, ...explode(', ', $lines)], self::TEXTS);
    }

    #[TestWith(['columns', '{door} + {gusset - 1/2 in}', 'comes to nothing'])]
    #[TestWith(['columns', '[gusset: {door} + ]{door}', 'repeats a whole number of times'])]
    #[TestWith(['pieces', 'Leaf: {door} × {height}; on Base 9-1 front', '9-1'])]
    #[TestWith(['rows', '{door} % {gusset}', 'Panels are lengths'])]
    public function test_what_cannot_be_built_at_its_usual_size_is_no_structure(string $text, string $written, string $said): void
    {
        try {
            OwnStructure::of('Wrong', '', Skill::First, Unit::Inch, self::MEASURES, [$text => $written] + self::TEXTS);
            $this->fail('It was taken.');
        } catch (UnreadableStructure $wrong) {
            $this->assertStringContainsString($said, $wrong->getMessage());
            $this->assertSame($text, $wrong->place);
        }
    }

    /**
     * Structures of the house written anew as files: the pieces of their structure, size for size and score for score, at fifty sizes.
     *
     * @param array<string, string> $measures of the file, by the parameter of the house
     * @param list<string> $parts keys of the pieces in the house that are no mats and no things on faces
     * @param int $steps marks of the tool from one size to the next: the sheet of the five pockets is divided by 24
     */
    #[DataProvider('rebuilt')]
    public function test_it_is_enough_for_structures_of_the_house(string $key, array $measures, array $parts, int $steps = 1): void
    {
        $own = OwnStructureFile::read((string) file_get_contents(__DIR__."/../../docs/structures/{$key}.json"));
        $house = Catalogue::ofTheHouse()->get($key);
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937(17));
        $compared = 0;
        for ($round = 0; $round < 200 && $compared < 50; $round++) {
            $unit = $round % 2 === 0 ? Unit::Inch : Unit::Centimetre;
            $drawn = [];
            foreach ($measures as $parameter => $measure) {
                $drawn[$parameter] = $this->drawn($house, $own, $parameter, $measure, $unit, $chance, $steps);
            }
            $usual = DesignReader::ofTheHouse()->usual($house, $unit);
            $values = $usual->parameters;
            foreach ($drawn as $parameter => $value) {
                $values = $values->with($parameter, $value);
            }
            $said = new Values(array_combine(str_replace(' ', '-', array_values($measures)), array_values($drawn)));
            $notation = Notation::usual($unit);
            if ($house->refusals($values, $notation) !== [] || $own->refusals($said, $notation) !== []) {
                continue;
            }
            $blueprint = Workshop::ofTheHouse()->blueprint($usual->with(parameters: $values));
            $this->assertSame(
                $this->told(array_intersect_key($blueprint->parts, array_flip($parts))),
                $this->told(array_filter(
                    $this->laidOut($own, $unit, $said),
                    static fn (string $part): bool => in_array('angled', $parts, true) || $part !== 'angled',
                    ARRAY_FILTER_USE_KEY,
                )),
            );
            $compared++;
        }
        $this->assertSame(50, $compared);
    }

    /** @return iterable<string, array{0: string, 1: array<string, string>, 2: list<string>, 3?: int}> */
    public static function rebuilt(): iterable
    {
        yield 'four flaps' => [
            'four-flap-folio',
            array_combine(
                ['centre', 'margin', 'right-gusset', 'left-gusset', 'bottom-gusset', 'top-gusset', 'tab'],
                ['centre', 'margin', 'right gusset', 'left gusset', 'bottom gusset', 'top gusset', 'tab'],
            ),
            ['base', 'outer', 'bottom', 'top', 'inner'],
        ];
        yield 'nested gussets' => [
            'nested-gusset-album',
            ['leaf-width' => 'leaf width', 'leaf-height' => 'leaf height', 'sheets' => 'sheets', 'step' => 'step'],
            array_map(static fn (int $sheet): string => "sheet-{$sheet}", range(1, 20)),
        ];
        yield 'a cascade' => [
            'cascade-album',
            array_combine($measures = ['panel', 'spine', 'strips', 'fold', 'overlap'], $measures),
            ['cover-left', 'cover-right', 'concertina'],
        ];
        yield 'a wallet' => ['waterfall-wallet', array_combine($measures = ['width', 'panel', 'more', 'pocket', 'flap'], $measures), ['wallet']];
        yield 'five pockets' => ['five-pocket-folio', ['sheet' => 'sheet'], ['base', 'front', 'inner', 'band'], 24];
    }

    /**
     * @param array<string, Length|int> $values
     * @return array<string, string>
     */
    private function pieces(OwnStructure $own, Unit $unit, array $values): array
    {
        $usual = new Values;
        foreach ($own->parameters() as $parameter) {
            $usual = $usual->with($parameter->key, $values[$parameter->key] ?? $parameter->default($unit));
        }

        return array_map(
            static fn (Part $part): string => Notation::usual($unit)->size($part->size),
            $this->laidOut($own, $unit, $usual),
        );
    }

    /** @return array<string, Part> */
    private function laidOut(OwnStructure $own, Unit $unit, Values $values): array
    {
        $catalogue = Catalogue::ofTheHouse()->knowing(static fn (string $key): ?Structure => $key === $own->key() ? $own : null);
        $workshop = new Workshop($catalogue, Showroom::ofTheHouse(), ProvenPlanner::quick());
        $usual = (new DesignReader($catalogue, Showroom::ofTheHouse()))->usual($own, $unit);

        return $workshop->blueprint($usual->with(parameters: $values))->parts;
    }

    /**
     * @param array<string, Part> $parts
     * @return list<string> sizes, scores and how many, in order
     */
    private function told(array $parts): array
    {
        $told = [];
        foreach ($parts as $part) {
            $told[] = sprintf('%d × %d, %d scores, %d', $part->size->width->ticks, $part->size->height->ticks, count($part->creases), $part->quantity);
        }
        sort($told);

        return $told;
    }

    private function drawn(
        Structure $house,
        OwnStructure $own,
        string $parameter,
        string $measure,
        Unit $unit,
        \Random\Randomizer $chance,
        int $steps,
    ): Length|int {
        $of = static fn (Structure $structure, string $key): Parameter => array_values(
            array_filter($structure->parameters(), static fn (Parameter $each): bool => $each->key === $key),
        )[0];
        $there = $of($house, $parameter);
        $here = $of($own, str_replace(' ', '-', $measure));
        if (is_int($there->minimum) && is_int($there->maximum)) {
            return $chance->getInt((int) max($there->minimum, is_int($here->minimum) ? $here->minimum : 0), min($there->maximum, 4));
        }
        $usual = $there->default($unit);
        $step = ($unit === Unit::Inch ? Length::inches(0, 1, 16) : Length::millimetres(1))->times($steps);
        $most = $steps > 1 ? 4 : 24;
        $length = $usual instanceof Length ? $step->times($usual->holds($step) + $chance->getInt(-$most, $most)) : Length::inches(4);

        return $here->takes($length) && $there->takes($length) ? $length : ($usual instanceof Length ? $usual : Length::inches(4));
    }

    private function own(): OwnStructure
    {
        return OwnStructure::of('Gate', 'Two doors that meet in the middle.', Skill::First, Unit::Inch, self::MEASURES, self::TEXTS);
    }
}
