<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/** Puts pieces into an order that is nearly the one by area, each time another. */
final readonly class Disorder
{
    public function __construct(private Measured $task, private \Random\Randomizer $chance)
    {
    }

    /**
     * By area, with some neighbours out of order.
     *
     * @param list<int> $sequence
     * @return list<int>
     */
    public function of(array $sequence): array
    {
        $rank = [];
        foreach ($sequence as $index => $kind) {
            $rank[$index] = $this->task->area($kind) * $this->chance->getInt(60, 140);
        }
        arsort($rank);

        return array_map(static fn (int $index): int => $sequence[$index], array_keys($rank));
    }
}
