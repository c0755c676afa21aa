<?php

declare(strict_types=1);

use App\Http\Middleware\SecurityHeaders;
use App\Models\StaleRevision;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\RedirectResponse;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        health: '/up',
    )
    ->withCommands([__DIR__.'/../app/Console/Commands'])
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class);
        $middleware->append(SecurityHeaders::class);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->dontReport(StaleRevision::class);
        // This is noticed before there is a session to carry a message in.
        $exceptions->render(static fn (PostTooLargeException $large): RedirectResponse => redirect()->route('shelf', ['refused' => 'too-large'], 303));
        $exceptions->render(static fn (StaleRevision $stale): RedirectResponse => redirect()
            ->back(303, fallback: route('plan', $stale->project))
            ->with('stale', $stale->getMessage()));
    })
    ->create();
