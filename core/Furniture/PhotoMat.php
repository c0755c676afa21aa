<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Mount;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Task;
use Ephemeron\Design\Parameter;
use Ephemeron\Design\Values;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Paper\PhotoSize;
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

    public function parameters(): array
    {
        $photos = [];
        foreach (PhotoSize::cases() as $photo) {
            $photos[$photo->value] = $photo->label();
        }

        return [
            Parameter::choice('photo', 'Print', 'The size of the print it is for.', $photos, PhotoSize::FourBySix->value, PhotoSize::NineByThirteen->value),
            Parameter::choice('lies', 'Lies', 'Upright or sideways.', ['upright' => 'upright', 'sideways' => 'sideways'], 'upright'),
            Parameter::length('across', 'From the left', 'How far from the left edge of the face; empty: in the middle.', Length::zero(), Length::inches(24)),
            Parameter::length('up', 'From the foot', 'How far above the foot of the face; empty: in the middle.', Length::zero(), Length::inches(24)),
        ];
    }

    public function place(Draft $draft, Face $face, string $key, Values $values, Notation $notation): Face
    {
        $photo = PhotoSize::from($values->choice('photo'));
        $size = $values->choice('lies') === 'sideways' ? $photo->mat()->turned() : $photo->mat();
        $middle = Rectangle::centred($size, $face->size);
        $up = $values->lengthOr('up', $face->size->height->minus($middle->bottom()));
        $area = Rectangle::at($values->lengthOr('across', $middle->left()), $face->size->height->minus($up, $size->height), $size);

        $part = $draft->part(new Part($key, "Photo mat for {$photo->label()}", 'Photo mats', $photo->mat(), StockRole::InsertCard, upright: false, places: [$face->name]));
        $draft->joint(new Joint(new PanelRef($part, 'whole', Side::B), $face->paper, $area, Adhesive::WetGlue, Layer::Photo, 'photo-mats', $face->key));
        $draft->mount(new Mount($photo, $face->key));
        $draft->task(new Task(
            'photo-mats',
            Phase::Fill,
            'Glue down the photo mats',
            'Lay them out dry first. Glue flat, edges square to the page; the prints follow when the album is filled.',
            'Photo mats',
            Adhesive::WetGlue,
            [$part],
            places: [sprintf('%s: %s from the left, %s from the foot', $face->name, $notation->text($area->left()), $notation->text($up))],
            face: $face->key,
        ));
        $front = new Face("{$key}/front", "Photo mat for {$photo->label()}", $size, new PanelRef($part, 'whole', Side::A), $face->order, $face->hinge, parent: $face->key);
        $draft->face($front);

        return $front;
    }
}
