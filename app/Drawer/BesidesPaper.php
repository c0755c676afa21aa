<?php

declare(strict_types=1);

namespace App\Drawer;

use App\Models\Supply;
use Ephemeron\Fit\Requisite;
use Ephemeron\Measure\Length;

/**
 * What the drawer has of what a book wants besides paper; things of one kind stand in for each other, as the maker can see which they
 * are.
 */
final readonly class BesidesPaper
{
    /**
     * @param list<Requisite> $wanted
     * @return list<array{wanted: Requisite, count: int, length: Length|null, suffices: bool}>
     */
    public function against(array $wanted): array
    {
        $there = [];
        foreach ($wanted === [] ? [] : Supply::query()->toBase()->groupBy('kind')->selectRaw(
            'kind, sum(count) as pieces, sum(coalesce(length, 0)) as ticks',
        )->get() as $sum) {
            $there[(string) $sum->kind] = [(int) $sum->pieces, (int) $sum->ticks];
        }
        $lines = [];
        foreach ($wanted as $each) {
            [$count, $ticks] = $there[$each->kind->value] ?? [0, 0];
            $suffices = $each->length === null ? $count >= $each->count : $ticks >= $each->length->ticks;
            $lines[] = [
                'wanted' => $each,
                'count' => $count,
                'length' => $each->length === null ? null : Length::ofTicks($ticks),
                'suffices' => $suffices,
            ];
            // What one of them takes the next of its kind cannot have.
            $there[$each->kind->value] = [max(0, $count - $each->count), max(0, $ticks - ($each->length->ticks ?? 0))];
        }

        return $lines;
    }
}
