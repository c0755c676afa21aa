<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Blueprint\Fold;
use Ephemeron\Design\Design;
use Ephemeron\Design\Values;
use Ephemeron\Folding\FlapsShut;
use Ephemeron\Format\DesignPatch;
use Ephemeron\Format\DesignReader;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\ToolGrid;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\Side;
use Ephemeron\Structure\BaseFlap;
use Ephemeron\Structure\BlankFlap;
use Ephemeron\Structure\DrawnBase;
use Ephemeron\Structure\FreeLineKind;
use Ephemeron\Structure\UnreadableLayout;
use Ephemeron\Workshop;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class DrawnBaseTest extends TestCase
{
    use Designs;

    public function test_scores_are_set_moved_turned_and_taken_away(): void
    {
        $base = $this->base('12', '12')->scored(Axis::Width, Length::inches(4), Fold::Valley)->mirrored(Axis::Width, 1);
        $this->assertSame('4 in + 4 in + 4 in', $base->changes()['parameters.columns']);
        $base = $base->moved(Axis::Width, 2, Length::inches(8, 1, 8))->folding(Axis::Width, 1, Fold::Mountain);
        $this->assertSame('4 in ^ 4 1/8 in + 3 7/8 in', $base->changes()['parameters.columns']);
        $this->assertSame('8 1/8 in + 3 7/8 in', $base->joined(Axis::Width, 1)->changes()['parameters.columns']);
        $this->assertSame('4 in ^ 4 1/8 in + 3 7/8 in*', $base->tabbed(Axis::Width, 3)->changes()['parameters.columns']);
        $this->assertSame('4 in ^ 4 1/8 in + 2 3/8 in', $base->inAll(Axis::Width, Length::inches(10, 1, 2))->changes()['parameters.columns']);
        $this->assertSame('6 in | 6 in', $this->base('12', '12')->scored(Axis::Height, Length::inches(6), null)->changes()['parameters.rows']);
    }

    #[TestWith([0])]
    #[TestWith([32])]
    #[TestWith([96])]
    #[TestWith([97])]
    public function test_no_score_lies_on_another_or_at_the_rim(int $eighths): void
    {
        $base = $this->base('4 + 8', '12');
        $this->assertCount(3, $base->scored(Axis::Width, Length::inches(0, 31, 8), Fold::Valley)->columns->lengths, 'a mark beside it does');
        $this->expectException(UnreadableLayout::class);
        $base->scored(Axis::Width, Length::inches(0, $eighths, 8), Fold::Valley);
    }

    #[TestWith([1, 64])]
    #[TestWith([1, 0])]
    #[TestWith([2, 32])]
    #[TestWith([2, 96])]
    #[TestWith([3, 90])]
    #[TestWith([0, 16])]
    public function test_a_score_does_not_pass_its_neighbours(int $score, int $eighths): void
    {
        $base = $this->base('4 + 4 + 4', '12');
        $this->assertSame('7 7/8 in', explode(' + ', $base->moved(Axis::Width, 1, Length::inches(7, 7, 8))->changes()['parameters.columns'])[0]);
        $this->expectException(UnreadableLayout::class);
        $base->moved(Axis::Width, $score, Length::inches(0, $eighths, 8));
    }

    public function test_what_is_cut_away_and_what_is_glued_on_stay_where_they_lie(): void
    {
        $base = $this->base('4 + 4 + 4', '6 + 6', '3-1, 1-2..2-2', "Flap: 3 × 3; on Base 3-2 front\nLow: 1 × 1; on Flap 1-1 front");
        $split = $base->scored(Axis::Width, Length::inches(6), Fold::Valley);
        $this->assertSame('4-1, 1-2..3-2', $split->changes()['parameters.cut-away']);
        $this->assertStringContainsString('on Base 4-2 front', $split->changes()['parameters.pieces']);
        $this->assertStringContainsString('on Flap 1-1 front', $split->changes()['parameters.pieces']);
        $this->assertSame($base->changes(), $split->joined(Axis::Width, 2)->changes(), 'and back');
        $down = $base->scored(Axis::Height, Length::inches(9), Fold::Valley);
        $this->assertSame('3-1, 1-2..2-3', $down->changes()['parameters.cut-away']);
    }

    public function test_a_press_snaps_to_halves_thirds_and_what_is_there_at_the_other_end(): void
    {
        $base = $this->base('3 + 9', '12');
        foreach (['5 7/8' => '6', '6 1/8' => '6', '6 3/16' => '6 3/16', '8 1/16' => '8', '9 1/8' => '9', '9 3/16' => '9 3/16', '1 1/33' => '1'] as $at => $is) {
            $meant = $base->meant(Axis::Width, Length::parse((string) $at), ToolGrid::Sixteenth);
            $this->assertTrue($meant->equals(Length::parse((string) $is)), "{$at} is meant as {$is}");
        }
    }

    /** Scores and rims, middles, halves, thirds, quarters, and what is used already from either side. */
    public function test_corners_snap_to_what_is_there_and_to_equal_parts(): void
    {
        $base = $this->base('2 + 10', '12')->lined(FreeLineKind::Slit, '2 × 0 to 2 × 1 1/2');
        $places = array_map(static fn (Length $at): string => (string) ($at->inMillimetres() / 25.4), $base->places(Axis::Width));
        $this->assertSame(['0', '1', '2', '3', '4', '6', '7', '8', '9', '10', '12'], $places);
        $marks = $base->marks(Axis::Width, ToolGrid::Sixteenth);
        $this->assertCount(12 * 16 + 1, $marks);
        $this->assertTrue($marks[0]->isZero() && $marks[1]->equals(Length::inches(0, 1, 16)) && $marks[192]->equals(Length::inches(12)));
        $down = $base->places(Axis::Height);
        foreach ([[1, 1, 2], [10, 1, 2], [4, 0, 1], [6, 0, 1], [9, 0, 1]] as [$whole, $part, $of]) {
            $this->assertNotSame([], array_filter($down, static fn (Length $at): bool => $at->equals(Length::inches($whole, $part, $of))), "{$whole} {$part}/{$of}");
        }
        $this->assertSame([], array_filter($down, static fn (Length $at): bool => $at->equals(Length::inches(5))), 'nothing puts a corner at 5');
    }

    /** A quarter of a step is no hair any more, and a third is a third: of 8 1/2 for one. */
    #[TestWith(['3 127/128', true])]
    #[TestWith(['4', false])]
    #[TestWith(['3 63/64', false])]
    #[TestWith(['4 1/65', true])]
    #[TestWith(['3 47/48', false])]
    #[TestWith(['4 1/32', false])]
    public function test_a_score_a_hair_off_a_mark_is_offered_the_mark(string $at, bool $isOff): void
    {
        $base = $this->base('12', '12')->scored(Axis::Width, Length::parse($at), Fold::Valley);
        $off = $base->offMarks(ToolGrid::Sixteenth);
        $this->assertCount($isOff ? 1 : 0, $off);
        $on = $base->onMarks(ToolGrid::Sixteenth);
        $this->assertSame([], $on->offMarks(ToolGrid::Sixteenth));
        $rest = $this->base('11 127/128', '12')->lined(FreeLineKind::Slit, '2 1/300 × 0 to 2 1/3 × 1 1/2')->onMarks(ToolGrid::Sixteenth);
        $this->assertSame('12 in', $rest->changes()['parameters.columns']);
        $this->assertSame('slit: 2 in × 0 in to 2 1/3 in × 1 1/2 in', $rest->changes()['parameters.lines']);
        $this->assertFalse($this->base('4 + 1/300 + 7', '12')->isOffMarks(ToolGrid::Sixteenth), 'two scores closer than that');
        $this->assertSame($isOff, $base->isOffMarks(ToolGrid::Sixteenth));
        $this->assertSame($isOff ? '4 in + 8 in' : $base->changes()['parameters.columns'], $on->changes()['parameters.columns']);
    }

    public function test_what_lies_on_a_face_goes_with_it(): void
    {
        $design = [
            'things' => ['base-2-1/flap-1' => ['on' => 'base-2-1', 'kind' => 'flap'], 'base-1-1/tag-1' => ['on' => 'base-1-1', 'kind' => 'tag']],
            'mats' => ['faces' => ['base-1-1' => ['layers' => 2], 'base-2-1' => ['layers' => 1], 'base-2-1-back' => ['layers' => 0], 'base-3-1' => ['layers' => 3]]],
            'choices' => ['base-2-1/mat-1' => ['paper' => 'x'], 'base-2-1/flap-1/front/mat-1' => ['paper' => 'y']],
        ];
        $split = $this->base('4 + 4 + 4', '12')->scored(Axis::Width, Length::inches(2), Fold::Valley)->changes($design);
        $this->assertSame('base-3-1', $split['things.base-2-1/flap-1.on']);
        $this->assertArrayNotHasKey('things.base-1-1/tag-1.on', $split);
        $after = (new DesignPatch($split))->applyTo($design);
        $this->assertEquals(
            ['base-1-1' => ['layers' => 2], 'base-3-1' => ['layers' => 1], 'base-3-1-back' => ['layers' => 0], 'base-4-1' => ['layers' => 3]],
            $after['mats']['faces'] ?? [],
        );
        $this->assertEquals(['base-3-1/mat-1' => ['paper' => 'x'], 'base-2-1/flap-1/front/mat-1' => ['paper' => 'y']], $after['choices'] ?? []);
        // Of two that become one the first keeps what it has.
        $joined = (new DesignPatch($this->base('4 + 4 + 4', '12')->joined(Axis::Width, 1)->changes($design)))->applyTo($design);
        $this->assertEquals(['base-1-1' => ['layers' => 2], 'base-1-1-back' => ['layers' => 0], 'base-2-1' => ['layers' => 3]], $joined['mats']['faces'] ?? []);
        $this->assertSame('base-1-1', $joined['things']['base-2-1/flap-1']['on'] ?? '');
    }

    /** Each edge, from each side: pressed in the drawing, it lies beyond that edge of the blank, where it was pressed. */
    public function test_a_piece_glued_to_an_edge_lies_beyond_it(): void
    {
        foreach ([Side::A, Side::B] as $side) {
            foreach (Edge::cases() as $edge) {
                [$base, $flap] = $this->flap(new BaseFlap(2, 1, $edge, $side, Length::inches(3), Length::inches(2), Length::inches(0, 1, 2), Length::inches(0, 3, 4), 2));
                $said = "{$edge->value} {$side->value}";
                $this->assertSame([2, 1, $side, $edge], [$flap->column, $flap->row, $flap->side, $flap->edge], $said);
                $area = $base->area(2, 1);
                $this->assertSame($edge, $this->beyond($flap->open, $area), $said);
                $this->assertTrue($area->contains($flap->shut) && $area->contains($flap->tab ?? $flap->open), $said);
                $this->assertTrue($flap->along($base)->equals(Length::inches(0, 1, 2)), "{$said} along {$flap->along($base)->inMillimetres()}");
                $this->assertSame('3/4 in', Notation::usual(Unit::Inch)->exact($flap->tab?->size()->shortSide() ?? Length::zero()), 'its tab');
                // Two pairs: two discs on the panel that is open, and where they come to lie.
                $this->assertCount(4, $flap->discs);
                // A quarter from either end of the free edge, ⅝ in and half a disc from it.
                $along = static fn (int $number): Length => $edge->isUpright()
                    ? $flap->discs[$number]->y->minus($flap->open->top()) : $flap->discs[$number]->x->minus($flap->open->left());
                $this->assertTrue($along(0)->equals(Length::inches(0, 1, 2)) && $along(1)->equals(Length::inches(1, 1, 2)), "{$said}: in quarters");
                foreach ($flap->discs as $number => $disc) {
                    $this->assertTrue(($number < 2 ? $flap->open : $flap->shut)->contains(Rectangle::at($disc->x, $disc->y, new Size(Length::zero(), Length::zero()))));
                    $hinge = $area->middleOf($edge);
                    $mirror = $flap->discs[($number + 2) % 4];
                    $this->assertTrue($edge->isUpright()
                        ? $disc->y->equals($mirror->y) && $disc->x->plus($mirror->x)->equals($hinge->x->times(2))
                        : $disc->x->equals($mirror->x) && $disc->y->plus($mirror->y)->equals($hinge->y->times(2)), "{$said}: the pair meets");
                }
            }
        }
    }

    /** @param int $sixteenths to be slid to, and where it then lies: not past the end of its edge */
    #[TestWith([0, 0])]
    #[TestWith([8, 8])]
    #[TestWith([32, 32])]
    #[TestWith([33, 32])]
    public function test_a_flap_slides_along_its_edge(int $sixteenths, int $lies): void
    {
        foreach ([Side::A, Side::B] as $side) {
            [$base, $flap, $design] = $this->flap(new BaseFlap(2, 1, Edge::Top, $side, Length::inches(3), Length::inches(2)));
            $this->assertTrue($flap->along($base)->equals(Length::inches(1)), 'in the middle of 4 in');
            $along = Notation::usual(Unit::Inch)->exact($flap->slidTo(Length::inches(0, $sixteenths, 16), $base));
            $slid = Workshop::ofTheHouse()->plan(DesignReader::ofTheHouse()->changed($design, ["{$flap->thing->place}.parameters.along" => $along]));
            $this->assertTrue(BlankFlap::all($slid->blueprint, $base)[0]->along($base)->equals(Length::inches(0, $lies, 16)), "side {$side->value}");
        }
    }

    public function test_the_same_flap_from_the_other_end(): void
    {
        foreach ([[1, Edge::Left, 3, Edge::Right], [2, Edge::Top, 2, Edge::Bottom], [3, Edge::Left, 1, Edge::Right]] as [$column, $edge, $other, $opposite]) {
            foreach ([Side::A, Side::B] as $side) {
                [$base, $flap] = $this->flap(new BaseFlap($column, 1, $edge, $side, Length::inches(3), Length::inches(2), Length::inches(1, 1, 4), Length::inches(1), 1));
                $mirrored = $flap->fromTheOtherEnd($base);
                $this->assertSame([$other, 1, $opposite, $side, 1], [$mirrored->column, $mirrored->row, $mirrored->edge, $mirrored->side, $mirrored->magnets]);
                [, $seen] = $this->flap($mirrored);
                $this->assertEquals($flap->open->size(), $seen->open->size());
                $this->assertTrue($seen->along($base)->equals(Length::inches(1, 1, 4)));
                // Twice from the other end it is itself.
                $this->assertEquals($flap->open, $this->flap($seen->fromTheOtherEnd($base))[1]->open);
            }
        }
    }

    /** Thirds that fold over each other, 3 over 2 and 1 over both: what is in front comes inside, and of the backs only those between. */
    public function test_flaps_that_come_inside_are_shut_before_it_folds(): void
    {
        $design = $this->design('free-base', ['parameters' => ['columns' => '4 + 4 + 4', 'rows' => '12', 'cut-away' => '']]);
        $base = DrawnBase::of($design->parameters, Unit::Inch);
        foreach ([1, 2, 3] as $column) {
            foreach ([Side::A, Side::B] as $side) {
                $flap = new BaseFlap($column, 1, Edge::Top, $side, Length::inches(3));
                $design = DesignReader::ofTheHouse()->changed($design, $flap->changes($base, $design->things, [], Notation::usual(Unit::Inch)));
            }
        }
        $plan = Workshop::ofTheHouse()->plan($design);
        $flaps = BlankFlap::all($plan->blueprint, $base);
        $this->assertCount(6, $flaps);
        $folded = $plan->scenes()->foldedSheet($plan->blueprint->part('base'));
        $shut = FlapsShut::of($folded, $flaps);
        $called = static fn (BlankFlap $flap): string => $flap->column.($flap->side === Side::A ? ' front' : ' back');
        $outside = array_map($called, $shut->last);
        $this->assertCount(2, $outside, 'a folded sheet has two outsides');
        $this->assertSame([], array_filter($outside, static fn (string $one): bool => str_contains($one, 'front')), 'two valleys: every front is inside');
        $this->assertCount(4, $shut->first);
        // A sheet that does not fold has nothing inside.
        [$flat, $only, $design] = $this->flap(new BaseFlap(2, 1, Edge::Top, Side::A, Length::inches(3)));
        $none = $plan->scenes()->foldedSheet(Workshop::ofTheHouse()->plan(DesignReader::ofTheHouse()->changed($design, ['parameters.columns' => '4 | 4 | 4']))->blueprint->part('base'));
        $this->assertSame([$only], FlapsShut::of($none, [$only])->last);
    }

    /** @return array{DrawnBase, BlankFlap, Design} */
    private function flap(BaseFlap $flap): array
    {
        $design = $this->design('free-base', ['parameters' => ['columns' => '4 + 4 + 4', 'rows' => '12', 'cut-away' => '']]);
        $base = DrawnBase::of($design->parameters, Unit::Inch);
        $design = DesignReader::ofTheHouse()->changed($design, $flap->changes($base, $design->things, [], Notation::usual(Unit::Inch)));
        $flaps = BlankFlap::all(Workshop::ofTheHouse()->plan($design)->blueprint, $base);
        $this->assertCount(1, $flaps);

        return [$base, $flaps[0], $design];
    }

    private function beyond(Rectangle $panel, Rectangle $area): ?Edge
    {
        return match (true) {
            $panel->right()->equals($area->left()) => Edge::Left,
            $panel->left()->equals($area->right()) => Edge::Right,
            $panel->bottom()->equals($area->top()) => Edge::Top,
            $panel->top()->equals($area->bottom()) => Edge::Bottom,
            default => null,
        };
    }

    public function test_areas_are_cut_away_and_come_back(): void
    {
        $base = $this->base('4 + 4 + 4', '6 + 6', '1-1..2-2');
        $this->assertSame('1-1..2-2, 3-1', $base->cut(3, 1)->changes()['parameters.cut-away']);
        $this->assertSame('1-1, 2-1, 1-2', $base->cut(2, 2)->changes()['parameters.cut-away']);
        $this->assertSame('', $this->base('4 + 4', '6', '1-1')->cut(1, 1)->changes()['parameters.cut-away']);
    }

    /** What is cut away by its corners and covers an area takes it; what leaves some of it does not. */
    public function test_areas_that_are_left(): void
    {
        $base = $this->base('4 + 8', '6 + 6', '2-2');
        $this->assertSame(['1-1', '2-1', '1-2'], $base->areas());
        $this->assertSame(['1-1', '2-1'], $base->lined(FreeLineKind::CutAway, '0 × 6 to 4 × 6 to 4 × 12 to 0 × 12')->areas());
        $this->assertSame(['1-1', '2-1', '1-2'], $base->lined(FreeLineKind::CutAway, '0 × 6 to 4 × 12 to 0 × 12')->areas());
    }

    public function test_slanted_lines_and_slits_come_and_go(): void
    {
        $base = $this->base('4 + 8', '12')->lined(FreeLineKind::Slit, '2 × 0 to 2 × 1 1/2')->lined(FreeLineKind::CutAway, '0 × 0 to 1 × 0 to 0 × 1');
        $this->assertSame(
            "slit: 2 in × 0 in to 2 in × 1 1/2 in\ncut away: 0 in × 0 in to 1 in × 0 in to 0 in × 1 in",
            $base->changes()['parameters.lines'],
        );
        $this->assertStringStartsWith('cut away', $base->unlined(1)->changes()['parameters.lines']);
        $this->expectException(UnreadableLayout::class);
        $base->lined(FreeLineKind::Valley, '2 × 0 to 2 × 0');
    }

    public function test_a_piece_is_glued_onto_an_area(): void
    {
        $base = $this->base('4 + 8', '12')->glued('Flap', new Size(Length::inches(4), Length::inches(8)), 2, 1, Side::B);
        $this->assertSame('Flap: 4 in × 8 in; on Base 2-1 back', $base->changes()['parameters.pieces']);
        $this->expectException(UnreadableLayout::class);
        $base->glued('flap', new Size(Length::inches(4), Length::inches(8)), 2, 1, Side::A);
    }

    /** Any changes drawn by lot: the blank stays as large as it was, and what is written reads the same. */
    public function test_scores_drawn_by_lot_never_change_the_blank(): void
    {
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937(21));
        $base = $this->base('12', '9');
        $taken = 0;
        for ($round = 0; $round < 400; $round++) {
            $along = $chance->getInt(0, 1) === 0 ? Axis::Width : Axis::Height;
            $at = Length::inches(0, $chance->getInt(-2, 200), 16);
            $score = $chance->getInt(0, 5);
            try {
                $base = match ($chance->getInt(0, 3)) {
                    0 => $base->scored($along, $at, Fold::Valley),
                    1 => $base->moved($along, $score, $at),
                    2 => $base->joined($along, $score),
                    default => $base->folding($along, $score, Fold::Mountain),
                };
                $taken++;
            } catch (UnreadableLayout) {
                continue;
            }
            $this->assertTrue($base->columns->total()->equals(Length::inches(12)) && $base->rows->total()->equals(Length::inches(9)));
            $texts = $base->changes();
            $again = $this->base($texts['parameters.columns'], $texts['parameters.rows'], $texts['parameters.cut-away'], $texts['parameters.pieces']);
            $this->assertSame($texts, $again->changes());
        }
        $this->assertGreaterThan(100, $taken);
    }

    private function base(string $columns, string $rows, string $cutAway = '', string $pieces = ''): DrawnBase
    {
        return DrawnBase::of(new Values(compact('columns', 'rows', 'pieces') + ['cut-away' => $cutAway, 'lines' => '']), Unit::Inch);
    }
}
