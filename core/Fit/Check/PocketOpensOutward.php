<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Blueprint\Pouch;
use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\Workings;

/** A side-load pocket whose mouth is towards the fold: cards cannot be drawn out, or slide into the gutter. */
final readonly class PocketOpensOutward implements Check
{
    public function examine(Workings $workings): iterable
    {
        foreach ($workings->blueprint->all(Pouch::class) as $pouch) {
            $face = $workings->blueprint->face($pouch->face);
            if ($pouch->opening->isUpright() && $pouch->opening === $face->hinge) {
                yield new Finding(
                    Severity::Watch,
                    'pocket-on-wrong-side',
                    "{$pouch->name} opens towards the fold: a card cannot be drawn out there. Let it open on the "
                        ."{$face->hinge->opposite()->value}.",
                    face: $face->key,
                );
            }
        }
    }
}
