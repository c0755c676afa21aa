<?php

declare(strict_types=1);

namespace App\Planning;

use App\Club\Club;
use App\Jobs\WorkOut;
use App\Models\Project;
use Ephemeron\Cutting\CutPlanner;
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

    /** Seconds after which nobody is expected to take it up, and after which something has gone wrong with it. */
    private const PATIENCE = 4.0;

    private const TOO_LONG = 30.0;

    /** Where a worker works a book out: for which turn, and how many pieces it has to lay out. */
    private const HERE = 'works-out';

    /** Where something is about to be saved and nothing has been yet. */
    private const BEFORE = 'before-it-is-saved';

    public function __construct(private Repository $cache)
    {
    }

    /**
     * @param int $pieces that are to be laid out
     * @param array<string, mixed>|null $as the design it is to have, where that is not the one it has
     *
     * @throws UnderWay where somebody is to look again in a moment, or to send the same again
     */
    public function wait(string $mark, int $pieces, Project $project, ?array $as): void
    {
        $isAsked = config('ephemeron.turns') ?? ! app()->runningInConsole();
        $mayWait = request()->isMethod('GET') || Context::hasHidden(self::BEFORE);
        if ($pieces < self::LARGE || ! $isAsked || ! $mayWait || Context::hasHidden(self::HERE)) {
            return;
        }
        $asked = $this->cache->get("turn:{$mark}");
        if (! is_float($asked)) {
            $this->cache->put("turn:{$mark}", $asked = microtime(true), now()->addMinutes(5));
            WorkOut::dispatch($project->id, $mark, $pieces, $project->version, $as)->onQueue(Club::queue());
        }
        $waited = microtime(true) - $asked;
        $share = $this->cache->get("turn-share:{$mark}");
        if ($waited > ($share === null ? self::PATIENCE : self::TOO_LONG)) {
            return;
        }
        throw new UnderWay($project, $mark, $pieces, is_float($share) ? $share : 0.0);
    }

    /**
     * Something that is worked out before a change is saved: whoever saves it may be told to send it again.
     *
     * @template T
     *
     * @param \Closure(): T $work
     * @return T
     */
    public function before(\Closure $work): mixed
    {
        Context::addHidden(self::BEFORE, true);
        try {
            return $work();
        } finally {
            Context::forgetHidden(self::BEFORE);
        }
    }

    /** Nobody waits for it any more: a worker that is at it stops. */
    public function leave(string $mark): void
    {
        $this->cache->forget("turn:{$mark}");
    }

    /**
     * By a worker, who does not wait for another one.
     *
     * @param int $pieces that are to be laid out
     * @param \Closure(): bool $isWanted
     */
    public function take(string $mark, int $pieces, \Closure $isWanted, \Closure $work): void
    {
        $done = 0;
        $report = function (int $more) use (&$done, $mark, $pieces, $isWanted): void {
            if (! $this->cache->has("turn:{$mark}") || ! $isWanted()) {
                throw new NotWanted('Nobody waits for it any more.');
            }
            $done += $more;
            $this->cache->put("turn-share:{$mark}", min(1.0, $done / max(1, $pieces)), now()->addMinutes(5));
        };
        Context::addHidden(self::HERE, $report);
        try {
            $report(0);
            $work();
        } catch (NotWanted) {
            // What was worked out by then is remembered, paper by paper.
        } finally {
            Context::forgetHidden(self::HERE);
            $this->cache->forget("turn:{$mark}");
            $this->cache->forget("turn-share:{$mark}");
        }
    }

    /** A planner that says how far it is, where somebody waits for it. */
    public function watched(CutPlanner $planner): CutPlanner
    {
        $report = Context::getHidden(self::HERE);

        return $report instanceof \Closure ? new WatchedPlanner($planner, $report) : $planner;
    }
}
