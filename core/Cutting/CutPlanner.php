<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/** Lays pieces out on sheets so that a trimmer can cut them: every cut goes edge to edge of the piece in hand. */
interface CutPlanner
{
    /**
     * @param list<Demand> $demands
     * @param non-empty-list<Supply> $supplies what they may be cut from, the one to be taken first before the others
     */
    public function plan(array $demands, array $supplies, Trimmer $trimmer): CutPlan;
}
