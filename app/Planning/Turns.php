<?php

declare(strict_types=1);

namespace App\Planning;

use App\Club\Club;
use App\Jobs\WorkOut;
use App\Models\Project;
use Ephemeron\Design\Design;
use Ephemeron\Workshop;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Support\Facades\Context;

/**
 * A very large book is worked out by a worker, and whoever looks at it sees how far that is instead of waiting for a page. Where no worker
 * takes it up it is worked out here and now.
 */
final readonly class Turns
{
    /** Pieces from which planning takes longer than somebody waits (measured: about a second a thousand). */
    public const LARGE = 700;

    /** Seconds for each thousand pieces, to say about how long it takes; measured, and doubled for slow machines. */
    private const SECONDS = 2.0;

    /** Seconds after which nobody is expected to take it up, and after which something has gone wrong with it. */
    private const PATIENCE = 4.0;

    private const TOO_LONG = 30.0;

    private const HERE = 'works-out';

    public function __construct(private Workshop $workshop, private Repository $cache)
    {
    }

    /** @throws UnderWay where somebody is to look again in a moment */
    public function wait(string $mark, Project $project, Design $design): void
    {
        $isAsked = config('ephemeron.turns') ?? ! app()->runningInConsole();
        if (! $isAsked || ! request()->isMethod('GET') || Context::hasHidden(self::HERE)) {
            return;
        }
        $pieces = $this->workshop->blueprint($design)->pieces() * $project->copies;
        if ($pieces < self::LARGE) {
            return;
        }
        $asked = $this->cache->get("turn:{$mark}");
        if (! is_float($asked)) {
            $this->cache->put("turn:{$mark}", $asked = microtime(true), now()->addMinutes(5));
            WorkOut::dispatch($project->id, $mark)->onQueue(Club::queue());
        }
        $waited = microtime(true) - $asked;
        $begun = $this->cache->get("turn-begun:{$mark}");
        if ($waited > ($begun === null ? self::PATIENCE : self::TOO_LONG)) {
            return;
        }
        $takes = $pieces / 1000 * self::SECONDS;
        throw new UnderWay($project, $pieces, is_float($begun) ? min(0.95, (microtime(true) - $begun) / $takes) : 0.0);
    }

    /** By a worker, who does not wait for another one. */
    public function take(string $mark, \Closure $work): void
    {
        $this->cache->put("turn-begun:{$mark}", microtime(true), now()->addMinutes(5));
        Context::addHidden(self::HERE, true);
        try {
            $work();
        } finally {
            Context::forgetHidden(self::HERE);
            $this->cache->forget("turn:{$mark}");
            $this->cache->forget("turn-begun:{$mark}");
        }
    }
}
