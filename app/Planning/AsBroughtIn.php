<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Paper;
use Ephemeron\Design\Design;
use Ephemeron\Paper\Stock;

/** A design from a file: numbers of another drawer mean nothing here. Papers are known by what they are, and taken when one says so. */
final readonly class AsBroughtIn
{
    public static function of(Design $design): Design
    {
        $described = static fn (Stock $stock): Stock => $stock->drawer === null ? $stock
            : $stock->from(null)->counted(null)->with(leftovers: []);

        return $design->with(
            materials: array_map($described, $design->materials),
            choices: $design->choices->with(papers: array_map($described, $design->choices->papers)),
        );
    }

    /** @return list<string> names of its papers that lie in the drawer here, of the same size and weight */
    public static function there(Design $design): array
    {
        $there = [];
        foreach ([...$design->materials, ...$design->choices->papers] as $stock) {
            $isThere = Paper::query()->where('name', $stock->name)->where('width', $stock->sheet->width->ticks)
                ->where('height', $stock->sheet->height->ticks)->where('weight', $stock->grammage->exact())->where('count', '>', 0)
                ->exists();
            $there[$stock->name] = $isThere || ($there[$stock->name] ?? false);
        }

        return array_map(strval(...), array_keys(array_filter($there)));
    }
}
