<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Blueprint\Unheeded;
use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Mend;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\Workings;

/** Prints chosen for faces and pieces that the book no longer has: they are kept, and taken out together. */
final readonly class ChoicesAreHeeded implements Check
{
    public function examine(Workings $workings): iterable
    {
        $places = array_map(static fn (Unheeded $choice): string => $choice->place, $workings->blueprint->all(Unheeded::class));
        if ($places === []) {
            return;
        }
        $count = count($places);
        yield new Finding(
            Severity::Watch,
            'choice-of-nothing',
            sprintf(
                $count === 1 ? 'A print is chosen for “%s”, and there is no such piece: the face has no mat, or is no more.'
                    : 'A print is chosen for “%s” and for %d more places, and there are no such pieces: faces without mats, or gone.',
                $places[0],
                $count - 1,
            ),
            mend: new Mend(
                $count === 1 ? 'Take the choice out' : 'Take these choices out',
                array_fill_keys(array_map(static fn (string $place): string => "choices.{$place}", $places), null),
            ),
        );
    }
}
