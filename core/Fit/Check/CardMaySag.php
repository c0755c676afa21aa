<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Blueprint\Face;
use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\Workings;
use Ephemeron\Measure\Length;

/** Light card sags in the middle of pages 8 in and wider until mats are glued on (common practice, no published source). */
final readonly class CardMaySag implements Check
{
    private const LIGHT = 200.0;

    public function examine(Workings $workings): iterable
    {
        $pages = array_filter(
            $workings->blueprint->pages(),
            static fn (Face $face): bool => $face->size->width->isAtLeast(Length::inches(8)),
        );
        foreach ($pages as $face) {
            $stock = $workings->stockOf($workings->blueprint->part($face->paper->part));
            if ($stock->grammage->inGrams() >= self::LIGHT) {
                return;
            }
            $matted = $workings->blueprint->on($face->key) !== [];
            yield new Finding(
                $matted ? Severity::Note : Severity::Watch,
                'card-sags',
                sprintf(
                    'Pages are %s wide and %s is only %s: they sag in the middle %s.',
                    $workings->notation()->text($face->size->width),
                    $stock->name,
                    $stock->grammage->text(),
                    $matted ? 'until the mats are glued on' : 'without mats',
                ),
                face: $face->key,
            );

            return;
        }
    }
}
