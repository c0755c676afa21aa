<?php

declare(strict_types=1);

namespace App\Print;

use App\Models\Project;
use App\Planning\Mark;
use App\Planning\Plans;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Support\Facades\DB;

/** What was printed last of a book, of each kind of print one: asked for again, it is there, as long as nothing in it is another. */
final readonly class KeptPrints
{
    private const DAYS = 7;

    public function __construct(private Plans $plans, private Repository $cache)
    {
    }

    /**
     * @param list<mixed> $asked what it depends on besides the book and the papers
     * @param \Closure(): ?string $print PDF, null where it cannot be printed so
     */
    public function of(Project $project, string $document, array $asked, \Closure $print): ?string
    {
        // Pictures of papers are printed too.
        $papers = DB::table('papers')->selectRaw('count(*) as papers, max(updated_at) as changed')->first();
        $mark = Mark::of($this->plans->mark($project), $asked, $papers);
        $key = "print:{$project->id}:{$document}";
        $kept = $this->cache->get($key);
        if ($kept instanceof KeptPrint && $kept->mark === $mark) {
            return $kept->bytes;
        }
        $bytes = $print();
        if ($bytes !== null) {
            $this->cache->put($key, new KeptPrint($mark, $bytes), now()->addDays(self::DAYS));
        }

        return $bytes;
    }
}
