<?php

declare(strict_types=1);

namespace Ephemeron\Bench\Telling;

use Ephemeron\Assembly\Job;
use Ephemeron\Bench\Step;

/** Tells one kind of handling. A new kind is one class. */
interface Telling
{
    public function tells(Job $job): bool;

    public function tell(Job $job): Step;
}
