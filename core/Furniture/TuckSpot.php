<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\GlueZone;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Blueprint\Task;
use Ephemeron\Design\Parameter;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\StockRole;

/** A piece glued on two edges, so that a photo or a tag slips behind it. Common practice, no published source. */
final readonly class TuckSpot implements Furniture
{
    public function key(): string
    {
        return 'tuck-spot';
    }

    public function name(): string
    {
        return 'Tuck spot';
    }

    public function summary(): string
    {
        return 'A motif glued on two edges; a photo or a tag slips behind it.';
    }

    public function kin(): Kin
    {
        return Kin::Small;
    }

    public function parameters(): array
    {
        return [
            Parameter::length(
                'width',
                'Width',
                'Of the piece; empty: two fifths of the face.',
                Length::inches(0, 1, 2),
                Length::inches(24),
            ),
            Parameter::length(
                'height',
                'Height',
                'Of the piece; empty: a quarter of the face.',
                Length::inches(0, 1, 2),
                Length::inches(24),
            ),
            Parameter::choice(
                'glued',
                'Glued at',
                'Two edges that meet, or foot and both ends.',
                ['left' => 'left and foot', 'right' => 'right and foot', 'sides' => 'left and right'],
                'left',
            ),
            ...Position::parameters(upOtherwise: 'a little above the foot'),
        ];
    }

    public function place(Spot $spot): Placement
    {
        $size = new Size(
            $spot->length('width', $spot->notation->grid->down($spot->size()->width->portion(2, 5))),
            $spot->length('height', $spot->notation->grid->down($spot->size()->height->portion(1, 4))),
        );
        $area = $spot->area($size, up: $spot->allowances->tab());
        $glued = match ($spot->values->choice('glued')) {
            'left' => [Edge::Left, Edge::Bottom],
            'right' => [Edge::Right, Edge::Bottom],
            default => [Edge::Left, Edge::Right],
        };
        $whole = Rectangle::whole($size);
        $part = $spot->draft->part(new Part(
            key: $spot->key,
            name: 'Tuck spot',
            section: 'Small things',
            size: $size,
            role: StockRole::CoverPaper,
            glueZones: array_map(
                static fn (Edge $edge): GlueZone => new GlueZone($whole->strip($edge, Pouch::glueLoss()), Side::B, Adhesive::WetGlue),
                $glued,
            ),
            places: [$spot->face->name],
            why: 'As you chose, or a share of the face; a fussy-cut motif will do as well.',
        ));
        $spot->draft->add(
            new Joint(
                new PanelRef($part, 'whole', Side::B),
                $spot->face->paper,
                $area,
                Adhesive::WetGlue,
                Layer::Small,
                'tuck-spots',
                $spot->face->key,
            ),
        );
        $spot->draft->task(
            new Task(
                'tuck-spots',
                Phase::Fill,
                'Glue the tuck spots',
                sprintf(
                    'Only along the %s edge; the rest stays free. Slip a card behind before it sets.',
                    implode(' and the ', array_map(static fn (Edge $edge): string => $edge->value, $glued)),
                ),
                'Small things',
                Adhesive::WetGlue,
                [$part],
                places: [$spot->whereabouts($area)],
                face: $spot->face->key,
            ),
        );

        return new Placement($area);
    }
}
