<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Club\Club;
use App\Club\Tablets;
use App\Models\Maker;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/**
 * Says who is at work before anything is looked for. Alone on one’s own machine that is whoever sits at it, and the tablets that were let
 * in; of many makers, whoever has signed in.
 */
final readonly class AtWork
{
    /** What may be asked for by anybody. */
    private const OPEN = ['sign-in', 'sign-in.*', 'shown', 'tablet', 'tablet.*'];

    /** What may be asked for by who has yet to choose a pass phrase. */
    private const FIRST = ['myself', 'myself.phrase', 'sign-out', 'shown'];

    private const CHOOSE = 'The keeper gave you that pass phrase: choose one of your own first.';

    public function __construct(private Tablets $tablets)
    {
    }

    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        if (! Club::isOpen()) {
            $mayCome = Tablets::isAtThisMachine($request) || $request->routeIs('tablet', 'tablet.*')
                || $this->tablets->knows($request);

            return $mayCome ? $next($request) : redirect()->route('tablet', status: 303);
        }
        $maker = Auth::user();
        if ($maker instanceof Maker && $maker->left_at === null) {
            Club::begin($maker);

            return ! $maker->phrase_is_given || $request->routeIs(self::FIRST) ? $next($request)
                : redirect()->route('myself', status: 303)->with('said', self::CHOOSE);
        }
        Club::begin(null);

        return $request->routeIs(self::OPEN) ? $next($request) : redirect()->guest(route('sign-in'), 303);
    }
}
