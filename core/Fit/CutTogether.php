<?php

declare(strict_types=1);

namespace Ephemeron\Fit;

use Ephemeron\Cutting\CutPlanner;
use Ephemeron\Cutting\Demand;
use Ephemeron\Cutting\Supply;
use Ephemeron\Cutting\Trimmer;

/** One paper of several books, cut for all of them at once: pieces of the second book are called 2A, 2B and so on. */
final readonly class CutTogether
{
    /**
     * @param StockPlan $plan of all of them
     * @param list<int> $books which of them are cut from it, from 1
     * @param int $apart new sheets that they take when each is cut by itself
     */
    private function __construct(public StockPlan $plan, public array $books, public int $apart)
    {
    }

    /**
     * @param list<list<StockPlan>> $books the papers of each book
     * @return list<self> one for each paper, those that several books share first
     */
    public static function of(array $books, CutPlanner $planner, Trimmer $trimmer): array
    {
        $shared = [];
        foreach ($books as $index => $stocks) {
            foreach ($stocks as $stock) {
                $shared[$stock->stock->identity()][] = [$index + 1, $stock];
            }
        }
        $together = array_map(static fn (array $of): self => self::paper($of, $planner, $trimmer), array_values($shared));
        usort($together, static fn (self $one, self $other): int => count($other->books) <=> count($one->books));

        return $together;
    }

    /** @return int sheets that cutting together spares; none where the paper does not suffice, because then it is used up either way */
    public function spared(): int
    {
        return $this->plan->cuts->missing === [] ? max(0, $this->apart - $this->plan->cuts->sheets()) : 0;
    }

    /** @param non-empty-list<array{int, StockPlan}> $of */
    private static function paper(array $of, CutPlanner $planner, Trimmer $trimmer): self
    {
        $demands = [];
        $supplies = [];
        foreach ($of as [$book, $stock]) {
            foreach ($stock->demands as $demand) {
                $demands[] = new Demand(
                    "{$book}{$demand->key}",
                    $demand->size,
                    $demand->quantity,
                    $demand->turnable,
                    $demand->picture,
                    $demand->pins,
                    "{$book}/{$demand->piece}",
                );
            }
            foreach ($stock->supplies as $supply) {
                // The same pile, or the same leftover, however many books know of it.
                $size = "{$supply->sheet->width->ticks} {$supply->sheet->height->ticks}";
                $supplies["{$supply->key} {$size} ".(int) $supply->isLeftover] ??= $supply;
            }
        }
        [, $first] = $of[0];
        $apart = array_sum(array_map(static fn (array $each): int => $each[1]->cuts->sheets(), $of));
        $cuts = $planner->plan($demands, self::newFirst(array_values($supplies)), $trimmer);
        $plan = new StockPlan($first->stock, $first->roles, $demands, self::newFirst(array_values($supplies)), $cuts, [], $first->atOnce);

        return new self($plan, array_values(array_unique(array_column($of, 0))), $apart);
    }

    /**
     * @param non-empty-list<Supply> $supplies
     * @return non-empty-list<Supply>
     */
    private static function newFirst(array $supplies): array
    {
        usort($supplies, static fn (Supply $one, Supply $other): int => $one->isLeftover <=> $other->isLeftover);

        return $supplies;
    }
}
