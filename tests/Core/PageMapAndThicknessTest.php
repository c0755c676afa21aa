<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Lie;
use Ephemeron\Folding\PageMap;
use Ephemeron\Folding\Profile;
use Ephemeron\Folding\SceneBuilder;
use Ephemeron\Folding\SceneNode;
use Ephemeron\Geometry\Edge;
use Ephemeron\Measure\Length;
use Ephemeron\Structure\Catalogue;
use PHPUnit\Framework\TestCase;

final class PageMapAndThicknessTest extends TestCase
{
    use Designs;

    public function test_folding_and_structure_agree_on_every_page_of_the_meander(): void
    {
        foreach (['4', '6', '8'] as $perSide) {
            $plan = $this->plan('meander-book', ['parameters' => ['panels-per-side' => $perSide]]);
            $map = PageMap::of($plan->blueprint, $plan->design->materials);
            $this->assertSame('book-sheet', $map->sheet);
            $this->assertNull($this->map('nested-gusset-album')->sheet, 'Made of several sheets.');
            foreach ($map->faces as $key => $face) {
                $this->assertSame($face->face->lie, $face->lie, $key);
            }
        }
    }

    public function test_half_of_the_prints_of_a_meander_stand_on_their_heads_however_it_is_turned(): void
    {
        $map = $this->map('meander-book', ['materials' => ['book-sheet' => ['direction' => 'both']]]);
        // Handbook 6.6: rows alternate up and upside down; the covers are carded.
        $this->assertSame(
            ['page-5', 'page-6', 'page-7', 'page-8', 'page-13', 'page-14', 'page-15', 'page-16'],
            array_map(static fn ($face): string => $face->face->key, $map->fallen()),
        );
        $this->assertSame(
            ['as it lies' => 8, 'turned a quarter to the right' => 16, 'turned upside down' => 8, 'turned a quarter to the left' => 16],
            $map->turned,
        );
    }

    public function test_leaves_of_the_meander_open_at_the_head_and_at_the_side_in_turn(): void
    {
        // Handbook 6.6: seven leaves, pockets alternating top-load and side-load.
        $openings = array_values(array_filter(array_map(static fn ($face): ?Edge => $face->opening, $this->map('meander-book')->faces)));
        $this->assertSame([Edge::Top, Edge::Right, Edge::Top, Edge::Right, Edge::Top, Edge::Right, Edge::Top], $openings);
    }

    public function test_single_sided_paper_shows_its_core_on_the_covers_of_a_bare_meander(): void
    {
        $map = $this->map(
            'meander-book',
            ['parameters' => ['cover-cards' => false], 'materials' => ['book-sheet' => ['sides' => 'single']]],
        );
        $core = array_keys(array_filter($map->faces, static fn ($face): bool => $face->showsCore));
        $this->assertSame(['front-cover', 'back-cover'], $core);
    }

    public function test_facing_pages_face_each_other(): void
    {
        $faces = $this->map('nested-gusset-album')->faces;
        foreach ($faces as $key => $face) {
            if ($face->faces !== null) {
                $this->assertSame($key, $faces[$face->faces]->faces);
            }
        }
    }

    public function test_the_concertina_shows_as_many_faces_as_the_handbook_counts(): void
    {
        // Handbook 6.4: three strips of three panels, of which each strip’s first is glued over the last of the one before: 2 × 3 + 1 = 7
        // in front; the structure shows 13 of them.
        $faces = array_filter(
            array_keys($this->map('cascade-album')->faces),
            static fn (string $key): bool => str_starts_with($key, 'concertina-'),
        );
        $this->assertCount(13, $faces);
    }

