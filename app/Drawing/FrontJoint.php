<?php

declare(strict_types=1);

namespace App\Drawing;

use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Joint;

/** Finds the joint by which a thing lies on a face, from the thing's front. */
final readonly class FrontJoint
{
    public function __construct(private Blueprint $blueprint)
    {
    }

    public function of(Face $front, Face $parent): ?Joint
    {
        // Equal pieces are one part, so of several on one face the n-th face belongs to the n-th joint.
        $siblings = array_values(array_filter(
            $this->blueprint->frontsOn($parent->key),
            static fn (Face $face): bool => $face->paper->part === $front->paper->part && ! $face->turns,
        ));
        $index = array_search($front, $siblings, true);
        $joints = array_values(array_filter(
            $this->blueprint->on($parent->key),
            static fn (Joint $joint): bool => $joint->from->part === $front->paper->part,
        ));

        return $joints[$index === false ? 0 : $index] ?? null;
    }
}
