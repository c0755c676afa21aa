<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Illuminate\Support\Facades\View;
use Illuminate\Support\MessageBag;
use Illuminate\Support\ViewErrorBag;
use Symfony\Component\HttpFoundation\Response;

/** What PHP itself refused, because it was too large, is said beside the fields that take files: it never came as far as a form. */
final readonly class FarTooLarge
{
    public const ASKED = 'refused';

    public const ANSWER = 'too-large';

    /** All fields of the application that take files. */
    private const FIELDS = ['file', 'photo', 'picture', 'pictures', 'motif', 'copy'];

    /** The page it came from, which says so. */
    public static function back(Request $request): string
    {
        $from = parse_url((string) $request->headers->get('Referer'));
        $isOurs = is_array($from) && ($from['host'] ?? '') === $request->getHost();
        $path = $isOurs ? $from['path'] ?? '/' : route('shelf', absolute: false);

        return url($path).'?'.http_build_query([self::ASKED => self::ANSWER]);
    }

    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        if ($request->query(self::ASKED) === self::ANSWER) {
            $said = sprintf('That was far too large: all files together may have %s.', ini_get('post_max_size'));
            View::share('errors', (new ViewErrorBag)->put('default', new MessageBag(array_fill_keys(self::FIELDS, $said))));
        }

        return $next($request);
    }
}
