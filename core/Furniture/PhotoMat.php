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
        return [...PrintChoice::parameters(), ...Position::parameters()];
    }

    public function place(Spot $spot): Placement
    {
        $choice = PrintChoice::in($spot->values);
        $photo = $choice->photo;
        $size = $choice->lying($photo->mat());
        $area = $spot->area($size);
        $part = $spot->draft->part(new Part($spot->key, "Photo mat for {$photo->label()}", 'Photo mats', $photo->mat(), StockRole::InsertCard, upright: false, places: [$spot->face->name], why: 'The print and ¼ in (½ cm) each way.'));
        $spot->draft->add(new Joint(new PanelRef($part, 'whole', Side::B), $spot->face->paper, $area, Adhesive::WetGlue, Layer::Photo, 'photo-mats', $spot->face->key));
        $spot->draft->add(new Mount($photo, $spot->face->key));
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
        $front = $spot->face->front("{$spot->key}/front", "Photo mat for {$photo->label()}", $size, new PanelRef($part, 'whole', Side::A));
        $spot->draft->face($front);

        return Placement::withFront($area, $front);
    }
}
