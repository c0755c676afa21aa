<?php

declare(strict_types=1);

namespace App\View;

use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\ToolGrid;
use Ephemeron\Measure\Unit;
use Ephemeron\Refusal;

/** What a sum that is being typed comes to, before it is taken: the length, and the marks it lies between. */
final readonly class SumInWords
{
    /** `= 11⅜ in`, `= 4.0433 in: between 4 and 4¹⁄₁₆`, or what is wrong with it. */
    public static function of(string $typed, Unit $unit, ToolGrid $grid): string
    {
        try {
            $length = Length::parse($typed, $unit);
        } catch (Refusal $refusal) {
            return $refusal->getMessage();
        }

        return self::ofLength($length, $unit, $grid);
    }

    public static function ofLength(Length $length, Unit $unit, ToolGrid $grid): string
    {
        $notation = new Notation($unit, $grid->unit() === $unit ? $grid : ToolGrid::usualFor($unit));
        if ($notation->grid->carries($length)) {
            return '= '.$notation->text($length);
        }

        return sprintf(
            '= %s: between the marks %s and %s',
            $notation->exact($length),
            $notation->number($notation->grid->down($length)),
            $notation->number($notation->grid->up($length)),
        );
    }
}
