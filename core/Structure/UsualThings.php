<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Design\Design;
use Ephemeron\Design\Furnished;
use Ephemeron\Design\Placed;
use Ephemeron\Design\Values;
use Ephemeron\Measure\Unit;

/** What sits on the faces of a structure at these measures unless the maker says otherwise, each under the key it is spoken of by. */
final readonly class UsualThings
{
    /** @return list<Placed> */
    public static function of(Structure $structure, Values $values, Unit $unit): array
    {
        return Placed::keyed($structure->defaultFurniture($values, $unit));
    }

    public static function furnished(Structure $structure, Design $design): Furnished
    {
        return new Furnished($design->things->furnish(self::of($structure, $design->parameters, $design->unit)));
    }
}
