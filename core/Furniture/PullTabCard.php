<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Blueprint\Act\Slip;
use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Filling;
use Ephemeron\Blueprint\GlueZone;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Notch;
use Ephemeron\Blueprint\PanelGrid;
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

/**
 * A card in a sleeve: the sleeve is glued on three edges with a thumb hole in the middle of the opening, the card stands ½ cm out of it,
 * and its tab is doubled for strength. Common practice, no published source.
 */
final readonly class PullTabCard implements Furniture
{
    public function key(): string
    {
        return 'pull-tab-card';
    }

    public function name(): string
    {
        return 'Pull-tab card';
    }

    public function summary(): string
    {
        return 'A card that is drawn out of a sleeve by its tab.';
    }

    public function kin(): Kin
    {
        return Kin::Pockets;
    }

    public function parameters(): array
    {
        return [
            Parameter::length(
                'width',
                'Width',
                'Of the sleeve; empty: three quarters of the face.',
                self::least(),
                Length::inches(24),
            ),
            Parameter::length('depth', 'Height', 'Of the sleeve; empty: half the face.', self::least(), Length::inches(24)),
            Parameter::length(
                'proud',
                'Card stands out',
                'Of the sleeve.',
                Length::inches(0, 1, 8),
                Length::inches(1),
                Length::inches(0, 3, 16),
                Length::millimetres(5),
            ),
            ...Position::parameters(),
        ];
    }

    private static function least(): Length
    {
        return Length::inches(1, 1, 2);
    }

    public function place(Spot $spot): Placement
    {
        $size = new Size(
            $spot->length('width', $spot->notation->grid->down(Length::longest($spot->size()->width->portion(3, 4), self::least()))),
            $spot->length('depth', $spot->notation->grid->down(Length::longest($spot->size()->height->half(), self::least()))),
        );
        $area = $spot->area($size);
        $whole = Rectangle::whole($size);
        $sleeve = $spot->draft->part(new Part(
            key: $spot->key,
            name: 'Sleeve',
            section: 'Pockets',
            size: $size,
            role: StockRole::PocketPaper,
            notches: [new Notch($whole->middleOf(Edge::Top), Edge::Top, $spot->allowances->notch())],
            glueZones: array_map(
                static fn (Edge $edge): GlueZone => new GlueZone($whole->strip($edge, Pouch::glueLoss()), Side::B, Adhesive::WetGlue),
                Edge::Top->others(),
            ),
            places: [$spot->face->name],
            why: 'As you chose, or a share of the face.',
        ));
        $pouch = new Pouch(
            $spot->key,
            'Sleeve on '.lcfirst($spot->face->name),
            $spot->face->key,
            $size,
            Edge::Top->others(),
            Edge::Top,
            $area->bottom(),
            front: new PanelRef($sleeve, 'whole', Side::A),
        );
        $spot->draft->add($pouch);
        $spot->draft->add(
            new Joint(
                new PanelRef($sleeve, 'whole', Side::B),
                $spot->face->paper,
                $area,
                Adhesive::WetGlue,
                Layer::Pocket,
                'sleeves',
                $spot->face->key,
                pouch: $spot->key,
            ),
        );
        $card = $spot->draft->part(
            new Part(
                "{$spot->key}/card",
                'Sleeve card',
                'Loose cards',
                new Size($pouch->widestInsert(), $size->height->plus($spot->values->length('proud'))),
                StockRole::InsertCard,
                upright: false,
                places: [$spot->face->name],
                why: 'What slides in the sleeve, and what stands out of it.',
            ),
        );
        $tab = PanelGrid::rows(
            Length::shortest($spot->allowances->notch(), $pouch->widestInsert()),
            [
                'back' => $spot->allowances->either(Length::inches(0, 3, 4), Length::millimetres(20)),
                'front' => $spot->allowances->either(Length::inches(0, 3, 4), Length::millimetres(20)),
            ],
        );
        $pull = $spot->draft->part(
            new Part(
                "{$spot->key}/tab",
                'Pull tab',
                'Loose cards',
                $tab->size(),
                StockRole::StructureCard,
                creases: $tab->creases(),
                panels: $tab->panels(),
                upright: false,
                places: [$spot->face->name],
                why: 'Doubled, so that it does not tear.',
            ),
        );
        $spot->draft->add(new Filling($card, $spot->key));
        $held = Rectangle::whole($tab->area('', 'front')->size());
        foreach (['front' => Side::A, 'back' => Side::B] as $panel => $side) {
            $spot->draft->add(
                new Joint(
                    new PanelRef($pull, $panel, Side::A),
                    new PanelRef($card, 'whole', $side),
                    $held,
                    Adhesive::WetGlue,
                    Layer::Small,
                    'pull-tabs',
                ),
            );
        }
        $spot->draft->task(new Task(
            'sleeves',
            Phase::Pocket,
            'Glue the sleeves',
            '',
            'Pockets',
            Adhesive::WetGlue,
            [$sleeve],
            places: [$spot->face->name],
            face: $spot->face->key,
        ));
        $spot->draft->task(new Task(
            'pull-tabs',
            Phase::Pocket,
            'Glue the pull tabs round the head of their cards',
            'Slide the card in and out once.',
            'Pockets',
            Adhesive::WetGlue,
            [$card, $pull],
            places: [$spot->face->name],
            face: $spot->face->key,
            acts: [new Slip($card, $spot->key)],
        ));
        $front = $spot->face->front(
            "{$spot->key}/front",
            "{$spot->face->name}, front of the sleeve",
            $size,
            new PanelRef($sleeve, 'whole', Side::A),
        );
        $spot->draft->face($front);

        return Placement::withFront($area, $front);
    }
}
