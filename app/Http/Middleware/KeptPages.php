<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Club\Club;
use App\Database\Questions;
use App\Database\ShelfEdition;
use App\Planning\CodeEdition;
use App\Planning\KeptPage;
use App\Planning\Mark;
use Closure;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Foundation\Vite;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response as Answer;

/**
 * A stage, or the shelf, that is come back to is there as it was, as long as nothing was written into the database since, or nothing of
 * what its page was made from: of each the last page a session has seen. What is said once is not kept, nor is what goes on by itself,
 * like a clock that runs.
 */
final readonly class KeptPages
{
    private const MINUTES = 30;

    /** Set on a request whose page is another one in a moment. */
    private const PASSES = 'passes';

    /** A page that is to be kept when it has been sent. */
    private const TO_KEEP = 'to-keep';

    public function __construct(
        private Repository $cache,
        private ShelfEdition $edition,
        private Questions $questions,
        private Vite $assets,
    ) {
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
        // A page names its styles and scripts; when they were built anew the old ones are gone.
        $mark = Mark::of(CodeEdition::shown(), $this->assets->manifestHash(), $request->fullUrl());
        $edition = $this->edition->now();
        $kept = $this->cache->get($key);
        if ($kept instanceof KeptPage && $kept->mark === $mark && $this->stands($kept, $edition)) {
            return new Response($this->withFormsOfItsOwn($kept->made));
        }
        $response = $next($request);
        $asked = $this->questions->soFar();
        $isWhole = $response instanceof Response && $response->getStatusCode() === 200 && $response->exception === null;
        $isOnce = $session->get('_flash.new', []) !== [] || $request->attributes->has(self::PASSES);
        if ($isWhole && ! $isOnce && $asked !== null) {
            $page = new KeptPage($key, $mark, $edition, $asked, '', (string) $response->getContent());
            $request->attributes->set(self::TO_KEEP, $page);
        }

        return $response;
    }

    /** Nobody waits for this: the page is sent. */
    public function terminate(Request $request): void
    {
        $page = $request->attributes->get(self::TO_KEEP);
        if ($page instanceof KeptPage) {
            $this->keep($page->answered($this->questions->answers($page->asked), $page->edition));
        }
    }

    private function stands(KeptPage $kept, string $edition): bool
    {
        if ($kept->edition === $edition) {
            return true;
        }
        // Something was written since; it may be of another book, or somebody else’s.
        $stands = $this->questions->answers($kept->asked) === $kept->answers;
        if ($stands) {
            $this->keep($kept->answered($kept->answers, $edition));
        }

        return $stands;
    }

    private function keep(KeptPage $page): void
    {
        // If anything was written while it was made and asked about, its edition does not come back.
        if ($this->edition->now() === $page->edition) {
            $this->cache->put($page->key, $page, now()->addMinutes(self::MINUTES));
        }
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
