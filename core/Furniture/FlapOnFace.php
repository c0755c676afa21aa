<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Corner;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Task;
use Ephemeron\Blueprint\Trim;
use Ephemeron\Design\Parameter;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/**
 * A flap on one edge of a face: free size and a tab of ½ in (1 cm). Free edges lie ⅛ in (3 mm) inside the face.
 * A fold-out is a flap as large as that allows. Source: common practice, no published source.
 */
final readonly class FlapOnFace implements Furniture
{
    private function __construct(private string $key, private string $name, private string $summary, private bool $covers)
    {
    }

    public static function half(): self
    {
        return new self('flap', 'Flap', 'A hinged panel over part of a face; it has a front and an inside.', false);
    }

    public static function foldOut(): self
    {
        return new self('fold-out', 'Fold-out', 'A flap as large as the face: it doubles the page.', true);
    }

    public function key(): string
    {
        return $this->key;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function summary(): string
    {
        return $this->summary;
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
            HingeEdge::parameter(),
            Parameter::length(
                'reach',
                'Reach',
                $this->covers ? 'From the hinge to the free edge; empty: a little less than the face.' : 'From the hinge to the free '
                    .'edge; empty: half the face.',
                $least,
                $most,
            ),
            Parameter::length('breadth', 'Breadth', 'Along the hinge; empty: ⅛ in (3 mm) inside the face at both ends.', $least, $most),
            Parameter::length(
                'along',
                'Along the edge',
                'How far from the top or left end of the edge; empty: in the middle.',
                Length::zero(),
                $most,
            ),
            Parameter::length(
                'inset',
                'In from the edge',
                'How far its hinge lies inside the edge of the face.',
                Length::zero(),
                Length::inches(6),
                Length::zero(),
            ),
            HingeEdge::tab(),
            Parameter::choice(
                'corners',
                'Free corners',
                'What is done to the two corners that are seen.',
                ['square' => 'square', 'rounded' => 'rounded', 'scalloped' => 'scalloped'],
                'square',
            ),
        ];
    }

    public function place(Spot $spot): Placement
    {
        $hinge = $spot->edge();
        $area = $this->area($spot, $hinge);
        $faces = (new HingedFlap(
            $spot,
            $area,
            $hinge,
            $spot->values->length('tab'),
            $this->name,
        ))->add($spot->key, 'hinge-flaps', $this->corners($spot, $hinge));
        $spot->draft->task(new Task(
            'hinge-flaps',
            Phase::Closure,
            'Hinge the flaps',
            'Close it once: the free edges stay inside the page. The mat of the face covers the tab.',
            'Flaps',
            Adhesive::Tape,
            [$faces['front']->paper->part],
            places: [sprintf('%s: at the %s', $spot->face->name, $hinge->value)],
            face: $spot->face->key,
        ));

        return new Placement($area, $faces, $hinge->isUpright() ? Axis::Height : Axis::Width);
    }

    private function area(Spot $spot, Edge $hinge): Rectangle
    {
        $fine = $spot->allowances->fine();
        $face = $spot->size();
        [$across, $along] = $hinge->isUpright() ? [$face->width, $face->height] : [$face->height, $face->width];
        $reach = $spot->length(
            'reach',
            $this->covers ? $across->minus($fine, $spot->values->length('inset')) : $spot->grooves()->down($across->half()),
        );
        $breadth = $spot->length('breadth', $along->minus($fine->times(2)));
        $start = $spot->length('along', $along->minus($breadth)->half());
        $inset = $spot->values->length('inset');

        return match ($hinge) {
            Edge::Left => Rectangle::at($inset, $start, new Size($reach, $breadth)),
            Edge::Right => Rectangle::at($face->width->minus($inset, $reach), $start, new Size($reach, $breadth)),
            Edge::Top => Rectangle::at($start, $inset, new Size($breadth, $reach)),
            Edge::Bottom => Rectangle::at($start, $face->height->minus($inset, $reach), new Size($breadth, $reach)),
        };
    }

    /**
     * Open, the panel lies beyond the hinge: its free edge is on the hinge's own side of the blank.
     *
     * @return list<Corner>
     */
    private function corners(Spot $spot, Edge $hinge): array
    {
        $trim = Trim::tryFrom($spot->values->choice('corners'));

        return $trim === null ? [] : Corner::along($hinge, $trim, $spot->allowances->tab());
    }
}
