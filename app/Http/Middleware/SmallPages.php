<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\Response as Answer;

/** Pages full of drawings are a tenth of their size when they are packed. A web server before it that packs too finds it done. */
final class SmallPages
{
    private const LEAST = 1_400;

    /** @param Closure(Request): Answer $next */
    public function handle(Request $request, Closure $next): Answer
    {
        $response = $next($request);
        $type = (string) $response->headers->get('Content-Type');
        $isText = preg_match('~^(text/|application/json|image/svg)~', $type) === 1;
        if (! $response instanceof Response || ! $isText || $response->headers->has('Content-Encoding')) {
            return $response;
        }
        $response->headers->set('Vary', 'Accept-Encoding', false);
        $content = (string) $response->getContent();
        if (strlen($content) < self::LEAST || ! in_array('gzip', $request->getEncodings(), true)) {
            return $response;
        }
        $small = gzencode($content, 4);
        if ($small === false) {
            return $response;
        }
        $response->setContent($small);
        $response->headers->set('Content-Encoding', 'gzip');
        $response->headers->set('Content-Length', (string) strlen($small));

        return $response;
    }
}
