<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\Workings;

/** A thumb notch as wide as the opening, or deeper than what it is punched into. */
final readonly class NotchFitsOpening implements Check
{
    public function examine(Workings $workings): iterable
    {
        foreach ($workings->blueprint->parts as $part) {
            $notch = $part->notches[0] ?? null;
            if ($notch === null) {
                continue;
            }
            $panel = $part->panels === [] ? $part->size : $part->panels[0]->area->size();
            $mouth = $notch->edge->isUpright() ? $panel->height : $panel->width;
            $depth = $notch->edge->isUpright() ? $panel->width : $panel->height;
            if ($mouth->isMoreThan($notch->diameter) && $depth->isMoreThan($notch->diameter)) {
                // Beyond three fifths of the mouth little is left to hold the card (common practice, no published source).
                if ($notch->diameter->times(5)->isMoreThan($mouth->times(3))) {
                    yield new Finding(Severity::Note, 'notch-large', sprintf(
                        'The notch of %s is %s across an opening of %s: little is left to hold its card. A smaller punch does.',
                        $part->called(),
                        $workings->notation()->text($notch->diameter),
                        $workings->notation()->text($mouth),
                    ), part: $part->key);
                }

                continue;
            }
            yield new Finding(
                Severity::Stop,
                'notch-too-large',
                sprintf(
                    'The notch of %s is %s across; the opening is only %s wide and %s deep. Take a smaller punch.',
                    $part->called(),
                    $workings->notation()->text($notch->diameter),
                    $workings->notation()->text($mouth),
                    $workings->notation()->text($depth),
                ),
                part: $part->key,
            );
        }
    }
}
