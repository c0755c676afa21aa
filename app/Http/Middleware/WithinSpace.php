<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Club\Space;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Arr;
use Symfony\Component\HttpFoundation\Response;

/** What is sent is weighed before it is kept. */
final readonly class WithinSpace
{
    public function __construct(private Space $space)
    {
    }

    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        // A copy of the whole shelf is everybody’s.
        $most = $request->routeIs('copies.restore') ? null : $this->space->most();
        $isFile = static fn (mixed $file): bool => $file instanceof UploadedFile;
        $files = $most === null ? [] : array_filter(Arr::flatten($request->allFiles()), $isFile);
        if ($most === null || $files === []) {
            return $next($request);
        }
        $comes = array_sum(array_map(static fn (UploadedFile $file): int => (int) $file->getSize(), $files));
        if ($this->space->used() + $comes <= $most) {
            return $next($request);
        }
        $complaint = "Your pictures take {$this->space->said()}: take some off first.";

        return redirect()->back(303, fallback: route('shelf'))->withInput()
            ->withErrors([(string) array_key_first($request->allFiles()) => $complaint]);
    }
}
