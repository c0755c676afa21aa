<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Blueprint\Joint;
use Ephemeron\Cutting\Demand;
use Ephemeron\Fit\StockPlan;
use Ephemeron\Format\DesignReader;
use Ephemeron\Format\DesignWriter;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Measure\Axis;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\StockRole;
use Ephemeron\WorkPlan;
use Ephemeron\Workshop;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class GrainAndFacingPagesTest extends TestCase
{
    /** The album's leaf, 11 × 8½, has one fold along its height and gusset scores beside it. */
    #[DataProvider('grains')]
    public function test_pieces_that_fold_are_laid_along_the_grain(string $grain, bool $turnable, bool $turned): void
    {
        $plan = $this->plan(['materials' => ['structure-card' => ['sheet' => '12x12', 'grain' => $grain]]]);
        $folded = array_values(
            array_filter(
                $plan->blueprint->parts,
                static fn ($part): bool => $part->role === StockRole::StructureCard && $part->foldsAlong() === Axis::Height,
            ),
        )[0];
        $demand = $this->demand($plan, $folded->letter);

        $this->assertSame($turnable, $demand->turnable);
        $this->assertTrue(($turned ? $folded->size->turned() : $folded->size)->equals($demand->size));
    }

    /** @return iterable<string, array{string, bool, bool}> */
    public static function grains(): iterable
    {
        yield 'nobody knows' => ['unknown', true, false];
        yield 'along the height' => ['long', false, false];
        yield 'along the width' => ['short', false, true];
    }

    public function test_a_print_that_must_stand_upright_wins_over_the_grain_and_that_is_said(): void
    {
        $plan = $this->plan(['materials' => ['structure-card' => ['sheet' => '12x12', 'grain' => 'short', 'direction' => 'both']]]);

        $this->assertContains('folds-across-the-grain', array_column($plan->report->findings, 'kind'));
        $this->assertNotContains(
            'folds-across-the-grain',
            array_column(
                $this->plan(['materials' => ['structure-card' => ['sheet' => '12x12', 'grain' => 'short']]])->report->findings,
                'kind',
            ),
        );
    }

    public function test_a_piece_too_long_for_the_sheet_the_other_way_is_cut_across_the_grain_and_that_is_said(): void
    {
        $plan = $this->plan(['materials' => ['structure-card' => ['sheet' => '11x8.5', 'grain' => 'short']]]);
        $this->assertContains('folds-across-the-grain', array_column($plan->report->findings, 'kind'));
        $this->assertSame(
            [],
            array_merge(...array_map(static fn (StockPlan $stock): array => $stock->cuts->missing, $plan->stocks)),
            'It is cut all the same.',
        );
    }

    public function test_facing_pages_never_show_the_same_side_or_paper(): void
    {
        foreach (['sides', 'papers'] as $alternate) {
            $plan = $this->plan(['mats' => ['layers' => 1, 'alternate' => $alternate]]);
            $seen = [];
            foreach ($plan->blueprint->all(Joint::class) as $joint) {
                if ($joint->task === 'mat-pages' && $joint->face !== null) {
                    $part = $plan->blueprint->part($joint->from->part);
                    $seen[$joint->face] = [$part->role, $part->shows];
                    $this->assertSame($part->shows->other(), $joint->from->side, 'The glue goes on the side that is not seen.');
                }
            }
            foreach ($plan->blueprint->openings() as $left => $right) {
                if (isset($seen[$left], $seen[$right])) {
                    $this->assertNotSame($seen[$left], $seen[$right], "{$left} faces {$right}.");
                }
            }
            $this->assertContains(
                $alternate === 'sides' ? Side::B : StockRole::MatOther,
                array_column($seen, $alternate === 'sides' ? 1 : 0),
            );
        }
    }

    public function test_grain_price_alternation_and_pins_are_written_and_read_back(): void
    {
        $design = $this->design(
            [
                'mats' => ['alternate' => 'papers'],
                'materials' => ['structure-card' => ['grain' => 'short', 'price' => '0,85']],
                'pins' => [['part' => 'cover-1', 'sheet' => 2, 'left' => '1 1/2', 'top' => '3/4', 'turned' => true]],
            ],
        );
        $again = DesignReader::ofTheHouse()->fromJson(DesignWriter::ofTheHouse()->toJson($design));

        $this->assertEquals($design, $again);
        $this->assertSame(850, $again->materials['structure-card']->price->mills);
    }

    public function test_what_is_no_price_grain_or_pin_is_complained_about_by_its_place(): void
    {
        try {
            $this->design(
                [
                    'mats' => ['alternate' => 'now and then'],
                    'materials' => ['structure-card' => ['grain' => 'oblique', 'price' => 'dear']],
                    'pins' => [['part' => 'x', 'left' => '-1'], 'y'],
                ],
            );
            $this->fail('Nothing was complained about.');
        } catch (InvalidDesign $complaint) {
            foreach ([
                'mats.alternate',
                'materials.structure-card.grain',
                'materials.structure-card.price',
                'pins.0.left',
                'pins.1',
            ] as $place) {
                $this->assertArrayHasKey($place, $complaint->errors);
            }
        }
    }

    public function test_a_pin_whose_piece_is_gone_is_said_and_taken_out_with_one_press(): void
    {
        $findings = array_values(
            array_filter(
                $this->plan(['pins' => [['part' => 'no-such-piece']]])->report->findings,
                static fn ($finding): bool => $finding->kind === 'pin-without-piece',
            ),
        );

        $this->assertSame(['pins.0' => null], $findings[0]->mend?->changes);
    }

    /** @param array<string, mixed> $more */
    private function design(array $more): \Ephemeron\Design\Design
    {
        return DesignReader::ofTheHouse()->fromArray(
            ['format' => DesignReader::FORMAT, 'version' => DesignReader::VERSION, 'structure' => 'nested-gusset-album', ...$more],
        );
    }

    /** @param array<string, mixed> $more */
    private function plan(array $more): WorkPlan
    {
        return Workshop::ofTheHouse()->plan($this->design($more));
    }

    private function demand(WorkPlan $plan, string $letter): Demand
    {
        foreach (array_merge(...array_map(static fn (StockPlan $stock): array => $stock->demands, $plan->stocks)) as $demand) {
            if ($demand->key === $letter) {
                return $demand;
            }
        }
        $this->fail("There is no {$letter}.");
    }
}
