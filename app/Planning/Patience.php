<?php

declare(strict_types=1);

namespace App\Planning;

use Illuminate\Contracts\Cache\Repository;
use Illuminate\Http\Request;

/**
 * What has been worked out comes at once, and more of it as long as somebody waits gladly; the rest when the page asks again. So a page
 * with much to work out is there soon and fills, and the next time it is there whole.
 */
final class Patience
{
    /** Seconds between two portions on a page that is there. */
    private const BETWEEN = 0.5;

    private readonly float $until;

    private bool $hasWorked = false;

    public function __construct(private readonly Repository $cache, float $seconds)
    {
        $this->until = microtime(true) + $seconds;
    }

    /** @param float $usual seconds before a page is there at all, where nothing else is set */
    public static function of(Repository $cache, Request $request, float $usual): self
    {
        $seconds = config('ephemeron.patience');
        $isThere = $request->hasHeader('HX-Request');

        return new self($cache, is_numeric($seconds) ? (float) $seconds : ($isThere ? self::BETWEEN : $usual));
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $kind
     * @param \Closure(): T $work
     * @return T|null null where it has to wait; one thing at least is worked out each time
     */
    public function remember(string $key, string $kind, int $days, \Closure $work): ?object
    {
        $known = $this->cache->get($key);
        if ($known instanceof $kind) {
            return $known;
        }
        if ($this->hasWorked && microtime(true) > $this->until) {
            return null;
        }
        $this->hasWorked = true;
        $made = $work();
        $this->cache->put($key, $made, now()->addDays($days));

        return $made;
    }
}
