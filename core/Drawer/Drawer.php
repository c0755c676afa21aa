<?php

declare(strict_types=1);

namespace Ephemeron\Drawer;

use Ephemeron\Fit\StockPlan;
use Ephemeron\Paper\PaperKind;
use Ephemeron\Paper\StockRole;

/**
 * The sheets there are, and how many books they give.
 *
 * Papers of one kind stand in for each other, so a book may come out with mixed patterns. Copies are counted with the sheets of one copy each: cut together they may
 * want fewer. Pieces left over from earlier books are not counted.
 */
final readonly class Drawer
{
    private const MOST_COPIES = 99;

    /** @param list<Sheets> $there */
    public function __construct(private array $there)
    {
    }

    /** @param list<StockPlan> $stocks of one book */
    public function reach(array $stocks): Reach
    {
        $wanted = $this->wantedFor($stocks);
        $left = $this->there;
        for ($copies = 0; ; $copies++) {
            [$missing, $rest] = $this->takeOut($wanted, $left);
            if ($missing !== [] || $wanted === [] || $copies === self::MOST_COPIES) {
                return new Reach($copies, $missing, $left);
            }
            $left = $rest;
        }
    }

    /**
     * @param list<StockPlan> $stocks
     * @return list<Sheets>
     */
    private function wantedFor(array $stocks): array
    {
        $wanted = [];
        foreach ($stocks as $stock) {
            $sheets = new Sheets(PaperKind::suiting(StockRole::from($stock->roles[0])), $stock->stock->sheet, $stock->cuts->sheets());
            $wanted[$sheets->key()] = $sheets->plus($wanted[$sheets->key()]->count ?? 0);
        }

        return array_values(array_filter($wanted, static fn (Sheets $sheets): bool => $sheets->count > 0));
    }

    /**
     * The largest are looked for first, and get the smallest that will do: large sheets stay for what needs them.
     *
     * @param list<Sheets> $wanted
     * @param list<Sheets> $there
     * @return array{list<Sheets>, list<Sheets>} what is missing, and what is left
     */
    private function takeOut(array $wanted, array $there): array
    {
        usort($wanted, static fn (Sheets $one, Sheets $other): int => $other->area() <=> $one->area());
        usort($there, static fn (Sheets $one, Sheets $other): int => $one->area() <=> $other->area());
        $missing = [];
        foreach ($wanted as $sheets) {
            foreach ($there as $index => $pile) {
                if (! $pile->serve($sheets)) {
                    continue;
                }
                $taken = min($pile->count, $sheets->count);
                $there[$index] = $pile->less($taken);
                $sheets = $sheets->less($taken);
            }
            if ($sheets->count > 0) {
                $missing[] = $sheets;
            }
        }

        return [$missing, $there];
    }
}
