<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Planning\CodeEdition;
use App\Planning\Mark;
use Ephemeron\WorkPlan;
use Illuminate\Contracts\Cache\Repository;

/**
 * The small pictures of the openings of a book: the same design is looked at page by page, so each is drawn once for each design and
 * edition of the code, and not before it is looked at.
 */
final readonly class SmallPictures
{
    private const DAYS = 14;

    /** Openings on either side of the one that is open: more are not in sight at once. */
    private const NEAR = 6;

    public function __construct(private Repository $cache)
    {
    }

    /**
     * @param int $here index of the opening that is looked at
     * @return list<string> SVG to stand in a page, in the order of the openings; those far off blank, of their size
     */
    public function near(WorkPlan $plan, Prints $prints, int $here): array
    {
        $drawn = $this->of($plan, $prints, range(max(0, $here - self::NEAR), $here + self::NEAR));
        $pictures = [];
        $spreads = new SpreadDrawing($plan->layout, $prints);
        foreach ($spreads->openings() as $index => $opening) {
            $pictures[] = $drawn[$index] ?? $spreads->blank($opening)->inline('drawing is-blank');
        }

        return $pictures;
    }

    /**
     * @param list<int> $which openings
     * @return array<int, string> SVG by opening, as far as there are such
     */
    public function of(WorkPlan $plan, Prints $prints, array $which): array
    {
        $key = 'openings:'.Mark::of(CodeEdition::whole(), $plan->design, $prints->mark());
        $kept = $this->cache->get($key);
        $kept = is_array($kept) ? array_filter($kept, is_string(...)) : [];
        $spreads = new SpreadDrawing($plan->layout, $prints);
        $missing = array_intersect_key($spreads->openings(), array_flip(array_diff($which, array_keys($kept))));
        if ($missing !== []) {
            $kept += array_map(static fn (array $opening): string => $spreads->draw($opening, rulers: false)->inline(), $missing);
            $this->cache->put($key, $kept, now()->addDays(self::DAYS));
        }

        return array_intersect_key($kept, array_flip($which));
    }
}
