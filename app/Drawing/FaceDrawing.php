<?php

declare(strict_types=1);

namespace App\Drawing;

use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Notch;
use Ephemeron\Blueprint\Part;
use Ephemeron\Format\Svg\SvgDrawing;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\WorkPlan;

/** A face as the reader sees it, with everything that lies on it. */
final readonly class FaceDrawing
{
    private Palette $palette;

    public function __construct(private WorkPlan $plan)
    {
        $this->palette = new Palette;
    }

    /** From the origin, true to size. */
    public function draw(SvgDrawing $drawing, Face $face, bool $lettered): void
    {
        $role = $this->plan->blueprint->part($face->paper->part)->role;
        $area = Rectangle::whole($face->size);
        $drawing->paper($area, $this->palette->of($role), $this->palette->classOf($role));
        $this->drawNotches($drawing, $face);
        $stock = $this->plan->stockOf($face->paper->part);
        if ($stock->isDirectional($face->paper->side) || $face->upsideDown) {
            $drawing->flag($area->right()->inMillimetres() - 7, 10.0, 4.5, $face->upsideDown);
        }
        $this->drawThings($drawing, $face, $lettered);
    }

    /** Notches of the very panel one looks at, turned with it where it stands on its head. */
    private function drawNotches(SvgDrawing $drawing, Face $face): void
    {
        $part = $this->plan->blueprint->part($face->paper->part);
        $panel = $part->panel($face->paper->panel)->area;
        foreach ($part->notches as $notch) {
            if ($panel->middleOf($notch->edge) == $notch->centre) {
                $edge = $face->upsideDown ? $notch->edge->opposite() : $notch->edge;
                $drawing->notch(new Notch(Rectangle::whole($face->size)->middleOf($edge), $edge, $notch->diameter), Palette::GROUND);
            }
        }
    }

    private function drawThings(SvgDrawing $drawing, Face $face, bool $lettered): void
    {
        $depth = 0;
        $rings = [];
        foreach ($this->plan->blueprint->on($face->key) as $joint) {
            $part = $this->plan->blueprint->part($joint->from->part);
            $drawing->shifted($joint->area->left(), $joint->area->top(), function (SvgDrawing $drawing) use ($part, $joint): void {
                $this->drawThing($drawing, $part, $joint);
            });
            $rings[] = [$joint, $part->letter, $depth];
            $depth += $joint->layer === Layer::Mat ? 1 : 0;
        }
        // Letters last: an upper mat must not hide that of the lower one.
        foreach ($lettered ? $rings : [] as [$joint, $letter, $depth]) {
            $this->letter($drawing, $joint, $letter, $depth);
        }
        foreach ($this->plan->blueprint->frontsOn($face->key) as $child) {
            $joint = $this->jointOf($child, $face);
            if ($joint !== null) {
                $drawing->shifted($joint->area->left(), $joint->area->top(), fn (SvgDrawing $drawing) => $this->drawThings($drawing, $child, $lettered));
            }
        }
    }

    private function drawThing(SvgDrawing $drawing, Part $part, Joint $joint): void
    {
        $area = Rectangle::whole($joint->area->size);
        $drawing->paper($area, $this->palette->of($part->role), $this->palette->classOf($part->role));
        foreach ($part->notches as $notch) {
            $drawing->notch($notch, Palette::GROUND);
        }
    }

    /** Mats name themselves side by side at the head, other things at their foot. */
    private function letter(SvgDrawing $drawing, Joint $joint, string $letter, int $depth): void
    {
        $radius = min(4.6, $joint->area->size->shortSide()->inMillimetres() * 0.2);
        $isMat = $joint->layer === Layer::Mat;
        $drawing->ring(
            ($isMat ? 10.0 + 11.0 * $depth : $joint->area->left()->inMillimetres() + 2 * $radius),
            $isMat ? 11.0 : $joint->area->bottom()->inMillimetres() - 2 * $radius,
            $letter,
            $radius,
        );
    }

    /** Where the thing lies whose front the child face is. */
    private function jointOf(Face $child, Face $parent): ?Joint
    {
        // Equal pieces are one part, so of several on one face the n-th face belongs to the n-th joint.
        $siblings = array_values(array_filter(
            $this->plan->blueprint->frontsOn($parent->key),
            static fn (Face $face): bool => $face->paper->part === $child->paper->part,
        ));
        $index = array_search($child, $siblings, true);
        $joints = array_values(array_filter(
            $this->plan->blueprint->on($parent->key),
            static fn (Joint $joint): bool => $joint->from->part === $child->paper->part,
        ));

        return $joints[$index === false ? 0 : $index] ?? null;
    }
}
