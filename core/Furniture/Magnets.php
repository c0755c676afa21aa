<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Design\Parameter;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/**
 * Pairs of thin magnets under the mats. One pair leaves the ends of a wide flap lifted: two when it is wider than about 6 in. Source:
 * common practice, no published source.
 */
final readonly class Magnets implements Furniture
{
    public function key(): string
    {
        return 'magnets';
    }

    public function name(): string
    {
        return 'Magnets';
    }

    public function summary(): string
    {
        return 'Pairs of thin discs under the mats that hold a flap shut.';
    }

    public function kin(): Kin
    {
        return Kin::Closures;
    }

    public function parameters(): array
    {
        return [
            Parameter::count('pairs', 'Pairs', 'One for a narrow flap, two when it is wider than about 6 in (12½ cm).', 1, 4, 1),
            Parameter::count(
                'layers',
                'Layers between',
                'Card and mats between the two of a pair; a small pair pulls through about three.',
                0,
                12,
                2,
            ),
            HingeEdge::parameter(),
        ];
    }

    public function place(Spot $spot): Placement
    {
        $edge = $spot->edge();
        $across = $edge->isUpright() ? $spot->size()->height : $spot->size()->width;
        (new MagnetPair($spot))->add(
            'Magnets on '.lcfirst($spot->face->name),
            $spot->values->count('pairs'),
            $across,
            layers: $spot->values->count('layers'),
        );
        $in = $spot->allowances->either(Length::inches(0, 5, 8), Length::millimetres(15));
        $disc = $spot->allowances->either(Size::inches(0.5, 0.5)->width, Length::millimetres(12));
        $whole = Rectangle::whole($spot->size());
        $middle = $whole->middleOf($edge);
        $reach = $in->plus($disc);
        $size = new Size($disc, $disc);

        return new Placement(match ($edge) {
            Edge::Left => Rectangle::at($in, $middle->y->minus($disc->half()), $size),
            Edge::Right => Rectangle::at($spot->size()->width->minus($reach), $middle->y->minus($disc->half()), $size),
            Edge::Top => Rectangle::at($middle->x->minus($disc->half()), $in, $size),
            Edge::Bottom => Rectangle::at($middle->x->minus($disc->half()), $spot->size()->height->minus($reach), $size),
        });
    }
}
