<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Planning\Mark;
use Closure;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Http\Request;
use Illuminate\Session\Store;
use Illuminate\Support\Arr;
use Symfony\Component\HttpFoundation\Response;

/** A form that is sent twice, by a finger that trembles or a line that stutters, does its work once. */
final readonly class Once
{
    private const MINUTES = 30;

    public function __construct(private Repository $cache)
    {
    }

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $once = $request->isMethod('POST') ? $request->input('once') : null;
        if (! is_string($once) || preg_match('/^[0-9A-Za-z]{26}$/', $once) !== 1) {
            return $next($request);
        }
        // Gone back to and filled in anew it is another one.
        $key = 'once:'.Mark::of($once, Arr::except((array) $request->input(), '_token'));
        if ($this->cache->add($key, true, now()->addMinutes(self::MINUTES))) {
            return $next($request);
        }
        // What the first one said is still to be said.
        $session = $request->session();
        $session instanceof Store ? $session->reflash() : null;

        return redirect()->back(303, fallback: route('shelf'));
    }
}