    public function test_stacked_fins_leave_equal_gaps(): void
    {
        foreach (['z-page-album', 'pocket-flip-book', 'mitred-tab-album'] as $structure) {
            $blueprint = $this->plan($structure)->blueprint;
            $fins = [];
            foreach ([1, 2, 3] as $unit) {
                $panel = $blueprint->part("fins-{$unit}")->panel('channel')->area->width()->ticks;
                $fins[] = -$panel / 2;
                $fins[] = $panel / 2;
            }
            sort($fins);
            $gaps = [];
            for ($k = 1; $k < count($fins); $k++) {
                $gaps[] = $fins[$k] - $fins[$k - 1];
            }
            $this->assertCount(1, array_unique(array_map(strval(...), $gaps)), "{$structure}: ".json_encode($gaps));
        }
    }

    public function test_the_profile_adds_up_layer_by_layer(): void
    {
        foreach (Catalogue::ofTheHouse()->keys() as $structure) {
            $plan = $this->plan($structure);
            $profile = Profile::of($plan->blueprint, $plan->design->materials);
            $this->assertTrue($profile->slices[0]->from->isZero());
            $end = Length::zero();
            foreach ($profile->slices as $slice) {
                $this->assertTrue($slice->from->equals($end), "{$structure}: slices follow each other");
                $this->assertTrue($slice->filled->isAtLeast($slice->built) && $slice->built->isAtLeast($profile->bare), $structure);
                $end = $slice->to;
            }
            $this->assertTrue($end->equals($profile->closed->width), $structure);
            // Nowhere thicker than the first estimate, by which every layer counts everywhere.
            $this->assertTrue($plan->thickness(false)->isAtLeast($profile->thickest(false)), $structure);
        }
    }

    public function test_a_mat_thickens_the_book_where_it_lies_and_not_at_the_spine(): void
    {
        $bare = $this->profile('nested-gusset-album', ['mats' => ['layers' => 0], 'furniture' => []]);
        $matted = $this->profile('nested-gusset-album', ['mats' => ['layers' => 1, 'school' => 'fine'], 'furniture' => []]);
        $this->assertTrue($bare->thickest(false)->isLessThan($matted->thickest(false)));
        $this->assertTrue($matted->spine(false)->isLessThan($matted->thickest(false)), 'A fine mat keeps ⅛ in off the spine.');
        // 16 mats of one caliper each where they all lie over each other.
        $caliper = $this->plan('nested-gusset-album')->design->materials['mat-base']->caliper;
        $cover = $this->plan('nested-gusset-album')->design->materials['cover-paper']->caliper;
        $this->assertEqualsWithDelta(
            14 * $caliper->ticks + 2 * $cover->ticks,
            $matted->thickest(false)->ticks - $bare->thickest(false)->ticks,
            2 * abs($caliper->ticks - $cover->ticks),
        );
    }

    public function test_what_lies_at_the_fore_edge_of_a_left_page_thickens_the_fore_edge(): void
    {
        foreach (['page-1', 'page-2'] as $page) {
            $hinge = $this->plan('nested-gusset-album')->blueprint->face($page)->hinge;
            $tag = static fn (string $left): array => [
                'mats' => ['layers' => 0],
                'furniture' => [['on' => $page, 'kind' => 'photo-mat', 'parameters' => ['photo' => '2x3', 'across' => $left]]],
            ];
            $outside = $this->profile('nested-gusset-album', $tag($hinge === Edge::Right ? '0' : '2 1/2'));
            $this->assertTrue($outside->spine(false)->equals($outside->bare), "{$page}: nothing at the spine");
            $inside = $this->profile('nested-gusset-album', $tag($hinge === Edge::Right ? '2 1/2' : '0'));
            $this->assertTrue($inside->foreEdge(false)->equals($inside->bare), "{$page}: nothing at the fore-edge");
            $this->assertTrue($inside->thickest(false)->isMoreThan($inside->bare));
        }
    }

