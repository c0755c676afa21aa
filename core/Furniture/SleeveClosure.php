<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Caution;
use Ephemeron\Blueprint\Closing;
use Ephemeron\Blueprint\Crease;
use Ephemeron\Blueprint\Fold;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\PanelGrid;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Slide;
use Ephemeron\Blueprint\Task;
use Ephemeron\Design\Parameter;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\StockRole;

/**
 * A strip folded lengthwise twice and passed through two slits of the face, its ends glued behind: a flap or a tag slips under it.
 * The slits are ⅛ in (3 mm) longer than the folded strip is broad. Common practice, no published source.
 */
final readonly class SleeveClosure implements Furniture
{
    public function key(): string
    {
        return 'sleeve-closure';
    }

    public function name(): string
    {
        return 'Sleeve closure';
    }

    public function summary(): string
    {
        return 'A folded strip through two slits; the tip of a flap slips under it.';
    }

    public function kin(): Kin
    {
        return Kin::Closures;
    }

    public function parameters(): array
    {
        return [
            Parameter::length(
                'breadth',
                'Breadth',
                'Of the folded strip.',
                Length::inches(0, 1, 4),
                Length::inches(2),
                Length::inches(0, 1, 2),
                Length::millimetres(12),
            ),
            Parameter::length(
                'span',
                'Span',
                'Between the two slits; empty: a third of the face.',
                Length::inches(0, 1, 2),
                Length::inches(24),
            ),
            ...Position::parameters(),
        ];
    }

    public function place(Spot $spot): Placement
    {
        $breadth = $spot->values->length('breadth');
        $span = $spot->length('span', $spot->notation->grid->down($spot->size()->width->portion(1, 3)));
        $area = $spot->area(new Size($span, $breadth));
        $end = $spot->allowances->tab();
        $grid = new PanelGrid(
            ['left-end' => $end, 'strip' => $span, 'right-end' => $end],
            ['upper' => $breadth->half(), 'front' => $breadth, 'lower' => $breadth->half()],
        );
        $part = $spot->draft->part(
            new Part(
                $spot->key,
                'Sleeve strip',
                'Closure',
                $grid->size(),
                StockRole::StructureCard,
                creases: array_values(
                    array_filter($grid->creases(Fold::Mountain), static fn (Crease $crease): bool => $crease->along() === Axis::Height),
                ),
                panels: $grid->panels(),
                upright: false,
                places: [$spot->face->name],
                why: "Span and an end behind each slit; folded in from both long sides: {$grid->inWords($spot->notation)}.",
            ),
        );
        $spot->draft->add(
            new Joint(
                new PanelRef($part, 'strip-front', Side::B),
                $spot->face->paper,
                $area,
                Adhesive::WetGlue,
                Layer::Closure,
                'sleeve-closures',
                $spot->face->key,
            ),
        );
        $spot->draft->add(
            new Slide(
                'The folded strip',
                'its slits',
                $breadth,
                $breadth->plus($spot->allowances->fine()),
                $spot->allowances->fine(),
                $spot->face->key,
            ),
        );
        $spot->draft->add(new Closing('a sleeve'));
        $spot->draft->task(
            new Task(
                'sleeve-closures',
                Phase::Closure,
                'Pass the strip through its slits',
                sprintf(
                    'Cut two slits of %s, %s apart, into the mat before it is glued down. The strip comes up through one and down '
                        .'through the other; glue its ends behind.',
                    $spot->notation->text($breadth->plus($spot->allowances->fine())),
                    $spot->notation->text($span),
                ),
                'Closure',
                Adhesive::WetGlue,
                [$part],
                places: [$spot->whereabouts($area)],
                face: $spot->face->key,
                caution: Caution::Knife,
            ),
        );

        return new Placement($area);
    }
}
