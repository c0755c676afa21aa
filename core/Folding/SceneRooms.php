<?php

declare(strict_types=1);

namespace Ephemeron\Folding;

use Ephemeron\Geometry\Box;
use Ephemeron\Geometry\Isometry;

/**
 * How much room a scene takes in space before its first step and after each; of what is joined later nothing is seen yet. What stands out
 * for a moment while it turns is not counted.
 */
final class SceneRooms
{
    /** @var array<int, Box> by the last step that is done */
    private array $rooms = [];

    private function __construct(private readonly int $steps, private readonly int $layer)
    {
    }

    /**
     * @param int $layer ticks between two layers that lie on each other
     * @return array<int, Box> by the last step that is done, 0 for none; on the sheet of the part all else hangs on, as it lies at first
     */
    public static function of(Scene $scene, int $layer = 0): array
    {
        $rooms = new self(count($scene->steps), $layer);
        $rooms->take($scene->root, [Isometry::identity()], 0);

        return $rooms->rooms;
    }

    /**
     * @param non-empty-array<int, Isometry> $places where what it hangs on lies, by the step since which it does
     * @param int $seen the step in which that comes into view
     */
    private function take(SceneNode $node, array $places, int $seen): void
    {
        if ($node->glued !== null) {
            $seen = $node->joined();
            $glueing = $node->glueing($this->layer);
            $places = array_map(static fn (Isometry $place): Isometry => $place->after($glueing), $places);
        }
        if ($node->fold > 0) {
            $turn = $node->turn();
            $places = array_filter($places, static fn (int $since): bool => $since < $node->fold, ARRAY_FILTER_USE_KEY)
                + array_map(static fn (Isometry $place): Isometry => $place->after($turn), self::since($places, $node->fold));
        }
        $raised = Isometry::shift(0, 0, $node->fold > 0 ? $node->lift * $this->layer : 0);
        $ends = [...array_slice(array_keys($places), 1), $this->steps + 1];
        foreach (array_keys($places) as $index => $since) {
            $place = $since < $node->fold ? $places[$since] : $places[$since]->after($raised);
            $room = Box::round(array_map(static fn (array $corner): array => $place->apply(...$corner), $node->outline));
            for ($step = max($since, $seen); $step < $ends[$index]; $step++) {
                $this->rooms[$step] = isset($this->rooms[$step]) ? $this->rooms[$step]->and($room) : $room;
            }
        }
        foreach ($node->children as $child) {
            $this->take($child, $places, $seen);
        }
    }

    /**
     * Where it lies in a step, and what comes after.
     *
     * @param non-empty-array<int, Isometry> $places in the order of their steps
     * @return non-empty-array<int, Isometry>
     */
    private static function since(array $places, int $step): array
    {
        $then = [];
        foreach ($places as $since => $place) {
            $then[max($since, $step)] = $place;
        }

        return $then;
    }
}
