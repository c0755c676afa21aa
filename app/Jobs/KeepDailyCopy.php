<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Safekeeping\Copies;
use App\Safekeeping\Sweeping;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** The first who comes on a day has the shelf copied, beside the requests. */
final class KeepDailyCopy implements ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public function handle(Copies $copies): void
    {
        if ($copies->isDailyDue()) {
            $copies->keep('daily');
            Sweeping::cache(storage_path('framework/cache/data'), now());
        }
    }
}
