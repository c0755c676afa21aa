<?php

declare(strict_types=1);

namespace App\Planning;

use Ephemeron\Design\Design;
use Ephemeron\Filling\Keepsake;
use Ephemeron\Paper\Price;
use Ephemeron\Paper\Stock;

/** A design as others may have it: papers as descriptions, nothing of the drawer, of prices, of what the maker puts in. */
final readonly class AsPattern
{
    public static function of(Design $design): Design
    {
        return $design->with(
            materials: array_map(self::described(...), $design->materials),
            choices: $design->choices->with(papers: array_map(self::described(...), $design->choices->papers)),
            keepsakes: array_filter($design->keepsakes, static fn (Keepsake $one): bool => $one->paper !== null),
        );
    }

    private static function described(Stock $stock): Stock
    {
        return $stock->from(null)->counted(null)->with(leftovers: [], price: new Price(0));
    }
}
