<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Fold;
use Ephemeron\Blueprint\GlueZone;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Lump;
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
 * A pocket that opens to a depth: its front is joined to the face by concertina strips at the sides, folded in the middle, and by a gusset
 * at the foot as broad as the depth. Each side strip has a tab, two halves of the depth and a tab. It may have a flap of its own over the
 * top. Source: common practice, no published source.
 */
final readonly class ExpandingPocket implements Furniture
{
    public function key(): string
    {
        return 'expanding-pocket';
    }

    public function name(): string
    {
        return 'Expanding pocket';
    }

    public function summary(): string
    {
        return 'A pocket with concertina sides for thick things, with or without a flap over its top.';
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
                'Of the front; empty: nearly the width of the face.',
                Length::inches(1),
                Length::inches(24),
            ),
            Parameter::length('depth', 'Height of the front', 'Empty: five eighths of the face.', Length::inches(1), Length::inches(24)),
            Parameter::length(
                'opens',
                'Opens to',
                'How far the front stands off when it is full.',
                Length::inches(0, 1, 4),
                Length::inches(3),
                Length::inches(0, 1, 2),
                Length::millimetres(12),
            ),
            HingeEdge::tab(),
            Parameter::choice('flap', 'Flap over the top', 'Turns down over the opening.', ['yes' => 'yes', 'no' => 'no'], 'no'),
            Parameter::length('flap-width', 'Flap width', 'Empty: as wide as the front.', Length::inches(1), Length::inches(24)),
            Parameter::length('flap-depth', 'Flap depth', 'Empty: half the front.', Length::inches(0, 1, 2), Length::inches(24)),
            ...Position::parameters(upOtherwise: 'a hairline'),
        ];
    }

    public function place(Spot $spot): Placement
    {
        $hairline = $spot->allowances->hairline();
        $size = new Size(
            $spot->length('width', $spot->size()->width->minus($hairline->times(2))),
            $spot->length('depth', $spot->grooves()->down($spot->size()->height->portion(5, 8))),
        );
        $area = $spot->area($size, up: $hairline);
        [$front, $parts] = $this->addPieces($spot, $size);
        $this->join($spot, $area, $front, $parts[1]);
        $spot->draft->add(
            new Pouch(
                $spot->key,
                'Expanding pocket on '.lcfirst($spot->face->name),
                $spot->face->key,
                $size,
                [Edge::Left, Edge::Right],
                Edge::Top,
                $area->bottom(),
                front: new PanelRef($front, 'front', Side::A),
            ),
        );
        $spot->draft->add(new Lump('expanding pocket', $spot->face->key, $spot->values->length('opens')->half()));
        $spot->draft->task(new Task(
            'expanding-pockets',
            Phase::Pocket,
            'Build the expanding pockets',
            'The concertina strips go behind the front first, the gusset of the foot between them; then all to the page. Press it flat '
                .'once: the strips fold inwards.',
            'Expanding pocket',
            Adhesive::WetGlue,
            $parts,
            places: [$spot->face->name],
            face: $spot->face->key,
        ));
        $face = $spot->face->front(
            "{$spot->key}/front",
            "{$spot->face->name}, front of the expanding pocket",
            $size,
            new PanelRef($front, 'front', Side::A),
            true,
        );
        $spot->draft->face($face);

        return new Placement($area, ['front' => $face, ...$this->addFlap($spot, $area)]);
    }

    /** The strips behind the front, then their back tabs and the tab of the foot to the page. */
    private function join(Spot $spot, Rectangle $area, string $front, string $side): void
    {
        $tab = $spot->values->length('tab');
        $behind = new PanelRef($front, 'front', Side::B);
        $whole = Rectangle::whole($area->size());
        foreach ([Edge::Left, Edge::Right] as $edge) {
            $spot->draft->add(
                new Joint(
                    new PanelRef($side, 'front-tab', Side::A),
                    $behind,
                    $whole->strip($edge, $tab),
                    Adhesive::WetGlue,
                    Layer::Structure,
                    'expanding-pockets',
                ),
            );
        }
        $spot->draft->add(new Joint(
            $behind,
            $spot->face->paper,
            $area,
            Adhesive::WetGlue,
            Layer::Pocket,
            'expanding-pockets',
            $spot->face->key,
            pouch: $spot->key,
        ));
    }

    /** @return array{string, list<string>} the front, and all pieces */
    private function addPieces(Spot $spot, Size $size): array
    {
        $opens = $spot->values->length('opens');
        $tab = $spot->values->length('tab');
        $body = PanelGrid::rows($size->width, ['front' => $size->height, 'gusset' => $opens, 'tab' => $tab]);
        $side = PanelGrid::columns(
            ['front-tab' => $tab, 'in' => $opens->half(), 'out' => $opens->minus($opens->half()), 'back-tab' => $tab],
            $size->height,
        );
        $front = $spot->draft->part(
            new Part(
                $spot->key,
                'Expanding pocket, front and foot',
                'Expanding pocket',
                $body->size(),
                StockRole::StructureCard,
                creases: $body->creases(Fold::Mountain),
                glueZones: [new GlueZone($body->area('', 'tab'), Side::B, Adhesive::WetGlue)],
                panels: $body->panels(),
                places: [$spot->face->name],
                why: "Front, gusset, tab: {$body->inWords($spot->notation)}.",
            ),
        );
        $sides = $spot->draft->part(
            new Part(
                "{$spot->key}/side",
                'Concertina side',
                'Expanding pocket',
                $side->size(),
                StockRole::StructureCard,
                2,
                $side->creases(Fold::Valley, ['in' => Fold::Mountain]),
                glueZones: [
                    new GlueZone($side->area('front-tab'), Side::B, Adhesive::WetGlue),
                    new GlueZone($side->area('back-tab'), Side::B, Adhesive::WetGlue),
                ],
                panels: $side->panels(),
                upright: false,
                places: ["{$spot->face->name}, left", "{$spot->face->name}, right"],
                why: "Tab, half the depth twice, tab: {$side->inWords($spot->notation)}.",
            ),
        );

        return [$front, [$front, $sides]];
    }

    /** @return array<string, Face> */
    private function addFlap(Spot $spot, Rectangle $pocket): array
    {
        if ($spot->values->choice('flap') !== 'yes') {
            return [];
        }
        $width = $spot->length('flap-width', $pocket->width());
        $depth = $spot->length('flap-depth', $spot->grooves()->down($pocket->height()->half()));
        $clear = $spot->allowances->fine();
        $top = Length::longest($pocket->top()->minus($clear), Length::zero());
        $area = Rectangle::at($pocket->left()->plus($pocket->width()->minus($width)->half()), $top, new Size($width, $depth));
        $added = (new HingedFlap(
            $spot,
            $area,
            Edge::Top,
            $spot->values->length('tab'),
            'Pocket flap',
            'Expanding pocket',
        ))->add("{$spot->key}/flap", 'pocket-flaps');
        $spot->draft->task(
            new Task(
                'pocket-flaps',
                Phase::Closure,
                'Hinge the pocket flaps',
                'Above the opening: it closes down over the filled pocket.',
                'Expanding pocket',
                Adhesive::Tape,
                [$added['front']->paper->part],
                places: [$spot->face->name],
                face: $spot->face->key,
            ),
        );

        return ['flap' => $added['front'], 'flap-inside' => $added['inside']];
    }
}
