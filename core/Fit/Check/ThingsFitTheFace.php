<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\Workings;
use Ephemeron\Geometry\Rectangle;

/** Things that hang over the edge of a page, and things glued over each other. */
final readonly class ThingsFitTheFace implements Check
{
    public function examine(Workings $workings): iterable
    {
        foreach ($workings->blueprint->faces as $face) {
            $things = array_values(array_filter(
                $workings->blueprint->on($face->key),
                static fn (Joint $joint): bool => $joint->layer === Layer::Pocket || $joint->layer === Layer::Photo,
            ));
            yield from $this->onHinges($workings, $face);
            foreach ($things as $index => $thing) {
                $name = $workings->blueprint->part($thing->from->part)->name;
                if (! Rectangle::whole($face->size)->contains($thing->area)) {
                    yield new Finding(Severity::Stop, 'hangs-over', sprintf(
                        '%s: the %s is %s at this place and the face is %s. It hangs over the edge.',
                        $face->name,
                        lcfirst($name),
                        $workings->notation()->size($thing->area->size()),
                        $workings->notation()->size($face->size),
                    ), part: $thing->from->part, face: $face->key);
                }
                foreach (array_slice($things, $index + 1) as $other) {
                    if ($thing->area->overlaps($other->area) && ! $this->standsBehind($workings, $thing, $other)) {
                        yield $this->overlap($workings, $face->key, $thing, $other);
                    }
                }
            }
        }
    }

    /**
     * A closure that lies over the tab of a flap: it is shut under the hinge.
     *
     * @return iterable<Finding>
     */
    private function onHinges(Workings $workings, Face $face): iterable
    {
        $joints = $workings->blueprint->on($face->key);
        foreach ($joints as $thing) {
            foreach ($thing->layer === Layer::Closure ? $joints : [] as $hinge) {
                if ($hinge->layer === Layer::Flap && $hinge->held?->overlaps($thing->area) === true) {
                    yield new Finding(Severity::Watch, 'things-overlap', sprintf(
                        '%s: the %s lies under the hinge of the %s. Move one of them.',
                        $face->name,
                        $workings->blueprint->part($thing->from->part)->called(),
                        $workings->blueprint->part($hinge->from->part)->called(),
                    ), part: $thing->from->part, face: $face->key);
                }
            }
        }
    }

    /** A pocket of which the upper third at least stays free is covered only at its foot by another one: it still opens. */
    private function standsBehind(Workings $workings, Joint $below, Joint $above): bool
    {
        $pouch = $below->pouch === null || $above->pouch === null ? null : $workings->blueprint->find(Pouch::class, $below->pouch);

        return $pouch !== null && ! $below->area->strip($pouch->opening, $pouch->depth()->portion(1, 3))->overlaps($above->area);
    }

    private function overlap(Workings $workings, string $face, Joint $below, Joint $above): Finding
    {
        $over = $workings->blueprint->part($above->from->part)->name;
        $under = $workings->blueprint->part($below->from->part)->name;
        $shut = $below->layer === Layer::Pocket;

        return new Finding(
            $shut ? Severity::Stop : Severity::Watch,
            $shut ? 'pocket-glued-shut' : 'things-overlap',
            sprintf(
                $shut ? '%s: the %s is glued over the %s and shuts it. Move one of them, or put it on the pocket’s '
                    .'front.' : '%s: the %s covers part of the %s.',
                $workings->blueprint->face($face)->name,
                lcfirst($over),
                lcfirst($under),
            ),
            part: $above->from->part,
            face: $face,
        );
    }
}
