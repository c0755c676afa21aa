<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Blueprint\GlueZone;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Mend;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\Workings;
use Ephemeron\Measure\Length;

/** Tape over a score keeps it from bending. A gusset narrower than the tape gets none. */
final readonly class TapeFitsGusset implements Check
{
    public function examine(Workings $workings): iterable
    {
        foreach ($workings->blueprint->all(Joint::class) as $joint) {
            $part = $workings->blueprint->part($joint->from->part);
            if ($joint->from->panel !== 'gusset') {
                continue;
            }
            $gusset = $part->panel('gusset')->area;
            if (array_filter($part->glueZones, static fn (GlueZone $zone): bool => $gusset->contains($zone->area)) !== []) {
                continue;
            }
            $notation = $workings->notation();
            $tape = $workings->design->parameters->lengthOr('tape-width', Length::zero());
            if (! $tape->isMoreThan($gusset->size()->shortSide())) {
                // Glued without tape, or by a structure that has none.
                continue;
            }
            yield new Finding(
                Severity::Stop,
                'tape-over-the-score',
                sprintf(
                    'The tape is %s wide and the gusset of piece %s only %s: it would lie over the scores. Take narrower tape.',
                    $notation->text($tape),
                    $part->letter,
                    $notation->text($gusset->width()),
                ),
                part: $part->key,
                mend: new Mend(
                    "Use tape {$notation->text($gusset->width())} wide",
                    ['parameters.tape-width' => $notation->exact($gusset->width())],
                ),
            );

            return;
        }
    }
}
