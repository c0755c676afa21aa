<?php

declare(strict_types=1);

namespace App\Planning;

use Ephemeron\Design\PinnedPart;
use Ephemeron\WorkPlan;

/** Which sheets of a plan have pieces pinned to them, and the number the next one would have. */
final readonly class PinnedSheets
{
    /** @var list<list<int>> numbers of the pinned sheets of each paper that could be kept, in their order */
    private array $ofStock;

    private int $next;

    public function __construct(WorkPlan $plan)
    {
        $numbers = [];
        foreach ($plan->stocks as $stock) {
            $here = [];
            foreach ($plan->design->pins as $pin) {
                $part = $plan->blueprint->parts[$pin->part] ?? null;
                if ($part !== null && $stock->isFor($part)
                    && ! in_array((string) $pin->pin->sheet, $stock->cuts->loosePins, true)) {
                    $here[$pin->pin->sheet] = $pin->pin->sheet;
                }
            }
            sort($here);
            $numbers[] = $here;
        }
        $this->ofStock = $numbers;
        $this->next = max([0, ...array_map(static fn (PinnedPart $pin): int => $pin->pin->sheet, $plan->design->pins)]) + 1;
    }

    /** The number a piece pinned on this pattern is pinned to: its own, or that of a new sheet. */
    public function sheetOf(int $stock, int $pattern): int
    {
        return $this->ofStock[$stock][$pattern] ?? $this->next;
    }
}
