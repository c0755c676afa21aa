<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Paper;
use App\Models\Project;
use Illuminate\Contracts\Cache\Repository;

/**
 * Parts of a book that follow from its plan and the papers alone, made once: how it folds, what was printed last. One of each is kept;
 * asked for again it is there, as long as nothing it was made of is another.
 */
final readonly class KeptParts
{
    private const DAYS = 7;

    public function __construct(private Plans $plans, private Repository $cache)
    {
    }

    /**
     * @param string $part which one, of a few that a book has
     * @param list<mixed> $asked what it depends on besides the book and the papers
     * @param \Closure(): ?string $make null where it cannot be made so
     */
    public function of(Project $project, string $part, array $asked, \Closure $make): ?string
    {
        // Pictures of papers are seen and printed too; pages are made by more code than plans are.
        $mark = Mark::of($this->plans->mark($project), CodeEdition::shown(), $asked, Paper::asTheyAre());
        $key = "part:{$project->id}:{$part}";
        $kept = $this->cache->get($key);
        if ($kept instanceof KeptPart && $kept->mark === $mark) {
            return $kept->made;
        }
        $made = $make();
        if ($made !== null) {
            $this->cache->put($key, new KeptPart($mark, $made), now()->addDays(self::DAYS));
        }

        return $made;
    }
}
