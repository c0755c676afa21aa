<?php

declare(strict_types=1);

namespace App\View;

use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;
use Illuminate\Support\HtmlString;

/** Lengths and sizes on a page: to the marks of the project, with the exact value and the other unit at hand. */
final readonly class Measured
{
    public static function length(Length $length, Notation $notation, bool $unit = true): HtmlString
    {
        $other = Notation::usual($notation->unit->other())->text($length);

        return self::html($unit ? $notation->text($length) : $notation->number($length), $notation->exact($length), $other);
    }

    public static function size(Size $size, Notation $notation, bool $unit = true): HtmlString
    {
        $shown = $notation->number($size->width).' × '.$notation->number($size->height);
        $exact = $notation->exact($size->width).' × '.$notation->exact($size->height);

        return self::html(
            $unit ? "{$shown} {$notation->unit->value}" : $shown,
            $exact,
            Notation::usual($notation->unit->other())->size($size),
        );
    }

    private static function html(string $shown, string $exact, string $other): HtmlString
    {
        return new HtmlString(sprintf(
            '<span class="num" title="%s · %s">%s<span class="other">%s</span></span>',
            e($exact),
            e($other),
            Typeset::html($shown),
            Typeset::html($other),
        ));
    }
}
