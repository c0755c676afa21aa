<?php

declare(strict_types=1);

namespace App\Planning;

/** Tells cut plans made by one edition of the planner's code from those of another: they may differ, and cannot always be read back. */
final readonly class PlannerEdition
{
    public static function current(): string
    {
        return CodeEdition::of('core/Cutting', 'core/Geometry', 'core/Measure');
    }
}
