<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Illuminate\Session\SessionManager;
use Illuminate\Session\Store;
use Symfony\Component\HttpFoundation\Response;

/** Knows who asks and leaves the session as it was: pictures must not use up what it says once. */
final readonly class LookAtSession
{
    public function __construct(private SessionManager $sessions)
    {
    }

    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $session = $this->sessions->driver();
        if (! $session instanceof Store) {
            return $next($request);
        }
        $id = $request->cookies->get($session->getName());
        $session->setId(is_string($id) ? $id : null);
        $session->setRequestOnHandler($request);
        $session->start();
        $request->setLaravelSession($session);

        return $next($request);
    }
}
