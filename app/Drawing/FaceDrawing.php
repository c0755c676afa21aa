<?php

declare(strict_types=1);

namespace App\Drawing;

use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Flap;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Notch;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Stitches;
use Ephemeron\Blueprint\Thing;
use Ephemeron\Fit\Layout;
use Ephemeron\Format\Svg\LineKind;
use Ephemeron\Format\Svg\SvgDrawing;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Polygon;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;

/** A face as the reader sees it, with everything that lies on it; flaps lie shut unless they are lifted. */
final readonly class FaceDrawing
{
    private Palette $palette;

    /**
     * @param list<string> $lifted keys of flaps
     * @param Lying|null $lying what lies there so far; null for all of it
     * @param bool $hasFlaps whether its flaps are drawn with it
     * @param float $ring millimetres, the radius of the ring around a letter
     */
    public function __construct(
        private Layout $layout,
        private array $lifted = [],
        private ?Lying $lying = null,
        private Prints $prints = new Prints,
        private bool $hasFlaps = true,
        private float $ring = 4.6,
    ) {
        $this->palette = new Palette;
    }

    /** From the origin, true to size. */
    public function draw(SvgDrawing $drawing, Face $face, bool $lettered): void
    {
        $role = $this->layout->blueprint->part($face->paper->part)->role;
        $area = Rectangle::whole($face->size);
        $colour = $this->prints->colour($face);
        $drawing->paper($area, $colour ?? $this->palette->of($role), $colour === null ? $this->palette->classOf($role) : 'known-paper');
        $this->prints->draw($drawing, $face, $area);
        $this->drawNotches($drawing, $face);
        $stock = $this->layout->stockOf($this->layout->blueprint->part($face->paper->part));
        if ($stock->isDirectional($face->paper->side) || $face->isFallen()) {
            $drawing->flag($area->right()->inMillimetres() - 7, 10.0, 4.5, $face->lie);
        }
        $this->drawThings($drawing, $face, $lettered);
    }

    /** Notches of the very panel one looks at, turned with it where it stands on its head. */
    private function drawNotches(SvgDrawing $drawing, Face $face): void
    {
        $part = $this->layout->blueprint->part($face->paper->part);
        $panel = $part->panel($face->paper->panel)->area;
        foreach ($part->notches as $notch) {
            if ($panel->middleOf($notch->edge) == $notch->centre) {
                $edge = $face->edgeOf($notch->edge);
                $drawing->notch(new Notch(Rectangle::whole($face->size)->middleOf($edge), $edge, $notch->diameter), Palette::GROUND);
            }
        }
    }

    private function drawThings(SvgDrawing $drawing, Face $face, bool $lettered): void
    {
        $named = [];
        foreach ($this->layout->blueprint->on($face->key) as $joint) {
            if ($joint->layer === Layer::Flap || $this->lying?->isThere($joint) === false) {
                continue;
            }
            $part = $this->layout->blueprint->part($joint->from->part);
            $drawing->shifted($joint->area->left(), $joint->area->top(), function (SvgDrawing $drawing) use ($part, $joint): void {
                $this->drawThing($drawing, $part, $joint);
            });
            $named[] = $joint;
        }
        // Letters last: an upper mat must not hide that of the lower one.
        $this->drawLetters($drawing, $lettered ? $named : []);
        foreach ($this->layout->blueprint->frontsOn($face->key) as $child) {
            $joint = $child->turns ? null : (new FrontJoint($this->layout->blueprint))->of($child, $face);
            if ($joint !== null && $this->lying?->isThere($joint) !== false) {
                $drawing->shifted(
                    $joint->area->left(),
                    $joint->area->top(),
                    fn (SvgDrawing $drawing) => $this->drawThings($drawing, $child, $lettered),
                );
            }
        }
        foreach ($this->lying?->hasFittings($face->key) === false ? [] : $this->layout->blueprint->thingsOn($face->key) as $thing) {
            $this->drawFitting($drawing, $thing);
        }
        $this->drawFlaps($drawing, $face, $lettered);
    }

    /** Lifted ones first, the one that lay on top lowest: what is still shut lies over their tabs. */
    private function drawFlaps(SvgDrawing $drawing, Face $face, bool $lettered): void
    {
        $flaps = array_values(array_filter(
            $this->hasFlaps ? $this->layout->blueprint->flapsOn($face->key) : [],
            fn (Flap $flap): bool => $this->lying?->hangs($flap) !== false,
        ));
        foreach (array_reverse($flaps) as $flap) {
            if (in_array($flap->key, $this->lifted, true)) {
                $area = $flap->opened();
                $drawing->shifted(
                    $area->left(),
                    $area->top(),
                    fn (SvgDrawing $drawing) => $this->draw($drawing, $this->layout->blueprint->face($flap->inside), $lettered),
                );
                $this->drawHinge($drawing, $flap);
            }
        }
        foreach ($flaps as $flap) {
            if (! in_array($flap->key, $this->lifted, true)) {
                $drawing->shifted(
                    $flap->area->left(),
                    $flap->area->top(),
                    fn (SvgDrawing $drawing) => $this->draw($drawing, $this->layout->blueprint->face($flap->front), $lettered),
                );
                $this->drawHinge($drawing, $flap);
            }
        }
    }

    private function drawHinge(SvgDrawing $drawing, Flap $flap): void
    {
        $edge = $flap->area->strip($flap->hinge, Length::zero());
        $drawing->stroke(
            $edge->left()->inMillimetres(),
            $edge->top()->inMillimetres(),
            $edge->right()->inMillimetres(),
            $edge->bottom()->inMillimetres(),
            LineKind::Valley,
        );
    }

    /** What is bought and not cut: a small mark where it sits. */
    private function drawFitting(SvgDrawing $drawing, Thing $thing): void
    {
        $stitches = $this->layout->blueprint->find(Stitches::class, $thing->key);
        if ($stitches !== null) {
            $this->drawStitches($drawing, $stitches);

            return;
        }
        if ($thing->faces !== [] || $this->isCut($thing)) {
            return;
        }
        $middle = $thing->area->middleOf(Edge::Top);
        $radius = $thing->area->height()->inMillimetres() / 2;
        $drawing->element(
            'circle',
            [
                'cx' => $middle->x->inMillimetres(),
                'cy' => $thing->area->top()->inMillimetres() + $radius,
                'r' => $radius,
                'fill' => '#20264d',
                'fill-opacity' => '0.16',
                'stroke' => '#20264d',
                'class' => 'fitting',
            ],
        );
    }

    private function drawStitches(SvgDrawing $drawing, Stitches $stitches): void
    {
        foreach ($stitches->lines as $line) {
            $drawing->element('line', [
                'x1' => $line->from->x->inMillimetres(),
                'y1' => $line->from->y->inMillimetres(),
                'x2' => $line->to->x->inMillimetres(),
                'y2' => $line->to->y->inMillimetres(),
                'stroke' => '#20264d',
                'stroke-width' => 0.7,
                'stroke-dasharray' => '2.4 1.2',
                'class' => 'stitches',
            ]);
        }
    }

    private function isCut(Thing $thing): bool
    {
        return isset($this->layout->blueprint->parts[$thing->key]);
    }

    private function drawThing(SvgDrawing $drawing, Part $part, Joint $joint): void
    {
        $area = Rectangle::whole($joint->area->size());
        // An outline of its own says already what is missing.
        $holes = $part->panels === [] && $joint->shape === null ? $part->cutAways : [];
        $colour = $this->prints->colour($joint);
        $fill = $colour ?? $this->palette->of($part->role);
        $class = $colour === null ? $this->palette->classOf($part->role) : 'known-paper';
        if ($joint->shape !== null || $holes !== []) {
            $drawing->shape(
                [$joint->shape ?? Polygon::of($area), ...$holes],
                [...LineKind::Outline->attributes(), 'class' => "{$class} line-outline", 'fill' => $fill],
            );
        } else {
            $drawing->paper($area, $fill, $class);
            $this->prints->draw($drawing, $joint, $area);
        }
        foreach ($part->notches as $notch) {
            if ($part->panels === []) {
                $drawing->notch($notch, Palette::GROUND);
            }
        }
    }

    /**
     * Mats name themselves at the head, other things at their foot; beside each other where they lie on each other.
     *
     * @param list<Joint> $joints
     */
    private function drawLetters(SvgDrawing $drawing, array $joints): void
    {
        $taken = [];
        foreach ($joints as $joint) {
            $radius = min($this->ring, $joint->area->size()->shortSide()->inMillimetres() * 0.2);
            $isMat = $joint->layer === Layer::Mat;
            $x = $joint->area->left()->inMillimetres() + ($isMat ? 1.5 * $this->ring : 2 * $radius);
            $y = $isMat ? $joint->area->top()->inMillimetres() + 1.6 * $this->ring : $joint->area->bottom()->inMillimetres() - 2 * $radius;
            while (array_filter($taken, fn (array $at): bool => hypot($at[0] - $x, $at[1] - $y) < 2.2 * $this->ring) !== []) {
                $x += 3.25 * $this->ring;
            }
            $drawing->ring($x, $y, $this->layout->blueprint->part($joint->from->part)->letter, $radius);
            $taken[] = [$x, $y];
        }
    }
}
