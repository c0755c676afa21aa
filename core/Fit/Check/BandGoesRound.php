<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Blueprint\Band;
use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Mend;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\Workings;

/** A loose band too short for the filled book: twice its breadth and its thickness, and an overlap. */
final readonly class BandGoesRound implements Check
{
    public function examine(Workings $workings): iterable
    {
        $notation = $workings->notation();
        $thick = $workings->profile->thickest(true);
        foreach ($workings->blueprint->all(Band::class) as $band) {
            $needed = $notation->grid->up($band->along->plus($thick)->times(2)->plus($band->overlap));
            if ($band->length->isAtLeast($needed)) {
                continue;
            }
            yield new Finding(
                Severity::Stop,
                'band-too-short',
                sprintf(
                    'The band is %s long; round the filled book, %s broad and about %s thick, it needs %s with %s to overlap.',
                    $notation->text($band->length),
                    $notation->text($band->along),
                    $notation->text($notation->grid->up($thick)),
                    $notation->text($needed),
                    $notation->text($band->overlap),
                ),
                part: $band->part,
                face: $band->face,
                mend: $band->place === null ? null : new Mend(
                    "Make it {$notation->text($needed)}",
                    [$band->place => $notation->exact($needed)],
                ),
            );
        }
    }
}
