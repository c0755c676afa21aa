<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Planning\CodeEdition;
use App\Planning\Mark;
use Ephemeron\WorkPlan;
use Illuminate\Contracts\Cache\Repository;

/**
 * The small pictures of all openings of a book: the same design is looked at page by page, so they are drawn once for each design and
 * edition of the code.
 */
final readonly class SmallPictures
{
    private const DAYS = 14;

    public function __construct(private Repository $cache)
    {
    }

    /** @return list<string> SVG to stand in a page, in the order of the openings */
    public function of(WorkPlan $plan, Prints $prints = new Prints): array
    {
        $key = 'openings:'.Mark::of(CodeEdition::whole(), $plan->design, $prints->mark());
        $known = $this->cache->get($key);
        if (is_array($known) && array_is_list($known)) {
            return array_map(strval(...), $known);
        }
        $spreads = new SpreadDrawing($plan, $prints);
        $pictures = array_map(
            static fn (array $opening): string => $spreads->draw($opening, rulers: false)->inline(),
            $spreads->openings(),
        );
        $this->cache->put($key, $pictures, now()->addDays(self::DAYS));

        return $pictures;
    }
}
