<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Folding\PosedLeaf;
use Ephemeron\Folding\Scene;
use Ephemeron\Folding\SceneNode;
use Ephemeron\Folding\ScenePose;
use Ephemeron\Folding\SceneRooms;
use Ephemeron\Geometry\Box;
use Ephemeron\Structure\Catalogue;
use Ephemeron\Workshop;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The room a scene takes in each step is that of its panels put one by one; and a part comes into view when it is first joined. */
final class SceneRoomsTest extends TestCase
{
    use AnyDesign;
    use Designs;

    private const LAYER = 700;

    /** @return iterable<string, array{string}> */
    public static function structures(): iterable
    {
        foreach (Catalogue::ofTheHouse()->keys() as $key) {
            yield $key => [$key];
        }
    }

    #[DataProvider('structures')]
    public function test_the_room_of_a_step_is_that_of_what_is_seen_in_it(string $structure): void
    {
        for ($seed = 1; $seed <= 4; $seed++) {
            mt_srand($seed);
            foreach ($this->scenes($seed === 1 ? $this->design($structure) : $this->buildable($structure)) as $scene) {
                $where = "{$structure}, seed {$seed}, {$scene->key}";
                $rooms = SceneRooms::of($scene, self::LAYER);
                $steps = count($scene->steps);
                $this->assertCount($steps + 1, $rooms, $where);
                foreach ($rooms as $step => $room) {
                    $seen = $this->boxOf(ScenePose::of($scene, $step, layer: self::LAYER));
                    // What floats where it will be, its carrier not glued yet, is seen besides.
                    $floats = $this->floats($scene->root, $step);
                    $this->assertEquals($floats ? $room : $seen, $floats ? $room->and($seen) : $room, "{$where}, step {$step}");
                }
                $this->assertFalse($this->floats($scene->root, $steps), $where);
            }
        }
    }

    #[DataProvider('structures')]
    public function test_a_part_comes_into_view_with_the_first_that_is_glued_to_it_or_when_it_is_glued(string $structure): void
    {
        foreach ($this->scenes($this->design($structure)) as $scene) {
            $this->assertSame(0, $scene->root->joined());
            $this->look($scene->root);
        }
    }

    public function test_a_pocket_is_seen_when_its_z_is_slipped_in_and_glued_to_its_fin_later(): void
    {
        $early = [];
        foreach ($this->scenes($this->design('z-page-album')) as $scene) {
            $early = [...$early, ...$this->early($scene->root)];
        }
        $this->assertContains('pocket-odd', $early);
    }

    /** @return iterable<Scene> */
    private function scenes(\Ephemeron\Design\Design $design): iterable
    {
        $scenes = Workshop::ofTheHouse()->plan($design)->scenes();
        foreach (array_keys($scenes->names()) as $key) {
            $scene = $scenes->scene((string) $key);
            if ($scene !== null) {
                yield $scene;
            }
        }
    }

    private function boxOf(ScenePose $pose): Box
    {
        return Box::round(array_merge(...array_map(static fn (PosedLeaf $leaf): array => $leaf->outline(), $pose->leaves)));
    }

    /** Whether something is seen in a step that is glued to what all else hangs on only later. */
    private function floats(SceneNode $node, int $step, int $glued = 0): bool
    {
        $glued = max($glued, $node->glued['step'] ?? 0);
        if ($node->glued !== null && $node->joined() <= $step && $glued > $step) {
            return true;
        }
        foreach ($node->children as $child) {
            if ($this->floats($child, $step, $glued)) {
                return true;
            }
        }

        return false;
    }

    private function look(SceneNode $node): void
    {
        if ($node->glued !== null) {
            $steps = [$node->glued['step'], ...$this->gluedOn($node)];
            $this->assertSame(min($steps), $node->joined(), $node->part->key);
            $lies = $node->glueing(self::LAYER)->apply($node->glued['px'], $node->glued['py']);
            $this->assertSame($node->glued['behind'] ? -700.0 : 700.0, $lies[2], "{$node->part->key} a layer behind, or before");
        }
        array_map($this->look(...), $node->children);
    }

    /** @return list<int> steps in which something is glued to its part */
    private function gluedOn(SceneNode $node): array
    {
        return array_merge([], ...array_map(
            fn (SceneNode $child): array => $child->glued !== null ? [$child->glued['step']] : $this->gluedOn($child),
            $node->children,
        ));
    }

    /** @return list<string> parts that are seen before they are glued */
    private function early(SceneNode $node): array
    {
        $here = $node->glued !== null && $node->joined() < $node->glued['step'] ? [$node->part->key] : [];

        return array_merge($here, ...array_map($this->early(...), $node->children));
    }
}
