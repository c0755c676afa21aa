<?php

declare(strict_types=1);

namespace Ephemeron\Papering;

use Ephemeron\Cutting\SheetPattern;
use Ephemeron\Fit\StockPlan;

/** The places that the cut plans give to each letter, sheet by sheet. */
final readonly class Places
{
    /**
     * @param list<StockPlan> $stocks
     * @return array<string, list<Place>> by letter, in the order in which the sheets are cut
     */
    public static function of(array $stocks): array
    {
        $places = [];
        foreach ($stocks as $stock) {
            foreach ($stock->cuts->patterns as $pattern) {
                foreach (self::handedOut($pattern, $stock) as [$letter, $place]) {
                    $places[$letter][] = $place;
                }
            }
        }

        return $places;
    }

    /**
     * Equal pieces are cut alike: those of which the fewest letters may be cut are handed out first.
     *
     * @return list<array{string, Place}>
     */
    private static function handedOut(SheetPattern $pattern, StockPlan $stock): array
    {
        $left = $pattern->gives;
        $blanks = $pattern->blanks();
        usort($blanks, static fn ($one, $other): int => count($one->demands) <=> count($other->demands));
        $handed = [];
        for ($number = 1; $number <= $pattern->count; $number++) {
            foreach ($blanks as $blank) {
                foreach ($blank->demands as $letter) {
                    if (($left[$letter] ?? 0) > 0) {
                        $left[$letter]--;
                        $handed[] = [$letter, new Place(
                            $pattern,
                            $number,
                            $blank->area(),
                            $stock->papers,
                            $stock->stock,
                            $blank->turned,
                        )];
                        break;
                    }
                }
            }
        }

        return $handed;
    }
}
