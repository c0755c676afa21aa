<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Blueprint\Gusset;
use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\Workings;
use Ephemeron\Measure\Length;

/**
 * A book that is thick where it is looked at and thin where it is bound stands open like a wedge, if nothing at its spine gives it room.
 */
final readonly class BookCloses implements Check
{
    /** So much more in the middle than at the spine is felt as a wedge; common practice, no published source. */
    private const WEDGE = 8;

    public function examine(Workings $workings): iterable
    {
        // Gussets, fins and spine boards give room by themselves, and are judged on their own.
        // What is tied, clipped or pinned shut is held by that.
        if ($workings->blueprint->all(Gusset::class) !== [] || $workings->blueprint->closings() !== []) {
            return;
        }
        $profile = $workings->profile;
        $gape = $profile->gape(true);
        if ($gape->isLessThan(Length::millimetres(self::WEDGE))) {
            return;
        }
        yield new Finding(
            Severity::Note,
            'book-gapes',
            sprintf(
                'Filled it is %s thick in the middle and %s at the spine: it stands open by about %s. A band round it, or fewer prints '
                    .'on the same opening, keeps it shut.',
                $workings->notation()->text($profile->thickest(true)),
                $workings->notation()->text($profile->spine(true)),
                $workings->notation()->text($gape),
            ),
        );
    }
}
