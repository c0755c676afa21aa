<?php

declare(strict_types=1);

namespace App\Planning;

/** Tells cut plans made by one edition of the planner's code from those of another: they may differ, and cannot always be read back. */
final readonly class PlannerEdition
{
    public static function current(): string
    {
        $files = glob(base_path('core/{Cutting,Geometry,Measure}/*.php'), GLOB_BRACE) ?: [];

        return hash('xxh128', serialize(array_map(filemtime(...), $files)));
    }
}
