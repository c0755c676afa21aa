<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Blueprint\Flap;
use Ephemeron\Blueprint\Thing;
use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Mend;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\Workings;
use Ephemeron\Geometry\Rectangle;

/** A flap that turns on the spine side catches the facing page; one that is larger than its face stands out of the closed book. */
final readonly class FlapOpensAway implements Check
{
    public function examine(Workings $workings): iterable
    {
        $seen = [];
        foreach ($workings->blueprint->all(Flap::class) as $flap) {
            $face = $workings->blueprint->face($flap->over);
            $thing = $this->thingOf($flap, $workings);
            if ($thing === null || isset($seen[$thing->key])) {
                continue;
            }
            $seen[$thing->key] = true;
            if ($face->hinge?->isUpright() === true && $flap->hinge === $face->hinge && $thing->kind !== 'flap-pair') {
                yield new Finding(
                    Severity::Watch,
                    'flap-catches',
                    sprintf(
                        '%s turns on the %s, towards the spine: open, it lies on the facing page and catches it. Hinge it away from the '
                            .'spine.',
                        $workings->blueprint->face($flap->front)->name,
                        $flap->hinge->value,
                    ),
                    face: $face->key,
                    mend: $flap->key === $thing->key ? new Mend(
                        "Hinge it at the {$flap->hinge->opposite()->value}",
                        ["{$thing->place}.parameters.edge" => $flap->hinge->opposite()->value],
                    ) : null,
                );
            }
            if (! Rectangle::whole($face->size)->contains($flap->area)) {
                yield new Finding(
                    Severity::Stop,
                    'flap-stands-out',
                    sprintf(
                        '%s: the %s is %s and stands out of the face, which is %s.',
                        $face->name,
                        lcfirst($thing->name),
                        $workings->notation()->size($flap->area->size()),
                        $workings->notation()->size($face->size),
                    ),
                    face: $face->key,
                );
            }
        }
    }

    /** What the maker has put there; flaps of the structure itself are as they must be. */
    private function thingOf(Flap $flap, Workings $workings): ?Thing
    {
        foreach ($workings->blueprint->all(Thing::class) as $thing) {
            if ($flap->key === $thing->key || ($flap->over === $thing->on && str_starts_with($flap->key, "{$thing->key}/"))) {
                return $thing;
            }
        }

        return null;
    }
}
