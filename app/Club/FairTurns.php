<?php

declare(strict_types=1);

namespace App\Club;

use Illuminate\Contracts\Cache\Repository;
use Illuminate\Contracts\Queue\Job;
use Illuminate\Support\Facades\DB;

/** Whoever was served longest ago is served next, however much the others have queued. For workers that are called by this name. */
final readonly class FairTurns
{
    public const WORKER = 'fair';

    public const QUEUE = 'maker-';

    private const SERVED = 'served:';

    public function __construct(private Repository $cache)
    {
    }

    /**
     * @param callable(string): ?Job $pop the next job of a queue
     * @return Job|null the next of all
     */
    public function next(callable $pop): ?Job
    {
        $queues = array_filter(DB::table('jobs')->distinct()->pluck('queue')->all(), is_string(...));
        $served = [];
        foreach ($queues as $queue) {
            $at = $this->cache->get(self::SERVED.$queue);
            $served[$queue] = is_numeric($at) ? (float) $at : 0.0;
        }
        asort($served);
        foreach (array_keys($served) as $queue) {
            $job = $pop((string) $queue);
            if ($job !== null) {
                $this->cache->put(self::SERVED.$queue, microtime(true), now()->addDay());

                return $job;
            }
        }

        return null;
    }
}
