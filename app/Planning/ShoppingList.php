<?php

declare(strict_types=1);

namespace App\Planning;

use App\Drawer\BesidesPaper;
use App\Models\Paper;
use Ephemeron\Design\Design;
use Ephemeron\Paper\Stock;
use Ephemeron\Workshop;

/** What is to be bought for so many books: what they want less what the drawer has. */
final readonly class ShoppingList
{
    public function __construct(private BesidesPaper $besides, private Workshop $workshop)
    {
    }

    /** @return list<string> `3 sheets of Dew point, 12 × 12 in (7 wanted, 4 there)`; empty where all is there */
    public function of(Design $design, int $books): array
    {
        $unlimited = static fn (Stock $stock): Stock => $stock->counted(null);
        $plan = $this->workshop->plan($design->with(
            materials: array_map($unlimited, $design->materials),
            choices: $design->choices->with(papers: array_map($unlimited, $design->choices->papers)),
        ), $books);
        $notation = $design->notation();
        $list = [];
        foreach ($plan->stocks as $stock) {
            $wanted = $stock->cuts->sheets();
            $there = $this->there($stock->stock->drawer, $stock->stock->name);
            if ($wanted > $there) {
                $list[] = sprintf(
                    '%s of %s, %s (%d wanted, %d there)',
                    $wanted - $there === 1 ? 'One sheet' : ($wanted - $there).' sheets',
                    $stock->stock->name,
                    $notation->size($stock->stock->asBought()),
                    $wanted,
                    $there,
                );
            }
        }
        foreach ($this->besides->against($plan->requisites()) as $line) {
            if (! $line['suffices']) {
                $list[] = $line['length'] === null
                    ? sprintf('%d of %s', $line['wanted']->count - $line['count'], lcfirst($line['wanted']->name))
                    : sprintf(
                        '%s, %s',
                        lcfirst($line['wanted']->name),
                        $notation->text($line['wanted']->length?->minus($line['length']) ?? $line['length']),
                    );
            }
        }

        return $list;
    }

    private function there(?string $drawer, string $name): int
    {
        $papers = Paper::query()->where('kind', '!=', 'leftover');
        $papers = $drawer === null ? $papers->where('name', $name) : $papers->where('id', (int) $drawer);

        return array_sum(array_map(static fn (mixed $count): int => is_numeric($count) ? (int) $count : 0, $papers->pluck('count')->all()));
    }
}
