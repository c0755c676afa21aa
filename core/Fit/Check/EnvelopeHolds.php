<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Blueprint\Posted;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\Workings;

/**
 * A book that does not go into its envelope: ¼ in must stay free both ways, and the post allows only so much thickness. Common practice,
 * no published source.
 */
final readonly class EnvelopeHolds implements Check
{
    public function examine(Workings $workings): iterable
    {
        $posted = $workings->blueprint->find(Posted::class, 'book');
        if ($posted === null) {
            return;
        }
        $notation = $workings->notation();
        $needed = $posted->closed->plus(Pouch::play());
        if (! $needed->fitsInEitherWay($posted->envelope)) {
            yield new Finding(Severity::Stop, 'envelope-too-small', sprintf(
                'Closed it is %s; %s is %s inside, and ¼ in (6 mm) must stay free both ways. It will not go in.',
                $notation->size($posted->closed),
                $posted->name,
                $notation->size($posted->envelope),
            ));
        }
        $thick = $workings->profile->thickest(true);
        if ($posted->limit !== null && $thick->isMoreThan($posted->limit)) {
            yield new Finding(Severity::Stop, 'too-thick-for-the-post', sprintf(
                'Filled it is about %s thick; the post allows %s.',
                $notation->text($notation->grid->up($thick)),
                $notation->text($posted->limit),
            ));
        }
    }
}
