<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Whoever sends something and is led on looks there: a browser that sends by script would send it again (RFC 9110, 15.4.3 and 15.4.4). */
final readonly class SeeOther
{
    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $response = $next($request);
        if (! $request->isMethodSafe() && $response->getStatusCode() === Response::HTTP_FOUND) {
            $response->setStatusCode(Response::HTTP_SEE_OTHER);
        }

        return $response;
    }
}
