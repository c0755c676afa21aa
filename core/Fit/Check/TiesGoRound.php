<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Blueprint\Tie;
use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Mend;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\Workings;

/** A ribbon, cord or elastic shorter than what it goes round: twice the breadth and the thickness of the filled book. */
final readonly class TiesGoRound implements Check
{
    public function examine(Workings $workings): iterable
    {
        $notation = $workings->notation();
        $thick = $workings->profile->thickest(true);
        foreach ($workings->blueprint->all(Tie::class) as $tie) {
            $round = $tie->around->plus($thick)->times(2);
            if ($tie->length->portion($tie->stretch, 100)->isAtLeast($round)) {
                continue;
            }
            $needed = $notation->grid->up($round->portion(100, $tie->stretch));
            yield new Finding(
                Severity::Watch,
                'tie-too-short',
                sprintf(
                    'The %s is %s long; round the filled book, %s broad and about %s thick, it takes %s before it is tied.',
                    $tie->name,
                    $notation->text($tie->length),
                    $notation->text($tie->around),
                    $notation->text($notation->grid->up($thick)),
                    $notation->text($needed),
                ),
                face: $tie->face,
                mend: new Mend("Make it {$notation->text($needed)}", [$tie->place => $notation->exact($needed)]),
            );
        }
    }
}
