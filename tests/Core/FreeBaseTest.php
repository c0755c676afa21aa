<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Blueprint\Fold;
use Ephemeron\Blueprint\Thing;
use Ephemeron\Format\DesignReader;
use Ephemeron\Format\DesignWriter;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Workshop;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FreeBaseTest extends TestCase
{
    use Designs;
    use Pieces;

    private const FOUR_FLAPS = [
        'columns' => '1 1/2 + 1/2 + 8 + 1/4 + 1 3/4',
        'rows' => '1 1/2 + 1/2 + 8 + 1/2 + 1 1/2',
        'cut-away' => '1-1..2-2, 4-1..5-2, 1-4..2-5, 4-4..5-5',
        'pieces' => "Square of a fold-out: 8 × 8; 2 pieces\nSquare with a tab: 8 + 1/2 x 8; 2 pieces; on Square of a fold-out 1-1 back\n"
            ."Bottom flap: 8 × 8; on Base 3-5 back\nTop flap: 8 × 4; on Base 3-1 front",
    ];

    /** A listed structure, laid out by hand in the free base, gives the same blanks, scores and cut-out corners. */
    public function test_the_four_flap_folio_can_be_rebuilt(): void
    {
        $free = $this->plan('free-base', ['parameters' => self::FOUR_FLAPS]);
        $listed = $this->plan('four-flap-folio', ['parameters' => ['corners' => 'square'], 'mats' => ['layers' => 0], 'furniture' => []]);
        $this->assertEqualsCanonicalizing($this->pieces($listed), $this->pieces($free));
        $base = $free->blueprint->part('base');
        $this->assertEquals($listed->blueprint->part('base')->cutAways, $base->cutAways);
        $this->assertEquals($listed->blueprint->part('base')->creases, $base->creases);
        $this->assertSame($listed->sheets(), $free->sheets());
    }

    public function test_every_panel_that_is_left_is_a_face_on_both_sides(): void
    {
        $blueprint = $this->plan('free-base', ['parameters' => self::FOUR_FLAPS])->blueprint;
        $this->assertCount(
            18,
            array_filter(array_keys($blueprint->faces), static fn (string $key): bool => str_starts_with($key, 'base-')),
            '25 areas less 4 × 4, front and back',
        );
        $this->assertTrue($blueprint->face('base-3-3')->size->equals(Size::inches(8, 8)));
        $plan = $this->plan(
            'free-base',
            [
                'parameters' => self::FOUR_FLAPS,
                'furniture' => [
                    ['on' => 'base-3-3', 'kind' => 'pocket'],
                    ['on' => 'top-flap-1-1-back', 'kind' => 'magnets', 'parameters' => ['pairs' => 2]],
                ],
                'mats' => ['layers' => 1],
            ],
        );
        $this->assertCount(2, $plan->blueprint->all(Thing::class));
        $this->assertContains(
            '7¾ × 3¾ in',
            array_map(static fn ($part): string => $plan->notation()->size($part->size), array_values($plan->blueprint->parts)),
        );
    }

    public function test_mountains_and_tabs(): void
    {
        $part = $this->plan(
            'free-base',
            ['parameters' => ['columns' => '4 ^ 4 + 1/2*', 'rows' => '6', 'cut-away' => '']],
        )->blueprint->part('base');
        $this->assertSame([Fold::Mountain, Fold::Valley], array_map(static fn ($crease): Fold => $crease->fold, $part->creases));
        $this->assertTrue($part->glueZones[0]->area->left()->equals(Length::inches(8)));
    }

    private const LINES = "valley: 0 × 1 to 1 × 0\nmountain: 4 x 0 to 4 × 3 1/2\n"
        ."slit: 8 × 6 to 8 × 8\ncut away: 12 × 8 to 11 × 8 to 12 × 7";

    public function test_lines_of_ones_own_are_scored_slit_and_cut_away(): void
    {
        $part = $this->plan(
            'free-base',
            ['parameters' => ['columns' => '4 | 4 + 4', 'rows' => '8', 'cut-away' => '', 'lines' => self::LINES]],
        )->blueprint->part('base');
        $this->assertSame(
            [Fold::Valley, Fold::Valley, Fold::Mountain],
            array_map(static fn ($crease): Fold => $crease->fold, $part->creases),
            'the border without a score has none',
        );
        $this->assertTrue($part->creases[0]->at()->equals(Length::inches(8)));
        $this->assertNull($part->creases[1]->along(), 'slanted');
        $this->assertTrue($part->creases[2]->line->length()->equals(Length::inches(3, 1, 2)));
        $this->assertTrue($part->slits[0]->line->length()->equals(Length::inches(2)));
        $this->assertCount(3, $part->cutAways[0]->corners);
    }

    public function test_a_panel_of_which_nothing_is_left_is_no_face(): void
    {
        $blueprint = $this->plan(
            'free-base',
            ['parameters' => ['columns' => '4 + 4', 'rows' => '4', 'cut-away' => '',
                'lines' => 'cut away: 4 × 0 to 8 × 0 to 8 × 4 to 4 × 4']],
        )->blueprint;
        $this->assertSame(['base-1-1', 'base-1-1-back'], array_keys($blueprint->faces));
        $half = $this->plan(
            'free-base',
            ['parameters' => ['columns' => '4 + 4', 'rows' => '4', 'cut-away' => '', 'lines' => 'cut away: 4 × 0 to 8 × 0 to 8 × 4']],
        )->blueprint;
        $this->assertCount(4, $half->faces, 'of a triangle something is left');
    }

    public function test_a_layout_survives_a_change_of_unit(): void
    {
        $inches = $this->design('free-base', ['parameters' => [...self::FOUR_FLAPS, 'lines' => self::LINES]]);
        $file = [...DesignWriter::ofTheHouse()->toArray($inches), 'unit' => 'cm', 'grid' => '1 mm', 'grooves' => '1 mm'];
        $metric = DesignReader::ofTheHouse()->fromArray($file);
        $this->assertEquals(
            array_map(static fn ($part) => $part->size, Workshop::ofTheHouse()->blueprint($inches)->parts),
            array_map(static fn ($part) => $part->size, Workshop::ofTheHouse()->blueprint($metric)->parts),
        );
    }

    /** @return iterable<string, array{array<string, string>, string, string}> */
    public static function refused(): iterable
    {
        yield 'words' => [['columns' => 'four'], 'columns', 'Panels are lengths'];
        yield 'nothing' => [['columns' => ''], 'columns', 'Panels are lengths'];
        yield 'a panel of nothing' => [['rows' => '4 + 0'], 'rows', 'more than nothing'];
        yield 'an area outside' => [['cut-away' => '9-9'], 'cut-away', 'There is no area 9-9: there are 3 columns and 2 rows.'];
        yield 'everything away' => [['cut-away' => '1-1..3-2'], 'cut-away', 'Nothing would be left'];
        yield 'no cells' => [['cut-away' => 'corner'], 'cut-away', 'by column and row'];
        yield 'a piece without size' => [['pieces' => 'Flap'], 'pieces', 'A piece is a line such as'];
        yield 'a piece on nothing' => [['pieces' => 'Flap: 3 × 3; on Cover 1-1 front'], 'pieces', 'not the base and not a piece above it'];
        yield 'a piece on what is cut away' => [['pieces' => 'Flap: 3 × 3; on Base 1-2 front'], 'pieces', 'which is cut away'];
        yield 'a piece beside the base' => [['pieces' => 'Flap: 3 × 3; on Base 7-1 front'], 'pieces', 'There is no area 7-1'];
        yield 'two of a name' => [['pieces' => "Flap: 3 × 3\nflap: 2 × 2"], 'pieces', 'two pieces called'];
        yield 'a line of no kind' => [['lines' => 'tear: 1 × 1 to 2 × 2'], 'lines', 'not “tear: 1 × 1 to 2 × 2”'];
        yield 'a line to nowhere' => [['lines' => 'slit: 1 × 1'], 'lines', 'from one place to another'];
        yield 'a line of no length' => [['lines' => 'slit: 1 × 1 to 1 × 1'], 'lines', 'from one place to another'];
        yield 'a line of three places' => [['lines' => 'valley: 1 × 1 to 2 × 2 to 3 × 3'], 'lines', 'from one place to another'];
        yield 'two corners cut away' => [['lines' => 'cut away: 1 × 1 to 2 × 2'], 'lines', 'by its corners'];
        yield 'a cut-out of nothing' => [['lines' => 'cut away: 1 × 1 to 2 × 2 to 3 × 3'], 'lines', 'by its corners'];
        yield 'a cut-out of far too many corners' => [
            ['lines' => 'cut away: 0 × 0'.implode('', array_map(static fn (int $k): string => " to {$k}/10 × 1", range(1, 60)))],
            'lines',
            'by its corners',
        ];
        yield 'a place with one side' => [['lines' => 'slit: 1 to 2 × 2'], 'lines', 'from one place to another'];
        yield 'a place in words' => [['lines' => 'slit: left × top to 2 × 2'], 'lines', 'from one place to another'];
        yield 'a line that leaves the blank' => [['lines' => 'slit: 1 × 1 to 13 × 2'], 'lines', 'leaves the blank, which is 12 × 8 in'];
        yield 'all of it away by its corners' => [
            ['lines' => 'cut away: 0 × 0 to 12 × 0 to 12 × 8 to 0 × 8'],
            'lines',
            'Nothing would be left',
        ];
        yield 'a piece on what its corners take' => [
            ['lines' => 'cut away: 4 × 0 to 8 × 0 to 8 × 6 to 4 × 6', 'pieces' => 'Flap: 3 × 3; on Base 2-1 front'],
            'pieces',
            'which is cut away',
        ];
        yield 'far too many lines' => [['lines' => str_repeat("slit: 1 × 1 to 2 × 2\n", 401)], 'lines', '400 lines at the most'];
        yield 'far too large' => [['columns' => '40 + 40'], 'columns', '48 in'];
    }

    /** @param array<string, string> $parameters */
    #[DataProvider('refused')]
    public function test_what_cannot_be_read_is_said_beside_its_field(array $parameters, string $field, string $sentence): void
    {
        try {
            $this->design('free-base', ['parameters' => $parameters]);
            $this->fail('It was taken.');
        } catch (InvalidDesign $refusal) {
            $this->assertStringContainsString(
                $sentence,
                $refusal->errors["parameters.{$field}"] ?? implode(' ', array_keys($refusal->errors)),
            );
        }
    }
}
