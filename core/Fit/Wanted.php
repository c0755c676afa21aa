<?php

declare(strict_types=1);

namespace Ephemeron\Fit;

use Ephemeron\Cutting\Demand;
use Ephemeron\Cutting\Supply;
use Ephemeron\Measure\Length;
use Ephemeron\Paper\Leftover;
use Ephemeron\Paper\Stock;

/** What is wanted of one paper, before it is known how it is cut. */
final readonly class Wanted
{
    /** @var non-empty-list<Supply> new sheets, then what is left over of earlier ones */
    public array $supplies;

    /**
     * @param list<string> $roles values of the roles it plays
     * @param list<Demand> $demands
     * @param list<string> $papers by which the design knows it
     * @param non-empty-list<Supply>|null $supplies null: those that the paper names
     */
    public function __construct(
        public Stock $stock,
        public array $roles,
        public array $demands,
        public array $papers,
        ?array $supplies = null,
    ) {
        $this->supplies = $supplies ?? [
            new Supply($stock->name, $stock->sheet, $stock->selvage, $stock->available, $stock->price->mills, key: $stock->drawer ?? ''),
            ...array_map(
                static fn (Leftover $leftover): Supply => new Supply(
                    $stock->name,
                    $leftover->size,
                    Length::zero(),
                    $leftover->count,
                    isLeftover: true,
                    key: $leftover->drawer ?? '',
                ),
                $stock->leftovers,
            ),
        ];
    }

    /** The same with what another book wants of this paper; the same pile, or the same leftover, is there once. */
    public function with(self $other): self
    {
        $supplies = [];
        foreach ([...$this->supplies, ...$other->supplies] as $supply) {
            $mark = "{$supply->key} {$supply->sheet->width->ticks} {$supply->sheet->height->ticks} ".(int) $supply->isLeftover;
            $supplies[$mark] ??= $supply;
        }

        return new self($this->stock, $this->roles, [...$this->demands, ...$other->demands], $this->papers, array_values($supplies));
    }

    /** As another book asks for it. */
    public function by(Guest $guest): self
    {
        return new self($this->stock, [], array_map($guest->demand(...), $this->demands), [], $this->supplies);
    }
}
