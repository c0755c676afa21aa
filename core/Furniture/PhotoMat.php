<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Mount;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Task;
use Ephemeron\Design\Parameter;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\StockRole;

/** A card glued to a face for one print: ¼ in (½ cm) larger than the print each way. Common practice, no published source. */
final readonly class PhotoMat implements Furniture
{
    public function key(): string
    {
        return 'photo-mat';
    }

    public function name(): string
    {
        return 'Photo mat';
    }

    public function summary(): string
    {
        return 'A card for one print, with an even edge round it.';
    }

    public function kin(): Kin
    {
        return Kin::Photos;
    }

    public function parameters(): array
    {
        $own = static fn (string $key, string $name): Parameter => Parameter::length(
            $key,
            $name,
            'Of the card, as it stands upright; empty: ¼ in (½ cm) larger than the print.',
            Length::inches(0, 1, 2),
            Length::inches(12),
        );

        return [
            ...PrintChoice::parameters(),
            $own('mat-width', 'Mat, width'),
            $own('mat-height', 'Mat, height'),
            ...Position::parameters(),
        ];
    }

    public function place(Spot $spot): Placement
    {
        $choice = PrintChoice::in($spot->values);
        $usual = $choice->mat($spot->allowances);
        $mat = new Size($spot->length('mat-width', $usual->width), $spot->length('mat-height', $usual->height));
        $size = $choice->lying($mat);
        $label = $choice->label($spot->notation);
        $area = $spot->area($size);
        $part = $spot->draft->part(
            new Part(
                $spot->key,
                "Photo mat for {$label}",
                'Photo mats',
                $mat,
                StockRole::InsertCard,
                upright: false,
                places: [$spot->face->name],
                why: 'The print and ¼ in (½ cm) each way.',
            ),
        );
        $spot->draft->add(
            new Joint(
                new PanelRef($part, 'whole', Side::B),
                $spot->face->paper,
                $area,
                Adhesive::WetGlue,
                Layer::Photo,
                'photo-mats',
                $spot->face->key,
            ),
        );
        $spot->draft->add(new Mount($spot->key, 'Photo mat', $spot->face->key, $choice->lying($choice->print()), $choice->photo));
        $spot->draft->task(new Task(
            'photo-mats',
            Phase::Fill,
            'Glue down the photo mats',
            'Lay them out dry first. Glue flat, edges square to the page; the prints follow when the album is filled.',
            'Photo mats',
            Adhesive::WetGlue,
            [$part],
            places: [$spot->whereabouts($area)],
            face: $spot->face->key,
        ));
        $front = $spot->face->front("{$spot->key}/front", "Photo mat for {$label}", $size, new PanelRef($part, 'whole', Side::A));
        $spot->draft->face($front);

        return Placement::withFront($area, $front);
    }
}
