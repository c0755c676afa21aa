<?php

declare(strict_types=1);

namespace App\Models;

/** Another tab has changed the project since this one was loaded. */
final class StaleRevision extends \RuntimeException
{
    public function __construct(public readonly Project $project)
    {
        parent::__construct(
            'This project was changed in another window since you opened it here. What you see now is its latest state; make your change '
                .'again.',
        );
    }
}
