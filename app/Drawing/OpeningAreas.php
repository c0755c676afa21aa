<?php

declare(strict_types=1);

namespace App\Drawing;

use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Geometry\Point;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/** What is seen of an opening, each area over those before it: pages, what lies on them, flaps, which lie shut. */
final readonly class OpeningAreas
{
    public Size $size;

    /** @var list<OpeningArea> */
    public array $areas;

    /** @param list<Face> $opening */
    public function __construct(private Blueprint $blueprint, array $opening)
    {
        $places = FacePlaces::pages($opening);
        $this->size = new Size(
            Length::longest(...array_map(static fn (Rectangle $place): Length => $place->right(), array_values($places))),
            Length::longest(...array_map(static fn (Rectangle $place): Length => $place->bottom(), array_values($places))),
        );
        $areas = [];
        foreach ($places as $key => $place) {
            $areas = [...$areas, ...$this->face($blueprint->face($key), $place->corner())];
        }
        $this->areas = $areas;
    }

    /** @return list<OpeningArea> */
    private function face(Face $face, Point $at): array
    {
        return [$this->area($face, Rectangle::whole($face->size), $at), ...$this->things($face, $at)];
    }

    /** @return list<OpeningArea> */
    private function things(Face $face, Point $at): array
    {
        $areas = [];
        foreach ($this->blueprint->on($face->key) as $joint) {
            if ($joint->layer !== Layer::Flap) {
                $areas[] = $this->area($joint, $joint->area, $at);
            }
        }
        foreach ($this->blueprint->frontsOn($face->key) as $child) {
            $joint = $child->turns ? null : (new FrontJoint($this->blueprint))->of($child, $face);
            $areas = $joint === null ? $areas : [...$areas, ...$this->things($child, $joint->area->movedBy($at)->corner())];
        }
        foreach ($this->blueprint->flapsOn($face->key) as $flap) {
            $areas = [...$areas, ...$this->face($this->blueprint->face($flap->front), $flap->area->movedBy($at)->corner())];
        }

        return $areas;
    }

    private function area(Face|Joint $place, Rectangle $area, Point $at): OpeningArea
    {
        $paper = $place instanceof Face ? $place->paper : $place->from;

        return new OpeningArea($area->movedBy($at), $place, $this->blueprint->part($paper->part)->role);
    }
}
