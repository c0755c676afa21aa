<?php

declare(strict_types=1);

namespace Ephemeron\Drawer;

use Ephemeron\Cutting\CutPlan;
use Ephemeron\Cutting\CutPlanner;
use Ephemeron\Cutting\Demand;
use Ephemeron\Cutting\Supply;
use Ephemeron\Cutting\Trimmer;
use Ephemeron\Measure\Length;
use Ephemeron\Paper\PaperKind;
use Ephemeron\Paper\Stock;
use Ephemeron\Paper\StockRole;

/**
 * Proposes a paper of the drawer for every role of a book: the cover chooses first, then the largest. What one role takes the next cannot
 * have. A paper is only proposed when a cut plan shows that it gives every piece.
 */
final readonly class Proposer
{
    /** Candidates for one role that are planned in earnest; the others are worse by what can be seen without a plan. */
    private const IN_EARNEST = 10;

    public function __construct(private CutPlanner $planner, private Trimmer $trimmer)
    {
    }

    /**
     * @param list<Want> $wants
     * @param list<Offer> $offers
     * @return list<Proposal> in the order of the wants
     */
    public function propose(array $wants, array $offers, Wishes $wishes): array
    {
        $order = array_keys($wants);
        usort(
            $order,
            static fn (int $one, int $other): int =>
                [$wants[$other]->role === StockRole::CoverPaper, $one]
                    <=> [$wants[$one]->role === StockRole::CoverPaper, $other],
        );
        $left = [];
        foreach ($offers as $offer) {
            $left[$offer->id] = $offer;
        }
        $taken = [];
        $proposals = [];
        foreach ($order as $index) {
            $proposal = $this->for($wants[$index], $left, $taken, $wishes);
            $proposals[$index] = $proposal;
            if ($proposal->offer !== null) {
                $taken[$wants[$index]->role->value] = $proposal->offer->id;
                $left[$proposal->offer->id] = $this->without($left[$proposal->offer->id], $proposal->sheets, $proposal->leftovers > 0);
            }
        }
        ksort($proposals);

        return array_values($proposals);
    }

    /**
     * @param array<string, Offer> $left
     * @param array<string, string> $taken paper by role
     */
    private function for(Want $want, array $left, array $taken, Wishes $wishes): Proposal
    {
        $kind = PaperKind::suiting($want->role);
        $facing = $wishes->facing && $want->role === StockRole::MatOther ? array_intersect_key(
            $taken,
            [StockRole::MatTop->value => 1, StockRole::MatBase->value => 1],
        ) : [];
        $candidates = array_filter(
            $left,
            static fn (Offer $offer): bool => ! in_array($offer->id, $facing, true) && (
                $offer->kind === $kind
                || ($kind === PaperKind::Pattern && $offer->kind === PaperKind::Card && $want->role === StockRole::MatBase)
            ),
        );
        $candidates = array_filter($candidates, fn (Offer $offer): bool => $this->mayDo(($want->demands)($offer->stock), $offer->stock));
        uasort(
            $candidates,
            fn (Offer $one, Offer $other): int => [...$this->rank($want, $one, $taken, $wishes), $one->stock->name] <=> [
                ...$this->rank($want, $other, $taken, $wishes),
                $other->stock->name,
            ],
        );
        $best = null;
        $bestRank = [];
        foreach (array_slice($candidates, 0, self::IN_EARNEST) as $offer) {
            $plan = $this->planned(($want->demands)($offer->stock), $offer->stock, $wishes->leftovers);
            if ($plan->missing !== []) {
                continue;
            }
            $rank = [
                ...array_slice($this->rank($want, $offer, $taken, $wishes), 0, 2),
                $wishes->leftovers ? $plan->sheets() : 0,
                ...$this->rank($want, $offer, $taken, $wishes),
                $plan->sheets(),
            ];
            if ($best === null || $rank < $bestRank) {
                $best = new Proposal(
                    $want->role,
                    $offer,
                    $plan->sheets(),
                    $plan->leftovers(),
                    $this->reason($want, $offer, $plan, $wishes),
                );
                $bestRank = $rank;
            }
        }

        return $best ?? new Proposal($want->role, null, 0, 0, $candidates === []
            ? "No {$kind->label()} in the drawer gives all of these pieces."
            : "Every {$kind->label()} in the drawer runs out before all pieces are cut.");
    }

    /**
     * The lower, the better: a role that another has taken it for, its charm in the wrong place, whether it is whole.
     *
     * @param array<string, string> $taken
     * @return array{int, int, int}
     */
    private function rank(Want $want, Offer $offer, array $taken, Wishes $wishes): array
    {
        $isCover = $want->role === StockRole::CoverPaper;

        return [
            $wishes->cover ? ($isCover ? -$offer->charm : $offer->charm) : 0,
            in_array($offer->id, $taken, true) ? 1 : 0,
            $wishes->whole && ! $offer->isBegun ? 1 : 0,
        ];
    }

    /** @param non-empty-list<Demand> $demands */
    private function mayDo(array $demands, Stock $stock): bool
    {
        $area = 0;
        foreach ($demands as $demand) {
            $fits = $demand->turnable ? $demand->size->fitsInEitherWay($stock->sheet) : $demand->size->fitsIn($stock->sheet);
            if (! $fits) {
                return false;
            }
            $area += $demand->size->area() * $demand->quantity;
        }
        $there = $stock->sheet->area() * ($stock->available ?? 100_000);
        foreach ($stock->leftovers as $leftover) {
            $there += $leftover->size->area() * $leftover->count;
        }

        return $there >= $area;
    }

    /** @param non-empty-list<Demand> $demands */
    private function planned(array $demands, Stock $stock, bool $leftovers): CutPlan
    {
        $supplies = [new Supply($stock->name, $stock->sheet, $stock->selvage, $stock->available)];
        foreach ($leftovers ? $stock->leftovers : [] as $leftover) {
            $supplies[] = new Supply($stock->name, $leftover->size, Length::zero(), $leftover->count, isLeftover: true);
        }

        return $this->planner->plan($demands, $supplies, $this->trimmer);
    }

    private function reason(Want $want, Offer $offer, CutPlan $plan, Wishes $wishes): string
    {
        $reasons = [];
        if ($wishes->cover && $want->role === StockRole::CoverPaper && $offer->charm > 0) {
            $reasons[] = 'the most prized pattern for the cover';
        }
        if ($plan->leftovers() > 0) {
            $reasons[] = $plan->sheets() === 0 ? 'comes out of what is left over' : 'uses up what is left over';
        }
        if ($wishes->whole && $offer->isBegun && $plan->sheets() > 0) {
            $reasons[] = 'is begun already';
        }
        if ($want->role === StockRole::MatOther) {
            $reasons[] = 'differs from what faces it';
        }
        $sheets = $plan->sheets() === 1 ? '1 sheet' : "{$plan->sheets()} sheets";

        return ucfirst(
            implode(
                ', ',
                [
                    ...$reasons,
                    match (true) {
                        $plan->sheets() === 0 && $plan->leftovers() > 0 => 'no new sheet',
                        $offer->stock->available === null => $sheets,
                        default => "{$sheets} of {$offer->stock->available}",
                    },
                ],
            ),
        ).'.';
    }

    private function without(Offer $offer, int $sheets, bool $withoutLeftovers): Offer
    {
        return new Offer($offer->id, $offer->kind, $offer->stock->less($sheets, $withoutLeftovers), true, $offer->charm);
    }
}
