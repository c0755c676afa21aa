<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Drawer\OwnPaper;
use Ephemeron\Design\Parameter;
use Ephemeron\Format\Complaints;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\Repeat;
use Illuminate\Foundation\Http\FormRequest;

/** A motif laid to a sheet, as it is asked for in an address: everything has a usual value, and what is wrong is told field by field. */
final class OwnPaperRequest extends FormRequest
{
    /** @return array<string, list<string>> what is asked for is read by {@see wanted()}, field by field */
    public function rules(): array
    {
        return [];
    }

    public function unit(): Unit
    {
        $asked = $this->input('unit');

        return is_string($asked) ? Unit::tryFrom($asked) ?? Unit::Inch : Unit::Inch;
    }

    /** @return string what the motif is kept as; empty where there is none yet */
    public function motif(): string
    {
        $motif = $this->input('motif');

        return is_string($motif) && preg_match('/^[0-9a-f]{40}$/D', $motif) === 1 ? $motif : '';
    }

    /** @return array{OwnPaper, array<string, string>} and a sentence for every field that is wrong */
    public function wanted(): array
    {
        $complaints = new Complaints;
        $isInch = $this->unit() === Unit::Inch;
        $side = $isInch ? Length::inches(12) : Length::millimetres(305);
        $sheet = new Size(
            $this->length('width', 'The sheet’s width', Length::inches(1), Length::inches(24), $side, $complaints),
            $this->length('height', 'The sheet’s height', Length::inches(1), Length::inches(24), $side, $complaints),
        );
        $motif = $this->length(
            'size',
            'The motif’s width',
            Length::inches(0, 1, 8),
            Length::inches(24),
            $isInch ? Length::inches(4) : Length::millimetres(100),
            $complaints,
        );
        $asked = $this->input('repeat');
        $repeat = is_string($asked) ? Repeat::tryFrom($asked) : Repeat::Straight;
        if ($repeat === null) {
            $complaints->add('repeat', 'It is straight, half-drop or brick.');
        }
        $paper = new OwnPaper($sheet, $motif, $repeat ?? Repeat::Straight, $this->boolean('mirrored'));
        if ($paper->isTooLarge()) {
            $complaints->add('width', 'Up to 13 × 19 in (33 × 48 cm), or as much paper in another shape.');
        }

        return [$paper, array_map(strval(...), $complaints->all())];
    }

    private function length(string $field, string $name, Length $least, Length $most, Length $usual, Complaints $complaints): Length
    {
        $said = $this->input($field);
        if ($said === null || $said === '') {
            return $usual;
        }
        $read = $complaints->reading(
            $field,
            fn (): mixed => Parameter::length($field, $name, '', $least, $most)->read(is_string($said) ? $said : '?', $this->unit()),
            $usual,
        );

        return $read instanceof Length ? $read : $usual;
    }
}
