<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Club\Club;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Everything comes from this server: nothing else may be loaded, framed or sniffed. */
final class SecurityHeaders
{
    /** Inline styles carry measures of drawings. */
    private const POLICY = "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; "
        ."frame-ancestors 'none'; base-uri 'self'; form-action 'self'";

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        // Nobody is led back to where they did not come from.
        if (parse_url((string) $request->headers->get('Referer'), PHP_URL_HOST) !== $request->getHost()) {
            $request->headers->remove('Referer');
        }
        $response = $next($request);
        $response->headers->remove('X-Powered-By');
        $response->headers->set('Content-Security-Policy', self::POLICY);
        $response->headers->set('X-Content-Type-Options', 'nosniff');
        $response->headers->set('Referrer-Policy', 'same-origin');
        // Whoever sits down at this browser next finds nothing by going back.
        if (Club::isOpen() && str_starts_with((string) $response->headers->get('Content-Type'), 'text/html')) {
            $response->headers->set('Cache-Control', 'no-store, private');
        }

        return $response;
    }
}
