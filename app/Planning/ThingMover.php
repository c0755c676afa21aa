<?php

declare(strict_types=1);

namespace App\Planning;

use Ephemeron\Blueprint\Thing;
use Ephemeron\Fit\Layout;
use Ephemeron\Furniture\Position;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;

/** Moves a thing on its face to the nearest marks of the tool, as a change to the design. */
final readonly class ThingMover
{
    public function __construct(private Layout $layout)
    {
    }

    public function thingAt(string $place): ?Thing
    {
        foreach ($this->layout->blueprint->all(Thing::class) as $thing) {
            if ($thing->place === $place) {
                return $thing;
            }
        }

        return null;
    }

    /**
     * @param float $left of its area on the face, in mm
     * @param float $top in mm
     * @return array<string, string> by place; empty where it cannot be moved
     */
    public function to(Thing $thing, float $left, float $top): array
    {
        $face = $this->layout->blueprint->face($thing->on)->size;
        $size = $thing->area->size();
        $x = $this->onFace($left, $face->width->minus($size->width));
        $y = $this->onFace($top, $face->height->minus($size->height));
        $notation = $this->layout->notation();
        $parameters = match (true) {
            $thing->along === Axis::Width => ['along' => $x],
            $thing->along === Axis::Height => ['along' => $y],
            $thing->moves => [Position::ACROSS => $x, Position::UP => $face->height->minus($y, $size->height)],
            default => [],
        };
        $changes = [];
        foreach ($parameters as $key => $length) {
            $changes["{$thing->place}.parameters.{$key}"] = $notation->exact($length);
        }

        return $changes;
    }

    /** Snapped, and kept inside the face where it is not larger than it. */
    private function onFace(float $millimetres, Length $most): Length
    {
        $at = $this->layout->design->tools->grid->nearest(Length::ofTicks((int) round($millimetres * Length::TICKS_PER_MILLIMETRE)));

        return Length::longest(Length::zero(), Length::shortest($at, Length::longest($most, Length::zero())));
    }
}
