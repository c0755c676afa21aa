<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Blueprint\Act\Depth;
use Ephemeron\Blueprint\Act\Fasten;
use Ephemeron\Blueprint\Act\Pierce;
use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Caution;
use Ephemeron\Blueprint\Closing;
use Ephemeron\Blueprint\Corner;
use Ephemeron\Blueprint\Flap;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Loose;
use Ephemeron\Blueprint\Lump;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Sundry;
use Ephemeron\Blueprint\Task;
use Ephemeron\Blueprint\Trim;
use Ephemeron\Design\Parameter;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\StockRole;

/** A piece on a brad that turns to hold a flap shut; its pivot lies outside the flap's edge. Common practice, no published source. */
final readonly class SwingTab implements Furniture
{
    public function key(): string
    {
        return 'swing-tab';
    }

    public function name(): string
    {
        return 'Swing tab';
    }

    public function summary(): string
    {
        return 'A piece on a brad that turns over a flap and holds it shut.';
    }

    public function kin(): Kin
    {
        return Kin::Closures;
    }

    public function parameters(): array
    {
        return [
            Parameter::length(
                'width',
                'Width',
                'Of the piece.',
                Length::inches(0, 1, 2),
                Length::inches(4),
                Length::inches(0, 3, 4),
                Length::millimetres(20),
            ),
            Parameter::length(
                'length',
                'Length',
                'Of the piece.',
                Length::inches(1),
                Length::inches(6),
                Length::inches(2),
                Length::millimetres(50),
            ),
            ...Position::parameters('at the edge away from the spine'),
        ];
    }

    public function place(Spot $spot): Placement
    {
        $size = new Size($spot->values->length('width'), $spot->values->length('length'));
        $fine = $spot->allowances->fine();
        $area = $this->beside($spot, $size) ?? $spot->area(
            $size,
            $spot->outward() === Edge::Right ? $spot->size()->width->minus($size->width, $fine) : $fine,
        );
        $part = $spot->draft->part(
            new Part(
                $spot->key,
                'Swing tab',
                'Closure',
                $size,
                StockRole::StructureCard,
                2,
                upright: false,
                places: [$spot->face->name, "{$spot->face->name}, second layer"],
                corners: Corner::all(Trim::Rounded, $spot->allowances->quarter()),
                why: 'Two layers glued together, so that it does not tear at the brad.',
            ),
        );
        $tab = new PanelRef($part, 'whole', Side::B);
        $spot->draft->add(new Joint($tab, $tab, Rectangle::whole($size), Adhesive::WetGlue, Layer::Structure, 'double-swing-tabs'));
        $spot->draft->add(
            new Joint($tab, $spot->face->paper, $area, Adhesive::None, Layer::Closure, 'swing-tabs', $spot->face->key, depth: Depth::Upon),
        );
        $spot->draft->add(new Loose('Brad', null, 1, 'Closure', Sundry::Fastener));
        $spot->draft->add(new Lump('brad', $spot->face->key, Length::millimetres(1)));
        $spot->draft->add(new Closing('a swing tab'));
        $spot->draft->task(new Task(
            'double-swing-tabs',
            Phase::Assemble,
            'Glue the two layers of the swing tabs onto each other',
            '',
            'Closure',
            Adhesive::WetGlue,
            [$part],
            places: [$spot->face->name],
        ));
        $reverse = $spot->draft->reverseOf($spot->face);
        $spot->draft->task(new Task(
            'swing-tabs',
            Phase::Mat,
            'Pin the swing tabs',
            'Pierce tab and page where the flap ends, the pivot outside its edge. Open the legs of the brad behind the page.'
                .($reverse === null ? ' Cover them with a scrap.' : ' The mat of the other side hides them.'),
            'Closure',
            parts: [$part],
            places: [$spot->whereabouts($area)],
            face: $spot->face->key,
            caution: Caution::Needle,
            acts: [
                new Pierce([$part, $spot->face->paper->part], 1, 'where the flap ends'),
                ...($reverse === null ? [] : [new Fasten('the legs of the brad', $reverse->key, null, Depth::UnderMat, through: [$part])]),
            ],
        ));

        return new Placement($area);
    }

    /**
     * Over the free edge of a flap that lies on the face, half on it and half beside; none where the maker has placed it or there is no
     * flap.
     */
    private function beside(Spot $spot, Size $size): ?Rectangle
    {
        if (isset($spot->values->values['across']) || isset($spot->values->values['up'])) {
            return null;
        }
        foreach ($spot->draft->all(Flap::class) as $flap) {
            if ($flap->over !== $spot->face->key) {
                continue;
            }
            $free = $flap->area->middleOf($flap->hinge->opposite());
            $lying = $flap->hinge->isUpright() ? $size->turned() : $size;
            $left = Length::shortest(
                Length::longest($free->x->minus($lying->width->half()), Length::zero()),
                $spot->size()->width->minus($lying->width),
            );
            $top = Length::shortest(
                Length::longest($free->y->minus($lying->height->half()), Length::zero()),
                $spot->size()->height->minus($lying->height),
            );

            return Rectangle::at($left, $top, $lying);
        }

        return null;
    }
}
