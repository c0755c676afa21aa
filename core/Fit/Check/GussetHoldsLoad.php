<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Blueprint\Gusset;
use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Mend;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\Workings;
use Ephemeron\Measure\Length;

/** A gusset narrower than what lies in it when the album is filled: the book gapes at the fore-edge. */
final readonly class GussetHoldsLoad implements Check
{
    public function examine(Workings $workings): iterable
    {
        $bulk = $workings->bulk;
        $notation = $workings->notation();
        foreach ($workings->blueprint->gussets as $gusset) {
            $load = $gusset->leaves->plus(...array_map($bulk->filled(...), $gusset->faces));
            if ($gusset->width->isAtLeast($load)) {
                continue;
            }
            $step = $this->wideEnough($gusset, $load, $workings);
            yield new Finding(
                Severity::Watch,
                'gusset-too-small',
                sprintf(
                    '%s is %s wide; filled, about %s lies in it. The album will gape. A step of %s makes room.',
                    ucfirst($gusset->name),
                    $notation->text($gusset->width),
                    $notation->text($workings->design->grid->up($load)),
                    $notation->text($step),
                ),
                mend: new Mend("Make the step {$notation->text($step)}", ["parameters.{$gusset->parameter}" => $notation->exact($step)]),
            );

            return;
        }
    }

    /** The step at which this gusset and every other one holds. */
    private function wideEnough(Gusset $first, Length $load, Workings $workings): Length
    {
        $bulk = $workings->bulk;
        $grid = $workings->design->grooves;
        $step = $grid->up(Length::ofTicks(intdiv($load->ticks + $first->steps - 1, $first->steps)));
        foreach ($workings->blueprint->gussets as $gusset) {
            $itsLoad = $gusset->leaves->plus(...array_map($bulk->filled(...), $gusset->faces));
            $step = Length::longest($step, $grid->up(Length::ofTicks(intdiv($itsLoad->ticks + $gusset->steps - 1, $gusset->steps))));
        }

        return $step;
    }
}
