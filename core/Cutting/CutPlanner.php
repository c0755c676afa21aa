<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/** Lays pieces out on sheets so that a trimmer can cut them: every cut goes edge to edge of the piece in hand. */
interface CutPlanner
{
    /**
     * @param list<Demand> $demands all from this supply
     */
    public function plan(array $demands, Supply $supply, Trimmer $trimmer): CutPlan;
}
