<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Club\Club;
use App\Database\ShelfEdition;
use App\Planning\CodeEdition;
use App\Planning\KeptPart;
use App\Planning\Mark;
use Closure;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response as Answer;

/**
 * A stage that is come back to is there as it was, as long as nothing at all was written into the database since: of every stage the last
 * page a session has seen. What is said once is not kept, nor is what goes on by itself, like a clock that runs.
 */
final readonly class KeptPages
{
    private const MINUTES = 30;

    /** Set on a request whose page is another one in a moment. */
    private const PASSES = 'passes';

    public function __construct(private Repository $cache, private ShelfEdition $edition)
    {
    }

    public static function passes(Request $request): void
    {
        $request->attributes->set(self::PASSES, true);
    }

    /** @param Closure(Request): Answer $next */
    public function handle(Request $request, Closure $next): Answer
    {
        $session = $request->session();
        if (! $request->isMethod('GET') || $session->get('_flash.old', []) !== []) {
            return $next($request);
        }
        $key = 'page:'.Mark::of($session->token(), Club::atWork(), $request->path());
        $mark = Mark::of($this->edition->now(), CodeEdition::shown(), $request->fullUrl());
        $kept = $this->cache->get($key);
        if ($kept instanceof KeptPart && $kept->mark === $mark) {
            return new Response($this->withFormsOfItsOwn($kept->made));
        }
        $response = $next($request);
        $isWhole = $response instanceof Response && $response->getStatusCode() === 200 && $response->exception === null;
        $isOnce = $session->get('_flash.new', []) !== [] || $request->attributes->has(self::PASSES);
        // If anything was written while it was made, it is one of an edition that does not come back.
        if ($isWhole && ! $isOnce) {
            $this->cache->put($key, new KeptPart($mark, (string) $response->getContent()), now()->addMinutes(self::MINUTES));
        }

        return $response;
    }

    /** A form is known by a word of its own ({@see Once}); on every page it is another. */
    private function withFormsOfItsOwn(string $page): string
    {
        return (string) preg_replace_callback(
            '/(name="once" value=")[0-9A-Za-z]{26}"/',
            static fn (array $found): string => $found[1].Str::ulid().'"',
            $page,
        );
    }
}
