<?php

declare(strict_types=1);

namespace App\Club;

use Illuminate\Contracts\Cache\Repository;
use Illuminate\Contracts\Queue\Job;
use Illuminate\Support\Facades\DB;

/**
 * Whoever was served longest ago is served next, however much the others have queued. For workers that are called by one of these names: a
 * look at a plan may take minutes, and one of them takes none, so that what somebody waits for is not kept waiting by it.
 */
final readonly class FairTurns
{
    public const WORKER = 'fair';

    public const BRISK_WORKER = 'brisk';

    /** What a queue of long looks ends with. */
    public const LOOKS = '-looks';

    public const QUEUE = 'maker-';

    private const SERVED = 'served:';

    public function __construct(private Repository $cache)
    {
    }

    /**
     * @param callable(string): ?Job $pop the next job of a queue
     * @param bool $looks whether long looks are taken too
     * @return Job|null the next of all
     */
    public function next(callable $pop, bool $looks = true): ?Job
    {
        $queues = array_filter(DB::table('jobs')->distinct()->pluck('queue')->all(), is_string(...));
        $served = [];
        foreach ($queues as $queue) {
            if ($looks || ! str_ends_with($queue, self::LOOKS)) {
                $at = $this->cache->get(self::served($queue));
                $served[$queue] = is_numeric($at) ? (float) $at : 0.0;
            }
        }
        asort($served);
        foreach (array_keys($served) as $queue) {
            $job = $pop((string) $queue);
            if ($job !== null) {
                $this->cache->put(self::served((string) $queue), microtime(true), now()->addDay());

                return $job;
            }
        }

        return null;
    }

    /** Of a maker, whatever was worked out for them. */
    private static function served(string $queue): string
    {
        return self::SERVED.(str_ends_with($queue, self::LOOKS) ? substr($queue, 0, -strlen(self::LOOKS)) : $queue);
    }
}
