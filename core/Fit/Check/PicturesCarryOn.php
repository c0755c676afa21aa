<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\Workings;

/**
 * Pieces that carry on one picture are cut side by side from one place of a sheet; where each must lose a little, it comes off its outer
 * edge, never between them. Common practice, no published source.
 */
final readonly class PicturesCarryOn implements Check
{
    public function examine(Workings $workings): iterable
    {
        $letters = [];
        $papers = [];
        foreach ($workings->blueprint->parts as $part) {
            if ($part->picture !== null) {
                $letters[$part->picture->name][] = $part->letter;
                $papers[$part->picture->name][$part->paper()] = true;
            }
        }
        foreach ($letters as $picture => $pieces) {
            if (count($pieces) < 2) {
                continue;
            }
            yield count($papers[$picture]) > 1 ? new Finding(Severity::Watch, 'parted-picture', sprintf(
                'Pieces %s carry on one picture, “%s”, and are cut from different papers: choose one print for all of them.',
                implode(', ', $pieces),
                $picture,
            )) : new Finding(Severity::Note, 'one-picture', sprintf(
                'Pieces %s carry on one picture, “%s”: they are cut as neighbours from one place of the sheet. What each must lose comes '
                    .'off its outer edge, not between them.',
                implode(', ', $pieces),
                $picture,
            ));
        }
    }
}
