<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Task;
use Ephemeron\Design\Parameter;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/**
 * Two flaps that meet over a face, left and right or top and bottom; where they reach further, the second lies over the first: 6¼ × 8 with
 * a ½ tab each on a page 10 × 8. Source: common practice, no published source.
 */
final readonly class FlapPair implements Furniture
{
    public function key(): string
    {
        return 'flap-pair';
    }

    public function name(): string
    {
        return 'Pair of flaps';
    }

    public function summary(): string
    {
        return 'Two flaps that meet in the middle, or overlap where they reach further.';
    }

    public function kin(): Kin
    {
        return Kin::Flaps;
    }

    public function parameters(): array
    {
        return [
            Parameter::choice(
                'way',
                'Hinged at',
                'Which two edges they turn on.',
                ['sides' => 'left and right', 'ends' => 'top and bottom'],
                'sides',
            ),
            Parameter::length(
                'reach',
                'Reach',
                'Of each, from hinge to free edge; empty: to the middle.',
                Length::inches(0, 1, 2),
                Length::inches(24),
            ),
            Parameter::length(
                'breadth',
                'Breadth',
                'Along the hinge; empty: ⅛ in (3 mm) inside the face at both ends.',
                Length::inches(0, 1, 2),
                Length::inches(24),
            ),
            HingeEdge::tab(),
        ];
    }

    public function place(Spot $spot): Placement
    {
        $faces = [];
        foreach ($this->areas($spot) as $edge => $area) {
            $added = (new HingedFlap(
                $spot,
                $area,
                Edge::from($edge),
                $spot->values->length('tab'),
                ucfirst($edge).' flap',
            ))->add("{$spot->key}/{$edge}", 'hinge-pairs');
            $faces[$edge] = $added['front'];
            $faces["{$edge}-inside"] = $added['inside'];
        }
        $spot->draft->task(new Task(
            'hinge-pairs',
            Phase::Closure,
            'Hinge the pairs of flaps',
            'Close the first, then the second beside or over it: they must not push each other up. The mat of the face covers both tabs.',
            'Flaps',
            Adhesive::Tape,
            array_values(array_unique(array_map(static fn (Face $face): string => $face->paper->part, array_values($faces)))),
            places: [$spot->face->name],
            face: $spot->face->key,
        ));

        return new Placement(Rectangle::whole($spot->size()), $faces);
    }

    /** @return array<string, Rectangle> by hinge */
    private function areas(Spot $spot): array
    {
        $sides = $spot->values->choice('way') === 'sides';
        $face = $spot->size();
        [$across, $along] = $sides ? [$face->width, $face->height] : [$face->height, $face->width];
        $reach = $spot->length('reach', $spot->grooves()->down($across->minus($spot->allowances->hairline())->half()));
        $breadth = $spot->length('breadth', $along->minus($spot->allowances->fine()->times(2)));
        $start = $along->minus($breadth)->half();
        $far = $across->minus($reach);

        return $sides
            ? [
                'left' => Rectangle::at(Length::zero(), $start, new Size($reach, $breadth)),
                'right' => Rectangle::at($far, $start, new Size($reach, $breadth)),
            ]
            : [
                'top' => Rectangle::at($start, Length::zero(), new Size($breadth, $reach)),
                'bottom' => Rectangle::at($start, $far, new Size($breadth, $reach)),
            ];
    }
}
