<?php

declare(strict_types=1);

namespace Ephemeron\Bench;

use Ephemeron\Blueprint\Act\Glue;
use Ephemeron\Blueprint\Act\Handling;
use Ephemeron\Blueprint\Adhesive;

/** How long what a step leaves wants to lie: wet glue 15 to 30 minutes, boards an hour (common practice, no published source). */
final readonly class Drying
{
    /** Minutes for wet glue to be dry. */
    public const WET_GLUE = 30;

    /** @return int minutes, 0 where nothing dries */
    public static function minutes(Step $step): int
    {
        $minutes = 0;
        foreach ($step->acts as $act) {
            $minutes = max($minutes, match (true) {
                $act instanceof Handling => $act->dry,
                $act instanceof Glue => $act->joint->adhesive === Adhesive::WetGlue ? self::WET_GLUE : 0,
                default => 0,
            });
        }

        return $minutes;
    }

    /**
     * What can be taken up while others dry: the first of the steps left that waits for none of them.
     *
     * @param list<Step> $left in their order
     * @param list<string> $drying keys of steps
     */
    public static function meanwhile(array $left, array $drying): ?Step
    {
        foreach ($left as $step) {
            if (array_intersect($step->needs, $drying) === []) {
                return $step;
            }
        }

        return null;
    }
}
