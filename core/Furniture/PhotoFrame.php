<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\GlueZone;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Mount;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Blueprint\Slide;
use Ephemeron\Blueprint\Task;
use Ephemeron\Design\Parameter;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Polygon;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\StockRole;

/**
 * A frame round one print: the card of a photo mat with a window ⅛ in (3 mm) smaller than the print on every side, glued on three sides so
 * that the print slips in. Source: common practice, no published source.
 */
final readonly class PhotoFrame implements Furniture
{
    public function key(): string
    {
        return 'photo-frame';
    }

    public function name(): string
    {
        return 'Photo frame';
    }

    public function summary(): string
    {
        return 'A window with a rim; the print slips in behind it and can be changed.';
    }

    public function kin(): Kin
    {
        return Kin::Photos;
    }

    public function parameters(): array
    {
        return [
            ...PrintChoice::parameters(),
            Parameter::length(
                'rim',
                'Rim',
                'How far the frame is broader than the print on each side.',
                Length::micrometres(2500),
                Length::inches(2),
                Length::inches(0, 3, 8),
                Length::millimetres(10),
            ),
            ...Position::parameters(),
        ];
    }

    public function place(Spot $spot): Placement
    {
        $choice = PrintChoice::in($spot->values);
        $label = $choice->label($spot->notation);
        $print = $choice->lying($choice->print());
        $rim = $spot->values->length('rim');
        $size = $print->plus($rim->times(2));
        $window = Rectangle::centred($print->within($spot->allowances->fine()), $size);
        $area = $spot->area($size);
        $whole = Rectangle::whole($size);
        $glued = [Edge::Left, Edge::Right, Edge::Bottom];
        $part = $spot->draft->part(new Part(
            key: $spot->key,
            name: "Frame for {$label}",
            section: 'Photo mats',
            size: $size,
            role: StockRole::CoverPaper,
            glueZones: array_map(
                static fn (Edge $edge): GlueZone => new GlueZone(
                    $whole->strip($edge, $spot->allowances->fine()),
                    Side::B,
                    Adhesive::WetGlue,
                ),
                $glued,
            ),
            places: [$spot->face->name],
            cutAways: [Polygon::of($window)],
            why: sprintf(
                'The print and a rim of %s; the window is %s.',
                $spot->notation->text($rim),
                $spot->notation->size($window->size()),
            ),
        ));
        $spot->draft->add(
            new Joint(
                new PanelRef($part, 'whole', Side::B),
                $spot->face->paper,
                $area,
                Adhesive::WetGlue,
                Layer::Photo,
                'frames',
                $spot->face->key,
            ),
        );
        $spot->draft->add(new Mount($spot->key, 'Frame', $spot->face->key, $choice->lying($choice->print()), $choice->photo));
        $spot->draft->add(
            new Slide(
                "A {$label} print",
                'the frame',
                $print->width,
                $size->width->minus(Pouch::glueLoss()->times(2)),
                Length::zero(),
                $spot->face->key,
            ),
        );
        $spot->draft->task(
            new Task(
                'frames',
                Phase::Fill,
                'Glue on the frames',
                'Thin beads along both sides and the foot, close to the edge: the print slips in from the head.',
                'Photo mats',
                Adhesive::WetGlue,
                [$part],
                places: [$spot->whereabouts($area)],
                face: $spot->face->key,
            ),
        );

        return new Placement($area);
    }
}
