<?php

declare(strict_types=1);

namespace Bench;

use Ephemeron\Cutting\Demand;
use Ephemeron\Cutting\Supply;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/** Cutting tasks made at random from a seed: 5 to 20 kinds, 20 to 120 pieces on a grid of ⅛ in, every second one without turning. */
final readonly class CuttingInstances
{
    /** @return array{list<Demand>, non-empty-list<Supply>} demands, and what they are cut from */
    public function number(int $seed): array
    {
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        $kinds = $chance->getInt(5, 20);
        $pieces = $chance->getInt(max(20, $kinds), 120);
        $turnable = $seed % 2 === 0;
        $demands = [];
        $left = $pieces;
        for ($kind = 0; $kind < $kinds; $kind++) {
            $rest = $kinds - $kind - 1;
            $count = $rest === 0 ? $left : max(1, min($left - $rest, $chance->getInt(1, max(1, intdiv(2 * $left, $rest + 1)))));
            $left -= $count;
            $demands[] = new Demand(
                "P{$kind}",
                new Size(Length::inches(0, $chance->getInt(8, 72), 8), Length::inches(0, $chance->getInt(8, 72), 8)),
                $count,
                $turnable,
            );
        }
        $supplies = [];
        for ($leftover = $chance->getInt(0, 2); $leftover > 0; $leftover--) {
            $supplies[] = new Supply(
                "Leftover {$leftover}",
                new Size(Length::inches(0, $chance->getInt(24, 80), 8), Length::inches(0, $chance->getInt(24, 80), 8)),
                Length::zero(),
                1,
                isLeftover: true,
            );
        }
        $supplies[] = new Supply('Twelve', Size::inches(12, 12), Length::zero(), null, 100);
        $supplies[] = new Supply('Eight', Size::inches(8, 8), Length::zero(), $chance->getInt(0, 3), 60);

        return [$demands, $supplies];
    }
}
