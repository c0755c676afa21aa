<?php

declare(strict_types=1);

namespace App\Planning;

use App\View\Money;
use Ephemeron\Fit\StockPlan;
use Ephemeron\Paper\Price;
use Ephemeron\WorkPlan;

/** What a spoiled piece costs: a leftover, a sheet, or paper that is not there. */
final readonly class WhatItCosts
{
    public function __construct(private WorkPlan $before, private WorkPlan $after)
    {
    }

    /** @param string $piece `C, first mat` */
    public function sentence(string $piece): string
    {
        foreach ($this->after->stocks as $index => $stock) {
            $was = $this->before->stocks[$index] ?? null;
            $more = $stock->cuts->sheets() - ($was?->cuts->sheets() ?? 0);
            if (array_sum($stock->cuts->missing) > array_sum($was->cuts->missing ?? [])) {
                return "{$piece} is spoiled, and {$stock->stock->name} has run out. "
                    .'Another paper or smaller mats are proposed under Papers.';
            }
            if ($more > 0) {
                return sprintf(
                    '%s is spoiled. It is cut anew from %d new %s of %s%s.',
                    $piece,
                    $more,
                    $more === 1 ? 'sheet' : 'sheets',
                    $stock->stock->name,
                    $this->price($stock, $more),
                );
            }
        }

        return "{$piece} is spoiled. It is cut anew from what is left over: that costs no sheet.";
    }

    private function price(StockPlan $stock, int $sheets): string
    {
        return $stock->stock->price->mills === 0 ? '' : ', '.Money::money(new Price($stock->stock->price->mills * $sheets));
    }
}
