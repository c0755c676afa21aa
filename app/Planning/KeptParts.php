<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Paper;
use App\Models\Project;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Support\Sleep;

/**
 * Parts of a book that follow from its plan and the papers alone, made once: how it folds, what was printed last. One of each is kept;
 * asked for again it is there, as long as nothing it was made of is another.
 */
final readonly class KeptParts
{
    private const DAYS = 7;

    /** Seconds after which something has gone wrong with whoever makes it. */
    private const PATIENCE = 10;

    /** A second, to see whether it is there. */
    private const LOOKS = 50;

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
        $made = $this->there($key, $mark) ?? $this->awaited($key, $mark);
        if ($made !== null) {
            return $made;
        }
        $this->cache->put("making:{$key}", $mark, self::PATIENCE);
        try {
            $made = $make();
            if ($made !== null) {
                $this->cache->put($key, new KeptPart($mark, $made), now()->addDays(self::DAYS));
            }

            return $made;
        } finally {
            $this->cache->forget("making:{$key}");
        }
    }

    private function there(string $key, string $mark): ?string
    {
        $kept = $this->cache->get($key);

        return $kept instanceof KeptPart && $kept->mark === $mark ? $kept->made : null;
    }

    /** It is being made, for whoever asked first: not twice at the same time. */
    private function awaited(string $key, string $mark): ?string
    {
        if ($this->cache->get("making:{$key}") !== $mark) {
            return null;
        }
        for ($left = self::PATIENCE * self::LOOKS; $left > 0 && $this->cache->get("making:{$key}") === $mark; $left--) {
            Sleep::usleep(intdiv(1_000_000, self::LOOKS));
        }

        return $this->there($key, $mark);
    }
}
