<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Blueprint\Act\Depth;
use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Task;
use Ephemeron\Design\Parameter;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\StockRole;

/**
 * Flaps that overlap like shingles, each hinged a step below the last: the run is f + (n − 1)·s long, f the free length of a flap. A flap's
 * blank is its free size and a tab. It is ¼ in (6 mm) narrower than its base on each side, 3⁄16 when tight. What shows under the
 * last flap once all are open gets a piece of its own, short of the last hinge by a quarter. Source: common practice, no published source.
 *
 * Check: four flaps 5 long at a step of ½ fill 6½; five of 5 run to 7.
 */
final readonly class Waterfall implements Furniture
{
    public function key(): string
    {
        return 'waterfall';
    }

    public function name(): string
    {
        return 'Waterfall';
    }

    public function summary(): string
    {
        return 'Flaps that overlap like shingles; each turns up to show the next. Two pictures a flap.';
    }

    public function kin(): Kin
    {
        return Kin::Flaps;
    }

    public function parameters(): array
    {
        $least = Length::inches(0, 1, 2);
        $most = Length::inches(24);

        return [
            Parameter::count('flaps', 'Flaps', 'How many.', 2, 16, 4),
            Parameter::choice(
                'runs',
                'Runs',
                'The way the hinges follow each other.',
                ['down' => 'down the face', 'up' => 'up the face', 'right' => 'to the right', 'left' => 'to the left'],
                'down',
            ),
            Parameter::length(
                'breadth',
                'Breadth',
                'Of a flap, along its hinge; empty: ¼ in (6 mm) inside the face on both sides.',
                $least,
                $most,
            ),
            Parameter::length(
                'reach',
                'Free length',
                'From a hinge to the free edge; empty: so that the run fills the face.',
                $least,
                $most,
            ),
            Parameter::length(
                'step',
                'Step',
                'From one hinge to the next.',
                Length::inches(0, 1, 4),
                Length::inches(4),
                Length::inches(0, 1, 2),
                Length::millimetres(10),
            ),
            HingeEdge::tab(),
            Parameter::choice(
                'ending',
                'Under the last flap',
                'A piece of its own on what shows there when all are open.',
                ['covered' => 'covered', 'bare' => 'bare'],
                'covered',
            ),
            Parameter::length(
                'ending-clear',
                'Clear of the last hinge',
                'How far that piece stays away from the last hinge.',
                Length::zero(),
                Length::inches(1),
                Length::inches(0, 1, 4),
                Length::millimetres(6),
            ),
            Parameter::length('ending-breadth', 'Its breadth', 'Empty: as broad as a flap.', $least, $most),
            Parameter::choice(
                'insides',
                'Insides',
                'Whether the mats of the book go on the insides of the flaps too.',
                ['matted' => 'matted', 'bare' => 'bare'],
                'matted',
            ),
            Parameter::choice(
                'strips',
                'Strips between',
                'Narrow mats on the steps that are seen between the flaps.',
                ['no' => 'no', 'yes' => 'yes'],
                'no',
            ),
        ];
    }

    public function place(Spot $spot): Placement
    {
        $hinge = match ($spot->values->choice('runs')) {
            'down' => Edge::Top,
            'up' => Edge::Bottom,
            'right' => Edge::Left,
            default => Edge::Right,
        };
        $count = $spot->values->count('flaps');
        $step = $spot->values->length('step');
        [$run, $across] = $hinge->isUpright() ? [$spot->size()->width, $spot->size()->height]
            : [$spot->size()->height, $spot->size()->width];
        $free = $spot->length('reach', Length::longest($run->minus($step->times($count - 1)), $step));
        $breadth = $spot->length('breadth', $across->minus($spot->allowances->quarter()->times(2)));
        $this->addEnding(
            $spot,
            $hinge,
            $run->minus($step->times($count - 1), $spot->values->length('ending-clear')),
            $spot->length('ending-breadth', $breadth),
        );
        $faces = $this->addFlaps($spot, $hinge, $step, $this->turned($hinge, $free, $breadth));
        $spot->draft->task(new Task(
            'glue-waterfalls',
            Phase::Pocket,
            'Glue the waterfalls',
            'Start with the flap that lies lowest and work towards the edge; the first flap lies on top of all, level with the edge.',
            'Waterfall',
            Adhesive::Tape,
            array_values(array_unique(array_map(static fn (Face $face): string => $face->paper->part, array_values($faces)))),
            places: [sprintf('%s: %d flaps', $spot->face->name, $count)],
            face: $spot->face->key,
        ));

        return new Placement(
            $this->at($spot, $hinge, Length::zero(), $this->turned($hinge, $step->times($count - 1)->plus($free), $breadth)),
            $faces,
        );
    }

    /** @return array<string, Face> the first flap's first */
    private function addFlaps(Spot $spot, Edge $hinge, Length $step, Size $size): array
    {
        $faces = [];
        for ($k = $spot->values->count('flaps'); $k >= 1; $k--) {
            $area = $this->at($spot, $hinge, $step->times($k - 1), $size);
            $flap = new HingedFlap(
                $spot,
                $area,
                $hinge,
                $spot->values->length('tab'),
                'Waterfall flap',
                'Waterfall',
                (string) $k,
                Depth::OnMat,
            );
            $added = $flap->add("{$spot->key}/flap-{$k}", 'glue-waterfalls', insideTakesMat: $spot->values->choice('insides') === 'matted');
            $faces = ["flap-{$k}" => $added['front'], "flap-{$k}-inside" => $added['inside'], ...$faces];
            if ($k > 1 && $spot->values->choice('strips') === 'yes') {
                $this->addStrip(
                    $spot,
                    $added['front'],
                    $hinge,
                    $this->turned($hinge, $step->minus($spot->allowances->hairline()), $hinge->isUpright() ? $size->height : $size->width),
                );
            }
        }

        return $faces;
    }

    private function addStrip(Spot $spot, Face $flap, Edge $hinge, Size $size): void
    {
        $part = $spot->draft->part(
            new Part(
                "{$spot->key}/strip",
                'Strip between flaps',
                'Waterfall',
                $size,
                StockRole::MatTop,
                places: [$spot->face->name],
                why: 'Just under a step.',
            ),
        );
        $area = Rectangle::whole($flap->size)->strip($hinge->opposite(), $hinge->isUpright() ? $size->width : $size->height);
        $spot->draft->add(
            new Joint(
                new PanelRef($part, 'whole', Side::B),
                $flap->paper,
                $area,
                Adhesive::WetGlue,
                Layer::Small,
                'waterfall-strips',
                $flap->key,
            ),
        );
        $spot->draft->task(
            new Task(
                'waterfall-strips',
                Phase::Fill,
                'Glue the strips between the flaps',
                'On the part of each flap that stays in sight, clear of the fold.',
                'Waterfall',
                Adhesive::WetGlue,
                [$part],
                places: [$spot->face->name],
                face: $spot->face->key,
            ),
        );
    }

    private function addEnding(Spot $spot, Edge $hinge, Length $long, Length $breadth): void
    {
        if ($spot->values->choice('ending') !== 'covered' || ! $long->isPositive()) {
            return;
        }
        $size = $this->turned($hinge, $long, $breadth);
        $area = $this->at($spot, $hinge->opposite(), Length::zero(), $size);
        $part = $spot->draft->part(
            new Part(
                "{$spot->key}/ending",
                'Piece under the last flap',
                'Waterfall',
                $size,
                StockRole::MatTop,
                places: [$spot->face->name],
                why: 'What shows when all flaps are open, clear of the last hinge.',
            ),
        );
        $spot->draft->add(
            new Joint(
                new PanelRef($part, 'whole', Side::B),
                $spot->face->paper,
                $area,
                Adhesive::WetGlue,
                Layer::Mat,
                'waterfall-ending',
                $spot->face->key,
                depth: Depth::Double,
            ),
        );
        $spot->draft->task(
            new Task(
                'waterfall-ending',
                Phase::Mat,
                'Cover what shows under the last flap',
                'Before the flaps go on, level with the far edge.',
                'Waterfall',
                Adhesive::WetGlue,
                [$part],
                places: [$spot->face->name],
                face: $spot->face->key,
            ),
        );
    }

    /** A size by what it measures along the run and across it. */
    private function turned(Edge $hinge, Length $along, Length $across): Size
    {
        return $hinge->isUpright() ? new Size($along, $across) : new Size($across, $along);
    }

    /** So far in from an edge, in the middle of the other direction. */
    private function at(Spot $spot, Edge $from, Length $in, Size $size): Rectangle
    {
        $middle = Rectangle::centred($size, $spot->size());

        return match ($from) {
            Edge::Top => Rectangle::at($middle->left(), $in, $size),
            Edge::Bottom => Rectangle::at($middle->left(), $spot->size()->height->minus($in, $size->height), $size),
            Edge::Left => Rectangle::at($in, $middle->top(), $size),
            Edge::Right => Rectangle::at($spot->size()->width->minus($in, $size->width), $middle->top(), $size),
        };
    }
}
