<?php

declare(strict_types=1);

namespace App\Drawer;

use App\Models\Project;
use App\Planning\Plans;
use App\View\Money;
use Ephemeron\Fit\Mend;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\StockPlan;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Paper\Price;
use Ephemeron\Paper\Stock;
use Ephemeron\Papering\Review;
use Ephemeron\Papering\Seat;
use Ephemeron\Papering\SeatKind;
use Ephemeron\WorkPlan;

/**
 * A print that was chosen for more faces than there is of it: what makers do, in their order (common practice, no published source). Two
 * scraps, the lower one a pocket; a smaller mat on plain card; another print of the book that has some left; plain card alone. The last
 * pages get it, as few of them as it takes; every way has been planned, and says what the paper then costs.
 */
final readonly class MakingDo
{
    /** So many faces are changed at the most. */
    private const FACES = 4;

    /** How much of the lower mat shows, the less the better, as shares of a face’s short side. */
    private const RIMS = [16, 8, 6, 4];

    public function __construct(private Plans $plans)
    {
    }

    /** @return list<Mend> */
    public function with(Project $project, WorkPlan $plan, StockPlan $stock): array
    {
        $seats = array_slice(array_reverse($this->seats($plan, $stock)), 0, self::FACES);
        $ways = [
            [$this->scraps(...)],
            $this->small(),
            ...array_map(static fn (\Closure $way): array => [$way], $this->others($plan, $stock)),
            [$this->plain(...)],
        ];

        return array_values(array_filter(array_map(
            fn (array $variants): ?Mend => $this->onFewest($seats, $variants, $project, $plan, $stock),
            $ways,
        )));
    }

    /**
     * @param list<Seat> $seats the last face first
     * @param list<\Closure(WorkPlan, Seat): array{string, array<string, string>}> $variants of one way, the mildest first
     */
    private function onFewest(array $seats, array $variants, Project $project, WorkPlan $plan, StockPlan $stock): ?Mend
    {
        foreach (array_keys($seats) as $number) {
            $those = array_slice($seats, 0, $number + 1);
            foreach ($variants as $way) {
                $changes = [];
                $label = '';
                foreach ($those as $seat) {
                    [$label, $more] = $way($plan, $seat);
                    $changes += $more;
                }
                $mend = $this->tried($project, $plan, $stock, $label, $changes, $those);
                if ($mend !== null) {
                    return $mend;
                }
            }
        }

        return null;
    }

    /** @return list<Seat> mats of faces that are cut from that print by choice */
    private function seats(WorkPlan $plan, StockPlan $stock): array
    {
        $review = new Review($plan->blueprint, $plan->stocks);

        return array_values(array_filter($review->seats, static fn (Seat $seat): bool => $seat->kind === SeatKind::Mat
            && str_starts_with($seat->paper(), 'print:') && $review->stockOf($seat) === $stock));
    }

    /** @return array{string, array<string, string>} */
    private function scraps(WorkPlan $plan, Seat $seat): array
    {
        $face = $seat->face->key;
        for ($number = 1; isset($plan->design->things->said["{$face}/pocket-{$number}"])
            || $plan->layout->furnished->at("things.{$face}/pocket-{$number}") !== null; $number++);
        $thing = "{$face}/pocket-{$number}";

        return ['Two scraps, the lower one a pocket', [
            "things.{$thing}.on" => $face,
            "things.{$thing}.kind" => 'pocket',
            "things.{$thing}.parameters.style" => 'scraps',
            "things.{$thing}.parameters.notched" => 'no',
            "choices.{$thing}.paper" => substr($seat->paper(), strlen('print:')),
        ]];
    }

    /** @return list<\Closure(WorkPlan, Seat): array{string, array<string, string>}> */
    private function small(): array
    {
        return array_map(static fn (int $share): \Closure => static function (WorkPlan $plan, Seat $seat) use ($share): array {
            $rim = $plan->design->tools->grid->up($seat->face->size->shortSide()->portion(1, $share));
            $at = "mats.faces.{$seat->face->key}";

            return ['A smaller mat on plain card', [
                "{$at}.layers" => '2',
                "{$at}.rim" => $plan->notation()->exact($rim),
                "{$at}.plain" => 'true',
            ]];
        }, self::RIMS);
    }

    /** @return list<\Closure(WorkPlan, Seat): array{string, array<string, string>}> prints of the book of which sheets are left */
    private function others(WorkPlan $plan, StockPlan $stock): array
    {
        $left = [];
        foreach ($plan->design->choices->papers as $key => $print) {
            foreach ($plan->stocks as $each) {
                if ($each !== $stock && in_array("print:{$key}", $each->papers, true) && $each->cuts->missing === []
                    && ($print->available === null || $each->cuts->sheets() < $print->available || $each->cuts->sheets() > 0)) {
                    $left[$key] = $print;
                }
            }
        }

        return array_values(array_map(static fn (string $key, Stock $print): \Closure => static fn (WorkPlan $plan, Seat $seat): array => [
            "{$print->name} instead",
            ["choices.{$seat->place}.paper" => $key, "choices.{$seat->place}.side" => '', "choices.{$seat->place}.proposed" => 'false'],
        ], array_keys($left), $left));
    }

    /** @return array{string, array<string, string>} */
    private function plain(WorkPlan $plan, Seat $seat): array
    {
        $at = "mats.faces.{$seat->face->key}";

        return ['Plain card', ["{$at}.layers" => '1', "{$at}.plain" => 'true', "choices.{$seat->place}.paper" => '']];
    }

    /**
     * @param array<string, string> $changes
     * @param list<Seat> $seats that are changed
     */
    private function tried(Project $project, WorkPlan $plan, StockPlan $stock, string $label, array $changes, array $seats): ?Mend
    {
        // An empty text leaves a place open, as it does when it is sent.
        $changes = array_map(static fn (string $value): ?string => $value === '' ? null : $value, $changes);
        try {
            $tried = $this->plans->tried($project, $changes);
        } catch (InvalidDesign) {
            return null;
        }
        $before = array_sum($stock->cuts->missing);
        $isEnough = $tried->missing() <= $plan->missing() - $before;
        if (! $isEnough || $this->stops($tried) > $this->stops($plan) - 1) {
            return null;
        }
        $places = array_map(static fn (Seat $seat): string => lcfirst($seat->face->name), array_reverse($seats));
        $cost = $tried->price()->mills - $plan->price()->mills;

        return new Mend(sprintf(
            '%s on %s%s',
            $label,
            implode(' and ', array_filter([implode(', ', array_slice($places, 0, -1)), $places[count($places) - 1]])),
            match (true) {
                $cost > 0 => ': '.Money::money(new Price($cost)).' more in paper',
                $cost < 0 => ': '.Money::money(new Price(-$cost)).' less in paper',
                default => '',
            },
        ), $changes);
    }

    private function stops(WorkPlan $plan): int
    {
        return count(array_filter(
            $plan->report->findings,
            static fn ($finding): bool => $finding->severity === Severity::Stop,
        ));
    }
}
