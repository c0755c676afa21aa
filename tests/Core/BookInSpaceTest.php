<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Assembly\Uprights;
use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Lie;
use Ephemeron\Folding\PosedLeaf;
use Ephemeron\Folding\SceneBuilder;
use Ephemeron\Folding\ScenePose;
use Ephemeron\Geometry\Edge;
use Ephemeron\Structure\Catalogue;
use Ephemeron\WorkPlan;
use Ephemeron\Workshop;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Pieces joined to each other lie where hands put them, and as their faces say. */
final class BookInSpaceTest extends TestCase
{
    use AnyDesign;
    use Designs;

    /** @return iterable<string, array{string}> */
    public static function structures(): iterable
    {
        foreach (Catalogue::ofTheHouse()->keys() as $key) {
            yield $key => [$key];
        }
    }

    /** Geometry: what is glued covers its place, and the middle of the place is on what it is glued to. */
    #[DataProvider('structures')]
    public function test_every_joint_has_its_place_on_what_it_is_put_on(string $structure): void
    {
        $joints = 0;
        for ($seed = 1; $seed <= 8; $seed++) {
            mt_srand($seed);
            $blueprint = Workshop::ofTheHouse()->blueprint($seed === 1 ? $this->design($structure) : $this->buildable($structure));
            foreach ($blueprint->all(Joint::class) as $joint) {
                if ($joint->face === null) {
                    $joints++;
                    $this->fits($blueprint, $joint, "{$structure}, seed {$seed}: {$joint->task}, {$joint->from->part}");
                }
            }
        }
        $this->assertTrue($joints > 0 || in_array($structure, ['waterfall-wallet', 'sewn-journal', 'free-base'], true));
    }

    private function fits(Blueprint $blueprint, Joint $joint, string $where): void
    {
        $onto = $blueprint->part($joint->onto->part)->panel($joint->onto->panel)->area->size();
        $from = $blueprint->part($joint->from->part)->panel($joint->from->panel)->area->size();
        $area = $joint->area;
        $turned = $joint->towards !== null && $joint->by?->isUpright() !== $joint->towards->isUpright();
        [$width, $height] = $turned ? [$from->height, $from->width] : [$from->width, $from->height];
        $this->assertTrue(
            $joint->from->part === $joint->onto->part || ($width->isAtLeast($area->width()) && $height->isAtLeast($area->height())),
            "{$where} is as large as its place",
        );
        foreach ([[$area->left(), $area->right(), $onto->width], [$area->top(), $area->bottom(), $onto->height]] as [$begin, $end, $all]) {
            $middle = ($begin->ticks + $end->ticks) / 2;
            $this->assertTrue($middle >= 0 && $middle <= $all->ticks, "{$where} lies on what it is put on");
        }
    }

    /** A leaf's own spine edge is the one that looks at the channel of its fin; pages 1 and 2 are the two sides of the first leaf. */
    #[TestWith(['mitred-tab-album', 'fins-3'])]
    #[TestWith(['z-page-album', 'fins-3'])]
    #[TestWith(['pocket-flip-book', 'fins-3'])]
    #[TestWith(['nested-gusset-album', 'sheet-4'])]
    #[TestWith(['tab-spine-album', 'sheet-1'])]
    public function test_pages_turn_on_the_spine(string $structure, string $root): void
    {
        $plan = $this->plan($structure);
        $leaves = $this->leaves($plan);
        $xs = array_merge(...array_map(static fn (PosedLeaf $leaf): array => array_column($leaf->outline(), 0), $this->glued($plan)->leaves));
        $turned = 0;
        foreach ($plan->blueprint->pages() as $face) {
            $there = $leaves["{$face->paper->part}/{$face->paper->panel}"] ?? [];
            // What hangs on by a fold of its own has its edge at the spine only when that is folded.
            $there = array_filter($there, static fn (PosedLeaf $leaf): bool => $leaf->node->glued !== null || $leaf->node->hinge === null
                || $leaf->node->part->key !== 'page' && ! str_starts_with($leaf->node->part->key, 'pocket'));
            foreach ($face->hinge === null || $face->isCover() ? [] : $there as $leaf) {
                [$x] = $this->outward($leaf, $face);
                $middle = array_sum(array_column($leaf->outline(), 0)) / count($leaf->outline());
                $this->assertSame($middle < (min($xs) + max($xs)) / 2 ? 1 : -1, (int) round($x), "{$structure}, {$face->name}");
                $turned++;
            }
        }
        $this->assertGreaterThan(6, $turned);
        $this->assertSame($root, $plan->scenes()->scene(SceneBuilder::BOOK)?->root->part->key);
    }

