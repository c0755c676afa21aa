<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Design\Allowances;
use Ephemeron\Design\Parameter;
use Ephemeron\Design\Values;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\PhotoSize;

/** The parameters of things that hold one print. */
final readonly class PrintChoice
{
    private function __construct(public ?PhotoSize $photo, private Size $print, private bool $sideways)
    {
    }

    /** @return list<Parameter> */
    public static function parameters(): array
    {
        $photos = [];
        foreach (PhotoSize::cases() as $photo) {
            $photos[$photo->value] = $photo->label();
        }
        $own = static fn (string $key, string $name): Parameter => Parameter::length(
            $key,
            $name,
            'Of a print trimmed to a size of its own, as it stands upright; empty: as chosen above.',
            Length::inches(0, 1, 2),
            Length::inches(12),
        );

        return [
            Parameter::choice(
                'photo',
                'Print',
                'The size of the print it is for.',
                $photos,
                PhotoSize::FourBySix->value,
                PhotoSize::NineByThirteen->value,
            ),
            $own('print-width', 'Print, width'),
            $own('print-height', 'Print, height'),
            Parameter::choice('lies', 'Lies', 'Upright or sideways.', ['upright' => 'upright', 'sideways' => 'sideways'], 'upright'),
        ];
    }

    public static function in(Values $values): self
    {
        $photo = PhotoSize::from($values->choice('photo'));
        $usual = $photo->size();
        $print = new Size($values->lengthOr('print-width', $usual->width), $values->lengthOr('print-height', $usual->height));

        return new self($print->equals($usual) ? $photo : null, $print, $values->choice('lies') === 'sideways');
    }

    /** Upright. */
    public function print(): Size
    {
        return $this->print;
    }

    /** `4 × 6 in`. */
    public function label(Notation $notation): string
    {
        return $this->photo?->label() ?? $notation->size($this->print);
    }

    /** Its card, upright: ¼ in larger each way, metric ½ cm. */
    public function mat(Allowances $allowances): Size
    {
        return $this->photo?->mat() ?? $this->print->plus($allowances->either(Length::inches(0, 1, 4), Length::millimetres(5)));
    }

    /** As it lies on the face. */
    public function lying(Size $upright): Size
    {
        return $this->sideways ? $upright->turned() : $upright;
    }
}
