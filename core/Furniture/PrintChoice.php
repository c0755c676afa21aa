<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Design\Parameter;
use Ephemeron\Design\Values;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\PhotoSize;

/** The parameters of things that hold one print. */
final readonly class PrintChoice
{
    private function __construct(public PhotoSize $photo, private bool $sideways)
    {
    }

    /** @return list<Parameter> */
    public static function parameters(): array
    {
        $photos = [];
        foreach (PhotoSize::cases() as $photo) {
            $photos[$photo->value] = $photo->label();
        }

        return [
            Parameter::choice('photo', 'Print', 'The size of the print it is for.', $photos, PhotoSize::FourBySix->value, PhotoSize::NineByThirteen->value),
            Parameter::choice('lies', 'Lies', 'Upright or sideways.', ['upright' => 'upright', 'sideways' => 'sideways'], 'upright'),
        ];
    }

    public static function in(Values $values): self
    {
        return new self(PhotoSize::from($values->choice('photo')), $values->choice('lies') === 'sideways');
    }

    /** As it lies on the face. */
    public function lying(Size $upright): Size
    {
        return $this->sideways ? $upright->turned() : $upright;
    }
}