    /** Turned wrongly by hand: the table sees it. */
    public function test_a_piece_that_is_turned_is_found(): void
    {
        $blueprint = $this->plan('four-flap-folio')->blueprint;
        $this->assertSame([], $this->fallen($blueprint, $blueprint->faces));
        $turned = array_map(static fn (Face $face): Face => $face->key !== 'back-cover' ? $face : new Face(
            $face->key,
            $face->name,
            $face->size,
            $face->paper,
            $face->order,
            $face->hinge,
            Lie::UpsideDown,
        ), $blueprint->faces);
        $this->assertSame(['The print of back cover is said to lie upside down, and does not.'], $this->fallen($blueprint, $turned));
    }

    /** The L of the clutch lies on its side on its sheet: its print does too, and what folds out of it the other way. */
    public function test_prints_of_a_sheet_on_its_side(): void
    {
        $faces = $this->plan('tag-clutch')->blueprint->faces;
        $this->assertSame(Lie::HeadRight, $faces['page-4']->lie);
        $this->assertSame(Lie::HeadLeft, $faces['page-4/folded-pocket/front']->lie);
    }

    /** Common practice, no published source: what is turned up from the foot of a sheet stands on its head. */
    public function test_what_is_turned_up_stands_on_its_head(): void
    {
        $faces = $this->plan('five-pocket-folio')->blueprint->faces;
        $this->assertSame(Lie::UpsideDown, $faces['page-1/fold-up-pocket/front']->lie);
        $this->assertSame([Lie::UpsideDown, Lie::Upright], [$faces['front-cover/flap/front']->lie, $faces['front-cover/flap/inside']->lie]);
        foreach (Lie::cases() as $lie) {
            foreach (Edge::cases() as $edge) {
                $this->assertSame($lie, $lie->over($edge)->over($edge->opposite()));
            }
        }
    }

    /**
     * @param iterable<Face> $faces
     * @return list<string>
     */
    private function fallen(Blueprint $blueprint, iterable $faces): array
    {
        $scenes = new SceneBuilder($blueprint, $this->design('four-flap-folio')->notation());

        return array_map(static fn ($complaint): string => $complaint->sentence, (new Uprights($scenes))->lookAt($faces));
    }

    private function glued(WorkPlan $plan): ScenePose
    {
        $scene = $plan->scenes()->scene(SceneBuilder::BOOK) ?? throw new \LogicException('The book is glued together.');

        return ScenePose::of($scene, count(array_filter($scene->steps, static fn ($step): bool => $step->kind === 'glue')));
    }

    /** @return array<string, list<PosedLeaf>> */
    private function leaves(WorkPlan $plan): array
    {
        $leaves = [];
        foreach ($this->glued($plan)->leaves as $leaf) {
            $leaves["{$leaf->node->part->key}/{$leaf->node->panel}"][] = $leaf;
        }

        return $leaves;
    }

    /** @return array{float, float, float} where the edge it turns on looks */
    private function outward(PosedLeaf $leaf, Face $face): array
    {
        $drawn = array_values(array_filter(Edge::cases(), static fn (Edge $edge): bool => $face->edgeOf($edge) === $face->hinge))[0];
        [$x, $y] = match ($drawn) {
            Edge::Top => [0, -1],
            Edge::Right => [1, 0],
            Edge::Bottom => [0, 1],
            Edge::Left => [-1, 0],
        };

        return $leaf->place->direction($x, $y);
    }

}
