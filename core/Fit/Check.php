<?php

declare(strict_types=1);

namespace Ephemeron\Fit;

/** One thing that can go wrong, and whether it does here. */
interface Check
{
    /** @return iterable<Finding> */
    public function examine(Workings $workings): iterable;
}
