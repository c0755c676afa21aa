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
use Ephemeron\Measure\ToolGrid;

/** A gusset narrower than what lies in it when the album is filled: the book gapes at the fore-edge. */
final readonly class GussetHoldsLoad implements Check
{
    public function examine(Workings $workings): iterable
    {
        $bulk = $workings->bulk;
        $notation = $workings->notation();
        foreach ($workings->blueprint->all(Gusset::class) as $gusset) {
            $load = $gusset->leaves->plus(...array_map($bulk->filled(...), $gusset->faces));
            if ($gusset->width->isAtLeast($load)) {
                continue;
            }
            $step = $this->wideEnough($gusset, $load, $workings);
            yield new Finding(
                Severity::Watch,
                'gusset-too-small',
                sprintf(
                    '%s is %s wide; filled, about %s lies in it. The book will gape at the fore-edge. %s of %s makes room; or take fewer '
                        .'layers.',
                    ucfirst($gusset->name),
                    $notation->text($gusset->width),
                    $notation->text($workings->design->tools->grid->up($load)),
                    $this->parameterName($workings, $gusset),
                    $notation->text($step),
                ),
                mend: new Mend("Make it {$notation->text($step)}", ["parameters.{$gusset->parameter}" => $notation->exact($step)]),
            );

            return;
        }
    }

    private function stepFor(Gusset $gusset, Length $load, ToolGrid $grid): Length
    {
        $variable = $load->minus($gusset->fixed ?? Length::zero());

        return $grid->up(Length::ofTicks(intdiv($variable->ticks + $gusset->steps - 1, $gusset->steps)));
    }

    private function parameterName(Workings $workings, Gusset $gusset): string
    {
        foreach ($workings->parameters() as $parameter) {
            if ($parameter->key === $gusset->parameter) {
                return 'A '.lcfirst($parameter->name);
            }
        }

        return 'A width';
    }

    /** The step at which this gusset and every other one holds. */
    private function wideEnough(Gusset $first, Length $load, Workings $workings): Length
    {
        $bulk = $workings->bulk;
        $grid = $workings->design->tools->grooves;
        $step = $this->stepFor($first, $load, $grid);
        foreach ($workings->blueprint->all(Gusset::class) as $gusset) {
            $itsLoad = $gusset->leaves->plus(...array_map($bulk->filled(...), $gusset->faces));
            $step = $gusset->parameter === $first->parameter ? Length::longest($step, $this->stepFor($gusset, $itsLoad, $grid)) : $step;
        }

        return $step;
    }
}
