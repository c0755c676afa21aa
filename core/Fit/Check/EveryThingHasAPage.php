<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Blueprint\Homeless;
use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Mend;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\Workings;

/** Things left on pages that the book no longer has: nothing is thrown away without asking, and they are taken out together. */
final readonly class EveryThingHasAPage implements Check
{
    public function examine(Workings $workings): iterable
    {
        $places = array_map(static fn (Homeless $homeless): string => $homeless->place, $workings->blueprint->all(Homeless::class));
        $homeless = array_filter(array_map($workings->layout->furnished->at(...), array_combine($places, $places)));
        if ($homeless === []) {
            return;
        }
        $changes = [];
        foreach ($homeless as $place => $thing) {
            $changes += $thing->standing->takingOff($place);
        }
        $first = reset($homeless);
        yield new Finding(
            Severity::Stop,
            'no-such-page',
            count($homeless) === 1
                ? sprintf(
                    'A %s is meant for “%s”, and this book has no such face any more.',
                    str_replace('-', ' ', $first->kind),
                    $first->on,
                )
                : sprintf(
                    'A %s is meant for “%s”, and this book has no such face any more; nor has it those of %d more things.',
                    str_replace('-', ' ', $first->kind),
                    $first->on,
                    count($homeless) - 1,
                ),
            mend: new Mend(count($homeless) === 1 ? 'Take it out' : 'Take them out', $changes),
        );
    }
}
