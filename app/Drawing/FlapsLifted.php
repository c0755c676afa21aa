<?php

declare(strict_types=1);

namespace App\Drawing;

use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Flap;
use Ephemeron\Geometry\Rectangle;

/** Which flaps are lifted so that one face can be seen: its own, where one looks at its inside, and whatever lies over it. */
final readonly class FlapsLifted
{
    public function __construct(private Blueprint $blueprint)
    {
    }

    /** @return list<string> keys of flaps */
    public function toSee(Face $face): array
    {
        $lifted = [];
        while ($face->parent !== null) {
            $parent = $this->blueprint->face($face->parent);
            $own = $this->flapOf($face);
            if ($own !== null && $own->inside === $face->key) {
                $lifted[] = $own->key;
            }
            array_push($lifted, ...$this->above($parent, $own, $own === null ? null : $own->area));
            $face = $parent;
        }

        return array_values(array_unique($lifted));
    }

    /** @return list<string> */
    public function all(): array
    {
        return array_map(strval(...), array_keys($this->blueprint->all(Flap::class)));
    }

    private function flapOf(Face $face): ?Flap
    {
        foreach ($this->blueprint->all(Flap::class) as $flap) {
            if ($flap->front === $face->key || $flap->inside === $face->key) {
                return $flap;
            }
        }

        return null;
    }

    /**
     * Flaps of a face that lie above one of them; above something that is no flap, all of them.
     *
     * @return list<string>
     */
    private function above(Face $parent, ?Flap $own, ?Rectangle $area): array
    {
        $above = [];
        $passed = $own === null;
        foreach ($this->blueprint->flapsOn($parent->key) as $flap) {
            if ($passed && ($area === null || $flap->area->overlaps($area))) {
                $above[] = $flap->key;
            }
            $passed = $passed || $flap === $own;
        }

        return $above;
    }
}
