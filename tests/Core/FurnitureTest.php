<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Mount;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Geometry\Edge;
use Ephemeron\Paper\StockRole;
use Ephemeron\WorkPlan;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Pockets and photo mats on the 5 × 8½ faces of an album: common practice, no published source. */
final class FurnitureTest extends TestCase
{
    use Designs;

    public function test_a_pocket_sits_a_hairline_above_the_foot_in_the_middle(): void
    {
        $plan = $this->furnished(['on' => 'page-1', 'kind' => 'pocket']);
        $area = $this->thing($plan, 'page-1', Layer::Pocket)->area;
        $this->assertSame('4⅞ × 3⅞ in', $plan->notation()->size($area->size()));
        $this->assertSame(
            ['1⁄16 in', '1⁄16 in'],
            [
                $plan->notation()->text($area->left()),
                $plan->notation()->text($plan->blueprint->face('page-1')->size->height->minus($area->bottom())),
            ],
        );
    }

    public function test_measures_and_place_as_the_maker_says(): void
    {
        $plan = $this->furnished(
            ['on' => 'page-2', 'kind' => 'pocket', 'parameters' => ['width' => '3', 'depth' => '2 1/2', 'across' => '1/2', 'up' => '1']],
        );
        $area = $this->thing($plan, 'page-2', Layer::Pocket)->area;
        $this->assertSame('3 × 2½ in', $plan->notation()->size($area->size()));
        // 8½ − 1 − 2½ from the top
        $this->assertSame(['½ in', '5 in'], [$plan->notation()->text($area->left()), $plan->notation()->text($area->top())]);
    }

    #[TestWith(['page-1', 'outward', Edge::Left])]
    #[TestWith(['page-2', 'outward', Edge::Right])]
    #[TestWith(['page-2', 'left', Edge::Left])]
    public function test_a_side_load_pocket_opens_away_from_the_hinge_unless_told(string $page, string $opens, Edge $opening): void
    {
        $plan = $this->furnished(['on' => $page, 'kind' => 'pocket', 'parameters' => ['style' => 'side-load', 'opens' => $opens]]);
        $pouch = $plan->blueprint->get(Pouch::class, "{$page}/pocket-1");
        $this->assertSame($opening, $pouch->opening);
        $this->assertNotContains($opening, $pouch->glued);
        $this->assertCount(3, $pouch->glued);
        $part = $plan->blueprint->part("{$page}/pocket-1");
        $this->assertSame($opening, $part->notches[0]->edge);
        $this->assertCount(3, $part->glueZones);
        foreach ($part->glueZones as $zone) {
            $this->assertSame(Adhesive::WetGlue, $zone->adhesive);
        }
    }

    public function test_the_short_pocket_of_a_double_one_is_glued_to_the_tall_one(): void
    {
        $plan = $this->furnished(
            ['on' => 'page-1', 'kind' => 'pocket', 'parameters' => ['style' => 'double', 'depth' => '5', 'short-depth' => '2 1/4']],
        );
        $short = $this->thing($plan, 'page-1/pocket-1/front', Layer::Pocket);
        $this->assertSame('4⅞ × 2¼ in', $plan->notation()->size($short->area->size()));
        $this->assertSame('5 in', $plan->notation()->text($short->area->bottom()), 'feet level');
        $this->assertSame('page-1/pocket-1', $short->onto->part);
        $this->assertSame('short-on-tall', $short->task);
        $steps = array_map(static fn ($step): string => $step->key, $plan->steps);
        $this->assertSame(
            ['short-on-tall', 'pockets-top'],
            array_values(array_intersect($steps, ['short-on-tall', 'pockets-top'])),
            'while the tall one lies flat',
        );
        // A card in the short one may stand up to the top of the page, as in the tall one.
        $this->assertTrue(
            $plan->blueprint->get(Pouch::class, 'page-1/pocket-1/short')->reach->equals(
                $plan->blueprint->get(Pouch::class, 'page-1/pocket-1')->reach,
            ),
        );
    }

    public function test_a_photo_mat_sits_on_the_front_of_a_pocket(): void
    {
        $plan = $this->furnished(
            [
                'on' => 'page-1',
                'kind' => 'pocket',
                'parameters' => ['depth' => '5'],
                'children' => [['kind' => 'photo-mat', 'parameters' => ['photo' => '3x4', 'lies' => 'sideways']]],
            ],
        );
        $mat = $this->thing($plan, 'page-1/pocket-1/front', Layer::Photo);
        $this->assertSame('4¼ × 3¼ in', $plan->notation()->size($mat->area->size()));
        $this->assertSame('page-1/pocket-1/front', $plan->blueprint->all(Mount::class)[0]->face);
        $this->assertSame([], $this->kinds($plan));
    }

    public function test_things_go_on_in_the_order_in_which_they_cover_each_other(): void
    {
        $plan = $this->furnished(['on' => 'page-1', 'kind' => 'pocket']);
        $this->assertSame(
            [Layer::Mat, Layer::Mat, Layer::Pocket],
            array_map(static fn (Joint $joint): Layer => $joint->layer, $plan->blueprint->on('page-1')),
        );
    }

    public function test_equal_pieces_of_one_section_are_one_part_with_a_count(): void
    {
        $plan = $this->furnished(
            ['on' => 'page-1', 'kind' => 'pocket'],
            ['on' => 'page-4', 'kind' => 'pocket'],
            ['on' => 'page-6', 'kind' => 'pocket', 'parameters' => ['depth' => '2']],
            ['on' => 'page-7', 'kind' => 'pocket', 'parameters' => ['notched' => 'no']],
        );
        $pockets = $plan->blueprint->sections()['Pockets'];
        $this->assertSame([2, 1, 1], array_map(static fn ($part): int => $part->quantity, $pockets));
        $this->assertSame(['Page 1', 'Page 4'], $pockets[0]->places);
        $this->assertSame([], $pockets[2]->notches);
    }

    public function test_letters_run_through_the_sections(): void
    {
        $plan = $this->plan('nested-gusset-album', ['parameters' => ['sheets' => 20, 'step' => '1/8', 'tape-width' => '1/8']]);
        $letters = array_map(static fn ($part): string => $part->letter, array_values($plan->blueprint->parts));
        $this->assertSame(['A', 'B', 'C'], array_slice($letters, 0, 3));
        $this->assertContains('AA', $letters);
        $this->assertSame($letters, array_unique($letters));
    }

    public function test_roles_that_share_a_paper_are_cut_from_one_pile(): void
    {
        $same = ['name' => 'Dew point', 'sheet' => '12x12', 'weight' => '160 g', 'sides' => 'double'];
        $plan = $this->plan(
            'nested-gusset-album',
            ['materials' => ['mat-base' => $same, 'mat-top' => $same, 'pocket-paper' => ['weight' => '170 g'] + $same]],
        );
        $piles = array_map(static fn ($stock): array => $stock->roles, $plan->stocks);
        $this->assertContains([StockRole::MatBase->value, StockRole::MatTop->value], $piles);
        $this->assertContains([StockRole::PocketPaper->value], $piles);
    }

    /** @param array<string, mixed> ...$things */
    private function furnished(array ...$things): WorkPlan
    {
        return $this->plan('nested-gusset-album', ['furniture' => $things]);
    }

    private function thing(WorkPlan $plan, string $face, Layer $layer): Joint
    {
        foreach ($plan->blueprint->on($face) as $joint) {
            if ($joint->layer === $layer) {
                return $joint;
            }
        }
        $this->fail("There is no {$layer->value} on {$face}.");
    }
}