    public function test_of_thick_things_that_seldom_meet_the_thickest_counts(): void
    {
        $with = fn (string ...$kinds): Profile => $this->profile(
            'nested-gusset-album',
            [
                'mats' => ['layers' => 0],
                'furniture' => array_map(
                    static fn (string $kind, int $k): array => ['on' => 'page-'.(2 * $k + 2), 'kind' => $kind],
                    $kinds,
                    array_keys($kinds),
                ),
            ],
        );
        $lump = static fn (Profile $profile): Length => $profile->spine(true)->minus($profile->bare);
        $none = $with();
        $this->assertTrue($none->spine(true)->equals($none->bare));
        $opened = $lump($with('expanding-pocket'));
        $this->assertTrue($opened->isMoreThan(Length::zero()));
        $this->assertTrue($opened->equals($lump($with('expanding-pocket', 'expanding-pocket'))), 'Two of them lie on different leaves.');
    }

    public function test_a_flap_that_carries_nothing_else_gets_a_print(): void
    {
        $flap = $this->profile('nested-gusset-album', ['mats' => ['layers' => 0], 'furniture' => [['on' => 'page-1', 'kind' => 'flap']]]);
        $bare = $this->profile('nested-gusset-album', ['mats' => ['layers' => 0], 'furniture' => []]);
        // The flap’s two sides get a print of 0.25 mm each; the page that lies under it is counted as carrying them and gets none of its
        // own (a mounted one of 0.51 mm).
        $card = $this->plan('nested-gusset-album')->design->materials['structure-card']->caliper->inMillimetres();
        $this->assertEqualsWithDelta(
            $card + 2 * 0.25 - 0.51,
            $flap->thickest(true)->inMillimetres() - $bare->thickest(true)->inMillimetres(),
            0.02,
        );
    }

    public function test_scenes_name_every_scored_part_and_hang_together(): void
    {
        foreach (Catalogue::ofTheHouse()->keys() as $structure) {
            $plan = $this->plan($structure);
            $builder = new SceneBuilder($plan->blueprint, $plan->notation());
            $this->assertNull($builder->scene('no such part'));
            foreach (array_keys($builder->names()) as $key) {
                $scene = $builder->scene($key);
                $this->assertNotNull($scene);
                $this->assertSame(
                    $scene->steps === [] ? [] : range(1, count($scene->steps)),
                    array_map(static fn ($step): int => $step->number, $scene->steps),
                    "{$structure}, {$key}",
                );
                $this->assertTrue($this->foldsWithin($scene->root, count($scene->steps)));
                $this->assertLessThan(400, $scene->root->count());
            }
        }
    }

    public function test_each_mat_of_the_album_is_glued_once(): void
    {
        $plan = $this->plan('nested-gusset-album');
        $scene = (new SceneBuilder($plan->blueprint, $plan->notation()))->scene('book');
        $mats = 0;
        $count = static function (SceneNode $node) use (&$count, &$mats): void {
            $mats += $node->glued !== null && str_contains($node->part->name, 'mat') ? 1 : 0;
            array_map($count, $node->children);
        };
        $count($scene->root ?? throw new \LogicException('The album folds.'));
        $wanted = count(
            array_filter(
                $plan->blueprint->all(Joint::class),
                static fn ($joint): bool => str_contains($plan->blueprint->part($joint->from->part)->name, 'mat'),
            ),
        );
        $this->assertSame($wanted, $mats);
    }

    private function foldsWithin(SceneNode $node, int $steps): bool
    {
        return $node->fold <= $steps && array_filter(
            $node->children,
            fn (SceneNode $child): bool => ! $this->foldsWithin($child, $steps),
        ) === [];
    }

    /** @param array<string, mixed> $more */
    private function map(string $structure, array $more = []): PageMap
    {
        $plan = $this->plan($structure, $more);

        return PageMap::of($plan->blueprint, $plan->design->materials);
    }

    /** @param array<string, mixed> $more */
    private function profile(string $structure, array $more): Profile
    {
        $plan = $this->plan($structure, $more);

        return Profile::of($plan->blueprint, $plan->design->materials);
    }
}
