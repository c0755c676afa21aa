<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Blueprint\Crease;
use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\Workings;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;

/** Glue or tape that goes over a score, and a splice that lies on one: the fold would not bend, or crack. */
final readonly class GlueStaysOffScores implements Check
{
    public function examine(Workings $workings): iterable
    {
        foreach ($workings->blueprint->parts as $part) {
            foreach ($part->glueZones as $zone) {
                foreach ($part->creases as $crease) {
                    if ($this->crosses($zone->area, $crease)) {
                        yield new Finding(
                            Severity::Stop,
                            'glue-over-score',
                            sprintf(
                                '%s (%s): %s would go over the score at %s. Glue up to a score, never over it.',
                                $part->letter,
                                $part->name,
                                lcfirst($zone->adhesive->label()),
                                $workings->notation()->text($crease->at()),
                            ),
                            part: $part->key,
                        );

                        continue 3;
                    }
                }
            }
        }
    }

    private function crosses(Rectangle $area, Crease $crease): bool
    {
        $along = $crease->along();
        if ($along === null) {
            return false;
        }
        // Measured along the side the score stands on, and across it.
        [$near, $far] = $along === Axis::Width ? [$area->left(), $area->right()] : [$area->top(), $area->bottom()];
        if (! $near->isLessThan($crease->at()) || ! $crease->at()->isLessThan($far)) {
            return false;
        }
        [$from, $to] = $along === Axis::Width ? [$crease->line->from->y, $crease->line->to->y]
            : [$crease->line->from->x, $crease->line->to->x];
        [$top, $foot] = $along === Axis::Width ? [$area->top(), $area->bottom()] : [$area->left(), $area->right()];

        return Length::shortest($from, $to)->isLessThan($foot) && $top->isLessThan(Length::longest($from, $to));
    }
}
