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
                            sprintf('%s (%s): %s would go over the score at %s. Glue up to a score, never over it.', $part->letter, $part->name, lcfirst($zone->adhesive->label()), $workings->notation()->text($crease->at())),
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
        $line = Rectangle::between(
            min($crease->line->from->x->ticks, $crease->line->to->x->ticks),
            min($crease->line->from->y->ticks, $crease->line->to->y->ticks),
            max($crease->line->from->x->ticks, $crease->line->to->x->ticks),
            max($crease->line->from->y->ticks, $crease->line->to->y->ticks),
        );

        return match ($crease->along()) {
            Axis::Width => $area->left()->isLessThan($line->left()) && $line->left()->isLessThan($area->right()) && $line->top()->isLessThan($area->bottom()) && $area->top()->isLessThan($line->bottom()),
            Axis::Height => $area->top()->isLessThan($line->top()) && $line->top()->isLessThan($area->bottom()) && $line->left()->isLessThan($area->right()) && $area->left()->isLessThan($line->right()),
            default => false,
        };
    }
}
