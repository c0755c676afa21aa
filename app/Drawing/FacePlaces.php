<?php

declare(strict_types=1);

namespace App\Drawing;

use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Face;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/**
 * Where every face of an opening lies, on the measures of its first face: pages side by side, fronts on them, lifted flaps beyond their
 * hinges.
 */
final readonly class FacePlaces
{
    /** @var array<string, Rectangle> */
    public array $places;

    /**
     * @param list<Face> $opening
     * @param list<string> $lifted keys of flaps
     * @param bool $deep whether one asks for what lies on the pages too
     */
    public function __construct(private Blueprint $blueprint, array $opening, private array $lifted, bool $deep = true)
    {
        $places = [];
        foreach (self::pages($opening) as $key => $area) {
            $places[$key] = $area;
            if ($deep) {
                $this->addFronts($blueprint->face($key), $area, $places);
            }
        }
        $this->places = $places;
    }

    /**
     * Pages that turn on a spine at the left lie side by side, middles level; those that flip over a spine at the head, above each other.
     *
     * @param list<Face> $opening
     * @return array<string, Rectangle>
     */
    public static function pages(array $opening): array
    {
        $stacked = count($opening) > 1 && $opening[1]->hinge === Edge::Top;
        $widest = Length::longest(...array_map(static fn (Face $face): Length => $face->size->width, $opening));
        $tallest = Length::longest(...array_map(static fn (Face $face): Length => $face->size->height, $opening));
        $at = Length::zero();
        $pages = [];
        foreach ($opening as $face) {
            $pages[$face->key] = $stacked
                ? Rectangle::at($widest->minus($face->size->width)->half(), $at, $face->size)
                : Rectangle::at($at, $tallest->minus($face->size->height)->half(), $face->size);
            $at = $at->plus($stacked ? $face->size->height : $face->size->width);
        }

        return $pages;
    }

    /** Round everything that is seen. */
    public function bounds(): Rectangle
    {
        $left = $top = $right = $bottom = null;
        foreach ($this->places as $key => $place) {
            if (! $this->isSeen($key)) {
                continue;
            }
            $left = Length::shortest($left ?? $place->left(), $place->left());
            $top = Length::shortest($top ?? $place->top(), $place->top());
            $right = Length::longest($right ?? $place->right(), $place->right());
            $bottom = Length::longest($bottom ?? $place->bottom(), $place->bottom());
        }

        return $left === null || $top === null || $right === null || $bottom === null
            ? Rectangle::between(0, 0, 0, 0)
            : Rectangle::at($left, $top, new Size($right->minus($left), $bottom->minus($top)));
    }

    /** Nothing on a side that is turned away is seen either. */
    private function isSeen(string $face): bool
    {
        $parent = $this->blueprint->face($face)->parent;
        if ($parent === null) {
            return true;
        }
        foreach ($this->blueprint->flapsOn($parent) as $flap) {
            $isLifted = in_array($flap->key, $this->lifted, true);
            if (($flap->inside === $face && ! $isLifted) || ($flap->front === $face && $isLifted)) {
                return false;
            }
        }

        return $this->isSeen($parent);
    }

    /** @param array<string, Rectangle> $places */
    private function addFronts(Face $parent, Rectangle $on, array &$places): void
    {
        foreach ($this->blueprint->frontsOn($parent->key) as $front) {
            $area = $this->areaOf($front, $parent);
            if ($area === null) {
                continue;
            }
            $places[$front->key] = Rectangle::at($on->left()->plus($area->left()), $on->top()->plus($area->top()), $area->size());
            $this->addFronts($front, $places[$front->key], $places);
        }
    }

    /** On the face it sits on. */
    private function areaOf(Face $front, Face $parent): ?Rectangle
    {
        foreach ($this->blueprint->flapsOn($parent->key) as $flap) {
            if ($flap->front === $front->key) {
                return $flap->area;
            }
            if ($flap->inside === $front->key) {
                return $flap->opened();
            }
        }

        return (new FrontJoint($this->blueprint))->of($front, $parent)?->area;
    }
}
