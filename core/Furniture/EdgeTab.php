<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Fold;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\PanelGrid;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Proud;
use Ephemeron\Blueprint\Task;
use Ephemeron\Design\Parameter;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\StockRole;

/**
 * A tab on the edge of a page, doubled round it so that it is seen from both sides. The text block stays ⅛–¼ in narrower than the cover,
 * so that tabs stay inside. Common practice, no published source.
 */
final readonly class EdgeTab implements Furniture
{
    public function key(): string
    {
        return 'edge-tab';
    }

    public function name(): string
    {
        return 'Tab on the edge';
    }

    public function summary(): string
    {
        return 'A doubled tab that stands out of the page to turn it by.';
    }

    public function kin(): Kin
    {
        return Kin::Small;
    }

    public function parameters(): array
    {
        return [
            HingeEdge::parameter(),
            Parameter::length(
                'breadth',
                'Breadth',
                'Along the edge.',
                Length::inches(0, 1, 2),
                Length::inches(4),
                Length::inches(1),
                Length::millimetres(25),
            ),
            Parameter::length(
                'proud',
                'Stands out',
                'Beyond the edge; no further than the covers do.',
                Length::inches(0, 1, 16),
                Length::inches(1),
                Length::inches(0, 1, 8),
                Length::millimetres(3),
            ),
            Parameter::length(
                'held',
                'Held',
                'What of it is glued on each side of the page.',
                Length::inches(0, 1, 4),
                Length::inches(2),
                Length::inches(0, 3, 8),
                Length::millimetres(10),
            ),
            Parameter::length(
                'along',
                'Along the edge',
                'How far from the top or left end; empty: in the middle.',
                Length::zero(),
                Length::inches(24),
            ),
        ];
    }

    public function place(Spot $spot): Placement
    {
        $edge = $spot->edge();
        $face = $spot->size();
        $breadth = $spot->values->length('breadth');
        $held = $spot->values->length('held');
        $half = $held->plus($spot->values->length('proud'));
        $start = $spot->length('along', ($edge->isUpright() ? $face->height : $face->width)->minus($breadth)->half());
        $area = match ($edge) {
            Edge::Left => Rectangle::at(Length::zero(), $start, new Size($held, $breadth)),
            Edge::Right => Rectangle::at($face->width->minus($held), $start, new Size($held, $breadth)),
            Edge::Top => Rectangle::at($start, Length::zero(), new Size($breadth, $held)),
            Edge::Bottom => Rectangle::at($start, $face->height->minus($held), new Size($breadth, $held)),
        };
        $spans = ['front' => $half, 'back' => $half];
        $grid = $edge->isUpright() ? PanelGrid::columns($spans, $breadth) : PanelGrid::rows($breadth, $spans);
        $part = $spot->draft->part(
            new Part(
                $spot->key,
                'Edge tab',
                'Small things',
                $grid->size(),
                StockRole::CoverPaper,
                creases: $grid->creases(Fold::Mountain),
                panels: $grid->panels(),
                upright: false,
                places: [$spot->face->name],
                why: "What is held and what stands out, twice: {$grid->inWords($spot->notation)}.",
            ),
        );
        $spot->draft->add(
            new Joint(
                new PanelRef($part, 'front', Side::B),
                $spot->face->paper,
                $area,
                Adhesive::WetGlue,
                Layer::Small,
                'edge-tabs',
                $spot->face->key,
            ),
        );
        $spot->draft->add(
            new Proud($this->name(), $spot->face->key, $edge, $spot->values->length('proud'), $spot->placeOf('proud')),
        );
        $spot->draft->task(
            new Task(
                'edge-tabs',
                Phase::Fill,
                'Glue the tabs round the edges',
                'Fold it, glue both halves, set it so that all tabs stand out alike. Stagger them down the edge.',
                'Small things',
                Adhesive::WetGlue,
                [$part],
                places: [sprintf('%s: at the %s', $spot->face->name, $edge->value)],
                face: $spot->face->key,
            ),
        );

        return new Placement($area, along: $edge->isUpright() ? Axis::Height : Axis::Width);
    }
}
