<?php

declare(strict_types=1);

namespace Ephemeron\Drawer;

use Ephemeron\Fit\StockPlan;
use Ephemeron\Paper\PaperKind;
use Ephemeron\Paper\StockRole;

/**
 * The sheets there are, and how many books they give.
 *
 * Papers of one kind stand in for each other, so a book may come out with mixed patterns; what is kept for covers goes into covers only.
 * Pieces left over from earlier books are not counted.
 */
final readonly class Drawer
{
    private const MOST_COPIES = 99;

    /**
     * Copies that are looked for beyond those that single ones give, and up to how many: more are seldom cut in one go, and take long to
     * plan.
     */
    private const MORE_TOGETHER = 2;

    private const MOST_TOGETHER = 8;

    /** @param list<Sheets> $there */
    public function __construct(private array $there)
    {
    }

    /**
     * As {@see self::reach()}, and a look at whether copies that are cut together come out of what does not suffice for so many single
     * ones.
     *
     * @param callable(int): list<StockPlan> $stocks for so many copies
     */
    public function reachTogether(callable $stocks): Reach
    {
        $reach = $this->reach($stocks(1));
        for ($more = 0; $more < self::MORE_TOGETHER && $reach->copies > 0 && $reach->copies < self::MOST_TOGETHER; $more++) {
            $wanted = $this->wantedFor($stocks($reach->copies + 1));
            [$missing, $left] = $this->takeOut($wanted, $this->there);
            if ($missing !== []) {
                return new Reach($reach->copies, $missing, $reach->left);
            }
            $reach = new Reach($reach->copies + 1, $reach->missing, $left);
        }

        return $reach;
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
            if ($stock->roles === []) {
                continue;
            }
            $sheets = new Sheets(
                PaperKind::suiting(StockRole::from($stock->roles[0])),
                $stock->stock->sheet,
                $stock->cuts->sheets(),
                $stock->roles === [StockRole::CoverPaper->value],
            );
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
        // Covers choose first, and take what is kept for them before other sheets.
        usort(
            $wanted,
            static fn (Sheets $one, Sheets $other): int => [$other->forCovers, $other->area()] <=> [$one->forCovers, $one->area()],
        );
        usort(
            $there,
            static fn (Sheets $one, Sheets $other): int => [$other->forCovers, $one->area()] <=> [$one->forCovers, $other->area()],
        );
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
