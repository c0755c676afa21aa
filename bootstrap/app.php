<?php

declare(strict_types=1);

use App\Club\Tablets;
use App\Http\Middleware\AtWork;
use App\Http\Middleware\FarTooLarge;
use App\Http\Middleware\KeptPages;
use App\Http\Middleware\LookAtSession;
use App\Http\Middleware\Once;
use App\Http\Middleware\ReadableText;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\SeeOther;
use App\Http\Middleware\SmallPages;
use App\Http\Middleware\WithinSpace;
use App\Models\StaleRevision;
use App\Planning\PiecesAreCut;
use App\Planning\UnderWay;
use App\Safekeeping\CannotBeKept;
use Ephemeron\Format\InvalidDesign;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Routing\Middleware\SubstituteBindings;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        health: '/up',
    )
    ->withCommands([__DIR__.'/../app/Console/Commands'])
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class);
        $middleware->prepend(ReadableText::class);
        $middleware->web(append: [AtWork::class, FarTooLarge::class, WithinSpace::class, Once::class], prepend: SeeOther::class);
        // Who is at work is known before anything is looked for.
        $middleware->prependToPriorityList(SubstituteBindings::class, AtWork::class);
        $middleware->prependToPriorityList(AtWork::class, LookAtSession::class);
        $middleware->prependToPriorityList(SubstituteBindings::class, KeptPages::class);
        $middleware->append(SecurityHeaders::class);
        $middleware->append(SmallPages::class);
        // Whoever is led here by another name is not served: names of one's own are said in EPHEMERON_HOSTS, with commas between.
        $middleware->trustHosts(at: static fn (): array => array_values(array_filter(array_map(
            static fn (string $host): string => trim($host) === '' ? '' : '^'.preg_quote(trim($host)).'$',
            ['127.0.0.1', 'localhost', '[::1]', Tablets::host(), (string) parse_url((string) config('app.url'), PHP_URL_HOST), ...explode(',', (string) config('ephemeron.hosts'))],
        ))), subdomains: false);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->dontReport([StaleRevision::class, PiecesAreCut::class, InvalidDesign::class, UnderWay::class]);
        $exceptions->render(static fn (PiecesAreCut $cut): RedirectResponse => redirect()
            ->back(303, fallback: route('plan', $cut->project))
            ->withInput(request()->only('set'))
            ->with('ask', ['changes' => json_encode($cut->changes), 'sentences' => $cut->sentences]));
        // What is stored cannot be read: the shelf says so and offers what can be done.
        $exceptions->render(static fn (InvalidDesign $unreadable): RedirectResponse => redirect()
            ->route('shelf', status: 303)
            ->with('said', 'That book cannot be read: '.$unreadable->getMessage()));
        // What is asked for is not done, and the page says why.
        $exceptions->render(static fn (QueryException $trouble, Request $request): ?Response => CannotBeKept::isMeantBy($trouble)
            ? (new CannotBeKept)->render($request) : null);
        // This is noticed before there is a session to carry a message in.
        $exceptions->render(static fn (PostTooLargeException $large): RedirectResponse => redirect(FarTooLarge::back(request()), 303));
        $exceptions->render(static fn (StaleRevision $stale): RedirectResponse => redirect()
            ->back(303, fallback: route('plan', $stale->project))
            ->with('stale', $stale->getMessage()));
    })
    ->create();
